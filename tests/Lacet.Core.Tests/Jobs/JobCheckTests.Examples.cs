using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.PinMaps;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Jobs;

public sealed partial class JobCheckTests
{
    private static readonly Conductor Fine = Ends.Wire("2.5 mm²", Build.FineStranded);
    private static readonly Conductor Aluminium = Ends.Wire("12", material: Material.Aluminium);
    private static readonly BindingScrew BothMetals = Ends.Screw("#8", null, Material.Copper, Material.Aluminium);

    private static readonly Dictionary<string, (Sketch Fires, Severity Severity, Sketch Silent)> Examples = new(
        StringComparer.Ordinal
    )
    {
        ["reversed-polarity"] = (Outlet(hot: "R.silver1", neutral: "R.brass1"), Severity.Stop, Outlet()),
        // NEC 300.14: 6 in, and 3 in past an opening under 8 in.
        ["free-length-short"] = (Free(152), Severity.Fix, Free(153)),
        // NEC table 310.4, from memory: THHN is for dry and damp places, THWN-2 for wet ones too.
        ["not-for-wet-place"] = (InWet("12 THHN"), Severity.Fix, InWet("12 THWN-2")),
        ["lands-nowhere"] = (Strip().Wire("1", "X1", null), Severity.Fix, Strip().Wire("1", "X1", "X2")),
        ["duplicate-name"] = (
            Strip().Wire("7", "X1", "X2").Wire("7", "X3", "X4"),
            Severity.Fix,
            Strip().Wire("7", "X1", "X2").Wire("8", "X3", "X4")
        ),
        ["colour-against-function"] = (
            Coloured("white", WireFunction.Line),
            Severity.Fix,
            Coloured("black", WireFunction.Line)
        ),
        ["earth-for-another"] = (
            Coloured("green", WireFunction.Neutral),
            Severity.Stop,
            Coloured("green", WireFunction.Earth)
        ),
        ["conductor-not-known"] = (
            Strip().Wire("1", "X1", "X2", with: w => w with { Conductor = null }),
            Severity.Note,
            Strip().Wire("1", "X1", "X2")
        ),
        ["more-than-two-conductors"] = (
            Pairs().Wire("1", "PP", "X1").Wire("2", "PP", "X2").Wire("3", "PP", "X3"),
            Severity.Stop,
            Pairs().Wire("1", "PP", "X1").Wire("2", "PP", "X2")
        ),
        // Areas of gauges (ASTM B258): 14 AWG 2.08 mm², 12 AWG 3.31.
        ["splice-overfilled"] = (
            Spliced(ConnectorKind.TwistOn, 3, "12"),
            Severity.Stop,
            Spliced(ConnectorKind.TwistOn, 3, "14")
        ),
        ["splice-underfilled"] = (
            Spliced(ConnectorKind.TwistOn, 1, "14"),
            Severity.Stop,
            Spliced(ConnectorKind.TwistOn, 2, "14")
        ),
        ["splice-not-listed"] = (Listed("12"), Severity.Stop, Listed("14")),
        ["splice-not-sealed"] = (
            Spliced(ConnectorKind.Lever, 2, "14", SplicePlace.Wet),
            Severity.Stop,
            Spliced(ConnectorKind.CrimpSleeveTube, 2, "14", SplicePlace.Wet)
        ),
        ["splice-not-for-strands"] = (
            Spliced(ConnectorKind.PushIn, 2, "14", build: Build.FineStranded),
            Severity.Fix,
            Spliced(ConnectorKind.Lever, 2, "14", build: Build.FineStranded)
        ),
        // NEC 110.14(B), 250.8, 400.13.
        ["bare-twist"] = (Spliced(ConnectorKind.None, 2, "14"), Severity.Stop, Spliced(ConnectorKind.Solder, 2, "14")),
        ["earth-by-solder"] = (
            Spliced(ConnectorKind.Solder, 2, "14", with: w => w with { Function = WireFunction.Earth }),
            Severity.Stop,
            Spliced(ConnectorKind.Solder, 2, "14")
        ),
        ["splice-in-cord"] = (
            Spliced(ConnectorKind.Lever, 2, "14", with: w => w with { InCord = true }),
            Severity.Stop,
            Spliced(ConnectorKind.Lever, 2, "14")
        ),
        // NEC 400.22, from memory: the conductor that is told apart is the neutral.
        ["splice-twin-crossed"] = (Twins(CableSide.Smooth), Severity.Stop, Twins(CableSide.Ribbed)),
        ["cable-conductors-unlike"] = (Cabled("3G2.5 H07RN-F"), Severity.Fix, Cabled("3G1.5 H07RN-F")),
        ["cable-conductors-over"] = (Cabled("2x1.5 H05VV-F"), Severity.Fix, Cabled("3G1.5 H05VV-F")),
        ["cable-conductors-spare"] = (Cabled("5G1.5 H07RN-F"), Severity.Note, Cabled("3G1.5 H07RN-F")),
        ["cable-to-third"] = (Cabled("3G1.5 H07RN-F", third: "M"), Severity.Fix, Cabled("3G1.5 H07RN-F", third: "B")),
        ["mixed-metals-in-splice"] = (Metals(Joint(false)), Severity.Stop, Metals(Joint(true))),
        ["landing-not-known"] = (Unknown().Wire("1", "U", "X1"), Severity.Note, Unknown().Wire("1", "X2", "X1")),
        ["bridge-missing"] = (Distribution("X:1"), Severity.Fix, Distribution("X:1", "X:2")),
        // IEC 60947-7-1, from memory: a bridge has a rated current as a block has.
        ["bridge-too-weak"] = (Combed(16), Severity.Fix, Combed(20)),
        ["bridge-passes-over"] = (Spread("X:1", "X:3"), Severity.Note, Spread("X:1", "X:2", "X:3")),
        ["landing-with-nothing"] = (
            Strip().Wire("1", "X1", "X2").Wire("2", "X3", null),
            Severity.Note,
            new Sketch()
                .Panel("P")
                .Landing("P", "X1")
                .Landing("P", "X2")
                .Landing("P", "X3", with: l => l with { Spare = true })
                .Wire("1", "X1", "X2")
        ),
        ["bootleg-earth"] = (
            Outlet(earth: null).Wire("tie", "R.silver2", "R.green", WireFunction.Unknown),
            Severity.Stop,
            Outlet()
        ),
        ["earth-missing"] = (Outlet(earth: null), Severity.Stop, Outlet()),
        ["neutral-through-device"] = (Multiwire(through: true), Severity.Stop, Multiwire(through: false)),
        ["line-load-swapped"] = (GroundFault(supply: "G.load"), Severity.Stop, GroundFault(supply: "G.line")),
        ["break-off-tab"] = (Split(BreakOffTab.Intact), Severity.Stop, Split(BreakOffTab.Removed)),
        // NEC 210.21(B)(3): a 15 A circuit has 15 A receptacles; a 20 A circuit 15 or 20.
        ["receptacle-rating"] = (Outlet(rating: 20), Severity.Stop, Outlet(rating: 15)),
        // NEC 210.21(B)(1): the only receptacle is rated for the circuit.
        ["single-receptacle-rating"] = (Only(15, on: 20), Severity.Stop, Only(20, on: 20)),
        // NEC 210.21(B)(2): 12 A on 15, 16 on 20, 24 on 30.
        ["plugged-load"] = (Plugged(12.1), Severity.Fix, Plugged(12)),
        // NEC 210.20(A): 16 A for hours want 20 A.
        ["continuous-load"] = (Loaded(16.1, hours: true), Severity.Fix, Loaded(16, hours: true)),
        // Worked by hand from NEC chapter 9 table 8: 14 AWG solid 3.07 Ω/kft at 75 °C; 12 A over 49 ft of 120 V: 2 × 49
        // × 3.07/1000 × 12 = 3.61 V, 3.01 %; over 48 ft 2.95 %.
        ["voltage-drop"] = (Long(49), Severity.Note, Long(48)),
        // NEC 310.15(C)(1): ten to twenty at 50 %: 30 A × 0.5 = 15 A, a standard rating (240.6(A)) and less than 20;
        // nine at 70 %: 21 A.
        ["loaded-together"] = (Bundle(10), Severity.Stop, Bundle(9)),
        // NEC 314.16(B): two 14 AWG from outside and the yoke twice, 2 in³ each: 8 in³; the pigtail that stays in the
        // box counts nothing.
        ["box-overfilled"] = (Filled(7.9), Severity.Fix, Filled(8)),
        // A taped patch is scrapped (NEC 400.13, common practice).
        ["cord-unfit"] = (new Sketch().Cord("lamp", CordCue.Patched), Severity.Stop, new Sketch().Sound("lamp")),
        // 24 V on a breaker of 120 V; legs of a motor from two breakers (it runs on two phases); NEC 300.3(B); common
        // practice.
        ["circuits-mixed"] = (OnOneBreaker(24), Severity.Stop, OnOneBreaker(120)),
        ["legs-from-several-breakers"] = (Motor("Q2"), Severity.Stop, Motor("Q")),
        ["line-and-neutral-apart"] = (TwoPanels("P2"), Severity.Stop, TwoPanels("P")),
        ["breaker-not-fed"] = (Fed(false), Severity.Fix, Fed(true)),
        ["circuit-not-known"] = (
            Strip().Wire("1", "X1", "X2"),
            Severity.Note,
            Strip().Circuit("1").Wire("1", "X1", "X2", circuit: "1")
        ),
        // The checks of an end, where only the job knows of a second wire, a list's ferrule or a breaker.
        ["two-conductors"] = (
            Strip().Wire("1", "X1", "X2").Wire("2", "X1", "X3"),
            Severity.Stop,
            Pairs().Wire("1", "PP", "X1").Wire("2", "PP", "X2")
        ),
        ["mixed-metals"] = (
            Both().Wire("1", "M", "X1").Wire("2", "M", "N", conductor: Aluminium),
            Severity.Stop,
            Both().Wire("1", "M", "X1").Wire("2", "N", null, conductor: Aluminium)
        ),
        ["terminal-overloaded"] = (Feeding("14", 20), Severity.Stop, Feeding("12", 20)),
        ["back-stab-by-house-rule"] = (Outlet(landing: new BackStab(new())), Severity.Fix, Outlet()),
        ["ferrule-forbidden"] = (
            Given(new(4), FerruleAcceptance.Forbidden),
            Severity.Stop,
            Given(new(2.5), FerruleAcceptance.Allowed)
        ),
        ["ferrule-missing"] = (Said(bare: true), Severity.Fix, Said(bare: false)),
        // DIN 46228-4: 2.5 mm² takes 2.5; a 4 mm² one stays loose, a 1.5 mm² one leaves strands out.
        ["ferrule-wrong-size"] = (Given(new(4)), Severity.Fix, Given(new(2.5))),
        ["ferrule-on-solid"] = (
            Given(new(2.5), conductor: Ends.Wire("2.5 mm²")),
            Severity.Fix,
            Given(null, conductor: Ends.Wire("2.5 mm²"))
        ),
        // DIN 46228-4: a collar of 4.2 mm on 2.5 mm².
        ["ferrule-collar-too-small"] = (
            Given(
                new(2.5, collar: Lacet.Core.Ferrules.Collar.Standard),
                conductor: Ends.Wire("2.5 mm²", Build.FineStranded, 4.3)
            ),
            Severity.Fix,
            Given(
                new(2.5, collar: Lacet.Core.Ferrules.Collar.Standard),
                conductor: Ends.Wire("2.5 mm²", Build.FineStranded, 4.1)
            )
        ),
        ["ferrule-pin-too-long"] = (Given(new(2.5, new Length(12))), Severity.Fix, Given(new(2.5, new Length(8)))),
        ["ferrule-pin-too-short"] = (
            Given(new(2.5, new Length(8)), depth: 12),
            Severity.Fix,
            Given(new(2.5, new Length(12)), depth: 12)
        ),
        ["loose-or-scorched"] = (
            Found(new AsMade(null, null) { Loose = true }),
            Severity.Stop,
            Found(new AsMade(null, null))
        ),
        ["spoiled-end"] = (
            Found(new AsMade(null, null) { Nicked = true }),
            Severity.Fix,
            Found(new AsMade(null, null))
        ),
        ["hook-wrong-way"] = (
            Found(new AsMade(null, null) { Hook = HookWay.CounterClockwise }),
            Severity.Fix,
            Found(new AsMade(null, null) { Hook = HookWay.Clockwise })
        ),
        ["insulation-caught"] = (
            Found(new AsMade(null, null) { InsulationCaught = true }),
            Severity.Fix,
            Found(new AsMade(null, null))
        ),
        ["bare-metal-shows"] = (
            Found(new AsMade(null, null) { BareShowing = new(2.5) }),
            Severity.Fix,
            Found(new AsMade(null, null) { BareShowing = new(2) })
        ),
    };
}
