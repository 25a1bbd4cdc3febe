using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A size that is in range only by the metric size it is paired with.</summary>
public sealed class RangeByPairing : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "landing.leastMm2", "landing.mostMm2"];

    /// <inheritdoc/>
    public string Id => "range-by-pairing";

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        !plan.Landing.Takes(plan.Conductor.Size) || plan.Landing.TakesByArea(plan.Conductor.Size)
            ? null
            : new Finding(
                Id,
                Severity.Note,
                $"{plan.Conductor.Size.Name} has {plan.Conductor.Size.Area.SquareMillimetres:0.##} mm² and counts here as the {plan.Conductor.Size.PairedArea:0.##} mm² it is usually paired with.",
                $"Read the gauges printed on the landing: {plan.Conductor.Size.Name} must be among them.",
                "usual pairings, common practice",
                RestsOn
            );
}
