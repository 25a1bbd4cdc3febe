using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A breaker with a LINE side that nothing comes to, although its LOAD side goes on.</summary>
public sealed class BreakerNotFed : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.side", "landing.ends"];

    /// <inheritdoc/>
    public string Id => "breaker-not-fed";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        // A breaker that plugs on its bus has no LINE screw, and is fed by it.
        if (subject.Type != DeviceType.Breaker)
        {
            return null;
        }

        var line = job.LandingsOf(subject.Id).Where(l => l.Side == DeviceSide.Line).ToList();
        var goesOn = job.LandingsOf(subject.Id)
            .Where(l => l.Side == DeviceSide.Load)
            .Any(l => job.EndsAt(l.Id).Count > 0);
        return line.Count > 0 && goesOn && line.TrueForAll(l => job.EndsAt(l.Id).Count == 0)
            ? new Finding(
                Id,
                Severity.Fix,
                $"Nothing feeds {subject.Name}: its LINE side is empty, and its LOAD side goes on.",
                $"Look for the supply that is missing; where another conductor feeds what it should, take that off.",
                "common practice",
                RestsOn
            )
            : null;
    }
}
