namespace Lacet.Store;

/// <summary>A change of a job as it was stored.</summary>
/// <param name="Sequence">The command’s place in the job’s history.</param>
/// <param name="Versions">The version of each part that it changed, in order; 0 where it was taken out.</param>
public sealed record AppliedChange(long Sequence, IReadOnlyList<long> Versions);
