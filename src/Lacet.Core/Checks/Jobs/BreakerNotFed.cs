using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A breaker with a LINE side that nothing comes to, although its LOAD side goes on.</summary>
public sealed class BreakerNotFed : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.side", "landing.ends", "landing.bridges"];

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

        var landings = job.LandingsOf(subject.Id).ToList();
        var line = landings.FindAll(l => l.Side == DeviceSide.Line);
        var used = landings.FindAll(l => l.Side == DeviceSide.Load && job.EndsAt(l.Id).Count > 0);
        if (line.Count == 0 || used.Count == 0)
        {
            return null;
        }

        if (!line.Exists(job.IsConnected))
        {
            return Found($"Nothing feeds {subject.Name}: its LINE side is empty, and its LOAD side goes on.");
        }

        var empty = used.Find(l =>
            DeviceLinks.Contacts(job, l).Where(o => o.Side == DeviceSide.Line).ToList() is { Count: > 0 } poles
            && !poles.Exists(job.IsConnected)
        );
        return empty is null
            ? null
            : Found(
                $"A phase is left out at {subject.Name}: {empty.Name} goes on, and nothing feeds its pole; a motor on two phases burns."
            );
    }

    private Finding Found(FormattableString says) =>
        new(
            Id,
            Severity.Fix,
            says,
            $"Look for the supply that is missing; where another conductor feeds what it should, take that off.",
            "common practice",
            RestsOn
        );
}
