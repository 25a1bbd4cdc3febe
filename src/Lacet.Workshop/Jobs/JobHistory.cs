using Lacet.Core.Records;

namespace Lacet.Workshop.Jobs;

/// <summary>What is recorded of a job.</summary>
/// <param name="Ends">Of its ends.</param>
/// <param name="Dead">Of what is dead in it.</param>
public sealed record JobHistory(EndHistory Ends, DeadHistory Dead)
{
    /// <summary>A job that nothing is recorded of.</summary>
    public static JobHistory None { get; } = new(EndHistory.None, DeadHistory.None);

    /// <summary>Folds events in the order of the chain.</summary>
    public static JobHistory Fold(IReadOnlyCollection<(RecordedEvent Event, bool TakenBack)> events) =>
        new(EndHistory.Fold(events), DeadHistory.Fold(events));
}
