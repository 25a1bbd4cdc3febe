using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A ring’s printed range must hold the conductor.</summary>
public sealed class NoRingFits : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "landing.kind"];

    /// <inheritdoc/>
    public string Id => "no-ring-fits";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Landing is not Stud stud || plan.Ring is not null || !stud.Takes(plan.Conductor.Size)
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"{plan.Conductor.Size.NameInBoth} lies in no insulated ring’s printed range.",
                $"Take an uninsulated ring or a lug listed for {plan.Conductor.Size.Name}, with its own die.",
                "ranges of insulated terminals, common practice (from memory)",
                RestsOn
            );
}
