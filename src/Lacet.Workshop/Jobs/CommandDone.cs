using Lacet.Core.Quantities;

namespace Lacet.Workshop.Jobs;

/// <summary>What a command did.</summary>
/// <param name="CommandId">By which it is undone.</param>
/// <param name="Sequence">The job's last command.</param>
/// <param name="Says">What it did, in a line.</param>
/// <param name="Changed">The parts that are there now, with their versions.</param>
/// <param name="Stops">Findings that stop.</param>
/// <param name="Fixes">Findings to put right.</param>
/// <param name="Notes">Findings to know.</param>
public sealed record CommandDone(
    Guid CommandId,
    long Sequence,
    string Says,
    IReadOnlyList<PartVersion> Changed,
    int Stops,
    int Fixes,
    int Notes
)
{
    internal static CommandDone Of(JobSession job, Guid command, string says, IReadOnlyList<PartVersion> changed) =>
        new(
            command,
            job.Sequence,
            says,
            changed,
            job.Judged.Count(Severity.Stop),
            job.Judged.Count(Severity.Fix),
            job.Judged.Count(Severity.Note)
        );
}
