using Lacet.Core.Checks.End;
using Lacet.Core.Ferrules;
using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Checks;

public sealed partial class EndCheckTests
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
}
