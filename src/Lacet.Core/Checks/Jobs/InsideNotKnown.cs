using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What a device joins to a terminal is not known: what lies beyond it is not judged, and that is said.</summary>
public sealed class InsideNotKnown : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "device.inside", "landing.name", "landing.ends"];

    /// <inheritdoc/>
    public string Id => "inside-not-known";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject) =>
        subject.Type.GoesByMarks()
        && job.LandingsOf(subject.Id)
            .FirstOrDefault(l => job.EndsAt(l.Id).Count > 0 && !DeviceInside.IsKnown(subject, l))
            is { } landing
            ? new Finding(
                Id,
                Severity.Note,
                $"What {subject.Name} joins to {landing.Name} is not known: what lies beyond it is not judged.",
                $"Say at the device what stands between its terminals, as printed on it, or put it on the Shelf.",
                "common practice",
                RestsOn
            )
            : null;
}
