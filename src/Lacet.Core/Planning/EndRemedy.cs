using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;

namespace Lacet.Core.Planning;

/// <summary>A change of a job that puts right what was found at an end.</summary>
/// <param name="Id">Which, such as "move" or "pigtail".</param>
/// <param name="Says">What it does, in the imperative.</param>
/// <param name="Changes">The parts that it puts in or changes.</param>
/// <param name="At">Where the end lands afterwards; null where it stays.</param>
/// <param name="Gone">What is found no more.</param>
/// <param name="Come">What is found instead.</param>
public sealed record EndRemedy(
    string Id,
    string Says,
    IReadOnlyList<EntityChange> Changes,
    Guid? At,
    IReadOnlyList<JobFinding> Gone,
    IReadOnlyList<JobFinding> Come
);
