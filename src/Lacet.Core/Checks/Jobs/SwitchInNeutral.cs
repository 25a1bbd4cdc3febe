using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A switch stands in the line, never in the neutral.</summary>
public sealed class SwitchInNeutral : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.ends", "landing.identity", "wire.function"];

    /// <inheritdoc/>
    public string Id => "switch-in-neutral";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.Type.IsSwitch())
        {
            return null;
        }

        var neutral = job.LandingsOf(subject.Id)
            .Where(l => !l.Identity.IsEarth() && !l.Identity.IsNeutral())
            .SelectMany(l => job.EndsAt(l.Id).Select(e => (Landing: l, e.Wire)))
            .FirstOrDefault(e => e.Wire.Function == WireFunction.Neutral);
        return neutral.Wire is null
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"{subject.Name} has the neutral, wire {neutral.Wire.Name}, on {neutral.Landing.Name}: off, what it switches stays live.",
                $"Splice the neutral past the switch, and bring the line to it.",
                "NEC 404.2(B); IEC 60364-4-46 (from memory)",
                RestsOn
            )
            {
                Way = Way.From(job, neutral.Landing).On(job, neutral.Wire, null).Stops,
            };
    }
}
