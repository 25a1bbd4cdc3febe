using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A wire has two ends, and both land.</summary>
public sealed class LandsNowhere : IJobCheck<JobWire>
{
    private static readonly string[] RestsOn = ["wire.a.landing", "wire.b.landing"];

    /// <inheritdoc/>
    public string Id => "lands-nowhere";

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Wire;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobWire subject) => (subject.A.LandingId, subject.B.LandingId) switch
    {
        (null, null) => Nowhere($"Wire {subject.Name} lands nowhere, at neither end."),
        (null, _) => Nowhere($"End A of wire {subject.Name} lands nowhere."),
        (_, null) => Nowhere($"End B of wire {subject.Name} lands nowhere."),
        _ => null,
    };

    private Finding Nowhere(FormattableString says) =>
        new(Id, Severity.Fix, says, $"Say where it lands; a spare is capped, named, and listed as landing on a spare terminal.", "common practice", RestsOn);
}
