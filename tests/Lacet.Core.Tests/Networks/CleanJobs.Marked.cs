using Lacet.Core.Jobs;
using Lacet.Core.PinMaps;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Networks;

/// <summary>Jobs with devices that go by what is written at their terminals.</summary>
internal static partial class CleanJobs
{
    private static readonly InsideLink[] Button = [new(InsideKind.Contact, "13", "14")];

    /// <summary>
    /// A motor behind a contactor, whose coil of 24 V direct current comes from a supply by a fuse and a push button.
    /// </summary>
    private static Sketch Starter()
    {
        var job = Bars(new Sketch().Panel("P").Box("MB").Box("SB"), "P", "N", "PE", 5)
            .Circuit("M", 15, c => c with { Volts = 400, Phases = 3, Method = WiringMethod.MachineWiring })
            .Circuit("PS", 6, c => c with { Volts = 230, Method = WiringMethod.MachineWiring })
            .Circuit("24 V", 4, c => c with { Volts = 24, Method = WiringMethod.MachineWiring });
        Sided(job, "P", "QF1", 15, 3);
        Sided(job, "P", "QF2", 6, 1);
        job.Marks(
                "P",
                "K1",
                DeviceType.Contactor,
                d => d with { RatedVolts = 24, RatedCurrent = CurrentKind.Dc },
                "1/L1",
                "2/T1",
                "3/L2",
                "4/T2",
                "5/L3",
                "6/T3",
                "13",
                "14",
                "A1",
                "A2"
            )
            .Marks(
                "P",
                "T1",
                DeviceType.PowerSupply,
                d => d with { RatedVolts = 230, RatedCurrent = CurrentKind.Ac, GivesVolts = 24 },
                "L",
                "N",
                "PE",
                "+",
                "-"
            )
            .Marks("P", "F1", DeviceType.Isolator, null, "1", "2")
            .Marks("MB", "M1", DeviceType.Motor, d => d with { RatedVolts = 400 }, "U", "V", "W", "PE")
            .Marks("SB", "S1", DeviceType.Other, d => d with { Inside = Button }, "13", "14");
        foreach (var i in Enumerable.Range(1, 3))
        {
            job.Wire($"{i}", null, $"QF1:{(2 * i) - 1}", WireFunction.Line, "M", with: Out)
                .Wire($"1{i}", $"QF1:{2 * i}", $"K1:{(2 * i) - 1}/L{i}", WireFunction.Line, "M")
                .Wire($"2{i}", $"K1:{2 * i}/T{i}", $"M1:{"UVW"[i - 1]}", WireFunction.Switched, "M");
        }

        return job.Wire("30", "PE:1", "M1:PE", WireFunction.Earth, "M")
            .Wire("31", null, "QF2:1", WireFunction.Line, "PS", with: Out)
            .Wire("32", "QF2:2", "T1:L", WireFunction.Line, "PS")
            .Wire("33", "N:1", "T1:N", WireFunction.Neutral, "PS")
            .Wire("34", "PE:2", "T1:PE", WireFunction.Earth, "PS")
            .Wire("40", "T1:+", "F1:1", WireFunction.ControlPlus, "24 V")
            .Wire("41", "F1:2", "S1:13", WireFunction.ControlPlus, "24 V")
            .Wire("43", "S1:14", "K1:A1", WireFunction.ControlPlus, "24 V")
            .Wire("44", "K1:A2", "T1:-", WireFunction.ControlMinus, "24 V");
    }

    /// <summary>
    /// A motor that turns both ways: two contactors that lock each other out, an overload relay behind them, and the
    /// control voltage from a transformer, one side of it bonded.
    /// </summary>
    private static Sketch Reversing()
    {
        var job = Bars(new Sketch().Panel("P").Box("MB").Box("SB"), "P", "N", "PE", 5)
            .Circuit("M", 15, c => c with { Volts = 480, Phases = 3, Method = WiringMethod.MachineWiring })
            .Circuit("T", 6, c => c with { Volts = 480, Method = WiringMethod.MachineWiring })
            .Circuit("C", 4, c => c with { Volts = 120, Method = WiringMethod.MachineWiring });
        Sided(job, "P", "QF1", 15, 3);
        Sided(job, "P", "QF2", 6, 2);
        foreach (var k in new[] { "K1", "K2" })
        {
            job.Marks(
                "P",
                k,
                DeviceType.Contactor,
                d => d with { RatedVolts = 120, RatedCurrent = CurrentKind.Ac },
                "1",
                "2",
                "3",
                "4",
                "5",
                "6",
                "21",
                "22",
                "A1",
                "A2"
            );
        }

        job.Marks("P", "F1", DeviceType.OverloadRelay, null, "1", "2", "3", "4", "5", "6", "95", "96")
            .Marks(
                "P",
                "T1",
                DeviceType.Transformer,
                d => d with { RatedVolts = 480, GivesVolts = 120 },
                "H1",
                "H4",
                "X1",
                "X2"
            )
            .Marks("MB", "M1", DeviceType.Motor, d => d with { RatedVolts = 480 }, "T1", "T2", "T3", "PE")
            .Marks("SB", "S1", DeviceType.ControlSwitch, null, "13", "14")
            .Marks("SB", "S2", DeviceType.ControlSwitch, null, "13", "14");
        foreach (var i in Enumerable.Range(1, 3))
        {
            job.Wire($"{i}", null, $"QF1:{(2 * i) - 1}", WireFunction.Line, "M", with: Out)
                .Wire($"1{i}", $"QF1:{2 * i}", $"K1:{(2 * i) - 1}", WireFunction.Line, "M")
                .Wire($"2{i}", $"K1:{(2 * i) - 1}", $"K2:{(2 * i) - 1}", WireFunction.Line, "M")
                .Wire($"3{i}", $"K1:{2 * i}", $"F1:{(2 * i) - 1}", WireFunction.Switched, "M")
                // The two outer legs are changed behind the second.
                .Wire($"4{i}", $"K2:{2 * (4 - i)}", $"K1:{2 * i}", WireFunction.Switched, "M")
                .Wire($"5{i}", $"F1:{2 * i}", $"M1:T{i}", WireFunction.Switched, "M");
        }

        return job.Wire("60", "PE:1", "M1:PE", WireFunction.Earth, "M")
            .Wire("61", null, "QF2:1", WireFunction.Line, "T", with: Out)
            .Wire("62", null, "QF2:3", WireFunction.Line, "T", with: Out)
            .Wire("63", "QF2:2", "T1:H1", WireFunction.Line, "T")
            .Wire("64", "QF2:4", "T1:H4", WireFunction.Line, "T")
            .Wire("70", "T1:X1", "F1:95", WireFunction.ControlAc, "C")
            .Wire("71", "F1:96", "S1:13", WireFunction.ControlAc, "C")
            .Wire("72", "S1:13", "S2:13", WireFunction.ControlAc, "C")
            .Wire("73", "S1:14", "K2:21", WireFunction.ControlAc, "C")
            .Wire("74", "K2:22", "K1:A1", WireFunction.ControlAc, "C")
            .Wire("75", "S2:14", "K1:21", WireFunction.ControlAc, "C")
            .Wire("76", "K1:22", "K2:A1", WireFunction.ControlAc, "C")
            .Wire("77", "K1:A2", "T1:X2", WireFunction.ControlAc, "C")
            .Wire("78", "K2:A2", "K1:A2", WireFunction.ControlAc, "C");
    }

    /// <summary>
    /// A cooker on 240 V without a neutral, and a receptacle whose upper half is switched, its tab broken off.
    /// </summary>
    private static Sketch Halves()
    {
        var job = Bars(new Sketch().Panel("P").Box("B").Box("C"), "P", "N", "G", 4)
            .Wire("bond", "N:4", "G:4", WireFunction.Neutral, conductor: Ends.Wire("4"))
            .Circuit("1", 15, c => c with { Volts = 120 })
            .Circuit("2", 30, c => c with { Volts = 240 })
            .Breaker("P", "Q1")
            .Receptacle("B", "R", with: d => d with { HotTab = BreakOffTab.Removed })
            .Splice("B", "JL")
            .Splice("B", "JE")
            .Marks("B", "S", DeviceType.Switch, null, "1", "2", "PE")
            .Device("P", "Q2", DeviceType.Breaker, d => d with { RatingAmps = 30 })
            .Landing("P", "Q2:1", Ends.Block(0.5, 16), "Q2")
            .Landing("P", "Q2:3", Ends.Block(0.5, 16), "Q2");
        return Load(job, "C", "H", TerminalIdentity.Line1, TerminalIdentity.Line2, TerminalIdentity.Earth)
            .Wire("1", "Q1:1", "JL", WireFunction.Line, "1")
            .Wire("2", "N:1", "R.silver1", WireFunction.Neutral, "1")
            .Wire("3", "G:1", "JE", WireFunction.Earth, "1")
            .Wire("4", "JL", "S:1", WireFunction.Line, "1")
            .Wire("5", "JL", "R.brass2", WireFunction.Line, "1")
            .Wire("6", "S:2", "R.brass1", WireFunction.Switched, "1")
            .Wire("7", "JE", "R.green", WireFunction.Earth, "1")
            .Wire("8", "JE", "S:PE", WireFunction.Earth, "1")
            .Wire("20", "Q2:1", "H:Line1", WireFunction.Line, "2", Ends.Wire("10"))
            .Wire("21", "Q2:3", "H:Line2", WireFunction.Line, "2", Ends.Wire("10"))
            .Wire("22", "G:2", "H:Earth", WireFunction.Earth, "2", Ends.Wire("10"));
    }

    /// <summary>A lamp that is switched from three places.</summary>
    private static Sketch Corridor()
    {
        var job = Bars(new Sketch().Panel("P").Box("A").Box("B").Box("D").Box("C"), "P", "N", "G", 3)
            .Circuit("1", 15, c => c with { Volts = 120 })
            .Breaker("P", "Q1")
            .Marks("A", "SA", DeviceType.ThreeWaySwitch, null, "COM", "1", "2")
            .Marks("B", "SB", DeviceType.FourWaySwitch, null, "1", "2", "3", "4")
            .Marks("D", "SD", DeviceType.ThreeWaySwitch, null, "COM", "1", "2");
        return Load(job, "C", "H", TerminalIdentity.Line1, TerminalIdentity.Neutral, TerminalIdentity.Earth)
            .Wire("1", "Q1:1", "SA:COM", WireFunction.Line, "1")
            .Wire("10", "SA:1", "SB:1", WireFunction.Traveller, "1")
            .Wire("11", "SA:2", "SB:2", WireFunction.Traveller, "1")
            .Wire("12", "SB:3", "SD:1", WireFunction.Traveller, "1")
            .Wire("13", "SB:4", "SD:2", WireFunction.Traveller, "1")
            .Wire("20", "SD:COM", "H:Line1", WireFunction.Switched, "1")
            .Wire("21", "N:1", "H:Neutral", WireFunction.Neutral, "1")
            .Wire("22", "G:1", "H:Earth", WireFunction.Earth, "1");
    }

    /// <summary>A lamp that is switched from two places.</summary>
    private static Sketch Stairs()
    {
        var job = Bars(new Sketch().Panel("P").Box("A").Box("B").Box("C"), "P", "N", "G", 3)
            .Circuit("1", 15, c => c with { Volts = 120 })
            .Breaker("P", "Q1")
            .Splice("A", "AN")
            .Splice("B", "BN");
        foreach (var box in new[] { "A", "B" })
        {
            job.Marks(box, "S" + box, DeviceType.ThreeWaySwitch, null, "COM", "1", "2", "PE").Splice(box, box + "E");
        }

        return Load(job, "C", "H", TerminalIdentity.Line1, TerminalIdentity.Neutral, TerminalIdentity.Earth)
            .Wire("1", "Q1:1", "SA:COM", WireFunction.Line, "1")
            .Wire("2", "N:1", "AN", WireFunction.Neutral, "1")
            .Wire("3", "G:1", "AE", WireFunction.Earth, "1")
            .Wire("4", "AE", "SA:PE", WireFunction.Earth, "1")
            .Wire("10", "SA:1", "SB:1", WireFunction.Traveller, "1")
            .Wire("11", "SA:2", "SB:2", WireFunction.Traveller, "1")
            .Wire("12", "AN", "BN", WireFunction.Neutral, "1")
            .Wire("13", "AE", "BE", WireFunction.Earth, "1")
            .Wire("14", "BE", "SB:PE", WireFunction.Earth, "1")
            .Wire("20", "SB:COM", "H:Line1", WireFunction.Switched, "1")
            .Wire("21", "BN", "H:Neutral", WireFunction.Neutral, "1")
            .Wire("22", "BE", "H:Earth", WireFunction.Earth, "1");
    }

    /// <summary>A fan of two speeds on a connector with a pin map, its speed chosen by a relay.</summary>
    private static Sketch Fan()
    {
        var job = Bars(new Sketch().Panel("P").Box("MB"), "P", "N", "PE", 3)
            .Circuit("1", 6, c => c with { Volts = 230, Method = WiringMethod.MachineWiring });
        Sided(job, "P", "QF1", 6, 1);
        var map = new PinMap(
            "Fan",
            6,
            1,
            [
                new(1, PinFunction.LowSpeed, "LO") { Heard = true },
                new(2, PinFunction.HighSpeed, "HI") { Heard = true },
                new(4, PinFunction.Common, "C") { Heard = true },
                new(6, PinFunction.Earth, "PE") { Heard = true },
            ]
        )
        {
            KeySeen = true,
            Speeds = 2,
            Fed = [PinFunction.LowSpeed],
            Diagram = new DiagramSource("fan", "its cover", "1"),
        };
        return job.Marks("P", "K1", DeviceType.Relay, null, "11", "12", "14")
            .Marks("P", "J1", DeviceType.Plug, null, "1", "2", "4", "6")
            .Marks("MB", "M1", DeviceType.Motor, d => d with { RatedVolts = 230 }, "LO", "HI", "C", "PE")
            .Map("Fan", map, "J1", "M1")
            .Wire("1", null, "QF1:1", WireFunction.Line, "1", with: Out)
            .Wire("2", "QF1:2", "K1:11", WireFunction.Line, "1")
            .Wire("3", "K1:12", "J1:1", WireFunction.LowSpeed, "1")
            .Wire("4", "K1:14", "J1:2", WireFunction.HighSpeed, "1")
            .Wire("5", "N:1", "J1:4", WireFunction.Neutral, "1")
            .Wire("6", "PE:1", "J1:6", WireFunction.Earth, "1");
    }
}
