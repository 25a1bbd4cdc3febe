using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Nothing can be judged at a landing that nobody described.</summary>
public sealed class LandingNotKnown : IJobCheck<JobLanding>
{
    private static readonly string[] RestsOn = ["landing.landing"];

    /// <inheritdoc/>
    public string Id => "landing-not-known";

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobLanding subject) =>
        subject.Landing is not null || subject.Splice is not null || job.EndsAt(subject.Id).Count == 0
            ? null
            : new Finding(
                Id,
                Severity.Note,
                $"Not judged: what {subject.Name} is, nobody said, so strip, preparation and torque at it are not known.",
                $"Take a landing from the Shelf for it, or read its marking.",
                "no value",
                RestsOn
            );
}
