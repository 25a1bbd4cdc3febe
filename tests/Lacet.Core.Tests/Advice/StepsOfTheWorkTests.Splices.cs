using Lacet.Core.Circuits;
using Lacet.Core.Cords;
using Lacet.Core.PinMaps;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;
using Lacet.Core.Strip;

namespace Lacet.Core.Tests.Advice;

public sealed partial class StepsOfTheWorkTests
{
    [Fact]
    [Trait("Advice", "4.7")]
    public void Stranded_ends_lead_solid_ones()
    {
        static SpliceRecipe Of(Build other) =>
            SpliceRecipe.Of(
                new(
                    [Ends.Wire("12"), Ends.Wire("12", other)],
                    ConnectorRow.All[ConnectorKind.TwistOn].Usual,
                    SplicePlace.Dry
                ),
                HouseRules.Default
            );
        Assert.Contains(
            "1/8 in",
            Of(Build.Stranded).Steps.Single(s => s.Id == "lead").Text.ToString(ReaderFormat.Imperial),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain(Of(Build.Solid).Steps, s => s.Id == "lead");
    }

    [Theory]
    [Trait("Advice", "4.8")]
    [InlineData(HandForm.PigtailTwo, "grip both tips with the pliers")]
    [InlineData(
        HandForm.PigtailThree,
        "Cross two over the one in the middle, grip all three, and twist clockwise; grip again in the same place"
    )]
    [InlineData(HandForm.PigtailFour, "Trim the four tips level first")]
    [InlineData(HandForm.Tap, "ring it twice, slit between, the blade away from you")]
    [InlineData(HandForm.StrandedTee, "Bind the tap’s base with one strand")]
    [InlineData(HandForm.FaceToFace, "Bind the base with these")]
    [InlineData(HandForm.InLine, "in short bites; look for rings")]
    public void Each_hand_splice_is_work_of_its_own(HandForm form, string says) =>
        Assert.Contains(says, string.Join(' ', Hand(form).Steps.Select(Ends.Read)), StringComparison.Ordinal);

    /// <summary>Eight diameters of a thick bundle, and 1 in of the thin ones of fixtures.</summary>
    [Fact]
    [Trait("Advice", "4.8")]
    public void Face_to_face_grows_with_its_wire()
    {
        Assert.Equal(25.4, Hand(HandForm.FaceToFace, "16").Wires[0].Bare.Millimetres, 3);
        Assert.True(Hand(HandForm.FaceToFace, "6").Wires[0].Bare.Millimetres > 35);
    }

    [Fact]
    [Trait("Advice", "4.19")]
    public void A_box_has_a_verdict_in_a_sentence_and_names_one_that_would_do()
    {
        BoxContents contents = new([new CountedSize(4, ConductorSize.Parse("2.5 mm²"))], [])
        {
            Yokes = [ConductorSize.Parse("12")],
        };
        var (fits, full) = (BoxFill.Of(contents, 14), BoxFill.Of(contents, 10));
        Assert.EndsWith("it fits.", Ends.Read(fits.Says), StringComparison.Ordinal);
        Assert.Contains("too full. Take a box such as", Ends.Read(full.Says), StringComparison.Ordinal);
        Assert.Contains("extension ring", Ends.Read(full.Says), StringComparison.Ordinal);
        Assert.Contains("counted as 12 AWG", fits.Shares[0].What, StringComparison.Ordinal);
        Assert.Equal(UsualBox.All.OrderBy(b => b.CubicInches), UsualBox.All);
    }
}
