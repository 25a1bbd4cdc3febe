using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A line conductor of no circuit: its breaker and its load are not judged, and that is said.</summary>
public sealed class CircuitNotKnown : IJobCheck<JobWire>
{
    private static readonly string[] RestsOn = ["wire.function", "wire.circuitId"];

    /// <inheritdoc/>
    public string Id => "circuit-not-known";

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Wire;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobWire subject) =>
        subject is not { CircuitId: null } || !subject.Function.IsHot()
            ? null
            : new Finding(
                Id,
                Severity.Note,
                $"Not judged: wire {subject.Name} is {subject.Function.Say()} and of no circuit, so neither breaker nor load is passed or refused.",
                $"Say which circuit it is of.",
                "no value",
                RestsOn
            );
}
