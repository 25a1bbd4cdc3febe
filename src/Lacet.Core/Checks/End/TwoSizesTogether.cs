using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Two conductors of different size or build do not share a clamp evenly.</summary>
public sealed class TwoSizesTogether : IEndCheck
{
    private static readonly string[] RestsOn = ["conductors"];

    /// <inheritdoc/>
    public string Id => "two-sizes-together";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public IReadOnlyList<string> FollowsFrom => ["two-conductors", "more-than-two-conductors"];

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.AtHand.Second is not { } second
        || plan.Landing is BackWireClamp
        || second.Material != plan.Conductor.Material
        || (second.Size.Equals(plan.Conductor.Size) && second.Build == plan.Conductor.Build)
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"{plan.Conductor.ToString()} and {second.ToString()} do not share one clamp: the thicker holds the thinner loose.",
                $"Give each its own landing and bridge them, or splice them to one pigtail.",
                "makers’ combinations are of one size; common practice (from memory)",
                RestsOn
            );
}
