using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Two conductors together must be within the landing’s range.</summary>
public sealed class TwoTooThick : IEndCheck
{
    private static readonly string[] RestsOn = ["conductors", "landing.mostMm2"];

    /// <inheritdoc/>
    public string Id => "two-too-thick";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public IReadOnlyList<string> FollowsFrom => ["two-conductors", "more-than-two-conductors"];

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan)
    {
        if (
            plan.AtHand.Second is not { } second
            || plan.Landing is BackWireClamp
            || plan.Landing is not PrintedLanding landing
        )
        {
            return null;
        }

        var total = plan.Conductor.Size.Area.SquareMillimetres + second.Size.Area.SquareMillimetres;
        return total <= landing.MostMm2 + 1e-9
            ? null
            : new Finding(
                Id,
                landing.IsMostKnown ? Severity.Stop : Severity.Fix,
                landing.IsMostKnown
                    ? (FormattableString)
                        $"Together they have {total:0.##} mm², and this {landing.SaidAs} takes up to {landing.MostMm2:0.##} mm²."
                    : $"Together they have {total:0.##} mm²; nobody read how much this {landing.SaidAs} takes, and {landing.MostMm2:0.##} mm² is usual.",
                $"Take a landing that is marked for {total:0.##} mm² or for this pair, or splice both to one pigtail.",
                "the landing’s printed range; NEC 110.14(A) (from memory)",
                RestsOn
            );
    }
}
