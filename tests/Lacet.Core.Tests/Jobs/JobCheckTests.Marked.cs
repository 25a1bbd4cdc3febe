using Lacet.Core.Jobs;
using Lacet.Core.PinMaps;

namespace Lacet.Core.Tests.Jobs;

/// <summary>Checks of devices that go by what is written at their terminals, each by one mistake and its mirror.</summary>
public sealed partial class JobCheckTests
{
    private static readonly Dictionary<string, (Sketch Fires, Severity Severity, Sketch Silent)> Marked = new(
        StringComparer.Ordinal
    )
    {
        ["voltage-unlike-rated"] = (Coil(230, CurrentKind.Ac), Severity.Stop, Coil(24, CurrentKind.Dc)),
        ["traveller-on-common"] = (Stairs("SA:1", "SA:COM"), Severity.Fix, Stairs("SA:COM", "SA:1")),
        ["switch-switches-nothing"] = (Hall(lamp: "JL"), Severity.Fix, Hall(lamp: "SW:2")),
        ["wired-at-one-side"] = (Relay("K1:14", "K1:7"), Severity.Fix, Relay("K1:14")),
        ["phase-missing"] = (Legs(2), Severity.Stop, Legs(3)),
        ["inside-not-known"] = (Relay("K1:7"), Severity.Note, Relay("K1:14")),
        ["tied-to-none"] = (Multiwire("Q9"), Severity.Fix, Multiwire("Q2")),
        ["past-overload"] = (Overload("M1:W"), Severity.Stop, Overload("F1:5")),
        ["coil-always-on"] = (Pulled("K1:A1"), Severity.Fix, Pulled("S1:13")),
        ["both-ends-alike"] = (Pulled("S1:13", "S1:14"), Severity.Stop, Pulled("S1:13")),
        ["shorted-by-contact"] = (Pulled("S1:13", "K1:A2", "T1:-"), Severity.Stop, Pulled("S1:13")),
        ["pin-against-wire"] = (Pinned("LO", "C"), Severity.Stop, Pinned("C", "LO")),
    };

    /// <summary>A coil between plus and 0 V of 24 V.</summary>
    private static Sketch Coil(double volts, CurrentKind current, bool isDc = true) =>
        new Sketch()
            .Panel("P")
            .Marks(
                "P",
                "K1",
                DeviceType.Contactor,
                d => d with { RatedVolts = volts, RatedCurrent = current },
                "A1",
                "A2"
            )
            .Circuit("24 V", 4, c => c with { Volts = 24 })
            .Landing("P", "X1")
            .Landing("P", "X2")
            .Wire("1", "X1", "K1:A1", isDc ? WireFunction.ControlPlus : WireFunction.ControlAc, "24 V")
            .Wire("2", "X2", "K1:A2", isDc ? WireFunction.ControlMinus : WireFunction.ControlAc, "24 V");

    /// <summary>A lamp from two places; where line and the first traveller are at the first switch.</summary>
    private static Sketch Stairs(string line, string traveller)
    {
        var job = Panel().Box("C");
        job.Marks("B", "SA", DeviceType.ThreeWaySwitch, null, "COM", "1", "2");
        job.Marks("C", "SB", DeviceType.ThreeWaySwitch, null, "COM", "1", "2");
        job.Marks("C", "H", DeviceType.Load, null, "L", "N");
        return job.Wire("1", "Q:1", line, WireFunction.Line, "1")
            .Wire("2", traveller, "SB:1", WireFunction.Traveller, "1")
            .Wire("3", "SA:2", "SB:2", WireFunction.Traveller, "1")
            .Wire("4", "SB:COM", "H:L", WireFunction.Switched, "1");
    }

    /// <summary>
    /// A switch whose switched wire ends in a joint, and where the lamp gets its line: nobody said what that wire is, so
    /// only where it leads shows it.
    /// </summary>
    private static Sketch Hall(string lamp)
    {
        var job = Panel().Splice("B", "JL").Splice("B", "JS");
        job.Marks("B", "SW", DeviceType.Switch, null, "1", "2");
        job.Marks("B", "H", DeviceType.Load, null, "L", "N");
        return job.Wire("1", "Q:1", "JL", WireFunction.Line, "1")
            .Wire("2", "JL", "SW:1", WireFunction.Line, "1")
            .Wire("3", "SW:2", "JS", WireFunction.Switched, "1")
            .Wire("4", lamp, "H:L", WireFunction.Unknown, "1");
    }

    /// <summary>A contact, and where the wires to its two sides are.</summary>
    private static Sketch Relay(string contact, string common = "K1:11") =>
        new Sketch()
            .Panel("P")
            .Marks("P", "K1", DeviceType.Relay, null, "11", "14", "7")
            .Landing("P", "X1")
            .Landing("P", "X2")
            .Wire("1", "X1", contact, WireFunction.ControlPlus)
            .Wire("2", "X2", common, WireFunction.ControlPlus);

    /// <summary>A motor behind its overload relay, and where its third leg goes.</summary>
    private static Sketch Overload(string third)
    {
        var job = new Sketch()
            .Panel("P")
            .Circuit("M", 16, c => c with { Volts = 400, Phases = 3 })
            .Marks("P", "Q", DeviceType.Breaker, null, "2", "4", "6")
            .Marks("P", "F1", DeviceType.OverloadRelay, null, "1", "2", "3", "4", "5", "6")
            .Marks("P", "M1", DeviceType.Motor, null, "U", "V", "W");
        foreach (var i in Enumerable.Range(1, 3))
        {
            job.Wire($"{i}", $"Q:{2 * i}", i == 3 ? third : $"F1:{(2 * i) - 1}", WireFunction.Line, "M")
                .Wire($"1{i}", $"F1:{2 * i}", $"M1:{"UVW"[i - 1]}", WireFunction.Switched, "M");
        }

        return job;
    }

    /// <summary>
    /// A contactor behind a button: where plus of its supply goes, where minus of the coil comes from, and where the
    /// button leads.
    /// </summary>
    private static Sketch Pulled(string plus, string minus = "T1:-", string behind = "K1:A1") =>
        new Sketch()
            .Panel("P")
            .Marks("P", "T1", DeviceType.PowerSupply, null, "+", "-")
            .Marks("P", "S1", DeviceType.ControlSwitch, null, "13", "14")
            .Marks("P", "K1", DeviceType.Contactor, null, "A1", "A2")
            .Wire("1", "T1:+", plus, WireFunction.ControlPlus)
            .Wire("2", "S1:14", behind, WireFunction.ControlPlus)
            .Wire("3", "K1:A2", minus, WireFunction.ControlMinus);

    /// <summary>A motor, and how many of its legs come to it.</summary>
    private static Sketch Legs(int count)
    {
        var job = new Sketch()
            .Panel("P")
            .Circuit("M", 16, c => c with { Volts = 400, Phases = 3 })
            .Marks("P", "M1", DeviceType.Motor, null, "U", "V", "W");
        foreach (var leg in new[] { "U", "V", "W" }.Take(count))
        {
            job.Landing("P", "X" + leg).Wire(leg, "X" + leg, "M1:" + leg, WireFunction.Line, "M");
        }

        return job;
    }

    /// <summary>A connector of two pins and the machine’s terminals that its map says they lead to.</summary>
    private static Sketch Pinned(string neutral, string line)
    {
        var job = new Sketch().Panel("P").Box("M");
        job.Marks("P", "J1", DeviceType.Plug, null, "1", "2");
        job.Marks("M", "M1", DeviceType.Motor, null, "LO", "C");
        var map = new PinMap(
            "fan",
            2,
            1,
            [new(1, PinFunction.LowSpeed, "LO") { Heard = true }, new(2, PinFunction.Common, "C") { Heard = true }]
        )
        {
            KeySeen = true,
        };
        return job.Map("fan", map, "J1", "M1")
            .Landing("P", "X1")
            .Landing("P", "X2")
            .Wire("1", "X1", line == "LO" ? "J1:1" : "J1:2", WireFunction.LowSpeed)
            .Wire("2", "X2", neutral == "C" ? "J1:2" : "J1:1", WireFunction.Neutral);
    }

    /// <summary>
    /// Line to line, line to neutral (√3 less), direct against alternating, and a coil’s band of 85 to 110 % (IEC
    /// 60947-4-1 8.2.1.2, from memory).
    /// </summary>
    [Theory]
    [InlineData(400, CurrentKind.Ac, WireFunction.Line, WireFunction.Line, 400, 3, false)]
    [InlineData(230, CurrentKind.Ac, WireFunction.Line, WireFunction.Line, 400, 3, true)]
    [InlineData(230, CurrentKind.Ac, WireFunction.Switched, WireFunction.Neutral, 400, 3, false)]
    [InlineData(120, CurrentKind.NotSaid, WireFunction.Switched, WireFunction.Neutral, 208, 3, false)]
    [InlineData(230, CurrentKind.Ac, WireFunction.Line, WireFunction.Neutral, 230, 1, false)]
    [InlineData(110, CurrentKind.Ac, WireFunction.ControlAc, WireFunction.ControlAc, 120, 1, false)]
    [InlineData(24, CurrentKind.Ac, WireFunction.ControlAc, WireFunction.ControlAc, 120, 1, true)]
    [InlineData(24, CurrentKind.Ac, WireFunction.ControlPlus, WireFunction.ControlMinus, 24, 1, true)]
    [InlineData(24, CurrentKind.Dc, WireFunction.ControlAc, WireFunction.ControlAc, 24, 1, true)]
    [InlineData(24, CurrentKind.Dc, WireFunction.ControlPlus, WireFunction.ControlMinus, 24, 1, false)]
    [InlineData(28, CurrentKind.Dc, WireFunction.ControlPlus, WireFunction.ControlMinus, 24, 1, false)]
    [InlineData(30, CurrentKind.Dc, WireFunction.ControlPlus, WireFunction.ControlMinus, 24, 1, true)]
    [InlineData(24, CurrentKind.Dc, WireFunction.ControlPlus, WireFunction.Unknown, 240, 1, false)]
    public void A_coil_is_held_against_what_comes_to_its_terminals(
        double rated,
        CurrentKind current,
        WireFunction one,
        WireFunction other,
        double volts,
        int phases,
        bool isFound
    )
    {
        var job = new Sketch()
            .Panel("P")
            .Marks("P", "K1", DeviceType.Relay, d => d with { RatedVolts = rated, RatedCurrent = current }, "A1", "A2")
            .Circuit("1", 4, c => c with { Volts = volts, Phases = phases })
            .Landing("P", "X1")
            .Landing("P", "X2")
            .Wire("1", "X1", "K1:A1", one, "1")
            .Wire("2", "X2", "K1:A2", other, "1");
        Assert.Equal(isFound, job.Judged().Findings.Any(f => f.Finding.Check == "voltage-unlike-rated"));
    }

    [Theory]
    [InlineData(24, false)]
    [InlineData(48, true)]
    public void What_a_supply_gives_is_what_its_circuit_has(double gives, bool isFound)
    {
        var job = new Sketch()
            .Panel("P")
            .Marks("P", "T1", DeviceType.PowerSupply, d => d with { GivesVolts = gives }, "+", "-")
            .Circuit("1", 4, c => c with { Volts = 24 })
            .Landing("P", "X1")
            .Landing("P", "X2")
            .Wire("1", "T1:+", "X1", WireFunction.ControlPlus, "1")
            .Wire("2", "T1:-", "X2", WireFunction.ControlMinus, "1");
        Assert.Equal(isFound, job.Judged().Findings.Any(f => f.Finding.Check == "voltage-unlike-rated"));
    }

    /// <summary>A control fuse that is tapped off a phase before the contactor is no second pole of the motor’s leg.</summary>
    [Fact]
    public void What_is_tapped_off_a_phase_is_no_short()
    {
        var job = new Sketch()
            .Panel("P")
            .Circuit("M", 16, c => c with { Volts = 400, Phases = 3 })
            .Marks("P", "Q", DeviceType.Breaker, null, "2", "4", "6")
            .Marks("P", "F", DeviceType.Breaker, null, "1")
            .Marks("P", "K", DeviceType.Contactor, null, "1", "2", "3", "4", "5", "6")
            .Marks("P", "M1", DeviceType.Motor, null, "U", "V", "W")
            .Wire("tap", "K:1", "F:1", WireFunction.Line, "M");
        foreach (var i in Enumerable.Range(1, 3))
        {
            job.Wire($"{i}", $"Q:{2 * i}", $"K:{(2 * i) - 1}", WireFunction.Line, "M")
                .Wire($"1{i}", $"K:{2 * i}", $"M1:{"UVW"[i - 1]}", WireFunction.Switched, "M");
        }

        Assert.DoesNotContain(job.Judged().Findings, f => f.Finding.Check == "phase-missing");
    }

    /// <summary>0 V at plus of a supply: by what is written there, whatever its wires say.</summary>
    [Fact]
    public void A_supply_says_what_is_plus()
    {
        var job = new Sketch()
            .Panel("P")
            .Marks("P", "T1", DeviceType.PowerSupply, null, "+", "-")
            .Landing("P", "X1")
            .Wire("1", "T1:+", "X1", WireFunction.ControlMinus);
        Assert.Contains(job.Judged().Findings, f => f.Finding.Check == "plus-to-zero");
    }
}
