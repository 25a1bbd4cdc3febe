using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A landing where nothing ends.</summary>
public sealed class LandingWithNothing : IJobCheck<JobLanding>
{
    private static readonly string[] RestsOn = ["landing.spare", "landing.ends", "landing.bridges", "device.type"];

    /// <inheritdoc/>
    public string Id => "landing-with-nothing";

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobLanding subject) =>
        // Bars, breakers and receptacles have screws to spare; a row of blocks is laid out for its wires.
        subject.Spare
        || (
            subject.DeviceId is { } id
            && job.Devices[id].Type is not (DeviceType.Block or DeviceType.Plug or DeviceType.Load or DeviceType.Motor)
        )
        || job.IsConnected(subject)
            ? null
            : new Finding(
                Id,
                Severity.Note,
                $"Nothing ends at {subject.Name}.",
                $"Look for the wire that is missing, or mark the landing as spare.",
                "common practice",
                RestsOn
            );
}
