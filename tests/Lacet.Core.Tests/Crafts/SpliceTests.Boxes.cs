using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Crafts;

public sealed partial class SpliceTests
{
    /// <summary>
    /// NEC 300.14 (from memory): six inches free; each time anew costs the strip and about 10 mm (common practice).
    /// </summary>
    [Fact]
    [Trait("Advice", "1.20")]
    public void A_pigtail_is_six_inches_free_what_both_ends_strip_and_spare_for_making_it_anew()
    {
        var plan = SplicePigtail.Of(new(38.1), new(19));
        Assert.Equal(152.4 + 38.1 + 19 + (2 * 29), plan.Length.Millimetres, 9);
        Assert.Equal(58, plan.Spare.Millimetres, 9);
        Assert.Equal(152.4 + 38.1, SplicePigtail.Of(new(38.1), null, 0).Length.Millimetres, 9);
        Assert.Throws<ImpossibleInputException>(() => SplicePigtail.Of(new(38.1), null, 11));
    }

    /// <summary>
    /// A worked example as handbooks have it (NEC 314.16, from memory): a box with a duplex receptacle, two 14/2 cables
    /// with earths, clamps inside: 4 conductors, 1 for the clamps, 2 for the yoke, 1 for the earths: 8 of 2.00 in³, 16
    /// in³.
    /// </summary>
    [Fact]
    [Trait("Advice", "4.19")]
    public void A_box_with_a_receptacle_and_two_cables_needs_sixteen_cubic_inches()
    {
        BoxContents contents = new([Counted(4, "14")], [Counted(2, "14")])
        {
            InnerClamps = true,
            Yokes = [ConductorSize.Parse("14")],
            Pigtails = 3,
        };
        Assert.Equal(16, BoxFill.Of(contents, null).Needed, 9);
        Assert.Null(BoxFill.Of(contents, null).Fits);
        Assert.True(BoxFill.Of(contents, 16).Fits);
        Assert.False(BoxFill.Of(contents, 15.8).Fits);
        // The same on 12 AWG: 8 of 2.25.
        Assert.Equal(
            18,
            BoxFill
                .Of(
                    new([Counted(4, "12")], [Counted(2, "12")])
                    {
                        InnerClamps = true,
                        Yokes = [ConductorSize.Parse("12")],
                    },
                    null
                )
                .Needed,
            9
        );
    }

    /// <summary>
    /// NEC 314.16(B)(2), (4), (5) (from memory): the largest conductor counts; up to four earths are one, each more a
    /// quarter.
    /// </summary>
    [Fact]
    public void Clamps_and_earths_count_by_the_largest_and_a_fifth_earth_a_quarter()
    {
        Assert.Equal(
            (2 * 2) + 2.25 + 2.25,
            BoxFill.Of(new([Counted(2, "14"), Counted(1, "12")], []) { InnerClamps = true }, null).Needed,
            9
        );
        double Earths(int count) => BoxFill.Of(new([], [Counted(count, "12")]), null).Needed;
        Assert.Equal([2.25, 2.25, 2.25 * 1.25, 2.25 * 1.5], new[] { 1, 4, 5, 6 }.Select(Earths));
        Assert.Equal(2 * 1.75, BoxFill.Of(new([Counted(1, "16")], []) { Studs = 1 }, null).Needed, 9);
        // One allowance for each kind of fitting, however many there are of it (314.16(B)(3)).
        Assert.Equal(2 * 1.75, BoxFill.Of(new([Counted(1, "16")], []) { Studs = 3 }, null).Needed, 9);
        Assert.Equal(3 * 1.75, BoxFill.Of(new([Counted(1, "16")], []) { Studs = 1, Hickeys = 2 }, null).Needed, 9);
        // A metric size counts as the next larger gauge, and that is said.
        var metric = BoxFill.Of(new([Counted(2, "2.5 mm²")], []), 4);
        Assert.Equal((4.5, "2 × 2.5 mm², counted as 12 AWG"), (metric.Needed, metric.Shares[0].What.Word));
        Assert.Contains(
            "too full. Take a box such as device, 3 × 2 in, 1 1/2 in deep (7.5 in³)",
            Ends.Read(metric.Says),
            StringComparison.Ordinal
        );
        Assert.Throws<ImpossibleInputException>(() => BoxFill.Of(new([Counted(1, "4")], []), null));
        Assert.Throws<ImpossibleInputException>(() => BoxFill.Of(new([Counted(1, "14")], []), 0));
    }

    [Fact]
    public void One_thing_more_in_a_box_never_needs_less() =>
        Gen.Select(Gen.Int[0, 9].Array[7], Gen.Int[0, 6], Gen.Int[0, 6], Gen.Bool)
            .Sample(
                (counts, more, earths, clamps) =>
                {
                    string[] sizes = ["18", "16", "14", "12", "10", "8", "6"];
                    BoxContents Of(int extra) =>
                        new(
                            [.. sizes.Select((s, i) => Counted(counts[i] + (i == more ? extra : 0), s))],
                            [Counted(earths, "12")]
                        )
                        {
                            InnerClamps = clamps,
                        };
                    Assert.True(BoxFill.Of(Of(1), null).Needed > BoxFill.Of(Of(0), null).Needed);
                }
            );

    private static CountedSize Counted(int count, string size) => new(count, ConductorSize.Parse(size));
}
