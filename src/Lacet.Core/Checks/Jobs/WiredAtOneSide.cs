using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A contact, a coil or an output that a wire comes to at one side only does nothing.</summary>
public sealed class WiredAtOneSide : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "device.inside", "landing.name", "landing.ends"];

    /// <inheritdoc/>
    public string Id => "wired-at-one-side";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.Type.GoesByMarks() && subject.Type != DeviceType.Load)
        {
            return null;
        }

        // A missing neutral or earth is found by what the terminal is for.
        var landings = job.LandingsOf(subject.Id).Where(l => l.Identity == TerminalIdentity.None).ToList();
        foreach (var landing in landings.Where(l => IsWired(job, l)))
        {
            var others = new[] { InsideKind.Contact, InsideKind.Load, InsideKind.Supply }
                .SelectMany(kind => DeviceInside.Across(job, landing, kind))
                .Where(l => l.Identity == TerminalIdentity.None)
                .ToList();
            var all = subject.Type is DeviceType.ThreeWaySwitch or DeviceType.FourWaySwitch;
            if (
                others.Count > 0
                && (
                    all ? others.Find(l => !IsWired(job, l))
                    : others.Exists(l => IsWired(job, l)) ? null
                    : others[0]
                )
                    is { } empty
            )
            {
                return new Finding(
                    Id,
                    Severity.Fix,
                    $"A wire ends at {landing.Name} and none at {empty.Name}: what stands between them does nothing.",
                    $"Look for the wire that is missing at {empty.Name}, or whether the one at {landing.Name} belongs beside it.",
                    "common practice",
                    RestsOn
                );
            }
        }

        return null;
    }

    private static bool IsWired(Job job, JobLanding landing) =>
        job.IsConnected(landing) || PinsOfMap.Across(job, landing).Any();
}
