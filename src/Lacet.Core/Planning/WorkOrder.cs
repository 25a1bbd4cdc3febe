using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;

namespace Lacet.Core.Planning;

/// <summary>
/// In which order the ends of an enclosure are worked: one device after the other, all its poles landed and then
/// tightened together, earth first, then neutral, then what is live; of those the larger first. Tools are set anew as seldom
/// as that allows (common practice).
/// </summary>
/// <param name="Tasks">What is done, first to last.</param>
/// <param name="Waiting">Ends that cannot be worked yet, and why.</param>
/// <param name="ToolChanges">How often a tool is set anew.</param>
/// <param name="PlainToolChanges">How often it would be in the order of the list of wires.</param>
public sealed record WorkOrder(
    IReadOnlyList<WorkTask> Tasks,
    IReadOnlyList<WaitingEnd> Waiting,
    int ToolChanges,
    int PlainToolChanges
)
{
    /// <summary>From here on a conductor is stiff, and lands before what it would push aside, mm² (common practice).</summary>
    private const double StiffMm2 = 10;

    /// <summary>The order of what is still to be done.</summary>
    /// <param name="judged">The job, judged.</param>
    /// <param name="enclosure">Which enclosure.</param>
    /// <param name="isToDo">Whether an end is still to be landed.</param>
    public static WorkOrder Of(JudgedJob judged, Guid enclosure, Func<EndOfWire, bool> isToDo)
    {
        var job = judged.Job;
        var (ready, waiting) = (new List<ReadyEnd>(), new List<WaitingEnd>());
        foreach (var landing in job.LandingsIn(enclosure).OrderBy(l => l.Order).ThenBy(l => l.Id))
        {
            foreach (var end in job.EndsAt(landing.Id).Where(e => !e.Wire.Retired && isToDo(e)))
            {
                if (Recipe(judged, end, landing) is { Verdict: not Verdict.Stop } recipe)
                {
                    ready.Add(new(end, landing, recipe));
                }
                else
                {
                    waiting.Add(new(end, Why(judged, end, landing)));
                }
            }
        }

        var places = Places(job, ready).ToList();
        var plain = Ordered(places, job.Title.Rules.WorkingOrder, (parts, _) => parts);
        var arranged = Ordered(places, job.Title.Rules.WorkingOrder, Planning.ToolChanges.Arrange);
        var (changes, plainChanges) = (Count(arranged), Count(plain));
        return changes < plainChanges
            ? new(arranged, waiting, changes, plainChanges)
            : new(plain, waiting, plainChanges, plainChanges);
    }

    private static int Count(IEnumerable<WorkTask> tasks) => Planning.ToolChanges.Count(tasks.Select(t => t.Settings));

    private static Recipe? Recipe(JudgedJob judged, EndOfWire end, JobLanding landing) =>
        landing.Landing is not null && judged.Plan(end.Wire.Id, end.Side) is { } plan
            ? RecipeBook.For(plan.AtHand)
            : null;

    private static FormattableString Why(JudgedJob judged, EndOfWire end, JobLanding landing)
    {
        if (Recipe(judged, end, landing)?.Findings.FirstOrDefault(f => f.Severity == Severity.Stop) is { } stop)
        {
            return stop.Says;
        }

        if (end.Wire.Conductor is null)
        {
            return $"What wire {end.Wire.Name} is, nobody said yet.";
        }

        if (landing.Splice is not null)
        {
            return $"{landing.Name} is a splice, which is made with all its ends at once.";
        }

        return $"What {landing.Name} is, nobody said yet.";
    }

    /// <summary>Devices with their ends, and landings that are of none, in the order in which they are come to.</summary>
    private static IEnumerable<Place> Places(Job job, IEnumerable<ReadyEnd> ready)
    {
        var byEarth = job.Title.Rules.LandingOrder == LandingOrder.EarthNeutralHot;
        return ready
            .GroupBy(e => e.Landing.DeviceId ?? e.Landing.Id)
            .Select(ends => new Place([
                .. ends.OrderBy(e => byEarth ? Rank(job, e) : 0)
                    .ThenByDescending(e => e.Area)
                    .ThenBy(e => e.Landing.Order),
            ]))
            .GroupBy(p => (Rank: byEarth ? p.Ends.Max(e => Rank(job, e)) : 0, IsThin: p.Ends[0].Area < StiffMm2))
            .OrderBy(tier => tier.Key.Rank)
            .ThenBy(tier => tier.Key.IsThin)
            .SelectMany((tier, i) => tier.Select(p => p with { Tier = i }));
    }

    /// <summary>Earth first, then neutral, then all else: a fault finds an earth that is there (common practice).</summary>
    private static int Rank(Job job, ReadyEnd end) =>
        (Potentials.Of(end.End.Wire.Function) ?? Potentials.Of(job, end.Landing)) switch
        {
            Potential.Earth => 0,
            Potential.Neutral => 1,
            _ => 2,
        };

    private delegate IReadOnlyList<Part> Arranging(
        IReadOnlyList<Part> parts,
        Func<Part, IEnumerable<IReadOnlyList<ToolSetting>>> settings
    );

    private static List<WorkTask> Ordered(IReadOnlyList<Place> places, WorkingOrder order, Arranging arrange)
    {
        IEnumerable<WorkTask> Arranged(IEnumerable<Part> parts) =>
            arrange([.. parts], p => p.Tasks.Select(t => t.Settings)).SelectMany(p => p.Tasks);
        var tasks = new List<WorkTask>();
        if (order == WorkingOrder.ByOperation)
        {
            // In the hand or on the bench each end is by itself: only the tool decides.
            foreach (var stage in WorkStages.BeforeLanding)
            {
                tasks.AddRange(
                    Arranged(places.SelectMany(p => p.Ends).SelectMany(e => e.At(stage)).Select(t => new Part([t])))
                );
            }
        }

        foreach (var tier in places.GroupBy(p => p.Tier))
        {
            tasks.AddRange(Arranged(tier.Select(p => new Part([.. p.Tasks(order)]))));
        }

        return tasks;
    }

    private sealed record ReadyEnd(EndOfWire End, JobLanding Landing, Recipe Recipe)
    {
        private readonly ILookup<WorkStage, WorkTask> _tasks = WorkStages
            .Of(End, Landing.Id, Recipe)
            .ToLookup(t => t.Stage);

        internal double Area { get; } = End.Wire.Conductor!.Size.Area.SquareMillimetres;

        internal IEnumerable<WorkTask> At(WorkStage stage) => _tasks[stage];
    }

    private sealed record Place(IReadOnlyList<ReadyEnd> Ends)
    {
        internal int Tier { get; init; }

        /// <summary>Each pole is landed, then all are tightened, and tugged one by one.</summary>
        internal IEnumerable<WorkTask> Tasks(WorkingOrder order)
        {
            var first = order == WorkingOrder.ByOperation ? [] : WorkStages.BeforeLanding;
            return Ends.SelectMany(e => first.Append(WorkStage.Land).SelectMany(e.At))
                .Concat(Ends.SelectMany(e => e.At(WorkStage.Tighten)));
        }
    }

    private sealed record Part(IReadOnlyList<WorkTask> Tasks);
}
