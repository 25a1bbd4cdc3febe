using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Copper and aluminium, joined in what is not listed for both.</summary>
public sealed class MixedMetalsInSplice : IJobCheck<JobLanding>
{
    private static readonly string[] RestsOn = ["landing.splice", "conductors"];

    /// <inheritdoc/>
    public string Id => "mixed-metals-in-splice";

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobLanding subject)
    {
        if (subject.Splice is not { TakesBothMetals: false } splice)
        {
            return null;
        }

        var metals = job.EndsAt(subject.Id).Select(e => e.Wire.Conductor?.Material).Distinct().Count(m => m is not null);
        return metals < 2 ? null : new Finding(
            Id,
            Severity.Stop,
            $"Copper and aluminium are joined at {subject.Name}, and its {splice.Name} is not listed for both: the joint corrodes and heats.",
            $"Take a connector listed for copper with aluminium.",
            "NEC 110.14 (from memory)",
            RestsOn);
    }
}
