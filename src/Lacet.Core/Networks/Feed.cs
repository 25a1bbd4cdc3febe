using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Networks;

/// <summary>How it gets to a landing: from a breaker that feeds it, and what is lost on the way.</summary>
/// <param name="Breaker">The breaker.</param>
/// <param name="Way">From the breaker to the landing.</param>
/// <param name="Length">
/// Of all its wires; null where the length of one is not known, and behind a supply or a transformer.
/// </param>
/// <param name="DropPercent">
/// The voltage lost on the way, percent, at the load of the circuit that arrives (<see cref="VoltageDrop.Source"/>); null
/// where length, conductor, voltage or load is not known.
/// </param>
/// <param name="Says">That, in a sentence; null as it is.</param>
/// <param name="Supply">The supply or transformer behind which it is; null where it comes straight from the breaker.</param>
public sealed record Feed(
    Device Breaker,
    Way Way,
    Length? Length,
    double? DropPercent,
    FormattableString? Says,
    Device? Supply
)
{
    /// <summary>Every breaker that feeds a landing through closed contacts, the nearest first.</summary>
    public static IReadOnlyList<Feed> Of(Job job, JobLanding landing) =>
        [.. Feeders.Of(job, landing).Select(f => Along(job, f.Breaker, f.Way.Back()))];

    private static Feed Along(Job job, Device breaker, Way way)
    {
        var wires = way.Stops.Select(s => s.WireId).OfType<Guid>().Select(id => job.Wires[id]).ToList();
        // Behind a supply the voltage is another, and the way is no longer one circuit’s.
        var output = way
            .Stops.Select(s => s.LandingId)
            .OfType<Guid>()
            .Select(id => job.Landings[id])
            .LastOrDefault(l => DeviceInside.IsOutput(job, l));
        if (output?.DeviceId is { } supply)
        {
            return new(breaker, way, null, null, null, job.Devices[supply]);
        }

        var mm = wires.Sum(w => w.Length?.Millimetres ?? double.NaN);
        var ohms = wires.Sum(w =>
            w is { Conductor: { } conductor, Length: { } length }
                ? VoltageDrop.Ohms(conductor, length) ?? double.NaN
                : double.NaN
        );
        var circuit = wires.Select(w => w.CircuitId).LastOrDefault(id => id is not null) is { } of
            ? job.Circuits[of]
            : null;
        var lost =
            circuit is { Volts: { } volts, LoadAmps: { } amps } && !double.IsNaN(ohms)
                ? VoltageDrop.Percent(ohms, amps, volts, circuit.Phases)
                : (double?)null;
        return new(
            breaker,
            way,
            double.IsNaN(mm) ? null : new Length(mm),
            lost,
            lost is null
                ? null
                : (FormattableString)
                    $"{lost:0.0} % of {circuit!.Volts:0.#} V is lost on the way at {circuit.LoadAmps:0.#} A; {VoltageDrop.Advised:0} % is the usual advice.",
            null
        );
    }
}
