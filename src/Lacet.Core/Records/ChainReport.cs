namespace Lacet.Core.Records;

/// <summary>What a walk along the chain found.</summary>
/// <param name="Events">How many events were read.</param>
/// <param name="Head">Hash of the last event; what a sign-off or a paper prints.</param>
/// <param name="Faults">Events that are not as they were received, in their order; at most
/// <see cref="MostFaults"/>.</param>
/// <param name="Says">One sentence.</param>
public sealed record ChainReport(long Events, string Head, IReadOnlyList<ChainFault> Faults, string Says)
{
    /// <summary>Whoever has so many has enough to know.</summary>
    public const int MostFaults = 100;

    /// <summary>Whether every event is as it was received, in its place.</summary>
    public bool IsWhole => Faults.Count == 0;

    /// <summary>Sequence of the first event that does not hold; null when all do.</summary>
    public long? BrokenAt => Faults.Count == 0 ? null : Faults[0].Sequence;
}
