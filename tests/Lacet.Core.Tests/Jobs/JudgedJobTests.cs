using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;

namespace Lacet.Core.Tests.Jobs;

/// <summary>A change judges what it reaches and nothing else, and undoing it brings everything back.</summary>
public sealed class JudgedJobTests
{
    [Fact]
    public void After_any_changes_the_findings_are_those_of_the_whole_job_judged_anew() =>
        Gen.Int[0, int.MaxValue / 2]
            .List[1, 12]
            .Sample(
                seeds =>
                {
                    var judged = AnyJob.House().Judged();
                    var before = Keys(judged);
                    var undos = new Stack<IReadOnlyList<EntityChange>>();
                    foreach (var seed in seeds)
                    {
                        undos.Push(judged.Apply([AnyJob.Edit(judged.Job, new Random(seed))]).Undo);
                        Assert.Equal(Keys(new JudgedJob(judged.Job)), Keys(judged));
                    }

                    while (undos.TryPop(out var undo))
                    {
                        judged.Apply(undo);
                    }

                    Assert.Equal(before, Keys(judged));
                },
                iter: 300
            );

    [Fact]
    public void A_change_of_one_wire_leaves_the_others_alone()
    {
        var judged = AnyJob.House().Judged();
        var wire = judged.Job.Wires.Values.Single(w => w.Name == "ctl1");
        var (_, reached) = judged.Apply([EntityChange.Put(wire with { Conductor = Ends.Wire("12") })]);
        Assert.DoesNotContain(reached, s => s.Scope == CheckScope.Wire && s.Id != wire.Id);
        Assert.True(reached.Count < 8);
    }

    /// <summary>
    /// A chain of two hundred joints is one network, and all of it is looked at; told is only what says something else
    /// than before, so that a board is not drawn anew for it.
    /// </summary>
    [Fact]
    public void A_change_in_a_large_network_tells_only_of_what_is_judged_otherwise()
    {
        var job = new Sketch().Panel("P");
        foreach (var i in Enumerable.Range(0, 200))
        {
            job.Landing("P", $"X{i}", Ends.Block() with { TakesTwo = true });
        }

        foreach (var i in Enumerable.Range(1, 199))
        {
            job.Wire($"{i}", $"X{i - 1}", $"X{i}", WireFunction.Unknown);
        }

        var judged = job.Judged();
        var wire = judged.Job.Wires.Values.Single(w => w.Name == "100");
        Assert.InRange(judged.Apply([EntityChange.Put(wire with { Name = "100a" })]).Judged.Count, 1, 20);
    }

    [Fact]
    public void Another_name_for_the_job_judges_nothing()
    {
        var judged = AnyJob.House().Judged();
        Assert.Empty(judged.Apply([EntityChange.Put(judged.Job.Title with { Name = "Other" })]).Judged);
    }

    [Fact]
    public void House_rules_of_the_job_judge_all_of_it()
    {
        var job = new Sketch().Panel("P").Landing("P", "X1", new BackStab(new())).Wire("1", "X1", null);
        var judged = job.Judged();
        Assert.Contains(judged.Findings, f => f.Finding.Check == "back-stab-by-house-rule");
        judged.Apply([
            EntityChange.Put(
                judged.Job.Title with
                {
                    Rules = HouseRules.Default with { BackStabHoles = BackStabHoles.FourteenSolidTo15A },
                }
            ),
        ]);
        Assert.DoesNotContain(judged.Findings, f => f.Finding.Check == "back-stab-by-house-rule");
    }

    [Fact]
    public void Every_end_is_planned()
    {
        var judged = AnyJob.House().Judged();
        var wire = judged.Job.Wires.Values.First(w => w.Name == "ctl1");
        Assert.NotNull(judged.Plan(wire.Id, EndSide.A)?.Torque);
    }

    [Fact]
    public void A_retired_wire_is_kept_and_judged_no_more()
    {
        var judged = new Sketch().Panel("P").Landing("P", "X1").Wire("1", "X1", null).Judged();
        var wire = judged.Job.Wires.Values.Single();
        judged.Apply([EntityChange.Put(wire with { Retired = true })]);
        Assert.Equal("landing-with-nothing", Assert.Single(judged.Findings).Finding.Check);
        Assert.Contains(wire.Id, judged.Job.Wires);
    }

    [Theory]
    [InlineData("enclosure", "still has landings")]
    [InlineData("landing", "still ends at")]
    [InlineData("circuit", "still has wires")]
    [InlineData("twice", "another landing called")]
    [InlineData("nowhere", "not in this job")]
    [InlineData("nameless", "needs a name")]
    public void A_change_that_leaves_it_in_pieces_is_refused_and_changes_nothing(string what, string says)
    {
        var sketch = AnyJob.House();
        var judged = sketch.Judged();
        var before = Keys(judged);
        var job = judged.Job;
        var landing = job.Landings[sketch.Id("X1")];
        var bad = what switch
        {
            "enclosure" => EntityChange.Remove(job.Enclosures[sketch.Id("P")]),
            "landing" => EntityChange.Remove(landing),
            "circuit" => EntityChange.Remove(job.Circuits[sketch.Id("circuit 1")]),
            "twice" => EntityChange.Put(landing with { Name = "x2" }),
            "nowhere" => EntityChange.Put(job.Wires.Values.First() with { CircuitId = sketch.New() }),
            _ => EntityChange.Put(landing with { Name = " " }),
        };
        var good = EntityChange.Put(job.Wires.Values.Last() with { Conductor = null });
        var refused = Assert.Throws<ImpossibleInputException>(() => judged.Apply([good, bad]));
        Assert.Contains(says, refused.Message, StringComparison.Ordinal);
        Assert.Equal(before, Keys(judged));
        Assert.Equal(before, Keys(new JudgedJob(job)));
    }

    private static string[] Keys(JudgedJob judged) =>
        [
            .. judged.Findings.Select(f =>
                $"{f.About.Key} {f.Finding.Check} {f.Finding.Severity} {Ends.Read(f.Finding.Says)}"
            ),
        ];
}
