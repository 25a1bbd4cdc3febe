using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.PinMaps;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Jobs;

/// <summary>
/// For each check of a job one where it fires and one where it is silent; the numbers are from the sources that the
/// checks name, from memory.
/// </summary>
public sealed class JobCheckTests
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
        ["mixed-metals-in-splice"] = (Metals(Joint(false)), Severity.Stop, Metals(Joint(true))),
        ["landing-not-known"] = (Unknown().Wire("1", "U", "X1"), Severity.Note, Unknown().Wire("1", "X2", "X1")),
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

    public static TheoryData<string> Ids => [.. Examples.Keys];

    [Theory]
    [Trait("Advice", "1.5")]
    [Trait("Advice", "2.2")]
    [MemberData(nameof(Ids))]
    public void A_check_fires_once_where_it_must_and_only_there(string id)
    {
        var (fires, severity, silent) = Examples[id];
        var finding = Assert.Single(fires.Judged().Findings, f => f.Finding.Check == id).Finding;
        Assert.Equal(severity, finding.Severity);
        Assert.EndsWith(".", Ends.Read(finding.Says), StringComparison.Ordinal);
        Assert.EndsWith(".", Ends.Read(finding.Do), StringComparison.Ordinal);
        Assert.NotEmpty(finding.Source);
        Assert.NotEmpty(finding.RestsOn);
        Assert.DoesNotContain(silent.Judged().Findings, f => f.Finding.Check == id);
    }

    [Fact]
    public void Every_check_class_is_in_the_registry_and_has_an_example()
    {
        string[] ids =
        [
            .. JobChecks.Ends.Select(c => c.Id),
            .. JobChecks.Wires.Select(c => c.Id),
            .. JobChecks.Landings.Select(c => c.Id),
            .. JobChecks.Devices.Select(c => c.Id),
            .. JobChecks.Circuits.Select(c => c.Id),
            .. JobChecks.Runs.Select(c => c.Id),
            .. JobChecks.Cords.Select(c => c.Id),
            .. JobChecks.Enclosures.Select(c => c.Id),
        ];
        var classes = typeof(JobChecks)
            .Assembly.GetTypes()
            .Where(t =>
                t is { IsAbstract: false, IsInterface: false }
                && t.GetInterfaces().Any(i => i.IsGenericType && i.GetGenericTypeDefinition() == typeof(IJobCheck<>))
            );
        Assert.Equal(classes.Count(), ids.Distinct(StringComparer.Ordinal).Count());
        Assert.Empty(ids.Except(Examples.Keys, StringComparer.Ordinal));
        Assert.Empty(ids.Intersect(EndChecks.Planned.Select(c => c.Id), StringComparer.Ordinal));
    }

    /// <summary>Common practice: what a sign asks for sets how hard it is.</summary>
    [Theory]
    [InlineData(CordCue.ReliefGone, Severity.Fix, "Put it right.")]
    [InlineData(CordCue.BladesBent, Severity.Fix, "Replace the cord.")] // the house rule: a moulded cord
    [InlineData(CordCue.EarthPinGone, Severity.Stop, "Scrap it.")]
    public void A_cord_is_found_by_its_worst_sign_and_by_the_house_rule(CordCue cue, Severity severity, string what)
    {
        var finding = Assert.Single(new Sketch().Cord("lamp", CordCue.PrintGone, cue).Judged().Findings).Finding;
        Assert.Equal(severity, finding.Severity);
        Assert.StartsWith(what, Ends.Read(finding.Do), StringComparison.Ordinal);
    }

    [Fact]
    public void A_box_that_is_filled_is_found_and_what_no_table_covers_is_said()
    {
        var judged = Filled(9).Wire("3", "R.green", null, WireFunction.Earth).Judged();
        Assert.Contains(
            "needs 10 in³",
            Ends.Read(judged.Findings.Single(f => f.Finding.Check == "box-overfilled").Finding.Says),
            StringComparison.Ordinal
        );
        var wire = judged.Job.Wires.Values.Single(w => w.Name == "3");
        var (undo, _) = judged.Apply([EntityChange.Put(wire with { A = wire.A with { LandingId = null } })]);
        Assert.DoesNotContain(judged.Findings, f => f.Finding.Check == "box-overfilled");
        judged.Apply(undo);
        // A metric size counts as the next larger gauge: 2.5 mm² as 12 AWG (3.31 mm²), 2.25 in³.
        judged.Apply([EntityChange.Put(wire with { Conductor = Ends.Wire("2.5 mm²") })]);
        Assert.Contains(
            "needs 10.75 in³",
            Ends.Read(judged.Findings.Single(f => f.Finding.Check == "box-overfilled").Finding.Says),
            StringComparison.Ordinal
        );
        judged.Apply([EntityChange.Put(wire with { Conductor = Ends.Wire("4", Build.Stranded) })]);
        Assert.StartsWith(
            "Not judged",
            Ends.Read(judged.Findings.Single(f => f.Finding.Check == "box-overfilled").Finding.Says),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_stands_against_a_pin_map_is_among_the_findings_each_kind_once_and_goes_when_it_is_put_right()
    {
        var map = new PinMap(
            "fan",
            3,
            1,
            [new(1, PinFunction.Line, ""), new(2, PinFunction.Common, ""), new(3, PinFunction.Earth, "PE")]
        );
        var judged = new Sketch().Map("fan", map).Judged();
        Assert.Equal(["pin-key-not-seen", "pin-leads-nowhere"], judged.Findings.Select(f => f.Finding.Check));
        var kept = judged.Job.PinMaps.Values.Single();
        var (undo, _) = judged.Apply([
            EntityChange.Put(
                kept with
                {
                    Map = kept.Map with
                    {
                        KeySeen = true,
                        Pins = [.. map.Pins.Select((p, i) => p with { Terminal = $"T{i}" })],
                    },
                }
            ),
        ]);
        Assert.Empty(judged.Findings);
        judged.Apply(undo);
        Assert.Equal(2, judged.Findings.Count());
        judged.Apply([new(EntityKind.PinMap, kept.Id, null)]);
        Assert.Empty(judged.Findings);
    }

    [Theory]
    [Trait("Advice", "4.20")]
    [InlineData("white", WireFunction.Neutral, Region.NorthAmerica, true)]
    [InlineData("grey", WireFunction.Neutral, Region.NorthAmerica, true)]
    [InlineData("blue", WireFunction.Neutral, Region.NorthAmerica, false)]
    [InlineData("blue", WireFunction.Neutral, Region.Iec, true)]
    [InlineData("blue", WireFunction.Line, Region.NorthAmerica, true)]
    [InlineData("blue", WireFunction.Line, Region.Iec, false)]
    [InlineData("brown", WireFunction.Line, Region.Iec, true)]
    [InlineData("black", WireFunction.Line, Region.Iec, true)]
    [InlineData("gn/ye", WireFunction.Earth, Region.Iec, true)]
    [InlineData("green", WireFunction.Earth, Region.Iec, false)]
    [InlineData("green", WireFunction.Earth, Region.NorthAmerica, true)]
    [InlineData("bare", WireFunction.Earth, Region.NorthAmerica, true)]
    [InlineData("black", WireFunction.Earth, Region.NorthAmerica, false)]
    [InlineData("red", WireFunction.ControlAc, Region.NorthAmerica, true)]
    [InlineData("blue", WireFunction.ControlPlus, Region.NorthAmerica, true)]
    [InlineData("white/blue", WireFunction.ControlMinus, Region.NorthAmerica, true)]
    [InlineData("black", WireFunction.ControlPlus, Region.NorthAmerica, false)]
    [InlineData("pink", WireFunction.Signal, Region.Iec, true)]
    public void A_colour_is_judged_by_its_region(string colour, WireFunction function, Region region, bool passes)
    {
        // NEC 200.6, 210.5, 250.119; NFPA 79; IEC 60445 and 60204-1; from memory.
        var found = Coloured(colour, function, region)
            .Judged()
            .Findings.Any(f => f.Finding.Check == "colour-against-function");
        Assert.Equal(passes, !found);
    }

    [Theory]
    [InlineData(15, 15, true)]
    [InlineData(15, 20, false)]
    [InlineData(20, 15, true)]
    [InlineData(20, 20, true)]
    [InlineData(30, 20, false)]
    [InlineData(30, 30, true)]
    [InlineData(40, 50, true)]
    [InlineData(40, 30, false)]
    [InlineData(50, 50, true)]
    [InlineData(50, 40, false)]
    public void Receptacles_go_with_their_circuit(double circuit, double rating, bool passes)
    {
        // NEC 210.21(B)(3), from memory.
        var found = Outlet(rating: rating, breaker: circuit)
            .Judged()
            .Findings.Any(f => f.Finding is { Check: "receptacle-rating", Severity: Severity.Stop });
        Assert.Equal(passes, !found);
    }

    [Fact]
    public void A_single_duplex_counts_as_two_receptacles() =>
        Assert.DoesNotContain(Outlet(rating: 15, breaker: 20).Judged().Findings, f =>
            f.Finding.Check is "single-receptacle-rating" or "receptacle-rating"
        );

    [Fact]
    public void The_drop_adds_up_along_the_way_from_the_breaker()
    {
        // Two wires of 30 ft each: neither is too long, both together are (60 ft, 3.7 %).
        var job = Far()
            .Wire("1", "Q:1", "R.brass1", circuit: "1", with: Feet(30))
            .Wire("2", "R.brass2", "S.brass1", circuit: "1", with: Feet(30));
        var finding = Assert.Single(job.Judged().Findings, f => f.Finding.Check == "voltage-drop").Finding;
        Assert.Contains("3.7 %", Ends.Read(finding.Says), StringComparison.Ordinal);
    }

    /// <summary>
    /// 3 % is advice; 5 % is advised from the supply to the load (NEC 210.19(A) note, from memory): 81 ft by the same
    /// sum is 4.97 %, 82 ft 5.03 %.
    /// </summary>
    [Theory]
    [Trait("Advice", "1.17")]
    [InlineData(81, Severity.Note)]
    [InlineData(82, Severity.Fix)]
    public void A_drop_is_advice_until_one_branch_has_used_up_all(double feet, Severity severity) =>
        Assert.Equal(
            severity,
            Long(feet).Judged().Findings.Single(f => f.Finding.Check == "voltage-drop").Finding.Severity
        );

    [Fact]
    public void What_no_table_covers_is_said_aloud()
    {
        var job = Strip()
            .Circuit("1", 16, c => c with { Volts = 230, LoadAmps = 10 })
            .Wire("1", "X1", "X2", circuit: "1", conductor: Ends.Wire("0.5 mm²"))
            .Wire(
                "2",
                "X3",
                "X4",
                circuit: "1",
                conductor: Ends.Wire("2.5 mm²", material: Material.Aluminium),
                with: Feet(10)
            );
        var says = job.Judged()
            .Findings.Where(f => Ends.Read(f.Finding.Says).StartsWith("Not judged", StringComparison.Ordinal))
            .Select(f => f.Finding.Check)
            .Distinct();
        Assert.Equal(["terminal-overloaded", "voltage-drop"], says.Order(StringComparer.Ordinal));
    }

    [Fact]
    public void Nm_cable_is_good_for_sixty_degrees_whatever_its_terminals_are()
    {
        // NEC 310.16, 240.4(B) and 334.80, from memory: 6 AWG copper is 65 A at 75 °C, so on 70 A, and 55 at 60, so on
        // 60.
        static Sketch Range(WiringMethod method) =>
            new Sketch()
                .Panel("P")
                .Landing("P", "X1", Ends.Block(0.5, 35) with { TemperatureC = 75 })
                .Circuit("1", 70, c => c with { Method = method })
                .Wire("1", "X1", null, circuit: "1", conductor: Ends.Wire("6", Build.Stranded));
        Assert.Contains(Range(WiringMethod.NmCable).Judged().Findings, f => f.Finding.Check == "terminal-overloaded");
        Assert.DoesNotContain(Range(WiringMethod.Raceway).Judged().Findings, f =>
            f.Finding.Check == "terminal-overloaded"
        );
    }

    [Fact]
    public void A_shared_neutral_is_not_counted_among_the_loaded() // NEC 310.15(E), from memory: two hots and their neutral are two.
    {
        var job = Strip().Circuit("1", 25).Shared("2", "1");
        foreach (
            var (name, circuit, function) in new[]
            {
                ("a", "1", WireFunction.Line),
                ("b", "2", WireFunction.Line),
                ("n", "1", WireFunction.Neutral),
                ("c", "1", WireFunction.Switched),
            }
        )
        {
            job.Wire(name, null, null, function, circuit, with: w => w with { Run = "C1" });
        }

        Assert.DoesNotContain(job.Judged().Findings, f => f.Finding.Check == "loaded-together");
    }

    [Theory]
    [Trait("Advice", "1.11")]
    [InlineData(true, "dead")]
    [InlineData(false, "switch does nothing")]
    public void A_tab_is_judged_by_what_its_halves_are_fed_with(bool removed, string says)
    {
        var job = Far(d => d with { HotTab = removed ? BreakOffTab.Removed : BreakOffTab.Intact })
            .Wire("1", "Q:1", "R.brass1", circuit: "1")
            .Wire("n", "R.silver1", null, WireFunction.Neutral, "1")
            .Wire("e", "R.green", null, WireFunction.Earth);
        if (!removed)
        {
            job.Wire("2", null, "R.brass2", WireFunction.Switched, "1");
        }

        Assert.Contains(
            says,
            Ends.Read(Assert.Single(job.Judged().Findings, f => f.Finding.Check == "break-off-tab").Finding.Says),
            StringComparison.Ordinal
        );
    }

    /// <summary>IEC 60445, from memory: L1, L2, L3, N and PE of a machine cannot be mixed up unseen.</summary>
    [Theory]
    [InlineData(TerminalIdentity.Line2, WireFunction.Neutral, "reversed-polarity", "L2, for a second line")]
    [InlineData(TerminalIdentity.Neutral, WireFunction.Line, "reversed-polarity", "N, for the neutral")]
    [InlineData(TerminalIdentity.Earth, WireFunction.Line, "reversed-polarity", "PE, for the earth")]
    [InlineData(TerminalIdentity.Line1, WireFunction.Earth, "earth-for-another", "L1, for a line")]
    [InlineData(TerminalIdentity.Neutral, WireFunction.Earth, "earth-for-another", "N, for the neutral")]
    [InlineData(TerminalIdentity.Line1, WireFunction.Line, null, "")]
    [InlineData(TerminalIdentity.Line2, WireFunction.Line, null, "")]
    [InlineData(TerminalIdentity.Neutral, WireFunction.Neutral, null, "")]
    [InlineData(TerminalIdentity.Earth, WireFunction.Earth, null, "")]
    [Trait("Advice", "4.17")]
    public void A_machine_s_terminals_are_told_by_their_marks(
        TerminalIdentity mark,
        WireFunction function,
        string? check,
        string says
    )
    {
        var job = Strip()
            .Circuit("1")
            .Device("P", "M", DeviceType.Load)
            .Landing("P", "M:1", Ends.Block(), "M", l => l with { Identity = mark })
            .Wire("1", "X1", "M:1", function, function == WireFunction.Earth ? null : "1", with: w =>
                w with
                {
                    Colour = null,
                }
            );
        var found = job.Judged()
            .Findings.Where(f => f.Finding.Check is "reversed-polarity" or "earth-for-another")
            .ToList();
        Assert.Equal(check, found.SingleOrDefault()?.Finding.Check);
        Assert.All(found, f => Assert.Contains(says, Ends.Read(f.Finding.Says), StringComparison.Ordinal));
    }

    [Fact]
    public void A_machine_s_earth_terminal_with_nothing_on_it_is_an_earth_that_is_missing()
    {
        var job = Strip()
            .Circuit("1")
            .Device("P", "M", DeviceType.Load)
            .Landing("P", "M:L", Ends.Block(), "M", l => l with { Identity = TerminalIdentity.Line1 })
            .Landing("P", "M:PE", Ends.Block(), "M", l => l with { Identity = TerminalIdentity.Earth })
            .Wire("1", "X1", "M:L", WireFunction.Line, "1");
        Assert.Contains(
            "earth terminal",
            Ends.Read(job.Judged().Findings.Single(f => f.Finding.Check == "earth-missing").Finding.Says),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_right_job_has_no_findings() => Assert.Empty(Outlet().Judged().Findings);

    private static Sketch Strip()
    {
        var job = new Sketch().Panel("P");
        foreach (var name in new[] { "X1", "X2", "X3", "X4" })
        {
            job.Landing("P", name);
        }

        return job;
    }

    private static Sketch OnOneBreaker(double volts) =>
        new Sketch()
            .Panel("P")
            .Breaker("P", "Q")
            .Landing("P", "Q:2", Ends.Block(0.5, 16), "Q")
            .Circuit("1", 15, c => c with { Volts = 120 })
            .Circuit("2", 15, c => c with { Volts = volts })
            .Wire("1", "Q:1", null, circuit: "1")
            .Wire("2", "Q:2", null, circuit: "2");

    private static Sketch Motor(string third) =>
        new Sketch()
            .Panel("P")
            .Breaker("P", "Q")
            .Breaker("P", "Q2")
            .Landing("P", "Q:2", Ends.Block(0.5, 16), "Q")
            .Landing("P", "Q:3", Ends.Block(0.5, 16), "Q")
            .Box("M")
            .Device("M", "M1", DeviceType.Load)
            .Landing("M", "U", null, "M1")
            .Landing("M", "V", null, "M1")
            .Landing("M", "W", null, "M1")
            .Landing("P", "X1")
            .Circuit("3", 15, c => c with { Phases = 3 })
            .Wire("u", "Q:1", "U", circuit: "3")
            .Wire("v", "Q:2", "V", circuit: "3")
            .Wire("w", third == "Q" ? "Q:3" : "Q2:1", "X1", circuit: "3")
            .Wire("w2", "X1", "W", circuit: "3");

    private static Sketch TwoPanels(string neutral) =>
        new Sketch()
            .Panel("P")
            .Panel("P2")
            .Box("B")
            .Breaker("P", "Q")
            .Device("P", "N", DeviceType.NeutralBar)
            .Landing("P", "N:1", Ends.Block(0.5, 16), "N")
            .Device("P2", "N2", DeviceType.NeutralBar)
            .Landing("P2", "N2:1", Ends.Block(0.5, 16), "N2")
            .Receptacle("B", "R")
            .Circuit("1")
            .Wire("1", "Q:1", "R.brass1", circuit: "1")
            .Wire("2", neutral == "P" ? "N:1" : "N2:1", "R.silver1", WireFunction.Neutral, "1")
            .Wire("3", null, "R.green", WireFunction.Earth, "1");

    private static Sketch Fed(bool fed)
    {
        var job = new Sketch()
            .Panel("P")
            .Device("P", "Q", DeviceType.Breaker)
            .Landing("P", "Q:1", Ends.Block(0.5, 16), "Q", l => l with { Side = DeviceSide.Line })
            .Landing("P", "Q:2", Ends.Block(0.5, 16), "Q", l => l with { Side = DeviceSide.Load })
            .Circuit("1")
            .Wire("1", "Q:2", null, circuit: "1");
        return fed ? job.Wire("0", "Q:1", null, circuit: "1") : job;
    }

    private static Sketch Pairs() => Strip().Landing("P", "PP", Ends.Block() with { TakesTwo = true });

    private static Sketch Both() => Strip().Landing("P", "M", BothMetals).Landing("P", "N", BothMetals);

    private static Sketch Unknown() => Strip().Landing("P", "U", with: l => l with { Landing = null });

    /// <summary>So many wires in a connector for two to three, together up to 6.7 mm².</summary>
    private static Sketch Spliced(
        ConnectorKind kind,
        int count,
        string size,
        SplicePlace place = SplicePlace.Dry,
        Build build = Build.Solid,
        Func<JobWire, JobWire>? with = null
    ) =>
        Enumerable
            .Range(1, count)
            .Aggregate(
                new Sketch()
                    .Box("B", with: b => b with { Place = place })
                    .Splice("B", "J", of: c => c with { Kind = kind, LeastMm2 = 0.2, MostMm2 = 6.7, MostCount = 3 }),
                (sketch, i) =>
                    sketch.Wire($"{i}", "J", null, conductor: Ends.Wire(size, build), with: w =>
                        (with ?? (x => x))(w with { B = w.B with { Elsewhere = true } })
                    )
            );

    /// <summary>Two wires of a size in a connector that is listed for two of 14 AWG alone.</summary>
    private static Sketch Listed(string size) =>
        Enumerable
            .Range(1, 2)
            .Aggregate(
                new Sketch()
                    .Box("B")
                    .Splice("B", "J", of: c => c with { Kind = ConnectorKind.TwistOn, Combinations =
                            [
                                [new(2, ConductorSize.Parse("14"))],
                            ] }),
                (sketch, i) => sketch.Wire($"{i}", "J", null, conductor: Ends.Wire(size))
            );

    private static Sketch Filled(double volume) =>
        new Sketch()
            .Box("B", with: b => b with { VolumeIn3 = volume })
            .Receptacle("B", "R")
            .Splice("B", "J")
            .Wire("1", "J", null)
            .Wire("2", "R.silver1", null, WireFunction.Neutral)
            .Wire("tail", "J", "R.brass1");

    private static Sketch Joint(bool both) => Strip().Splice("P", "J", both);

    private static Sketch Metals(Sketch job) => job.Wire("1", "J", "X1").Wire("2", "J", null, conductor: Aluminium);

    private static Sketch Outlet(
        string hot = "R.brass1",
        string neutral = "R.silver1",
        string? earth = "R.green",
        double rating = 15,
        double breaker = 15,
        Landing? landing = null
    )
    {
        var wire = Ends.Wire("14");
        var size = breaker switch
        {
            <= 15 => wire,
            <= 20 => Ends.Wire("12"),
            _ => Ends.Wire("10"),
        };
        var job = new Sketch()
            .Panel("P")
            .Box("B")
            .Breaker("P", "Q")
            .Landing("P", "N")
            .Landing("P", "PE")
            .Circuit("1", breaker)
            .Receptacle("B", "R", rating, landing)
            .Wire("1", "Q:1", hot, WireFunction.Line, "1", size)
            .Wire("2", "N", neutral, WireFunction.Neutral, "1", size);
        return earth is null ? job : job.Wire("3", "PE", earth, WireFunction.Earth, "1", size);
    }

    private static Sketch Far(Func<Device, Device>? with = null) =>
        new Sketch()
            .Panel("P")
            .Box("B")
            .Breaker("P", "Q")
            .Circuit("1", 15, c => c with { Volts = 120, LoadAmps = 12 })
            .Receptacle("B", "R", with: with)
            .Receptacle("B", "S");

    private static Func<JobWire, JobWire> Feet(double feet) => w => w with { Length = new Length(feet * 304.8) };

    private static Sketch Long(double feet) => Far().Wire("1", "Q:1", "R.brass1", circuit: "1", with: Feet(feet));

    private static Sketch Free(double mm) =>
        Strip()
            .Box("B")
            .Landing("B", "S", Ends.Screw())
            .Wire("1", "X1", "S", with: w => w with { B = w.B with { FreeLength = new Length(mm) } });

    private static Sketch Coloured(string colour, WireFunction function, Region region = Region.NorthAmerica)
    {
        Assert.True(InsulationColour.TryParse(colour, out var read));
        return new Sketch { Rules = HouseRules.Default with { Region = region } }
            .Panel("P")
            .Wire("1", null, null, function, with: w => w with { Colour = read });
    }

    private static Sketch Multiwire(bool through)
    {
        var job = Far()
            .Shared("2", "1")
            .Wire("1", "Q:1", "R.brass1", circuit: "1")
            .Wire("n1", null, "R.silver1", WireFunction.Neutral, "1");
        return through
            ? job.Wire("n2", "R.silver2", "S.silver1", WireFunction.Neutral, "2")
            : job.Wire("n2", null, "S.silver1", WireFunction.Neutral, "2");
    }

    private static Sketch GroundFault(string supply)
    {
        var job = Far()
            .Device("B", "G", DeviceType.GroundFaultReceptacle, d => d with { RatingAmps = 15 })
            .Landing("B", "G.line", Ends.Screw(), "G", l =>
                l with
                {
                    Identity = TerminalIdentity.Brass,
                    Side = DeviceSide.Line,
                }
            )
            .Landing("B", "G.load", Ends.Screw(), "G", l =>
                l with
                {
                    Identity = TerminalIdentity.Brass,
                    Side = DeviceSide.Load,
                }
            );
        return job.Wire("1", "Q:1", supply, circuit: "1")
            .Wire("2", supply == "G.line" ? "G.load" : "G.line", "R.brass1", circuit: "1");
    }

    private static Sketch Split(BreakOffTab tab) =>
        Far(d => d with { HotTab = tab })
            .Breaker("P", "Q2")
            .Shared("2", "1")
            .Wire("1", "Q:1", "R.brass1", circuit: "1")
            .Wire("2", "Q2:1", "R.brass2", circuit: "2")
            .Wire("n", null, "R.silver1", WireFunction.Neutral, "1");

    private static Sketch Only(double rating, double on) =>
        new Sketch()
            .Panel("P")
            .Box("B")
            .Breaker("P", "Q")
            .Circuit("1", on)
            .Device("B", "R", DeviceType.Receptacle, d => d with { RatingAmps = rating, Outlets = 1 })
            .Landing("B", "R.brass", Ends.Screw(), "R", l => l with { Identity = TerminalIdentity.Brass })
            .Wire("1", "Q:1", "R.brass", circuit: "1", conductor: Ends.Wire("12"));

    private static Sketch Plugged(double amps) => Far(d => d with { PluggedAmps = amps });

    private static Sketch Loaded(double amps, bool hours) =>
        new Sketch().Circuit("1", 20, c => c with { LoadAmps = amps, Continuous = hours });

    private static Sketch Bundle(int count)
    {
        var job = new Sketch().Panel("P").Circuit("1", 20);
        for (var i = 0; i < count; i++)
        {
            job.Wire($"{i}", null, null, circuit: "1", conductor: Ends.Wire("12"), with: w =>
                w with
                {
                    Run = i % 2 == 0 ? "Conduit 4" : "conduit 4",
                }
            );
        }

        return job.Wire("e", null, null, WireFunction.Earth, "1", with: w => w with { Run = "Conduit 4" });
    }

    private static Sketch Feeding(string size, double breaker) =>
        Strip().Circuit("1", breaker).Wire("1", "X1", "X2", circuit: "1", conductor: Ends.Wire(size));

    private static Sketch Given(
        Lacet.Core.Ferrules.GivenFerrule? ferrule,
        FerruleAcceptance acceptance = FerruleAcceptance.Allowed,
        Conductor? conductor = null,
        double depth = 9
    ) =>
        new Sketch()
            .Panel("P")
            .Landing("P", "X", Ends.Block(depth: depth, ferrule: acceptance))
            .Wire("1", "X", null, conductor: conductor ?? Fine, with: w =>
                w with
                {
                    A = w.A with { Ferrule = ferrule },
                }
            );

    private static Sketch Said(bool bare) =>
        Strip().Wire("1", "X1", null, conductor: Fine, with: w => w with { A = w.A with { SaidBare = bare } });

    private static Sketch Found(AsMade made) =>
        new Sketch()
            .Box("B")
            .Landing("B", "S", Ends.Screw())
            .Wire("1", "S", null, with: w => w with { A = w.A with { Found = made } });
}
