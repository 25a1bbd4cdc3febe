using Lacet.Core.Checks.End;
using Lacet.Core.Ferrules;
using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Checks;

/// <summary>
/// For each check an end where it fires and one where it is silent; and that no check can be left out unseen.
/// </summary>
public sealed partial class EndCheckTests
{
    public static TheoryData<string> PlannedIds => [.. EndChecks.Planned.Select(c => c.Id)];

    public static TheoryData<string> MadeIds => [.. EndChecks.Made.Select(c => c.Id)];

    [Theory]
    [Trait("Advice", "4.16")]
    [MemberData(nameof(PlannedIds))]
    public void A_check_fires_where_it_must_and_only_there(string id)
    {
        var (fires, severity, silent) = Examples[id];
        var finding = Assert.Single(EndChecks.Judge(fires), f => f.Check == id);
        Assert.Equal(severity, finding.Severity);
        Assert.DoesNotContain(EndChecks.Judge(silent), f => f.Check == id);
    }

    [Theory]
    [MemberData(nameof(PlannedIds))]
    public void Without_the_check_its_fault_escapes(string id)
    {
        var others = EndChecks.Planned.Where(c => c.Id != id);
        Assert.DoesNotContain(others, check => check.Judge(Examples[id].Fires)?.Check == id);
    }

    [Theory]
    [MemberData(nameof(MadeIds))]
    public void A_check_of_what_was_made_fires_where_it_must_and_only_there(string id)
    {
        var (fires, severity, silent) = MadeExamples[id];
        var screw = id == "hook-wrong-way";
        var finding = Assert.Single(EndChecks.Judge(End(fires, screw)), f => f.Check == id);
        Assert.Equal(severity, finding.Severity);
        Assert.DoesNotContain(EndChecks.Judge(End(silent, screw)), f => f.Check == id);
    }

    [Fact]
    public void Every_check_class_is_in_the_registry()
    {
        var classes = typeof(IEndCheck)
            .Assembly.GetTypes()
            .Where(t => t is { IsAbstract: false, IsInterface: false })
            .ToList();
        Assert.Equal(classes.Count(t => t.IsAssignableTo(typeof(IEndCheck))), EndChecks.Planned.Count);
        Assert.Equal(classes.Count(t => t.IsAssignableTo(typeof(IMadeCheck))), EndChecks.Made.Count);
        Assert.Equal(EndChecks.Planned.Count + EndChecks.Made.Count, PlannedIds.Concat(MadeIds).Distinct().Count());
    }

    [Theory]
    [MemberData(nameof(PlannedIds))]
    public void A_finding_says_what_is_wrong_what_to_do_and_what_it_rests_on(string id)
    {
        var finding = EndChecks.Judge(Examples[id].Fires).Single(f => f.Check == id);
        Assert.EndsWith(".", Ends.Read(finding.Says), StringComparison.Ordinal);
        Assert.EndsWith(".", Ends.Read(finding.Do), StringComparison.Ordinal);
        Assert.NotEmpty(finding.Source);
        Assert.NotEmpty(finding.RestsOn);
    }

    [Fact]
    public void Fine_strands_where_no_ferrule_goes_ask_for_the_mark_of_the_block_and_of_the_ferrule()
    {
        var finding = Ends.Judge(
                Ends.Wire("2.5 mm²", Build.FineStranded),
                Ends.Block(ferrule: FerruleAcceptance.Forbidden)
            )
            .Single();
        Assert.Equal(Severity.Fix, finding.Severity);
        Assert.Contains("listed", Ends.Read(finding.Do), StringComparison.Ordinal);
        Assert.Contains("UL 486F", finding.Source, StringComparison.Ordinal);
    }

    [Fact]
    public void Fine_strands_bare_by_house_rule_are_noted() =>
        Assert.Contains(Ends.Judge(Ends.Wire("2.5 mm²", Build.FineStranded), Ends.Block(), Bare), f =>
            f is { Check: "fine-strands-unsupported", Severity: Severity.Note }
        );

    [Fact]
    public void A_ferrule_that_is_only_allowed_and_does_not_exist_is_to_be_put_right_not_a_stop() =>
        Assert.Contains(Ends.Judge(Ends.Wire("27", Build.FineStranded), Ends.Block(0.05)), f =>
            f is { Check: "ferrule-none-fits", Severity: Severity.Fix }
        );

    [Theory]
    [InlineData(0.49, "loose joint")]
    [InlineData(0.81, "yielded")]
    public void A_torque_finding_says_what_comes_of_it(double torque, string says) =>
        Assert.Contains(
            says,
            Ends.Read(EndChecks.Judge(End(Made(10, Read(torque)))).Single().Says),
            StringComparison.Ordinal
        );

    [Theory]
    [InlineData("binding-screw", 8, "under the head")]
    [InlineData("screw-clamp-block", 8, "bite insulation")]
    [InlineData("screw-clamp-block", 12, "bare metal shows")]
    public void A_strip_finding_says_what_comes_of_it(string kind, double strip, string says) =>
        Assert.Contains(
            says,
            Ends.Read(EndChecks.Judge(new MadeEnd(kind, Made(strip), Strip, Torque)).Single().Says),
            StringComparison.Ordinal
        );

    [Fact]
    public void A_preset_tool_is_judged_by_its_setting()
    {
        Assert.Empty(EndChecks.Judge(End(Made(10, new Tightening.Preset("t", new(0.7))))));
        Assert.Single(EndChecks.Judge(End(Made(10, new Tightening.Preset("t", new(1))))));
    }

    [Fact]
    public void Where_no_window_was_given_nothing_is_judged() =>
        Assert.Empty(EndChecks.Judge(new MadeEnd("binding-screw", Made(10, new Tightening.ByFeel()), null, null)));

    [Fact]
    public void A_stop_is_shown_alone() =>
        Assert.All(
            RecipeBook.For(Ends.Wire("6", Build.FineStranded), Ends.UnmarkedScrew(), HouseRules.Default).Findings,
            f => Assert.Equal(Severity.Stop, f.Severity)
        );

    private static ScrewClampBlock Relay(double opening, double pitch) =>
        new(
            new(0.5, 2.5, new Length(8), FerruleAcceptance.Allowed, null, new Length(opening), new Length(pitch)),
            TorqueMarking.OfRange(0.5, 0.6, TorqueUnit.NewtonMetre)
        );

    private static EndPlan Plan(Conductor wire, Landing landing) => new(wire, landing, HouseRules.Default);

    private static EndPlan Plan(EndAtHand atHand) => new(atHand);

    private static EndAtHand At(string wire, Landing landing, Build build = Build.Solid) =>
        new(Ends.Wire(wire, build), landing, HouseRules.Default);

    private static EndAtHand Two(string wire, Landing landing, string? second = null, Build build = Build.Solid) =>
        At(wire, landing, build) with
        {
            Second = Ends.Wire(second ?? wire, build),
        };

    private static Landing Pair(double least = 0.5) => Ends.Block(least) with { TakesTwo = true };

    /// <summary>A screw smaller than any in the table, since all of those cover a wire of 10 AWG.</summary>
    private static BindingScrew TinyHead() => new(new ScrewSize("#4", 2.84, 5.5), Ends.Marked(14, 18));

    private static MadeEnd End(AsMade made, bool screw = false) =>
        new(screw ? "binding-screw" : "screw-clamp-block", made, Strip, Torque);

    private static AsMade Made(double strip, Tightening? tightening = null) => new(new Length(strip), tightening);

    private static Tightening.Reading Read(double torque) => new(new(torque), "driver", Simulated: false);
}
