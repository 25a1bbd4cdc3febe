using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Two stranded ends in one opening need a twin ferrule, and there is one only for some sizes.</summary>
public sealed class NoTwinFits : IEndCheck
{
    private static readonly string[] RestsOn = ["conductors", "landing.ferrule"];

    /// <inheritdoc/>
    public string Id => "no-twin-fits";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public IReadOnlyList<string> FollowsFrom => ["two-conductors", "more-than-two-conductors"];

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.AtHand.Second is null
        || plan.Landing is not PrintedLanding landing
        || !plan.WantsFerrule(landing)
        || plan.Ferrule is not null
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"No twin ferrule is made for two of {plan.Conductor.Size.Name}, and two single ferrules side by side do not seat in one opening.",
                $"Give each conductor its own landing and bridge them. Twins go from 2 × 0.5 to 2 × 16 mm².",
                "common practice (from memory)",
                RestsOn
            );
}
