using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Metal hardens where it bent, and a ringed wire breaks at the ring.</summary>
public sealed class EndUsedBefore : IEndCheck
{
    private static readonly string[] RestsOn = ["asFound.condition"];

    /// <inheritdoc/>
    public string Id => "end-used-before";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.AtHand.Condition switch
        {
            EndCondition.UsedHook => new Finding(
                Id,
                Severity.Stop,
                $"This end was a hook before. Metal hardens where it bent, and a hook that is opened or bent again breaks there.",
                $"Cut it off behind the bend and strip again: it costs the strip length and about {FreeLength.Trim:mm} of free wire.",
                "common practice (from memory)",
                RestsOn
            ),
            EndCondition.Ringed when plan.Conductor.Build == Build.Solid => new Finding(
                Id,
                Severity.Stop,
                $"A ring runs round the wire where the stripper was turned: it will break there.",
                $"Cut back behind the ring, and push the stripper straight off.",
                "common practice (from memory)",
                RestsOn
            ),
            _ => null,
        };
}
