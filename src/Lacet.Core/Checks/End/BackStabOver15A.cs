using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Back-stab holes end at 15 A circuits.</summary>
public sealed class BackStabOver15A : IEndCheck
{
    private static readonly string[] RestsOn = ["landing.kind", "circuitAmps"];

    /// <inheritdoc/>
    public string Id => "back-stab-over-15-a";

    /// <inheritdoc/>
    public bool NeedsWire => false;

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Landing is not BackStab || plan.AtHand.CircuitAmps is not > 15
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"A back-stab hole is for circuits to 15 A; this one is {plan.AtHand.CircuitAmps:0.#} A.",
                $"Use the binding screw or the back-wire clamp.",
                "UL 498 (from memory)",
                RestsOn
            );
}
