using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Copper and aluminium do not touch, but in a connector listed for both.</summary>
public sealed class MixedMetals : IEndCheck
{
    private static readonly string[] RestsOn = ["conductors"];

    /// <inheritdoc/>
    public string Id => "mixed-metals";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public IReadOnlyList<string> FollowsFrom => ["two-conductors", "more-than-two-conductors"];

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.AtHand.Second is not { } second || second.Material == plan.Conductor.Material
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"Copper and aluminium in one {plan.Landing.SaidAs}: where they touch, the aluminium corrodes and the joint heats.",
                $"Join them in a connector listed for copper with aluminium, and land one pigtail.",
                "NEC 110.14 (from memory)",
                RestsOn
            );
}
