using Lacet.Core.Jobs;

namespace Lacet.Core.Tests.Jobs;

public sealed partial class JobCheckTests
{
    /// <summary>A line to the first terminal of a strip, and on from two; a bridge over some of them.</summary>
    private static Sketch Distribution(params string[] bridged)
    {
        var job = Row().Circuit("1", 20).Wire("1", "Q:1", "X:1", circuit: "1");
        foreach (var i in new[] { 1, 2 })
        {
            job.Box($"B{i}")
                .Receptacle($"B{i}", $"R{i}")
                .Wire($"{i}1", $"X:{i}", $"R{i}.brass1", circuit: "1")
                .Wire($"{i}3", null, $"R{i}.green", WireFunction.Earth, "1")
                .Wire($"{i}2", null, $"R{i}.silver1", WireFunction.Neutral, "1");
        }

        return bridged.Length > 1 ? job.Bridge("b", bridged, b => b with { RatingAmps = 24 }) : job;
    }

    private static Sketch Row()
    {
        var job = new Sketch().Panel("P").Breaker("P", "Q").Device("P", "X", DeviceType.Block);
        foreach (var i in Enumerable.Range(1, 4))
        {
            job.Landing("P", $"X:{i}", Ends.Block(0.5, 16) with { TakesTwo = true }, "X");
        }

        return job;
    }

    private static Sketch Spread(params string[] bridged) =>
        Row().Bridge("b", bridged).Wire("1", "X:1", null).Wire("3", "X:3", null);

    [Fact]
    public void A_bridge_that_nobody_rated_hides_none_that_is_too_weak()
    {
        var job = Row()
            .Circuit("1", 20)
            .Bridge("other", ["X:1", "X:3"])
            .Bridge("b", ["X:1", "X:2"], b => b with { RatingAmps = 16 })
            .Wire("1", "Q:1", "X:1", circuit: "1");
        var found = Assert.Single(job.Judged().Findings, f => f.Finding.Check == "bridge-too-weak");
        Assert.Equal(Severity.Fix, found.Finding.Severity);
    }

    private static Sketch Combed(double amps) =>
        Row()
            .Circuit("1", 20)
            .Bridge("b", ["X:1", "X:2"], b => b with { RatingAmps = amps })
            .Wire("1", "Q:1", "X:1", circuit: "1")
            .Wire("2", "X:2", null, circuit: "1");
}
