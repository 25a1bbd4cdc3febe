using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Tests.Networks;

namespace Lacet.Core.Tests.Planning;

/// <summary>
/// In which order an enclosure is worked. Earth before neutral before live, all poles of a device together, stiff
/// conductors first: common practice.
/// </summary>
public sealed class WorkOrderTests
{
    public static TheoryData<string, WorkingOrder, LandingOrder> Jobs
    {
        get
        {
            var data = new TheoryData<string, WorkingOrder, LandingOrder>();
            foreach (var job in CleanJobs.All.Keys)
            {
                foreach (var working in Enum.GetValues<WorkingOrder>())
                {
                    data.Add(job, working, LandingOrder.EarthNeutralHot);
                    data.Add(job, working, LandingOrder.AsDrawn);
                }
            }

            return data;
        }
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Each_end_is_done_once_by_its_recipe_or_says_why_it_waits(
        string name,
        WorkingOrder working,
        LandingOrder landing
    )
    {
        foreach (var (judged, enclosure, order) in Orders(name, working, landing))
        {
            var ends = judged.Job.LandingsIn(enclosure).SelectMany(l => judged.Job.EndsAt(l.Id)).ToHashSet();
            Assert.Equal(ends.Count, order.Tasks.Select(t => t.End).Distinct().Count() + order.Waiting.Count);
            Assert.All(order.Waiting, w => Assert.DoesNotContain(order.Tasks, t => t.End == w.End));
            foreach (var tasks in order.Tasks.GroupBy(t => t.End))
            {
                var recipe = RecipeBook.For(judged.Plan(tasks.Key.Wire.Id, tasks.Key.Side)!.AtHand);
                Assert.Equal(
                    recipe
                        .Steps.Where(s => !string.Equals(s.Id, "prove-dead", StringComparison.Ordinal))
                        .Select(s => s.Id),
                    tasks.SelectMany(t => t.Steps).Select(s => s.Id)
                );
            }
        }
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void The_poles_of_a_device_are_tightened_together_and_after_all_are_landed(
        string name,
        WorkingOrder working,
        LandingOrder landing
    )
    {
        foreach (var (judged, _, order) in Orders(name, working, landing))
        {
            var places = order
                .Tasks.Where(t => t.Stage >= WorkStage.Land)
                .Select(t => (Place: Place(judged.Job, t), t.Stage))
                .ToList();
            var visits = places.Where((p, i) => i == 0 || p.Place != places[i - 1].Place).ToList();
            Assert.Equal(visits.Count, visits.DistinctBy(v => v.Place).Count());
            foreach (var place in places.GroupBy(p => p.Place))
            {
                Assert.Equal(place.Select(p => p.Stage).Order(), place.Select(p => p.Stage));
            }
        }
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void An_earth_lands_before_what_is_live_at_its_device(
        string name,
        WorkingOrder working,
        LandingOrder landing
    )
    {
        if (landing == LandingOrder.AsDrawn)
        {
            return;
        }

        foreach (var (judged, _, order) in Orders(name, working, landing))
        {
            foreach (
                var place in order.Tasks.Where(t => t.Operation == Operation.Land).GroupBy(t => Place(judged.Job, t))
            )
            {
                var ranks = place.Select(t =>
                    t.End.Wire.Function switch
                    {
                        WireFunction.Earth => 0,
                        WireFunction.Neutral => 1,
                        _ => 2,
                    }
                );
                Assert.Equal(ranks.Order(), ranks);
            }
        }
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Tools_are_set_anew_no_more_often_than_in_the_order_of_the_list(
        string name,
        WorkingOrder working,
        LandingOrder landing
    )
    {
        foreach (var (judged, enclosure, order) in Orders(name, working, landing))
        {
            Assert.True(order.ToolChanges <= order.PlainToolChanges);
            Assert.Equal(order.ToolChanges, ToolChanges.Count(order.Tasks.Select(t => t.Settings)));
            var again = WorkOrder.Of(judged, enclosure, _ => true);
            Assert.Equal(Names(order), Names(again));
        }

        static IEnumerable<(string, Operation)> Names(WorkOrder order) =>
            order.Tasks.Select(t => ($"{t.End.Wire.Name} {t.End.Side}", t.Operation));
    }

    [Fact]
    public void What_is_done_is_left_out()
    {
        var (judged, enclosure, all) = Orders("dwelling", WorkingOrder.ByOperation, LandingOrder.EarthNeutralHot)
            .First();
        var done = all.Tasks[0].End;
        var left = WorkOrder.Of(judged, enclosure, e => e != done);
        Assert.DoesNotContain(left.Tasks, t => t.End == done);
        Assert.Equal(all.Tasks.Count(t => t.End != done), left.Tasks.Count);
        Assert.Empty(WorkOrder.Of(judged, enclosure, _ => false).Tasks);
    }

    private static Guid Place(Job job, WorkTask task) => job.Landings[task.LandingId].DeviceId ?? task.LandingId;

    private static IEnumerable<(JudgedJob Judged, Guid Enclosure, WorkOrder Order)> Orders(
        string name,
        WorkingOrder working,
        LandingOrder landing
    )
    {
        var job = CleanJobs.All[name]().Job();
        var rules = job.Title.Rules with { WorkingOrder = working, LandingOrder = landing };
        var judged = new JudgedJob(new Job(job.Title with { Rules = rules }, job.Parts.Where(p => p is not JobTitle)));
        return judged.Job.Enclosures.Keys.Select(e => (judged, e, WorkOrder.Of(judged, e, _ => true)));
    }
}
