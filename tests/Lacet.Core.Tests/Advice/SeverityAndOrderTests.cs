using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Advice;

/// <summary>
/// Severity and order: lines of docs/advice.md, 2. Common practice, from memory, unless a source is named.
/// </summary>
public sealed class SeverityAndOrderTests
{
    /// <summary>What each would do to whom; the trade names these, from memory.</summary>
    [Theory]
    [Trait("Advice", "2.1")]
    [InlineData("bootleg-earth", Harm.Shock)]
    [InlineData("reversed-polarity", Harm.Shock)]
    [InlineData("earth-missing", Harm.Shock)]
    [InlineData("earth-for-another", Harm.Shock)]
    [InlineData("earth-by-solder", Harm.Shock)]
    [InlineData("loose-or-scorched", Harm.Fire)]
    [InlineData("terminal-overloaded", Harm.Fire)]
    [InlineData("loaded-together", Harm.Fire)]
    [InlineData("neutral-through-device", Harm.Equipment)]
    [InlineData("legs-from-several-breakers", Harm.Equipment)]
    [InlineData("conductor-out-of-range", Harm.Fit)]
    [InlineData("insulation-caught", Harm.Fit)]
    [InlineData("conductor-not-known", Harm.Craft)]
    public void A_check_declares_its_harm(string check, Harm harm) => Assert.Equal(harm, HarmOf(check));

    [Fact]
    [Trait("Advice", "2.1")]
    public void Findings_of_a_job_stand_by_severity_and_then_by_harm() =>
        Gen.Int[0, int.MaxValue / 2]
            .List[1, 8]
            .Sample(
                seeds =>
                {
                    var judged = AnyJob.House().Judged();
                    foreach (var seed in seeds)
                    {
                        judged.Apply([AnyJob.Edit(judged.Job, new Random(seed))]);
                    }

                    var found = judged.Findings.Select(f => (f.Finding.Severity, f.Finding.Harm)).ToList();
                    Assert.Equal(found.Order(), found);
                },
                iter: 50
            );

    [Fact]
    [Trait("Advice", "2.2")]
    public void A_missing_earth_asks_about_a_metal_raceway_before_anything_else()
    {
        var job = new Sketch()
            .Panel("P")
            .Box("B")
            .Circuit("1")
            .Landing("P", "L")
            .Landing("P", "N")
            .Receptacle("B", "R")
            .Wire("1", "L", "R.brass1", WireFunction.Line, "1")
            .Wire("2", "N", "R.silver1", WireFunction.Neutral, "1");
        var finding = job.Judged().Findings.Single(f => f.Finding.Check == "earth-missing").Finding;
        Assert.StartsWith("Is its raceway metal", Ends.Read(finding.Do), StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Advice", "2.3")]
    public void What_follows_from_a_landing_that_is_too_full_folds_under_it()
    {
        var found = EndChecks.Judge(
            new EndPlan(
                new EndAtHand(Ends.Wire("14"), Ends.Screw(), HouseRules.Default)
                {
                    Second = Ends.Wire("12", material: Material.Aluminium),
                }
            )
        );
        var root = found.Single(f => f.Check == "two-conductors");
        Assert.Null(root.FollowsFrom);
        Assert.All(found.Where(f => f.Check is "mixed-metals" or "two-sizes-together" or "two-too-thick"), f =>
            Assert.Equal("two-conductors", f.FollowsFrom)
        );
        Assert.Contains(found, f => f.FollowsFrom == "two-conductors");
    }

    [Fact]
    [Trait("Advice", "2.4")]
    public void One_wire_in_a_connector_for_two_is_missing_its_other_or_is_a_spare()
    {
        var fit = SpliceFit.Of(new([Ends.Wire("14")], ConnectorRow.All[ConnectorKind.TwistOn].Usual, SplicePlace.Dry));
        Assert.Equal(
            "A wire is missing; or it is a spare: cap it by itself.",
            Ends.Read(fit.Findings.Single(f => f.Check == "splice-underfilled").Do)
        );
    }

    /// <summary>
    /// NEC 210.20(A), 240.6(A) and 240.4(D), from memory: 17 A for hours are 21.25 A; the next breaker is 25 A, and its
    /// wire 10 AWG.
    /// </summary>
    [Fact]
    [Trait("Advice", "2.4")]
    public void A_breaker_is_one_that_is_made_and_comes_with_its_wire()
    {
        var job = new Sketch().Circuit("1", 20, c => c with { LoadAmps = 17, Continuous = true });
        Assert.StartsWith(
            "Take a breaker of 25 A with 10 AWG copper",
            Ends.Read(job.Judged().Findings.Single(f => f.Finding.Check == "continuous-load").Finding.Do),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "2.5")]
    public void What_is_only_to_be_read_off_is_no_caution_and_is_said_once_beside_its_reading() =>
        AtHand.Sample(hand =>
        {
            var recipe = RecipeBook.For(hand);
            Assert.Equal(recipe.ReadOff.Select(r => r.Reading).Distinct().Count(), recipe.ReadOff.Count);
            Assert.True(
                recipe.Verdict != Verdict.Read
                    || (recipe.ReadOff.Count > 0 && recipe.Findings.All(f => f.Severity == Severity.Note))
            );
            Assert.True(recipe.Verdict != Verdict.Caution || recipe.Findings.Any(f => f.Severity == Severity.Fix));
            Assert.True(recipe.Verdict != Verdict.Go || recipe.ReadOff.Count == 0);
        });

    [Fact]
    [Trait("Advice", "2.6")]
    public void Dead_is_a_step_and_no_caution_and_a_new_panel_on_the_bench_has_none()
    {
        var atHand = new EndAtHand(Ends.Wire("14"), Ends.Screw(), HouseRules.Default);
        Assert.Contains(RecipeBook.For(atHand).Steps, s => s.Id == "prove-dead");
        Assert.DoesNotContain(RecipeBook.For(atHand).Cautions, c =>
            Ends.Read(c).Contains("lock and tag", StringComparison.Ordinal)
        );
        Assert.DoesNotContain(RecipeBook.For(atHand with { Isolation = Isolation.None }).Steps, s =>
            s.Id == "prove-dead"
        );
    }

    [Fact]
    [Trait("Advice", "2.6")]
    public void An_apprentice_s_sentence_is_for_an_apprentice_and_alike_is_for_several()
    {
        static string All(EndAtHand hand) =>
            string.Join(
                ' ',
                RecipeBook
                    .For(hand)
                    .Steps.SelectMany(s => new[] { Ends.Read(s.Text), s.HoldPoint is { } hold ? Ends.Read(hold) : "" })
            );
        var alone = new EndAtHand(Ends.Wire("14"), Ends.Screw(), HouseRules.Default);
        Assert.DoesNotContain("Another person looks", All(alone), StringComparison.Ordinal);
        Assert.Contains(
            "Another person looks at it before it is signed for.",
            All(alone with { ByApprentice = true }),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain("alike", All(alone), StringComparison.Ordinal);
        Assert.Contains("12 alike: strip all", All(alone with { Alike = 12 }), StringComparison.Ordinal);
    }

    private static Harm HarmOf(string check) =>
        EndChecks
            .Planned.Where(c => c.Id == check)
            .Select(c => c.Harm)
            .Concat(EndChecks.Made.Where(c => c.Id == check).Select(c => c.Harm))
            .Concat(JobChecks.Ends.Where(c => c.Id == check).Select(c => c.Harm))
            .Concat(JobChecks.Wires.Where(c => c.Id == check).Select(c => c.Harm))
            .Concat(JobChecks.Landings.Where(c => c.Id == check).Select(c => c.Harm))
            .Concat(JobChecks.Joined.Where(c => c.Id == check).Select(c => c.Harm))
            .Concat(JobChecks.Devices.Where(c => c.Id == check).Select(c => c.Harm))
            .Concat(JobChecks.Circuits.Where(c => c.Id == check).Select(c => c.Harm))
            .Concat(JobChecks.Runs.Where(c => c.Id == check).Select(c => c.Harm))
            .Concat(JobChecks.Enclosures.Where(c => c.Id == check).Select(c => c.Harm))
            .First();
}
