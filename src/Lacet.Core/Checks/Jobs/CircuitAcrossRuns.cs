using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A neutral that runs without its line: what the two no longer cancel heats the steel around them.</summary>
public sealed class CircuitAcrossRuns : IJobCheck<RunOfWires>
{
    private static readonly string[] RestsOn = ["run.wires", "wire.function", "wire.circuitId", "wire.run"];

    /// <inheritdoc/>
    public string Id => "circuit-across-runs";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Run;

    /// <inheritdoc/>
    public Finding? Judge(Job job, RunOfWires subject)
    {
        foreach (var wire in subject.Wires.OrderBy(w => w.Order).ThenBy(w => w.Id))
        {
            if (wire is not { Function: WireFunction.Neutral, CircuitId: { } circuit })
            {
                continue;
            }

            if (
                job.RunningWith([wire])
                    .Any(w => w.Function.IsHot() && (w.CircuitId is not { } of || IsOne(job, circuit, of)))
            )
            {
                continue;
            }

            if (
                job.WiresOf(circuit)
                    .Where(w => w is { Retired: false } && w.Function.IsHot() && job.RunOf(w) is not null)
                    .MinBy(w => (w.Order, w.Id)) is
                { } line
            )
            {
                return new Finding(
                    Id,
                    Severity.Fix,
                    $"Wire {wire.Name}, the neutral of circuit {job.Circuits[circuit].Name}, runs in {subject.Name}, and its line, wire {line.Name}, in {job.RunOf(line)}: apart they heat the steel around them, and a fault trips late.",
                    $"Run all conductors of a circuit in one raceway or cable.",
                    "NEC 300.3(B), 300.20; IEC 60364-5-52 clause 521.5 (from memory)",
                    RestsOn
                );
            }
        }

        return null;
    }

    private static bool IsOne(Job job, Guid one, Guid other) => one == other || job.ShareNeutral(one, other);
}
