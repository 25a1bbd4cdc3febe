using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A line and its neutral are of one circuit.</summary>
public sealed class NeutralOfAnother : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.type",
        "landing.ends",
        "wire.function",
        "wire.circuitId",
        "circuit.sharesNeutralWith",
    ];

    /// <inheritdoc/>
    public string Id => "neutral-of-another-circuit";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.IsReceptacle && !subject.Type.UsesCurrent() && subject.Type != DeviceType.Plug)
        {
            return null;
        }

        var wires = DeviceInside.Inputs(job, subject).SelectMany(l => job.EndsAt(l.Id)).Select(e => e.Wire).ToList();
        var hots = wires.FindAll(w => w.Function.IsHot() && w.CircuitId is not null);
        var other =
            hots.Count == 0
                ? null
                : wires.Find(w =>
                    w is { Function: WireFunction.Neutral, CircuitId: { } of }
                    && !hots.Exists(h => Belong(job, h.CircuitId!.Value, of))
                );
        return other is null
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"The line of {subject.Name} is of circuit {job.Circuits[hots[0].CircuitId!.Value].Name} and its neutral, wire {other.Name}, of circuit {job.Circuits[other.CircuitId!.Value].Name}: switched off, it still carries the other’s current.",
                $"Bring the neutral that came with its line; or say at the circuit that the two share one.",
                "NEC 200.4, 300.3(B) (from memory)",
                RestsOn
            );
    }

    private static bool Belong(Job job, Guid one, Guid other) => one == other || job.ShareNeutral(one, other);
}
