using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>What stands between two landings, by the wires that are landed there.</summary>
/// <param name="Volts">The voltage, V; null where nobody said that of their circuit.</param>
/// <param name="IsDc">Whether it is direct current.</param>
public sealed record VoltageBetween(double? Volts, bool IsDc)
{
    /// <summary>What stands between two landings; null where their wires do not say it.</summary>
    public static VoltageBetween? Of(Job job, JobLanding one, JobLanding other) =>
        At(job, one) is { } a && At(job, other) is { } b
            ? a.Potential <= b.Potential
                ? Of(a.Potential, b.Potential, a.Circuit, b.Circuit)
                : Of(b.Potential, a.Potential, b.Circuit, a.Circuit)
            : null;

    private static VoltageBetween? Of(Potential low, Potential high, Circuit? one, Circuit? other) =>
        (low, high) switch
        {
            (Potential.Plus, Potential.Zero) => new((one ?? other)?.Volts, IsDc: true),
            (Potential.ControlAc, Potential.ControlAc) => new((one ?? other)?.Volts, IsDc: false),
            (Potential.Neutral, Potential.ControlAc) => new(other?.Volts, IsDc: false),
            // A circuit of three phases says its voltage between lines.
            var (hot, neutral) when neutral == Potential.Neutral && hot.IsHot() => new(
                one is { Phases: 3, Volts: { } between } ? between / Math.Sqrt(3) : one?.Volts,
                IsDc: false
            ),
            // Two legs of one supply that share a neutral stand at twice the voltage, or at 1.7 times: that is not known.
            var (first, second) when first.IsHot() && second.IsHot() => new(
                one is not null && one.Id == other?.Id ? one.Volts : null,
                IsDc: false
            ),
            _ => null,
        };

    private static (Potential Potential, Circuit? Circuit)? At(Job job, JobLanding landing)
    {
        var wires = job.EndsAt(landing.Id).Select(e => e.Wire).Where(w => !w.Retired).ToList();
        return wires.Find(w => Potentials.Of(w.Function) is not null) is { } wire
            ? (
                Potentials.Of(wire.Function)!.Value,
                wires.Select(w => w.CircuitId).FirstOrDefault(c => c is not null) is { } id ? job.Circuits[id] : null
            )
            : null;
    }
}
