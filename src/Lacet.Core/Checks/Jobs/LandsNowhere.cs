using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A wire has two ends, and both land.</summary>
public sealed class LandsNowhere : IJobCheck<JobWire>
{
    private static readonly string[] RestsOn =
    [
        "wire.a.landingId",
        "wire.b.landingId",
        "wire.a.elsewhere",
        "wire.b.elsewhere",
    ];

    /// <inheritdoc/>
    public string Id => "lands-nowhere";

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Wire;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobWire subject) =>
        (Lands(subject.A), Lands(subject.B)) switch
        {
            (false, false) => Nowhere($"Wire {subject.Name} lands nowhere, at neither end."),
            (false, _) => Nowhere($"End A of wire {subject.Name} lands nowhere."),
            (_, false) => Nowhere($"End B of wire {subject.Name} lands nowhere."),
            _ => null,
        };

    private static bool Lands(JobEnd end) => end.LandingId is not null || end.Elsewhere;

    private Finding Nowhere(FormattableString says) =>
        new(
            Id,
            Severity.Fix,
            says,
            $"Say where it lands; a spare is capped, named, and listed as landing on a spare terminal.",
            "common practice",
            RestsOn
        );
}
