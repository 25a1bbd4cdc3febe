using Lacet.Core.Checks.End;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.Recipes;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Crafts;

/// <summary>A cable where it enters: its jacket is stripped once, however many of its conductors land (common practice).</summary>
public sealed class CableEntryTests
{
    private static List<string> StepsOf(CableEntry entry, Landing? landing = null) =>
        [
            .. RecipeBook
                .For(new(Ends.Wire("14"), landing ?? Ends.Block(), HouseRules.Default) { Entry = entry })
                .Steps.Select(s => $"{s.Id}: {Ends.Read(s.Text)}"),
        ];

    [Fact]
    public void A_jacket_comes_off_once_for_all_its_conductors()
    {
        var step = Assert.Single(StepsOf(new(9, 200) { Name = "W5", Conductors = 3 }), s =>
            s.StartsWith("strip-cable-jacket", StringComparison.Ordinal)
        );
        Assert.Contains("once for the 3 conductors of W5", step, StringComparison.Ordinal);
        Assert.Contains("fillers", step, StringComparison.Ordinal);
    }

    [Fact]
    public void What_nobody_measured_is_laid_along_its_way()
    {
        var steps = StepsOf(new(null, null) { Name = "W5", Conductors = 3 });
        Assert.Contains(steps, s => s.Contains("measure over the jacket", StringComparison.Ordinal));
        Assert.Contains(steps, s => s.Contains("Lay the cable to its furthest landing", StringComparison.Ordinal));
    }

    [Fact]
    public void A_shield_is_dressed_after_the_jacket()
    {
        var steps = StepsOf(new(9, 200) { Name = "W5", IsShielded = true });
        var jacket = steps.FindIndex(s => s.StartsWith("strip-cable-jacket", StringComparison.Ordinal));
        Assert.StartsWith("dress-shield", steps[jacket + 1], StringComparison.Ordinal);
        Assert.DoesNotContain(StepsOf(new(9, 200)), s => s.StartsWith("dress-shield", StringComparison.Ordinal));
    }

    [Fact]
    public void A_parallel_cord_is_parted_and_has_no_jacket()
    {
        var steps = StepsOf(
            new(null, 60)
            {
                Name = "L1",
                Conductors = 2,
                IsParallel = true,
            }
        );
        Assert.Contains(steps, s => s.StartsWith("part-cord: Part the two conductors", StringComparison.Ordinal));
        Assert.DoesNotContain(steps, s => s.Contains("jacket", StringComparison.Ordinal));
    }

    /// <summary>The cable of a job says at each of its ends what its jacket asks there.</summary>
    [Fact]
    public void An_end_in_a_job_knows_the_cable_that_it_comes_from()
    {
        var job = new Sketch().Panel("P").Box("B").Landing("P", "X1").Landing("P", "X2").Landing("B", "Y1");
        job.Cable("W1", "2x1.5 H05VV-F", c =>
                c with
                {
                    JacketDiameter = new(7.5),
                    Reaches = [new(job.Id("P")) { Reach = new(300) }],
                }
            )
            .Wire("1", "X1", "Y1", with: w => w with { CableId = job.Id("cable W1") })
            .Wire("2", "X2", null, with: w => w with { CableId = job.Id("cable W1") });
        var judged = job.Judged();
        var wire = judged.Job.WiresIn(job.Id("cable W1"))[0];
        CableEntry At(EndSide side) => judged.Plan(wire.Id, side)!.AtHand.Entry!;
        Assert.Equal(
            (2, 7.5, 300d),
            (At(EndSide.A).Conductors, At(EndSide.A).Jacket?.Millimetres, At(EndSide.A).Reach?.Millimetres)
        );
        Assert.Equal(
            (1, 7.5, null),
            (At(EndSide.B).Conductors, At(EndSide.B).Jacket?.Millimetres, At(EndSide.B).Reach?.Millimetres)
        );

        // A conductor that lands elsewhere is one fewer for the end that stays.
        var other = judged.Job.WiresIn(job.Id("cable W1"))[1];
        judged.Apply([EntityChange.Put(other with { CableId = null })]);
        Assert.Equal(1, At(EndSide.A).Conductors);
    }
}
