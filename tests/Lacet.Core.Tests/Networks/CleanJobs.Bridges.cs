using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Networks;

internal static partial class CleanJobs
{
    /// <summary>
    /// Two breakers fed by a comb, a supply, and a strip on which 24 V and 0 V are spread by plug-in bridges.
    /// </summary>
    private static Sketch Bridged()
    {
        var job = Bars(new Sketch().Panel("P"), "P", "N", "G", 4);
        Sided(Sided(job, "P", "Q1", 15, 1), "P", "Q2", 15, 1)
            .Circuit("1", 15, c => c with { Volts = 120 })
            .Circuit("2", 15, c => c with { Volts = 120 })
            .Circuit("24", 5, c => c with { Volts = 24 })
            .Circuit("feed", 60, c => c with { Volts = 120 })
            .Wire("feed", null, "Q1:1", WireFunction.Line, "feed", Ends.Wire("6", Build.Stranded), Out)
            .Bridge("comb", ["Q1:1", "Q2:1"], b => b with { Form = BridgeForm.Comb, RatingAmps = 63 })
            .Wire("bond", "N:4", "G:4", WireFunction.Neutral, conductor: Ends.Wire("4"))
            .Marks("P", "PS", DeviceType.PowerSupply, null, "L", "N", "+", "-")
            .Wire("1", "Q1:2", "PS:L", WireFunction.Line, "1")
            .Wire("2", "N:1", "PS:N", WireFunction.Neutral, "1")
            .Device("P", "X", DeviceType.Block);
        foreach (var i in Enumerable.Range(1, 8))
        {
            job.Landing("P", $"X:{i}", Through, "X");
        }

        job.Bridge("plus", ["X:1", "X:2", "X:3", "X:4"], b => b with { RatingAmps = 24 })
            .Bridge("zero", ["X:5", "X:6", "X:7", "X:8"], b => b with { RatingAmps = 24 })
            .Wire("+", "PS:+", "X:1", WireFunction.ControlPlus, "24")
            .Wire("-", "PS:-", "X:5", WireFunction.ControlMinus, "24");
        foreach (var i in Enumerable.Range(2, 3))
        {
            job.Marks(
                    "P",
                    $"Y{i}",
                    DeviceType.Load,
                    d => d with { RatedVolts = 24, RatedCurrent = CurrentKind.Dc },
                    "1",
                    "2"
                )
                .Wire($"{i}+", $"X:{i}", $"Y{i}:1", WireFunction.ControlPlus, "24")
                .Wire($"{i}-", $"X:{i + 4}", $"Y{i}:2", WireFunction.ControlMinus, "24");
        }

        return job.Marks("P", "H", DeviceType.Load, null)
            .Landing("P", "H:L", Ends.Block(0.5, 16), "H", l => l with { Identity = TerminalIdentity.Line1 })
            .Landing("P", "H:N", Ends.Block(0.5, 16), "H", l => l with { Identity = TerminalIdentity.Neutral })
            .Wire("3", "Q2:2", "H:L", WireFunction.Line, "2")
            .Wire("4", "N:2", "H:N", WireFunction.Neutral, "2");
    }
}
