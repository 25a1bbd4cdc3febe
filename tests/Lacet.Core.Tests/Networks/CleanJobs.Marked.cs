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
