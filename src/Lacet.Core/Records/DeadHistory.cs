namespace Lacet.Core.Records;

/// <summary>How a job’s enclosures stand: the only fold from events to what is dead.</summary>
public sealed class DeadHistory
{
    private readonly Dictionary<Guid, DeadStanding> _enclosures = [];

    /// <summary>A job that nothing is recorded of.</summary>
    public static DeadHistory None { get; } = new();

    /// <summary>The enclosures that something of the kind was recorded of.</summary>
    public IEnumerable<Guid> Enclosures => _enclosures.Keys;

    /// <summary>
    /// Folds a job’s events, in the order of the chain. Work that was taken back was work nevertheless; what was said of
    /// sources, locks and proofs is never taken back.
    /// </summary>
    public static DeadHistory Fold(IEnumerable<RecordedEvent> events)
    {
        var history = new DeadHistory();
        foreach (var recorded in events)
        {
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

    /// <summary>How an enclosure stands, as of its last event.</summary>
    public DeadStanding Of(Guid enclosure) => _enclosures.GetValueOrDefault(enclosure) ?? DeadStanding.Nothing;
}
