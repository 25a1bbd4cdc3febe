using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A ferrule is wanted and there is no size for the conductor.</summary>
public sealed class FerruleNoneFits : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "conductor.build", "landing.ferrule"];

    /// <inheritdoc/>
    public string Id => "ferrule-none-fits";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.AtHand.Second is not null
        || plan.Landing is not PrintedLanding block
        || !plan.WantsFerrule(block)
        || plan.Ferrule is not null
            ? null
            : new Finding(
                Id,
                block.Ferrule == FerruleAcceptance.Required ? Severity.Stop : Severity.Fix,
                $"No ferrule in the table fits {plan.Conductor.Size.Name}: its strands stay loose in the smallest pin, or do not enter the largest.",
                $"Take a ferrule whose printed range includes {plan.Conductor.Size.Name}, or a landing that takes this wire bare.",
                FerruleChoice.Source,
                RestsOn
            );
}
