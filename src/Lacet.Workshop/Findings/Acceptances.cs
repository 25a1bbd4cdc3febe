using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Jobs;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Findings;

/// <summary>Findings that somebody takes as they are, with a reason.</summary>
public sealed class Acceptances(JobEditor editor)
{
    /// <summary>Takes a finding as it is; a stop never.</summary>
    public async Task<Outcome<CommandDone>> AcceptAsync(
        Guid id,
        Guid command,
        Guid person,
        string key,
        string reason,
        CancellationToken cancellation
    ) =>
        await editor.ChangeAsync(
            id,
            command,
            person,
            job =>
            {
                var finding = job.Judged.Findings.FirstOrDefault(f =>
                    string.Equals(KeyOf(f), key, StringComparison.Ordinal)
                )
                    ?? throw new ImpossibleInputException(
                        "key",
                        "There is no such finding any more: something was changed. Look again."
                    );
                if (finding.Finding.Severity == Severity.Stop)
                {
                    throw new ImpossibleInputException(
                        "key",
                        "A stop must not be energised, so it cannot be taken as it is. Put it right."
                    );
                }

                return (
                    $"Accepted: {finding.Finding.Check}.",
                    [
                        new PartChange(
                            new Acceptance(
                                Guid.CreateVersion7(),
                                finding.Finding.Check,
                                finding.About.Key,
                                RestsOn.Of(finding, job.Job),
                                reason.Trim()
                            )
                            {
                                Person = person,
                            }
                        ),
                    ]
                );
            },
            cancellation
        );

    /// <summary>What a finding is about and which check: stable while both are.</summary>
    public static string KeyOf(JobFinding finding) => $"{finding.About.Key}#{finding.Finding.Check}";

    /// <summary>What somebody accepted in a job.</summary>
    public static ILookup<(string Check, string About), Acceptance> In(JobSession job) =>
        job.Job.Acceptances.Values.ToLookup(a => (a.Check, a.About));

    /// <summary>An acceptance holds while what the finding rests on is what it was; a stop is never accepted.</summary>
    public static Acceptance? Of(
        JobSession job,
        JobFinding finding,
        ILookup<(string Check, string About), Acceptance> acceptances
    )
    {
        var given = acceptances[(finding.Finding.Check, finding.About.Key)].ToList();
        if (given.Count == 0 || finding.Finding.Severity == Severity.Stop)
        {
            return null;
        }

        var digest = RestsOn.Of(finding, job.Job);
        return given.Find(a => string.Equals(a.RestsOn, digest, StringComparison.Ordinal));
    }
}
