using Lacet.Core.Circuits;
using Lacet.Core.Cords;
using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Reference;

namespace Lacet.Core.Tests.Crafts;

public sealed partial class CordTests
{
    /// <summary>
    /// NEMA WD 6, 5-15 (from memory): blades 1/2 in apart, the neutral’s the wider, the earth pin 0.468 in below them.
    /// With the pin below and the blades towards the eye the neutral is on the right.
    /// </summary>
    [Theory]
    [InlineData(2)]
    [InlineData(3)]
    public void The_plug_that_is_metered_is_drawn_to_scale_as_it_is_held(int conductors)
    {
        var scene = MeterDrawing.Of(conductors);
        var (line, neutral) = (
            scene.Parts.Single(p => p.Id == "blade-line").Box,
            scene.Parts.Single(p => p.Id == "blade-neutral").Box
        );
        Assert.Equal(12.7, ((neutral.Left + neutral.Right) / 2) - ((line.Left + line.Right) / 2), 6);
        Assert.True(neutral.Height > line.Height);
        Assert.Equal(conductors, scene.Parts.Count(p => p.Id.StartsWith("bare-", StringComparison.Ordinal)));
        var pin = scene.Parts.SingleOrDefault(p => p.Id == "blade-earth");
        Assert.Equal(conductors == 3, pin is not null);
        Assert.Equal(0.468 * 25.4, pin is null ? 0.468 * 25.4 : (pin.Box.Top + pin.Box.Bottom) / 2, 0.05);
        Assert.Throws<ImpossibleInputException>(() => MeterDrawing.Of(4));
    }

    /// <summary>NEC 200.6, 250.119, 400.22 and 400.23; IEC 60445 (from memory).</summary>
    [Theory]
    [InlineData(Region.NorthAmerica, "black", "white", "green")]
    [InlineData(Region.Iec, "brown", "blue", "green/yellow")]
    [InlineData(Region.Iec, "black", "blue", "green/yellow")]
    [InlineData(Region.NorthAmerica, "red", "grey", "bare")]
    public void Colours_of_a_region_are_sure_where_all_three_agree(
        Region region,
        string line,
        string neutral,
        string earth
    )
    {
        var identity = Identify(region, (line, []), (neutral, []), (earth, []));
        Assert.Equal([CordRole.Line, CordRole.Neutral, CordRole.Earth], identity.Conductors.Select(c => c.Role));
        Assert.All(identity.Conductors, c => Assert.Equal(Certainty.Sure, c.Certainty));
        Assert.Empty(identity.Meter);
    }

    [Fact]
    public void Blue_alone_is_never_trusted_here()
    {
        var identity = Identify(Region.NorthAmerica, ("blue", []), ("brown", []), ("green/yellow", []));
        Assert.Equal(Certainty.MeterIt, identity.Conductors[0].Certainty);
        Assert.Contains(identity.Conductors[0].Misleads, m => m.Word.Contains("IEC", StringComparison.Ordinal));
        Assert.Equal(
            [CordRole.Neutral, CordRole.Line, CordRole.Earth, CordRole.Unknown],
            identity.Meter.Select(s => s.Role)
        );
        // The mirror of a receptacle, whose wide slot is on the left with the earth below (UL 498, from memory).
        Assert.StartsWith(
            "the right blade, the blades towards you and the earth pin below",
            identity.Meter[0].From,
            StringComparison.Ordinal
        );
        Assert.StartsWith("the left blade", identity.Meter[1].From, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(IdentityCue.Ribbed, IdentityCue.Smooth, Certainty.Sure)]
    [InlineData(IdentityCue.WideBlade, IdentityCue.NarrowBlade, Certainty.Sure)]
    [InlineData(IdentityCue.SilverScrew, IdentityCue.BrassScrew, Certainty.Sure)]
    [InlineData(IdentityCue.ConnectorNeutral, IdentityCue.ConnectorLine, Certainty.Sure)] // IEC 60320-1, from memory
    public void On_flat_cord_one_side_tells_the_other(IdentityCue neutral, IdentityCue line, Certainty certainty)
    {
        var identity = Identify(Region.NorthAmerica, (null, [neutral]), (null, [line]));
        Assert.Equal(
            [(CordRole.Neutral, certainty), (CordRole.Line, certainty)],
            identity.Conductors.Select(c => (c.Role, c.Certainty))
        );
        Assert.Empty(identity.Meter);
    }

    [Theory]
    [InlineData(null, IdentityCue.Printed, null, null)] // a single weak cue
    [InlineData(null, IdentityCue.Smooth, null, IdentityCue.Smooth)] // two smooth sides
    [InlineData("white", IdentityCue.BrassScrew, null, null)] // cues that disagree
    [InlineData("white", IdentityCue.Remarked, "black", null)] // a re-marked white
    [InlineData("white", null, "white", null)] // two that claim the same
    [InlineData(null, null, null, null)]
    public void What_disagrees_or_stands_alone_is_metered(
        string? one,
        IdentityCue? cue,
        string? other,
        IdentityCue? otherCue
    )
    {
        var identity = Identify(Region.NorthAmerica, (one, Some(cue)), (other, Some(otherCue)));
        Assert.Equal(Certainty.MeterIt, identity.Conductors[0].Certainty);
        Assert.NotEmpty(identity.Meter);
        static IdentityCue[] Some(IdentityCue? of) => of is { } c ? [c] : [];
    }

    [Fact]
    public void More_than_three_conductors_are_no_cord_of_this_kind() =>
        Assert.Throws<ImpossibleInputException>(() =>
            Identify(Region.Iec, ("brown", []), ("blue", []), ("black", []), ("grey", []))
        );

    private static CordIdentity Identify(Region region, params (string? Colour, IdentityCue[] Cues)[] seen) =>
        CordIdentity.Of(
            [
                .. seen.Select(s => new SeenConductor(
                    s.Colour is { } text && InsulationColour.TryParse(text, out var colour) ? colour : null,
                    s.Cues
                )),
            ],
            region
        );
}
