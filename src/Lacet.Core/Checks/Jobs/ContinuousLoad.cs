using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What runs for hours, against the breaker.</summary>
public sealed class ContinuousLoad : IJobCheck<Circuit>
{
    private static readonly string[] RestsOn = ["circuit.loadAmps", "circuit.continuous", "circuit.ocpdAmps"];

    /// <inheritdoc/>
    public string Id => "continuous-load";

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Circuit;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Circuit subject) => subject is not { LoadAmps: { } load, OcpdAmps: { } breaker } ? null
        : load > breaker ? new Finding(
            Id,
            Severity.Stop,
            $"Circuit {subject.Name} carries {load:0.#} A on a breaker of {breaker:0.#} A.",
            $"Share the load out, or take a larger breaker with conductors for it.",
            "NEC 210.20 (from memory)",
            RestsOn)
        : subject.Continuous && load * 1.25 > breaker ? new Finding(
            Id,
            Severity.Fix,
            $"Circuit {subject.Name} carries {load:0.#} A for hours; a breaker of {breaker:0.#} A may carry {breaker / 1.25:0.#} A so.",
            $"Take a breaker of {load * 1.25:0.#} A or more with conductors for it, or share the load out.",
            "NEC 210.20(A) (from memory)",
            RestsOn)
        : null;
}
