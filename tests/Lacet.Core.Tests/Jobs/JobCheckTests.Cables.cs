using Lacet.Core.Jobs;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Jobs;

public sealed partial class JobCheckTests
{
    /// <summary>A cable of three wires from a panel to a box; the last of them ends where it is told to.</summary>
    private static Sketch Cabled(string cable, string third = "B", bool earth = true)
    {
        var job = new Sketch().Panel("P").Box("B").Box("M").Cable("W1", cable);
        foreach (var i in new[] { 1, 2, 3 })
        {
            var to = i == 3 ? third : "B";
            job.Landing("P", $"X{i}")
                .Landing(to, $"{to}{i}")
                .Wire(
                    $"W1.{i}",
                    $"X{i}",
                    $"{to}{i}",
                    i == 3 && earth ? WireFunction.Earth : WireFunction.Signal,
                    conductor: Ends.Wire("1.5 mm²", Build.FineStranded),
                    with: w => w with { CableId = job.Id("cable W1") }
                );
        }

        return job;
    }

    private static Sketch Twins(CableSide other)
    {
        var next = CableSide.Ribbed;
        return Spliced(ConnectorKind.Lever, 2, "16", build: Build.FineStranded, with: w =>
        {
            var side = next;
            next = other;
            return w with { TwinSide = side };
        });
    }

    /// <summary>An earth that nobody lands is more than a spare.</summary>
    [Fact]
    public void An_earth_of_a_cable_that_no_wire_is_must_be_put_right()
    {
        Severity Of(Sketch job) =>
            Assert.Single(job.Judged().Findings, f => f.Finding.Check == "cable-conductors-spare").Finding.Severity;
        Assert.Equal(Severity.Fix, Of(Cabled("5G1.5 H07RN-F", earth: false)));
        Assert.Equal(Severity.Note, Of(Cabled("5x1.5 H07RN-F", earth: false)));
    }

    /// <summary>NEC 400.13, from memory: hard-service cord of 14 AWG and more may be repaired, lighter cord never.</summary>
    [Theory]
    [InlineData("14/2 SOOW", Severity.Fix)]
    [InlineData("14/2 SJOOW", Severity.Fix)]
    [InlineData("16/2 SJOOW", Severity.Stop)]
    [InlineData("18/2 SVT", Severity.Stop)]
    [InlineData("18/2 SPT-2", Severity.Stop)]
    public void A_splice_in_a_cord_is_judged_by_the_cord(string cord, Severity severity)
    {
        var job = new Sketch()
            .Box("B")
            .Splice("B", "J", of: c => c with { Kind = ConnectorKind.Lever })
            .Cable("W", cord);
        foreach (var name in new[] { "1", "2" })
        {
            job.Wire(name, "J", null, conductor: Ends.Wire(cord.Split('/')[0], Build.FineStranded), with: w =>
                w with
                {
                    CableId = job.Id("cable W"),
                    B = w.B with { Elsewhere = true },
                }
            );
        }

        var found = Assert.Single(job.Judged().Findings, f => f.Finding.Check == "splice-in-cord");
        Assert.Equal(severity, found.Finding.Severity);
    }

    /// <summary>A cord that nobody gave letters is a cord when somebody says so, and not hard-service.</summary>
    [Fact]
    public void A_cord_without_letters_is_a_cord_by_word()
    {
        Sketch Of(bool cord) =>
            Cabled("3G1.5") is var job
                ? job.Cable("W2", "2x1", c => c with { SaidCord = cord })
                : throw new InvalidOperationException();
        var job = Of(true).Job();
        var wire = job.WiresIn(job.CablesNamed("w1").Single())[0];
        Assert.False(job.IsOfCord(wire));
        job.Apply([EntityChange.Put(wire with { CableId = job.CablesNamed("W2").Single() })]);
        Assert.True(job.IsOfCord(job.Wires[wire.Id]));
        Assert.False(job.IsHardService(job.Wires[wire.Id]));
    }

    /// <summary>NEC 400.5, from memory, has tables of its own: what is not judged by them here is said.</summary>
    [Fact]
    public void A_cord_with_more_than_three_loaded_conductors_is_said_not_to_be_judged()
    {
        var job = new Sketch().Panel("P").Circuit("1", 20).Cable("W1", "12/5 SOOW");
        foreach (var name in new[] { "1", "2", "3", "4" })
        {
            job.Wire(name, null, null, circuit: "1", with: w => w with { CableId = job.Id("cable W1") });
        }

        var found = Assert.Single(job.Judged().Findings, f => f.Finding.Check == "loaded-together");
        Assert.Equal(Severity.Note, found.Finding.Severity);
    }

    /// <summary>NEC 310.15(C)(1), from memory: what is loaded in one jacket heats as in one raceway.</summary>
    [Fact]
    public void What_runs_in_a_cable_is_judged_as_what_runs_in_a_raceway()
    {
        Sketch Of(bool cabled) =>
            Enumerable
                .Range(1, 7)
                .Aggregate(new Sketch().Panel("P").Circuit("1", 20).Cable("W1", "7x12 AWG TC"), (job, i) =>
                    job.Wire($"{i}", null, null, circuit: "1", with: w =>
                        w with
                        {
                            CableId = cabled ? job.Id("cable W1") : null,
                            Run = cabled ? null : "C1",
                        }
                    )
                );
        string Says(bool cabled) =>
            Of(cabled).Judged().Findings.Single(f => f.Finding.Check == "loaded-together").Finding.Says.ToString()!;
        Assert.Contains("W1", Says(true), StringComparison.Ordinal);
        Assert.Equal(Says(true), Says(false).Replace("C1", "W1", StringComparison.Ordinal));
    }
}
