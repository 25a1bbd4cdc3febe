using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Tinned strands never go under a screw or a spring: solder creeps.</summary>
public sealed class TinnedStrands : IEndCheck
{
    private static readonly string[] RestsOn = ["asFound.condition", "landing.kind"];

    /// <inheritdoc/>
    public string Id => "tinned-strands";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.AtHand.Condition != EndCondition.Tinned || plan.Conductor.Build == Build.Solid || plan.Landing is SolderLug
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"Tinned strands do not go under a screw, a spring or a crimp: solder creeps under pressure, and the joint goes loose and hot.",
                $"Cut the tinned part off and strip again; use a ferrule where the landing allows one.",
                "common practice (from memory)",
                RestsOn
            );
}
