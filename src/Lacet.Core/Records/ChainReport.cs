namespace Lacet.Core.Records;

/// <summary>What a walk along the chain found.</summary>
/// <param name="Events">How many events were read.</param>
/// <param name="Head">Hash of the last whole event; what a sign-off or a paper prints.</param>
/// <param name="BrokenAt">Sequence of the first event that does not hold; null when all do.</param>
/// <param name="Says">One sentence.</param>
public sealed record ChainReport(long Events, string Head, long? BrokenAt, string Says)
{
    /// <summary>Whether every event is as it was received, in its place.</summary>
    public bool IsWhole => BrokenAt is null;
}
