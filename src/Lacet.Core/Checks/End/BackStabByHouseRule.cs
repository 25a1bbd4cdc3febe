using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>The house does not use back-stab holes.</summary>
public sealed class BackStabByHouseRule : IEndCheck
{
    private static readonly string[] RestsOn = ["landing.kind", "houseRules.backStabHoles"];

    /// <inheritdoc/>
    public string Id => "back-stab-by-house-rule";

    /// <inheritdoc/>
    public bool NeedsWire => false;

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public IReadOnlyList<string> FollowsFrom => ["conductor-out-of-range", "build-not-accepted", "back-stab-over-15-a"];

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Landing is not BackStab || plan.Rules.BackStabHoles != BackStabHoles.Never
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"House rule: back-stab holes are not used. They are lawful for 14 AWG solid copper to 15 A, and they work loose with heat and vibration.",
                $"Use the back-wire clamp or the binding screw of the same device.",
                "house rule; common practice",
                RestsOn
            );
}
