using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A breaker feeds one circuit, or circuits that share a neutral.</summary>
public sealed class BreakerOfSeveralCircuits : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.type",
        "landing.ends",
        "landing.side",
        "wire.circuitId",
        "circuit.sharesNeutralWith",
    ];

    /// <inheritdoc/>
    public string Id => "breaker-of-several-circuits";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject.Type != DeviceType.Breaker)
        {
            return null;
        }

        var hots = job.LandingsOf(subject.Id)
            .Where(l => l.Side != DeviceSide.Line)
            .SelectMany(l => job.EndsAt(l.Id).Select(e => (Landing: l, e.Wire)))
            .Where(h => h.Wire.Function.IsHot() && h.Wire.CircuitId is not null)
            .ToList();
        // Two on one terminal are joined there, and are found so.
        foreach (var (landing, wire) in hots)
        {
            var (one, of) = (wire.CircuitId!.Value, hots.Find(h => IsApart(job, wire, h.Wire) && h.Landing != landing));
            if (of.Wire is { } other)
            {
                return new Finding(
                    Id,
                    Severity.Stop,
                    $"{subject.Name} feeds circuit {job.Circuits[one].Name} by wire {wire.Name} and circuit {job.Circuits[other.CircuitId!.Value].Name} by wire {other.Name}: one of them is on its neighbour’s breaker.",
                    $"Trace both wires, and land each on the breaker of its own circuit.",
                    "NEC 210.20, 408.4(A) (from memory); common practice",
                    RestsOn
                )
                {
                    Way = Way.From(job, landing).Through(job, of.Landing).Stops,
                };
            }
        }

        return null;
    }

    private static bool IsApart(Job job, JobWire one, JobWire other) =>
        one.CircuitId is { } a && other.CircuitId is { } b && a != b && !job.ShareNeutral(a, b);
}
