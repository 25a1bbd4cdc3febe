using Lacet.Core.Checks.End;
using Lacet.Core.Ferrules;
using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Checks;

/// <summary>
/// For each check an end where it fires and one where it is silent; and that no check can be left out unseen.
/// </summary>
public sealed class EndCheckTests
{
    private static readonly HouseRules Bare = HouseRules.Default with
    {
        FerrulesOnFineStrands = FerrulesOnFineStrands.WhereTheMakerAsks,
    };

    private static readonly Dictionary<string, (EndPlan Fires, Severity Severity, EndPlan Silent)> Examples = new(
        StringComparer.Ordinal
    )
    {
        ["conductor-out-of-range"] = (
            Plan(Ends.Wire("6"), Ends.Screw()),
            Severity.Stop,
            Plan(Ends.Wire("10"), Ends.Screw("#10"))
        ),
        ["aluminium-not-marked"] = (
            Plan(Ends.Wire("12", material: Material.Aluminium), Ends.Screw()),
            Severity.Stop,
            Plan(Ends.Wire("12"), Ends.Screw())
        ),
        // A fine 10 AWG whose insulation is no matter: only the screw is too small for a wire of 3 mm.
        ["wire-too-thick-for-screw"] = (
            Plan(Ends.Wire("10", Build.FineStranded), TinyHead()),
            Severity.Stop,
            Plan(Ends.Wire("10", Build.FineStranded), Ends.Screw("#6"))
        ),
        ["fine-strands-unsupported"] = (
            Plan(Ends.Wire("14", Build.FineStranded), Ends.Screw()),
            Severity.Fix,
            Plan(Ends.Wire("14", Build.Stranded), Ends.Screw())
        ),
        ["ferrule-none-fits"] = (
            // 27 AWG, 0.10 mm²: too much for 0.08, and loose in 0.14.
            Plan(Ends.Wire("27", Build.FineStranded), Ends.Block(0.05, ferrule: FerruleAcceptance.Required)),
            Severity.Stop,
            Plan(Ends.Wire("24", Build.FineStranded), Ends.Block(0.05, ferrule: FerruleAcceptance.Required))
        ),
        ["ferrule-pin-too-long"] = (
            Plan(Ends.Wire("1.5 mm²", Build.FineStranded), Ends.Block(depth: 6)),
            Severity.Fix,
            Plan(Ends.Wire("1.5 mm²", Build.FineStranded), Ends.Block(depth: 8))
        ),
        ["insulation-under-head"] = (
            Plan(Ends.Wire("10", od: 5.5), Ends.Screw("#6")),
            Severity.Fix,
            Plan(Ends.Wire("14"), Ends.Screw())
        ),
        ["ferrule-on-solid"] = (
            Plan(Ends.Wire("2.5 mm²"), Ends.Block(ferrule: FerruleAcceptance.Required)),
            Severity.Note,
            Plan(Ends.Wire("2.5 mm²"), Ends.Block())
        ),
        ["range-by-pairing"] = (
            Plan(Ends.Wire("12"), Ends.Block(4, 10)),
            Severity.Note,
            Plan(Ends.Wire("12"), Ends.Block(2.5, 10))
        ),
        ["thin-wire-under-screw"] = (
            Plan(Ends.Wire("18"), Ends.Screw()),
            Severity.Note,
            Plan(Ends.Wire("16"), Ends.Screw())
        ),
        ["build-not-accepted"] = (
            Plan(Ends.Wire("14", Build.Stranded), new BackStab(new())),
            Severity.Stop,
            Plan(Ends.Wire("14"), new BackStab(new()))
        ),
        ["two-conductors"] = (
            Plan(Two("14", Ends.Screw())),
            Severity.Stop,
            Plan(Two("14", new BackWireClamp(new(), Ends.Marked(12, 18))))
        ),
        ["two-sizes-together"] = (Plan(Two("1.5 mm²", Pair(), "2.5 mm²")), Severity.Stop, Plan(Two("1.5 mm²", Pair()))),
        ["two-too-thick"] = (Plan(Two("2.5 mm²", Pair())), Severity.Stop, Plan(Two("1.5 mm²", Pair()))),
        ["no-twin-fits"] = (
            Plan(Two("0.25 mm²", Pair(least: 0.2), build: Build.FineStranded)),
            Severity.Stop,
            Plan(Two("0.5 mm²", Pair(), build: Build.FineStranded))
        ),
        ["end-used-before"] = (
            Plan(At("14", Ends.Screw()) with { Condition = EndCondition.UsedHook }),
            Severity.Stop,
            Plan(At("14", Ends.Screw(), Build.Stranded) with { Condition = EndCondition.Ringed })
        ),
        ["tinned-strands"] = (
            Plan(At("14", Ends.Block(), Build.Stranded) with { Condition = EndCondition.Tinned }),
            Severity.Stop,
            Plan(At("18", new SolderLug(null), Build.Stranded) with { Condition = EndCondition.Tinned })
        ),
        ["range-not-known"] = (
            // A guess refuses nothing: a lug known only by its 5/16 in socket usually takes 6 AWG to 250 kcmil.
            Plan(
                Ends.Wire("10", Build.Stranded),
                new SetScrewLug(LugDrive.HexSocket, 5 / 16.0, null, null, null, null, null)
            ),
            Severity.Fix,
            Plan(
                Ends.Wire("2/0", Build.Stranded),
                new SetScrewLug(LugDrive.HexSocket, 5 / 16.0, null, null, null, null, null)
            )
        ),
        ["small-wire-in-large-lug"] = (
            Plan(
                Ends.Wire("14", Build.Stranded),
                new SetScrewLug(LugDrive.HexSocket, 3 / 16.0, null, 2, 53.5, null, null)
            ),
            Severity.Fix,
            Plan(
                Ends.Wire("6", Build.Stranded),
                new SetScrewLug(LugDrive.HexSocket, 3 / 16.0, null, 2, 53.5, null, null)
            )
        ),
        ["no-ring-fits"] = (
            Plan(Ends.Wire("24", Build.Stranded), new Stud(4, null, null, null)),
            Severity.Stop,
            Plan(Ends.Wire("22", Build.Stranded), new Stud(4, null, null, null))
        ),
        ["insulation-not-displaced"] = (
            Plan(Ends.Wire("0.75 mm²", od: 4), new InsulationDisplacement(null, null, 1.8, 3.5)),
            Severity.Stop,
            Plan(Ends.Wire("0.75 mm²", od: 3.5), new InsulationDisplacement(null, null, 1.8, 3.5))
        ),
        ["terminal-overloaded"] = (
            Plan(At("14", Ends.Screw()) with { CircuitAmps = 20 }),
            Severity.Stop,
            Plan(At("12", Ends.Screw()) with { CircuitAmps = 20 })
        ),
        ["back-stab-over-15-a"] = (
            Plan(At("14", new BackStab(new())) with { CircuitAmps = 20 }),
            Severity.Stop,
            Plan(At("14", new BackStab(new())) with { CircuitAmps = 15 })
        ),
        ["back-stab-by-house-rule"] = (
            Plan(Ends.Wire("14"), new BackStab(new())),
            Severity.Fix,
            new EndPlan(
                Ends.Wire("14"),
                new BackStab(new()),
                HouseRules.Default with
                {
                    BackStabHoles = BackStabHoles.FourteenSolidTo15A,
                }
            )
        ),
        ["receptacle-by-house-rule"] = (
            Plan(Ends.Wire("14"), Ends.Screw()),
            Severity.Note,
            new EndPlan(
                Ends.Wire("14"),
                Ends.Screw(),
                HouseRules.Default with
                {
                    ReceptacleWiring = ReceptacleWiring.HookOnScrew,
                }
            )
        ),
        ["solid-in-crimp"] = (
            Plan(Ends.Wire("14"), new Stud(4, null, null, null)),
            Severity.Fix,
            Plan(Ends.Wire("14", Build.Stranded), new Stud(4, null, null, null))
        ),
        ["weak-crimp-shape"] = (
            Plan(At("2.5 mm²", Ends.Block(), Build.FineStranded) with { CrimpShape = CrimpShape.AlternatingFlats }),
            Severity.Fix,
            Plan(At("2.5 mm²", Ends.Block(), Build.FineStranded) with { CrimpShape = CrimpShape.Square })
        ),
        ["mixed-metals"] = (
            Plan(Two("12", Pair()) with { Second = Ends.Wire("12", material: Material.Aluminium) }),
            Severity.Stop,
            Plan(Two("12", Pair()))
        ),
        ["ferrule-forbidden"] = (
            Plan(At("14", Ends.Screw(), Build.Stranded) with { GivenFerrule = new(2.5) }),
            Severity.Stop,
            Plan(At("2.5 mm²", Ends.Block(), Build.FineStranded) with { GivenFerrule = new(2.5) })
        ),
        ["ferrule-missing"] = (
            Plan(At("2.5 mm²", Ends.Block(), Build.FineStranded) with { SaidBare = true }),
            Severity.Fix,
            Plan(At("2.5 mm²", Ends.Block()) with { SaidBare = true })
        ),
        ["ferrule-wrong-size"] = (
            Plan(At("2.5 mm²", Ends.Block(), Build.FineStranded) with { GivenFerrule = new(1.5) }),
            Severity.Fix,
            // 18 AWG is 0.82 mm²: 0.75 or 1 (common practice).
            Plan(At("18", Ends.Block(), Build.FineStranded) with { GivenFerrule = new(1) })
        ),
        ["ferrule-collar-too-small"] = (
            Plan(
                new EndAtHand(Ends.Wire("2.5 mm²", Build.FineStranded, 4.3), Ends.Block(), HouseRules.Default)
                {
                    GivenFerrule = new(2.5, collar: Collar.Standard),
                }
            ),
            Severity.Fix,
            Plan(
                new EndAtHand(Ends.Wire("2.5 mm²", Build.FineStranded, 4.3), Ends.Block(), HouseRules.Default)
                {
                    GivenFerrule = new(2.5, collar: Collar.Large),
                }
            )
        ),
        ["ferrule-pin-too-short"] = (
            Plan(
                At("2.5 mm²", Ends.Block(depth: 12), Build.FineStranded) with
                {
                    GivenFerrule = new(2.5, new Length(8)),
                }
            ),
            Severity.Fix,
            Plan(
                At("2.5 mm²", Ends.Block(depth: 10), Build.FineStranded) with
                {
                    GivenFerrule = new(2.5, new Length(8)),
                }
            )
        ),
        ["pin-wider-than-opening"] = (
            // A small relay’s terminal: 2.5 mm² in a pin of 2.2 mm bore does not go through 1.5 mm.
            Plan(Ends.Wire("2.5 mm²", Build.FineStranded), Relay(1.5, 5)),
            Severity.Fix,
            Plan(Ends.Wire("1 mm²", Build.FineStranded), Relay(2.4, 5))
        ),
        ["wider-than-pitch"] = (
            Plan(Ends.Wire("2.5 mm²", Build.FineStranded), Relay(3, 4)),
            Severity.Fix,
            Plan(Ends.Wire("1 mm²", Build.FineStranded), Relay(3, 4))
        ),
        ["torque-not-marked"] = (
            Plan(Ends.Wire("14"), Ends.UnmarkedScrew()),
            Severity.Note,
            Plan(Ends.Wire("14"), Ends.Screw())
        ),
    };

    private static readonly Window<Length> Strip = new(new(10), new(9), new(11));
    private static readonly Window<Torque> Torque = new(new(0.65), new(0.5), new(0.8));

    private static readonly Dictionary<string, (AsMade Fires, Severity Severity, AsMade Silent)> MadeExamples = new(
        StringComparer.Ordinal
    )
    {
        ["strip-out-of-window"] = (Made(12), Severity.Fix, Made(11)),
        ["torque-out-of-window"] = (Made(10, Read(0.9)), Severity.Fix, Made(10, Read(0.8))),
        ["torque-unmeasured"] = (Made(10, new Tightening.ByFeel()), Severity.Fix, Made(10, Read(0.65))),
        ["loose-or-scorched"] = (Made(10) with { Scorched = true }, Severity.Stop, Made(10)),
        ["spoiled-end"] = (Made(10).With(Fault.Ring), Severity.Fix, Made(10).With(Fault.Loose)),
        ["hook-wrong-way"] = (
            Made(10) with
            {
                Hook = HookWay.Straight,
            },
            Severity.Fix,
            Made(10) with
            {
                Hook = HookWay.Clockwise,
            }
        ),
        ["insulation-caught"] = (Made(10) with { InsulationCaught = true }, Severity.Fix, Made(10)),
        ["bare-metal-shows"] = (
            Made(10) with
            {
                BareShowing = new(3),
            },
            Severity.Fix,
            Made(10) with
            {
                BareShowing = new(2),
            }
        ),
        ["torque-simulated"] = (
            Made(10, new Tightening.Reading(new(0.65), "driver", Simulated: true)),
            Severity.Note,
            Made(10, Read(0.65))
        ),
    };

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
