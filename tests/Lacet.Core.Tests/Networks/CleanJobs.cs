using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Networks;

/// <summary>Jobs of every kind that the trade has, wired right; made up.</summary>
internal static partial class CleanJobs
{
    internal static IReadOnlyDictionary<string, Func<Sketch>> All { get; } =
        new Dictionary<string, Func<Sketch>>(StringComparer.Ordinal)
        {
            ["dwelling"] = Dwelling,
            ["multiwire"] = Multiwire,
            ["sub-panel"] = SubPanel,
            ["machine"] = Machine,
            ["three-phase"] = ThreePhase,
            ["outdoor"] = Outdoor,
            ["workshop cord"] = Cord,
            ["motor starter"] = Starter,
            ["reversing starter"] = Reversing,
            ["stairs"] = Stairs,
            ["corridor"] = Corridor,
            ["switched half"] = Halves,
            ["fan on a pin map"] = Fan,
            ["bridged strip"] = Bridged,
        };

    /// <summary>A lamp behind a switch, and receptacles behind ground-fault protection.</summary>
    private static Sketch Dwelling()
    {
        var job = Bars(new Sketch().Panel("P").Box("K").Box("S").Box("C"), "P", "N", "G", 8)
            .Wire("bond", "N:8", "G:8", WireFunction.Neutral, conductor: Ends.Wire("4"))
            .Circuit("1", 15, c => c with { Volts = 120, Method = WiringMethod.NmCable })
            .Circuit("2", 15, c => c with { Volts = 120, Method = WiringMethod.NmCable })
            .Breaker("P", "Q1")
            .Breaker("P", "Q2");
        GroundFault(job, "K", "K1");
        return Lamp(job.Receptacle("K", "K2"), "1")
            .Splice("K", "KE")
            .Wire("20", "Q2:1", "K1.brassLine", WireFunction.Line, "2")
            .Wire("21", "N:2", "K1.silverLine", WireFunction.Neutral, "2")
            .Wire("22", "G:2", "KE", WireFunction.Earth, "2")
            .Wire("23", "KE", "K1.green", WireFunction.Earth, "2")
            .Wire("24", "K1.brassLoad", "K2.brass1", WireFunction.Line, "2")
            .Wire("25", "K1.silverLoad", "K2.silver1", WireFunction.Neutral, "2")
            .Wire("26", "KE", "K2.green", WireFunction.Earth, "2");
    }

    private static Sketch Lamp(Sketch job, string circuit)
    {
        job.Device("S", "SW", DeviceType.Switch)
            .Landing("S", "SW:1", Ends.Screw(), "SW")
            .Landing("S", "SW:2", Ends.Screw(), "SW")
            .Landing("S", "SW.green", Ends.Screw(), "SW", l => l with { Identity = TerminalIdentity.Green })
            .Splice("S", "SN")
            .Splice("S", "SE");
        return Load(job, "C", "H", TerminalIdentity.Line1, TerminalIdentity.Neutral, TerminalIdentity.Earth)
            .Wire("10", "Q1:1", "SW:1", WireFunction.Line, circuit)
            .Wire("11", "N:1", "SN", WireFunction.Neutral, circuit)
            .Wire("12", "G:1", "SE", WireFunction.Earth, circuit)
            .Wire("13", "SW:2", "H:Line1", WireFunction.Switched, circuit)
            .Wire("14", "SN", "H:Neutral", WireFunction.Neutral, circuit)
            .Wire("15", "SE", "H:Earth", WireFunction.Earth, circuit)
            .Wire("16", "SE", "SW.green", WireFunction.Earth, circuit);
    }

    /// <summary>Two legs of a two-pole breaker share a neutral, each to its receptacle.</summary>
    private static Sketch Multiwire() =>
        Bars(new Sketch().Panel("P").Box("B").Box("D"), "P", "N", "G", 4)
            .Circuit("A", 15, c => c with { Volts = 120 })
            .Shared("B", "A")
            .Device("P", "Q", DeviceType.Breaker, d => d with { RatingAmps = 15 })
            .Landing("P", "Q:1", Ends.Block(0.5, 16), "Q")
            .Landing("P", "Q:3", Ends.Block(0.5, 16), "Q")
            .Receptacle("B", "R")
            .Receptacle("D", "S")
            .Splice("B", "JN")
            .Splice("B", "JE")
            .Splice("B", "JB")
            .Wire("1", "Q:1", "R.brass1", WireFunction.Line, "A")
            .Wire("2", "Q:3", "JB", WireFunction.Line, "B")
            .Wire("3", "N:1", "JN", WireFunction.Neutral, "A")
            .Wire("4", "G:1", "JE", WireFunction.Earth, "A")
            .Wire("5", "JN", "R.silver1", WireFunction.Neutral, "A")
            .Wire("6", "JE", "R.green", WireFunction.Earth, "A")
            .Wire("7", "JB", "S.brass1", WireFunction.Line, "B")
            .Wire("8", "JN", "S.silver1", WireFunction.Neutral, "B")
            .Wire("9", "JE", "S.green", WireFunction.Earth, "B");

    /// <summary>A feeder to a second panel, whose bars stay apart, and a branch there.</summary>
    private static Sketch SubPanel()
    {
        var job = Bars(Bars(new Sketch().Panel("M").Panel("P").Box("B"), "M", "MN", "MG", 4), "P", "N", "G", 4)
            .Wire("bond", "MN:4", "MG:4", WireFunction.Neutral, conductor: Ends.Wire("4"))
            .Circuit("feeder", 60, c => c with { Volts = 240, Method = WiringMethod.Raceway })
            .Circuit("1", 15, c => c with { Volts = 120 })
            .Breaker("P", "Q1")
            .Receptacle("B", "R");
        job.Device("M", "F", DeviceType.Breaker, d => d with { RatingAmps = 60 })
            .Landing("M", "F:2", Ends.Block(0.5, 25), "F", l => l with { Side = DeviceSide.Load })
            .Landing("M", "F:4", Ends.Block(0.5, 25), "F", l => l with { Side = DeviceSide.Load });
        Sided(job, "P", "SM", 60, 2);
        return job.Wire("F1", "F:2", "SM:1", WireFunction.Line, "feeder", Ends.Wire("6"))
            .Wire("F2", "F:4", "SM:3", WireFunction.Line, "feeder", Ends.Wire("6"))
            .Wire("FN", "MN:1", "N:1", WireFunction.Neutral, "feeder", Ends.Wire("6"))
            .Wire("FE", "MG:1", "G:1", WireFunction.Earth, "feeder", Ends.Wire("10"))
            .Wire("1", "Q1:1", "R.brass1", WireFunction.Line, "1")
            .Wire("2", "N:2", "R.silver1", WireFunction.Neutral, "1")
            .Wire("3", "G:2", "R.green", WireFunction.Earth, "1");
    }

    /// <summary>A machine’s panel: a motor on three phases through blocks, a supply of 24 V and what it feeds.</summary>
    private static Sketch Machine()
    {
        var job = Bars(new Sketch().Panel("P").Box("MB").Box("SB"), "P", "N", "PE", 6)
            .Circuit("M", 15, c => c with { Volts = 400, Phases = 3, Method = WiringMethod.MachineWiring })
            .Circuit("PS", 6, c => c with { Volts = 230, Method = WiringMethod.MachineWiring })
            .Circuit("24 V", 4, c => c with { Volts = 24, Method = WiringMethod.MachineWiring });
        Sided(job, "P", "QF1", 15, 3);
        Sided(job, "P", "QF2", 6, 1);
        foreach (var i in Enumerable.Range(1, 3))
        {
            job.Landing("P", $"X1:{i}", Through);
        }

        job.Landing("P", "X2:1", Through).Landing("P", "X2:2", Through);
        Load(
            job,
            "MB",
            "M1",
            TerminalIdentity.Line1,
            TerminalIdentity.Line2,
            TerminalIdentity.Line3,
            TerminalIdentity.Earth
        );
        Load(job, "P", "T1", TerminalIdentity.Line1, TerminalIdentity.Neutral, TerminalIdentity.Earth);
        job.Landing("P", "T1:+", device: "T1").Landing("P", "T1:-", device: "T1");
        job.Device("SB", "B1", DeviceType.Load).Landing("SB", "B1:1", device: "B1").Landing("SB", "B1:2", device: "B1");
        foreach (var i in Enumerable.Range(1, 3))
        {
            job.Wire($"{i}", null, $"QF1:{(2 * i) - 1}", WireFunction.Line, "M", with: Out)
                .Wire($"1{i}", $"QF1:{2 * i}", $"X1:{i}", WireFunction.Line, "M")
                .Wire($"2{i}", $"X1:{i}", $"M1:Line{i}", WireFunction.Line, "M");
        }

        return job.Wire("30", "PE:1", "M1:Earth", WireFunction.Earth, "M")
            .Wire("31", null, "QF2:1", WireFunction.Line, "PS", with: Out)
            .Wire("32", "QF2:2", "T1:Line1", WireFunction.Line, "PS")
            .Wire("33", "N:1", "T1:Neutral", WireFunction.Neutral, "PS")
            .Wire("34", "PE:2", "T1:Earth", WireFunction.Earth, "PS")
            .Wire("40", "T1:+", "X2:1", WireFunction.ControlPlus, "24 V")
            .Wire("41", "T1:-", "X2:2", WireFunction.ControlMinus, "24 V")
            .Wire("42", "X2:1", "B1:1", WireFunction.ControlPlus, "24 V")
            .Wire("43", "X2:2", "B1:2", WireFunction.ControlMinus, "24 V");
    }

    /// <summary>Three phases and the transformer that takes its control voltage from two of them.</summary>
    private static Sketch ThreePhase()
    {
        var job = Bars(new Sketch().Panel("P").Box("MB"), "P", "N", "PE", 4)
            .Circuit("M", 20, c => c with { Volts = 480, Phases = 3, Method = WiringMethod.MachineWiring })
            .Circuit("T", 6, c => c with { Volts = 480, Method = WiringMethod.MachineWiring })
            .Circuit("C", 4, c => c with { Volts = 120, Method = WiringMethod.MachineWiring });
        Sided(job, "P", "QF1", 20, 3);
        Sided(job, "P", "QF2", 6, 2);
        Load(
            job,
            "MB",
            "M1",
            TerminalIdentity.Line1,
            TerminalIdentity.Line2,
            TerminalIdentity.Line3,
            TerminalIdentity.Earth
        );
        job.Device("P", "T1", DeviceType.Load);
        foreach (var mark in new[] { "H1", "H4", "X1", "X2" })
        {
            job.Landing("P", $"T1:{mark}", device: "T1");
        }

        job.Device("P", "K1", DeviceType.Load).Landing("P", "K1:A1", device: "K1").Landing("P", "K1:A2", device: "K1");
        foreach (var i in Enumerable.Range(1, 3))
        {
            job.Wire($"{i}", null, $"QF1:{(2 * i) - 1}", WireFunction.Line, "M", Ends.Wire("12"), Out)
                .Wire($"1{i}", $"QF1:{2 * i}", $"M1:Line{i}", WireFunction.Line, "M", Ends.Wire("12"));
        }

        return job.Wire("20", "PE:1", "M1:Earth", WireFunction.Earth, "M", Ends.Wire("12"))
            .Wire("21", null, "QF2:1", WireFunction.Line, "T", with: Out)
            .Wire("22", null, "QF2:3", WireFunction.Line, "T", with: Out)
            .Wire("23", "QF2:2", "T1:H1", WireFunction.Line, "T")
            .Wire("24", "QF2:4", "T1:H4", WireFunction.Line, "T")
            .Wire("30", "T1:X1", "K1:A1", WireFunction.ControlAc, "C")
            .Wire("31", "T1:X2", "K1:A2", WireFunction.ControlAc, "C");
    }

    /// <summary>Lamps in boxes one after another, spliced on.</summary>
    private static Sketch Outdoor()
    {
        var job = Bars(new Sketch().Panel("P").Box("B1").Box("B2"), "P", "N", "G", 4)
            .Circuit("1", 15, c => c with { Volts = 120 })
            .Breaker("P", "Q1");
        foreach (var box in new[] { "B1", "B2" })
        {
            job.Splice(box, box + ".L").Splice(box, box + ".N").Splice(box, box + ".E");
            Load(job, box, "H" + box, TerminalIdentity.Line1, TerminalIdentity.Neutral, TerminalIdentity.Earth)
                .Wire(box + "l", box + ".L", $"H{box}:Line1", WireFunction.Line, "1")
                .Wire(box + "n", box + ".N", $"H{box}:Neutral", WireFunction.Neutral, "1")
                .Wire(box + "e", box + ".E", $"H{box}:Earth", WireFunction.Earth, "1");
        }

        return job.Wire("1", "Q1:1", "B1.L", WireFunction.Line, "1")
            .Wire("2", "N:1", "B1.N", WireFunction.Neutral, "1")
            .Wire("3", "G:1", "B1.E", WireFunction.Earth, "1")
            .Wire("4", "B1.L", "B2.L", WireFunction.Line, "1")
            .Wire("5", "B1.N", "B2.N", WireFunction.Neutral, "1")
            .Wire("6", "B1.E", "B2.E", WireFunction.Earth, "1");
    }

    /// <summary>A machine on its cord and plug.</summary>
    private static Sketch Cord()
    {
        var job = new Sketch()
            .Box("D")
            .Box("M")
            .Circuit("cord", null, c => c with { Volts = 120, Method = WiringMethod.Cord });
        job.Device("D", "P1", DeviceType.Plug);
        foreach (
            var (mark, identity) in new[]
            {
                ("hot", TerminalIdentity.Brass),
                ("neutral", TerminalIdentity.Silver),
                ("earth", TerminalIdentity.Green),
            }
        )
        {
            job.Landing("D", $"P1.{mark}", Ends.Screw(), "P1", l => l with { Identity = identity });
        }

        return Load(job, "M", "S1", TerminalIdentity.Line1, TerminalIdentity.Neutral, TerminalIdentity.Earth)
            .Wire("1", "P1.hot", "S1:Line1", WireFunction.Line, "cord")
            .Wire("2", "P1.neutral", "S1:Neutral", WireFunction.Neutral, "cord")
            .Wire("3", "P1.earth", "S1:Earth", WireFunction.Earth, "cord")
            .Sound("cord 1");
    }
}
