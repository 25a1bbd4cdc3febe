namespace Lacet.Core.Records;

/// <summary>How a job’s enclosures stand: the only fold from events to what is dead.</summary>
public sealed class DeadHistory
{
    private readonly Dictionary<Guid, DeadStanding> _enclosures = [];
    private readonly Dictionary<Guid, (Guid Enclosure, DeadWork How)> _work = [];

    /// <summary>A job that nothing is recorded of.</summary>
    public static DeadHistory None { get; } = new();

    /// <summary>The enclosures that something of the kind was recorded of.</summary>
    public IEnumerable<Guid> Enclosures => _enclosures.Keys;

    /// <summary>
    /// Folds a job’s events, in the order of the chain. Work that was taken back was work nevertheless; what was said of
    /// sources, locks and proofs is never taken back.
    /// </summary>
    public static DeadHistory Fold(IEnumerable<(RecordedEvent Event, bool TakenBack)> events)
    {
        var history = new DeadHistory();
        foreach (var (recorded, takenBack) in events)
        {
            if (recorded is { End: { } end, Enclosure: { } at, DeadWork: { } how } && !takenBack)
            {
                history._work[end] = (at, how);
            }

            // Work alone opens no history: an enclosure that nobody ever isolated has none.
            if (
                recorded.Enclosure is { } enclosure
                && (recorded.End is null || history._enclosures.ContainsKey(enclosure))
            )
            {
                history._enclosures[enclosure] = history.Of(enclosure).After(recorded);
            }
        }

        return history;
    }

    /// <summary>
    /// How the ends of an enclosure were worked at, the last time each, where that was without a proof that held and a
    /// lock of their own.
    /// </summary>
    public IEnumerable<(DeadWork How, int Ends)> Without(Guid enclosure) =>
        _work
            .Values.Where(w => w.Enclosure == enclosure && w.How.IsWithout())
            .GroupBy(w => w.How)
            .Select(g => (g.Key, g.Count()))
            .OrderBy(w => w.Key);

    /// <summary>How an enclosure stands, as of its last event.</summary>
    public DeadStanding Of(Guid enclosure) => _enclosures.GetValueOrDefault(enclosure) ?? DeadStanding.Nothing;
}
