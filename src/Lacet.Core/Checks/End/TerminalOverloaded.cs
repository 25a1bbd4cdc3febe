using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A termination carries no more than its temperature column.</summary>
public sealed class TerminalOverloaded : IEndCheck
{
    private static readonly string[] RestsOn =
    [
        "conductor.size",
        "conductor.material",
        "conductor.designation",
        "landing.temperatureC",
        "circuitAmps",
    ];

    /// <inheritdoc/>
    public string Id => "terminal-overloaded";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Wire;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        (plan.AtHand.CircuitAmps, plan.Ampacity) switch
        {
            (null, _) => null,
            // A cord goes by its own tables, at what is plugged in with it.
            _ when plan.Conductor.Designation is { Kind: DesignationKind.Cord } => null,
            ({ } amps, null) => new Finding(
                Id,
                Severity.Note,
                $"Not judged: no table here has the ampacity of {plan.Conductor.ToString()}, so {amps:0.#} A is neither passed nor refused.",
                $"Find the ampacity in the code that rules, at the terminal’s temperature.",
                "no table",
                RestsOn
            ),
            ({ } amps, { } table) when amps > table.Breaker => new Finding(
                Id,
                Severity.Stop,
                $"{plan.Conductor.ToString()} may be protected at {table.Breaker:0.#} A at most here ({table.TemperatureC} °C column: {table.Amps:0.#} A); the circuit is {amps:0.#} A.",
                $"Take a larger conductor, or a smaller breaker.",
                table.Source,
                RestsOn
            ),
            _ => null,
        };
}
