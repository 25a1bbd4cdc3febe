using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>More conductors than a landing marked for two takes.</summary>
public sealed class MoreThanTwo : IJobCheck<JobLanding>
{
    private static readonly string[] RestsOn = ["landing.ends", "landing.takesTwo"];

    /// <inheritdoc/>
    public string Id => "more-than-two-conductors";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobLanding subject) =>
        subject.Landing is not { TakesTwo: true } landing || job.EndsAt(subject.Id) is not { Count: > 2 } ends
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"{ends.Count} conductors at {subject.Name}: this {landing.SaidAs} takes two at most.",
                $"Bridge another landing beside it, or splice them to one pigtail.",
                "NEC 110.14(A) (from memory)",
                RestsOn
            );
}
