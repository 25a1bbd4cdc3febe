using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Workshop.Jobs;

/// <summary>What a change makes of the findings.</summary>
/// <param name="Gone">What is found no more.</param>
/// <param name="Come">What is found instead.</param>
public sealed record Difference(IReadOnlyList<FindingInShort> Gone, IReadOnlyList<FindingInShort> Come)
{
    /// <summary>Tries changes on a job, and takes them back. The job’s gate is held.</summary>
    public static Difference Of(JobSession job, IReadOnlyList<EntityChange> changes, ReaderFormat reader)
    {
        var (gone, come) = job.Judged.Try(changes);
        return new(Short(gone, reader), Short(come, reader));
    }

    /// <summary>Findings in short, each kind once, the worst first.</summary>
    public static IReadOnlyList<FindingInShort> Short(IEnumerable<JobFinding> findings, ReaderFormat reader) =>
        [
            .. findings
                .Select(f => f.Finding)
                .DistinctBy(f => (f.Check, f.Severity))
                .OrderBy(f => f.Severity)
                .Select(f => new FindingInShort(f.Check, f.Severity, f.Says.Said(reader))),
        ];
}

/// <summary>A finding that goes or comes.</summary>
public sealed record FindingInShort(string Check, Severity Severity, string Says);
