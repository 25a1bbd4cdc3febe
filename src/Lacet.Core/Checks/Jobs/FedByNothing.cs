using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What is to be live comes from somewhere.</summary>
public sealed class FedByNothing : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.ends", "wire.function", "circuit.wires"];

    /// <inheritdoc/>
    public string Id => "fed-by-nothing";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.IsReceptacle && !subject.Type.UsesCurrent() && !subject.Type.IsSwitch())
        {
            return null;
        }

        var hot = DeviceInside
            .Inputs(job, subject)
            .Where(l => job.EndsAt(l.Id).Any(e => e.Wire.Function.IsHot()) && l.Side != DeviceSide.Load)
            .ToList();
        return hot.Count == 0 || hot.Exists(l => Sources.Of(job, l).Any)
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"Nothing feeds {subject.Name}: its line leads to no breaker, to no plug, and not out of the job.",
                $"Look for the wire that is missing between it and its breaker.",
                "common practice",
                RestsOn
            )
            {
                Way = new NetworkWalk(job, throughContacts: true).From(hot[0])[^1].Way.Stops,
            };
    }
}
