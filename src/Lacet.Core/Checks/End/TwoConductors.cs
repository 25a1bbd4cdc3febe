using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>One landing, one conductor, unless it is marked for two.</summary>
public sealed class TwoConductors : IEndCheck
{
    private static readonly string[] RestsOn = ["conductors", "landing.takesTwo"];

    /// <inheritdoc/>
    public string Id => "two-conductors";

    /// <inheritdoc/>
    public bool NeedsWire => false;

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        !plan.AtHand.IsDoubled || plan.Landing.TakesTwo
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"Two conductors in one {plan.Landing.SaidAs}: it takes one, unless it is marked for two.",
                $"Splice both to one pigtail, or give each its own landing; where the landing is marked for two, set that here.",
                "NEC 110.14(A) (from memory)",
                RestsOn
            );
}
