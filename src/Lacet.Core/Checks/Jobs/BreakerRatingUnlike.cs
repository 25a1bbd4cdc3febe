using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A breaker is what its circuit says that it is.</summary>
public sealed class BreakerRatingUnlike : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.ratingAmps",
        "landing.ends",
        "landing.side",
        "circuit.ocpdAmps",
    ];

    /// <inheritdoc/>
    public string Id => "breaker-rating-unlike";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject is not { Type: DeviceType.Breaker, RatingAmps: { } rating })
        {
            return null;
        }

        var circuit = job.LandingsOf(subject.Id)
            .Where(l => l.Side != DeviceSide.Line)
            .SelectMany(l => job.EndsAt(l.Id))
            .Where(e => e.Wire.Function.IsHot())
            .Select(e => e.Wire.CircuitId)
            .OfType<Guid>()
            .Select(id => job.Circuits[id])
            .FirstOrDefault(c => c.OcpdAmps is { } amps && Math.Abs(amps - rating) > 0.01);
        return circuit is null
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"{subject.Name} is {rating:0.#} A, and circuit {circuit.Name} on it is planned with {circuit.OcpdAmps:0.#} A: conductors and devices were chosen for that.",
                $"Read the breaker’s handle; then put right whichever is wrong, and judge the circuit anew.",
                "NEC 240.4, 210.3 (from memory)",
                RestsOn
            );
    }
}
