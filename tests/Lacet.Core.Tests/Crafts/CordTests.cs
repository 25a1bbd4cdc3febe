using Lacet.Core.Circuits;
using Lacet.Core.Cords;
using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Reference;

namespace Lacet.Core.Tests.Crafts;

/// <summary>
/// Cords: how thick, whether fit, which conductor is which, how a plug goes on, where an open case stands.
/// </summary>
public sealed partial class CordTests
{
    private static readonly CordPlace[] Sound = Enum.GetValues<CordPlace>();

    /// <summary>Nobody keeps a cord that nobody looked at: each of the six places is asked.</summary>
    [Fact]
    [Trait("Advice", "1.16")]
    public void Nothing_ticked_is_no_verdict_before_each_place_was_looked_at()
    {
        var blank = CordTriage.Of([], [], DamagedCord.RefitPlug, true, new());
        Assert.Equal((CordVerdict.LookFirst, 6), (blank.Verdict, blank.NotLookedAt.Count));
        var half = CordTriage.Of([], Sound[..5], DamagedCord.RefitPlug, true, new());
        Assert.Equal((CordVerdict.LookFirst, CordPlace.Entry), (half.Verdict, half.NotLookedAt.Single()));
        // Something wrong says that somebody looked there, and there only.
        Assert.Equal(5, CordTriage.Of([CordCue.PrintGone], [], DamagedCord.RefitPlug, true, new()).NotLookedAt.Count);
    }

    [Fact]
    [Trait("Advice", "1.16")]
    public void A_scorched_suppressor_asks_for_a_suppressor_and_why_it_failed_not_for_a_cord()
    {
        var sign = CordTriage.Of([CordCue.SuppressorScorched], Sound, DamagedCord.ReplaceWithMouldedCord, true, new());
        Assert.Equal(CordVerdict.PutRight, sign.Verdict);
        Assert.Contains("same rating", sign.Signs[0].Do, StringComparison.Ordinal);
        Assert.Contains("why", sign.Signs[0].Do, StringComparison.Ordinal);
    }

    /// <summary>Common practice (from memory): rejected at once.</summary>
    [Theory]
    [InlineData(CordCue.EarthPinGone)]
    [InlineData(CordCue.Patched)]
    [InlineData(CordCue.BareOrCrushed)]
    [InlineData(CordCue.BladesScorched)]
    public void Some_cords_are_scrapped_whatever_the_school(CordCue cue) =>
        Assert.All(new[] { DamagedCord.RefitPlug, DamagedCord.ReplaceWithMouldedCord }, rule =>
            Assert.Equal(
                CordVerdict.ScrapNow,
                CordTriage.Of([cue, CordCue.PrintGone], Sound, rule, true, new()).Verdict
            )
        );

    [Theory]
    [InlineData(DamagedCord.ReplaceWithMouldedCord, true, CordVerdict.ReplaceCord)]
    [InlineData(DamagedCord.ReplaceWithMouldedCord, false, CordVerdict.RefitPlug)]
    [InlineData(DamagedCord.RefitPlug, true, CordVerdict.RefitPlug)]
    public void Where_a_plug_would_do_the_school_decides(DamagedCord rule, bool toBeHad, CordVerdict verdict)
    {
        var triage = CordTriage.Of([CordCue.JacketPulledOut], Sound, rule, toBeHad, new());
        Assert.Equal(verdict, triage.Verdict);
        Assert.NotNull(triage.School);
        Assert.Null(CordTriage.Of([CordCue.Aged], Sound, rule, toBeHad, new()).School);
    }

    [Fact]
    public void A_sound_cord_is_kept_and_ticking_more_never_makes_it_better()
    {
        Assert.Equal(CordVerdict.Keep, CordTriage.Of([], Sound, DamagedCord.RefitPlug, true, new()).Verdict);
        Gen.Select(Gen.Enum<CordCue>().List[0, 6], Gen.Enum<CordCue>())
            .Sample(
                (seen, more) =>
                    Assert.True(
                        CordTriage.Of([.. seen, more], Sound, DamagedCord.RefitPlug, true, new()).Verdict
                            >= CordTriage.Of(seen, Sound, DamagedCord.RefitPlug, true, new()).Verdict
                    )
            );
    }

    [Fact]
    public void Both_ways_are_reckoned_with_the_prices_that_are_given()
    {
        var triage = CordTriage.Of(
            [],
            Sound,
            DamagedCord.RefitPlug,
            true,
            new(Plug: 10, Cord: 20, RefitMinutes: 30, ReplaceMinutes: 6, AnHour: 50)
        );
        Assert.Equal((35, 25), (triage.Refit.Cost, triage.Replace.Cost));
        Assert.Throws<ImpossibleInputException>(() =>
            CordTriage.Of([], Sound, DamagedCord.RefitPlug, true, new(Plug: -1))
        );
    }

    [Fact]
    public void Every_cue_is_asked_once_and_has_its_place_on_the_drawing()
    {
        Assert.Equal(Enum.GetValues<CordCue>(), CordSign.All.Select(s => s.Cue).Order());
        var drawing = CordDrawing.Of();
        Assert.Equal(Enum.GetValues<CordPlace>(), drawing.Spots.Select(s => s.Place).Order());
        Assert.All(drawing.Spots, s =>
            Assert.True(
                s.X > drawing.Scene.Box.Left
                    && s.X < drawing.Scene.Box.Right
                    && s.Y > drawing.Scene.Box.Top
                    && s.Y < drawing.Scene.Box.Bottom
            )
        );
    }

    [Fact]
    [Trait("Advice", "4.10")]
    public void In_a_plug_the_earth_is_the_longest_and_the_insulation_ends_at_the_screw_s_head()
    {
        var wire = Ends.Wire("16", Build.FineStranded);
        var plan = PlugRefit.Of(wire, null, 22, 20, 18, HouseRules.Default);
        var (line, neutral, earth) = (plan.Terminals[0], plan.Terminals[1], plan.Terminals[2]);
        // 22 mm, less 1/4 in of jacket inside the clamp (NEC 314.17(C)), less half the head of a #6 screw, 6.9 mm (from
        // memory).
        Assert.Equal(22 - 6.35 - 3.45, line.Insulated.Millimetres, 0.01);
        Assert.Equal(line.Insulated + plan.Strip.Target, line.Length);
        Assert.Equal(2, line.Length.Millimetres - neutral.Length.Millimetres, 9);
        // Even where its screw is the nearest.
        Assert.Equal(10, earth.Length.Millimetres - line.Length.Millimetres, 9);
        Assert.Equal(earth.Length, plan.JacketOff);
        var drawn = CordEndDrawing.Of(plan, wire);
        Assert.Equal(plan.JacketOff.Millimetres, drawn.Dimensions.Single(d => d.Id == "jacket-off").ToX, 9);
        // Each length stands beside its own conductor, said as it is cut.
        Assert.Equal(
            plan.Terminals.Select(t => t.Length.ReadCut().Metric),
            drawn.Dimensions.Where(d => d.Id.StartsWith("lead-", StringComparison.Ordinal)).Select(d => d.Label.Metric)
        );
        Assert.Equal(2, PlugRefit.Of(wire, null, 22, 20, null, HouseRules.Default).Terminals.Count);
        // Under a plate the end stays straight.
        Assert.Contains(PlugRefit.Of(wire, null, 22, 20, 18, HouseRules.Default, PlugGrip.Clamp).Steps, s =>
            Ends.Read(s).StartsWith("Push each straight under its plate", StringComparison.Ordinal)
        );
        Assert.Throws<ImpossibleInputException>(() => PlugRefit.Of(wire, null, 3, 20, null, HouseRules.Default));
    }

    /// <summary>Common practice (from memory): 35 W or more, and the relief before the strip.</summary>
    [Fact]
    public void A_soldered_entry_begins_with_the_relief_and_asks_for_an_iron_that_is_hot_enough()
    {
        var steps = SolderedEntry
            .Steps(Ends.Wire("18", Build.FineStranded))
            .Select(s => s.ToString(ReaderFormat.Metric))
            .ToList();
        Assert.True(
            steps.FindIndex(s => s.Contains("relief", StringComparison.Ordinal))
                < steps.FindIndex(s => s.StartsWith("Strip", StringComparison.Ordinal))
        );
        Assert.Equal(
            (35, 60),
            (
                SolderedEntry.IronWatts(Ends.Wire("18", Build.FineStranded)),
                SolderedEntry.IronWatts(Ends.Wire("14", Build.FineStranded))
            )
        );
    }

    /// <summary>
    /// Two equal capacitors are a divider: half the line. By Kirchhoff's current law, solved another way in the test.
    /// </summary>
    [Theory]
    [InlineData(120, 4.7, 4.7)]
    [InlineData(120, 2.2, 4.7)]
    [InlineData(230, 10, 1)]
    public void An_open_case_stands_where_the_filter_s_capacitors_meet(double volts, double line, double neutral)
    {
        var found = CaseVoltage.Of(volts, 60, line, neutral, earthed: false, reversed: false);
        // What flows in through the one flows out through the other: (U − V)·ω·C1 = V·ω·C2.
        Assert.Equal((volts - found.CaseVolts) * line, found.CaseVolts * neutral, 6);
        if (line == neutral)
        {
            Assert.Equal(volts / 2, found.CaseVolts, 9);
            Assert.Equal(0, found.BetweenCasesVolts, 9);
        }

        Assert.Equal(volts * 2 * Math.PI * 60 * line * 1e-6, found.TouchMilliamps, 9);
    }

    [Fact]
    public void With_one_capacitor_gone_the_case_is_live_one_way_round_and_two_such_shock_between_them()
    {
        Assert.Equal(120, CaseVoltage.Of(120, 60, 4.7, 0, false, false).CaseVolts);
        Assert.Equal(0, CaseVoltage.Of(120, 60, 4.7, 0, false, reversed: true).CaseVolts);
        Assert.Equal(120, CaseVoltage.Of(120, 60, 4.7, 0, false, false).BetweenCasesVolts);
        var whole = CaseVoltage.Of(120, 60, 4.7, 0, earthed: true, reversed: false);
        Assert.Equal((0, 0, 0), (whole.CaseVolts, whole.TouchMilliamps, whole.BetweenCasesVolts));
        Assert.StartsWith("With its earth whole", whole.Says, StringComparison.Ordinal);
        Assert.StartsWith(
            "With one capacitor gone",
            CaseVoltage.Of(120, 60, 4.7, 0, false, false).Says,
            StringComparison.Ordinal
        );
        Assert.StartsWith(
            "The two capacitors share",
            CaseVoltage.Of(120, 60, 4.7, 4.7, false, false).Says,
            StringComparison.Ordinal
        );
        Assert.StartsWith(
            "The two capacitors divide",
            CaseVoltage.Of(120, 60, 4.7, 1, false, false).Says,
            StringComparison.Ordinal
        );
        Assert.StartsWith("Never cut or lift an earth", whole.Caution, StringComparison.Ordinal);
        Assert.Throws<ImpossibleInputException>(() => CaseVoltage.Of(120, 60, -1, 0, false, false));
    }
}
