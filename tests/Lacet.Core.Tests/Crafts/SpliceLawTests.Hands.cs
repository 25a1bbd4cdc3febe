using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Crafts;

public sealed partial class SpliceLawTests
{
    /// <summary>
    /// A wound wire stays at its radius from the axis, goes from end to end, and is drawn in pieces that meet.
    /// </summary>
    [Fact]
    public void What_is_wound_on_a_run_lies_round_it_from_end_to_end() =>
        Gen.Select(Pick("16", "14", "12", "10"), Gen.Int[1, 8], Gen.Int[1, 8])
            .Sample(
                (size, open, tight) =>
                {
                    var wire = Ends.Wire(size);
                    var splice = HandSplice.Of(HandForm.InLine, wire, new(open, tight), PigtailStrip.OneAndAHalfInches);
                    var scene = HandSpliceDrawing.Of(splice);
                    var d = wire.Diameter.Millimetres;
                    var wound = scene
                        .Parts.Where(p =>
                            p.Id.Contains("-open-", StringComparison.Ordinal)
                            || p.Id.Contains("-tight-", StringComparison.Ordinal)
                        )
                        .ToList();
                    // A part’s box holds half its line’s width on every side: its middle runs at one diameter.
                    Assert.All(wound, p =>
                        Assert.True(p.Box.Top >= (-1.5 * d) - 1e-6 && p.Box.Bottom <= (1.5 * d) + 1e-6)
                    );
                    Assert.Equal(
                        splice.Joint.Millimetres + d,
                        wound.Max(p => p.Box.Right) - wound.Min(p => p.Box.Left),
                        1e-6
                    );
                    // One half turn behind, one before, for each turn on each side.
                    Assert.InRange(wound.Count, (2 * 2 * (open + tight)) - 4, (2 * 2 * (open + tight)) + 4);
                    // What is behind the run is painted before it, what is in front of it after.
                    var run = scene.Parts.ToList().FindIndex(p => p.Id == "run-bare");
                    var at = wound.ConvertAll(p => scene.Parts.ToList().IndexOf(p));
                    Assert.True(at.Exists(i => i < run) && at.Exists(i => i > run));
                }
            );

    [Fact]
    public void A_thicker_wire_or_one_turn_more_never_asks_for_less_tape() =>
        Gen.Select(Gen.Double[20, 200], Gen.Double[3, 20], Gen.Double[0.2, 3], Gen.Double[0, 20])
            .Sample(
                (joint, across, insulation, more) =>
                {
                    double Tape(double length, double diameter, double thick) =>
                        TapeWrap.Of(new(length), new(diameter), new(thick)).Sum(l => l.TapeLength.Millimetres);
                    var before = Tape(joint, across, insulation);
                    Assert.True(Tape(joint + more, across, insulation) >= before);
                    Assert.True(Tape(joint, across + more, insulation) >= before);
                    Assert.True(Tape(joint, across, insulation + more) >= before);
                }
            );

    [Fact]
    public void A_pigtail_for_one_rework_more_is_longer_by_what_one_costs() =>
        Gen.Select(Gen.Double[5, 80], Gen.Double[5, 30], Gen.Int[0, 9])
            .Sample(
                (splice, landing, reworks) =>
                {
                    var (one, two) = (
                        SplicePigtail.Of(new(splice), new(landing), reworks),
                        SplicePigtail.Of(new(splice), new(landing), reworks + 1)
                    );
                    Assert.Equal(
                        FreeLength.Spent(new(landing)).Millimetres,
                        two.Length.Millimetres - one.Length.Millimetres,
                        9
                    );
                    Assert.True(one.Length > FreeLength.Least);
                }
            );

    [Fact]
    public void Shares_of_a_box_add_up_and_pigtails_count_nothing() =>
        Gen.Select(Gen.Int[0, 9], Gen.Int[0, 9], Gen.Int[0, 9], Gen.Int[0, 3], Gen.Bool, Gen.Int[0, 20])
            .Sample(
                (fourteens, tens, earths, yokes, clamps, pigtails) =>
                {
                    CountedSize Of(int count, string size) => new(count, ConductorSize.Parse(size));
                    BoxContents contents = new([Of(fourteens, "14"), Of(tens, "10")], [Of(earths, "12")])
                    {
                        InnerClamps = clamps,
                        Yokes = [.. Enumerable.Repeat(ConductorSize.Parse("10"), yokes)],
                        Pigtails = pigtails,
                    };
                    var fill = BoxFill.Of(contents, null);
                    Assert.Equal(fill.Needed, fill.Shares.Sum(s => s.CubicInches), 9);
                    Assert.Equal(fill.Needed, BoxFill.Of(contents with { Pigtails = 0 }, null).Needed, 9);
                    // By hand: 2.00 and 2.50 in³, two for a yoke, the earths one and a quarter each beyond four.
                    var largest =
                        tens > 0 ? 2.5
                        : earths > 0 ? 2.25
                        : 2.0;
                    var any = fourteens + tens + earths > 0;
                    var hand =
                        (fourteens * 2.0)
                        + (tens * 2.5)
                        + (clamps && any ? largest : 0)
                        + (yokes * 5.0)
                        + (earths == 0 ? 0 : 2.25 * (1 + (0.25 * Math.Max(0, earths - 4))));
                    Assert.Equal(hand, fill.Needed, 9);
                }
            );
}
