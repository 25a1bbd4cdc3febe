using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;

namespace Lacet.Core.Tests.Jobs;

/// <summary>
/// The conductor that its breaker must protect: 14 AWG copper up to 15 A, 12 AWG up to 20 A, 10 AWG up to 30 A, by the 60
/// °C column 15, 20 and 30 A (NEC 240.4(D), 310.16, 110.14(C), from memory).
/// </summary>
public sealed class WeakestConductorTests
{
    private static Sketch Strip()
    {
        var job = new Sketch().Panel("P").Circuit("1", 20).Circuit("2", 20);
        foreach (var name in new[] { "X1", "X2", "X3", "X4" })
        {
            job.Landing("P", name, Ends.Block(most: 10));
        }

        return job;
    }

    [Theory]
    [InlineData("10", 30, 30)]
    [InlineData("12", 20, 20)]
    [InlineData("14", 15, 15)]
    public void The_thinnest_conductor_of_a_circuit_is_its_weakest(string thinnest, double amps, double breaker)
    {
        var judged = Strip()
            .Wire("8", "X1", "X2", circuit: "1", conductor: Ends.Wire("8"))
            .Wire("thin", "X3", "X4", circuit: "1", conductor: Ends.Wire(thinnest))
            .Judged();
        var weakest = Assert.Single(WeakestConductor.Of(judged));
        Assert.Equal(("thin", amps, breaker), (weakest.Name, weakest.Amps, weakest.Breaker));
        Assert.StartsWith($"{thinnest} AWG", weakest.Conductor, StringComparison.Ordinal);
        Assert.Contains("310.16", weakest.Source, StringComparison.Ordinal);
    }

    [Fact]
    public void Earths_and_wires_that_were_taken_out_carry_no_load_and_a_circuit_without_wires_has_none()
    {
        var judged = Strip()
            .Wire("12", "X1", "X2", circuit: "1", conductor: Ends.Wire("12"))
            .Wire("earth", "X3", "X4", WireFunction.Earth, "1", Ends.Wire("14"))
            .Wire("gone", "X3", "X4", circuit: "1", conductor: Ends.Wire("14"), with: w => w with { Retired = true })
            .Judged();
        Assert.Equal(["12"], WeakestConductor.Of(judged).Select(w => w.Name));
    }
}
