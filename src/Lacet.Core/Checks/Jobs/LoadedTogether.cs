using Lacet.Core.Circuits;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Loaded conductors that heat each other.</summary>
public sealed class LoadedTogether : IJobCheck<RunOfWires>
{
    private static readonly string[] RestsOn = ["run.wires", "conductor", "circuit.ocpdAmps", "circuit.phases"];

    /// <inheritdoc/>
    public string Id => "loaded-together";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Run;

    /// <inheritdoc/>
    public Finding? Judge(Job job, RunOfWires subject)
    {
        var loaded = subject.Wires.Where(w => Counts(job, w)).ToList();
        if (loaded.Count <= 3)
        {
            return null;
        }

        foreach (var wire in loaded.OrderBy(w => w.Order).ThenBy(w => w.Id))
        {
            if (
                wire is not { Conductor: { } conductor, CircuitId: { } circuit }
                || job.Circuits[circuit].OcpdAmps is not { } breaker
            )
            {
                continue;
            }

            // What a cord carries is in tables of its own (NEC 240.5(B) and 400.5, from memory).
            if (
                job.IsOfCord(wire)
                || Ampacity.Together(
                    conductor,
                    TerminalC(job, wire),
                    loaded.Count,
                    ReceptacleRating.OutletsOn(job, circuit) > 1
                )
                    is not { } together
            )
            {
                return new Finding(
                    Id,
                    Severity.Note,
                    $"Not judged: {loaded.Count} loaded conductors run together in {subject.Name}, and no table here derates {conductor.ToString()}.",
                    $"Find the factor in the code that rules.",
                    "no table",
                    RestsOn
                );
            }

            if (together.Breaker < breaker)
            {
                return new Finding(
                    Id,
                    Severity.Stop,
                    $"{loaded.Count} loaded conductors run together in {subject.Name}: wire {wire.Name}, {conductor.ToString()}, carries {together.Amps:0.#} A so, and its breaker is {breaker:0.#} A.",
                    $"Part the run, take larger conductors, or a smaller breaker.",
                    together.Source,
                    RestsOn
                );
            }
        }

        return null;
    }

    /// <summary>
    /// Earths never count, and the neutral of a shared or a three-phase circuit carries only what its lines do not
    /// balance (NEC 310.15(E), from memory).
    /// </summary>
    private static bool Counts(Job job, JobWire wire) =>
        wire.Function.IsHot()
        || wire.Function is WireFunction.ControlAc or WireFunction.ControlPlus or WireFunction.ControlMinus
        || (
            wire.Function == WireFunction.Neutral
            && !(
                wire.CircuitId is { } circuit
                && (
                    job.Circuits[circuit] is { Phases: 3 } or { SharesNeutralWith: not null }
                    || job.Sharing(circuit).Any()
                )
            )
        );

    private static int? TerminalC(Job job, JobWire wire)
    {
        var marked = new[] { wire.A.LandingId, wire.B.LandingId }
            .OfType<Guid>()
            .Select(id => job.Landings[id].Landing?.TemperatureC)
            .ToList();
        return marked.Count > 0 && marked.TrueForAll(m => m is not null) ? marked.Min() : null;
    }
}
