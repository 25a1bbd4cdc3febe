using Lacet.Core.Jobs;

namespace Lacet.Core.Tests.Jobs;

/// <summary>What is judged once for several that lie together.</summary>
public sealed partial class JobCheckTests
{
    /// <summary>
    /// One earth for two circuits of a raceway, of which nobody said whose it is: it goes by the larger breaker (NEC
    /// 250.122(C), from memory). 60 A asks 10 AWG, 15 A no more than 14.
    /// </summary>
    [Theory]
    [InlineData("10", 0)]
    [InlineData("14", 1)]
    public void An_earth_of_a_raceway_goes_by_its_largest_breaker(string earth, int count)
    {
        JobWire In(JobWire wire) => wire with { Run = "R1" };
        var judged = Bars(new Sketch().Panel("P").Box("B"))
            .Circuit("1", 60)
            .Circuit("2", 15)
            .Breaker("P", "Q")
            .Breaker("P", "Q2")
            .Splice("B", "JL")
            .Splice("B", "JM")
            .Splice("B", "JE")
            .Wire("1", "Q:1", "JL", WireFunction.Line, "1", Ends.Wire("6"), In)
            .Wire("2", "Q2:1", "JM", WireFunction.Line, "2", Ends.Wire("14"), In)
            .Wire("3", "PE:1", "JE", WireFunction.Earth, conductor: Ends.Wire(earth), with: In)
            .Judged();
        int Found() => judged.Findings.Count(f => f.Finding.Check == "earth-too-small");
        Assert.Equal(count, Found());
        // In a raceway of its own nobody knows whose it is.
        var wire = judged.Job.Wires.Values.Single(w => w.Name == "3");
        judged.Apply([EntityChange.Put(wire with { Run = "R2" })]);
        Assert.Equal(0, Found());
        judged.Apply([EntityChange.Put(wire)]);
        Assert.Equal(count, Found());
    }

    /// <summary>One length said of all wires of a box is one thing to put right; another length is another.</summary>
    [Fact]
    public void One_free_length_is_judged_once()
    {
        JobWire Free(JobWire wire, double mm) => wire with { B = wire.B with { FreeLength = new Length(mm) } };
        var sketch = new Sketch().Panel("P").Box("B");
        foreach (var i in Enumerable.Range(1, 5))
        {
            sketch
                .Splice("B", $"J{i}")
                .Landing("P", $"X{i}")
                .Wire($"{i}", $"X{i}", $"J{i}", with: w => Free(w, i < 5 ? 100 : 120));
        }

        var judged = sketch.Judged();
        string[] Says() =>
            [
                .. judged
                    .Findings.Where(f => f.Finding.Check == "free-length-short")
                    .Select(f => Ends.Read(f.Finding.Says)),
            ];
        Assert.Equal(2, Says().Length);
        Assert.StartsWith("Wire 1 and 3 more ends have 100 mm", Says()[0], StringComparison.Ordinal);
        Assert.StartsWith("Wire 5 has 120 mm", Says()[1], StringComparison.Ordinal);
        // The first is put right, and the next says it.
        var first = judged.Job.Wires.Values.Single(w => w.Name == "1");
        judged.Apply([EntityChange.Put(Free(first, 200))]);
        Assert.StartsWith("Wire 2 and 2 more ends have", Says()[0], StringComparison.Ordinal);
    }
}
