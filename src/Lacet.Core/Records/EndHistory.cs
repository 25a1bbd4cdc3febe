namespace Lacet.Core.Records;

/// <summary>The ends of a job that something is recorded at: the only fold from events to how ends stand.</summary>
public sealed class EndHistory
{
    private readonly Dictionary<Guid, EndStanding> _ends = [];
    private readonly HashSet<Guid> _recorded = [];

    /// <summary>A job that nothing is recorded of.</summary>
    public static EndHistory None { get; } = Fold([]);

    /// <summary>
    /// Folds a job’s events, in the order of the chain. One that was taken back counts for nothing, except that
    /// something was recorded at its end.
    /// </summary>
    public static EndHistory Fold(IEnumerable<(RecordedEvent Event, bool TakenBack)> events)
    {
        var history = new EndHistory();
        foreach (var (recorded, takenBack) in events)
        {
            if (recorded.End is not { } end)
            {
                continue;
            }

            history._recorded.Add(end);
            if (!takenBack)
            {
                history._ends[end] = (history._ends.GetValueOrDefault(end) ?? EndStanding.Nothing).After(recorded);
            }
        }

        history.Redone = history._ends.Where(e => e.Value.IsRedone).Select(e => e.Key).ToHashSet();
        return history;
    }

    /// <summary>The ends that were landed or made anew: what was found there before stands no more.</summary>
    public IReadOnlySet<Guid> Redone { get; private set; } = new HashSet<Guid>();

    /// <summary>What stands at an end; null where nothing does that says how far it is.</summary>
    public EndStanding? Of(Guid end) =>
        _ends.GetValueOrDefault(end) is { State: not EndState.Planned } standing ? standing : null;

    /// <summary>The ends that stand otherwise than they did.</summary>
    public IEnumerable<Guid> Since(EndHistory before) =>
        _ends
            .Keys.Union(before._ends.Keys)
            .Where(end => _ends.GetValueOrDefault(end)?.Last != before._ends.GetValueOrDefault(end)?.Last);

    /// <summary>Whether anything was ever recorded at an end, taken back or not.</summary>
    public bool HasEvents(Guid end) => _recorded.Contains(end);
}
