using Lacet.Core.Ferrules;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Listed as bare where a ferrule is wanted.</summary>
public sealed class FerruleMissing : IEndCheck
{
    private static readonly string[] RestsOn =
    [
        "conductor",
        "landing.kind",
        "landing.ferrule",
        "end.saidBare",
        "houseRules.ferrulesOnFineStrands",
    ];

    /// <inheritdoc/>
    public string Id => "ferrule-missing";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        !plan.AtHand.SaidBare || plan.Ferrule is not { } ferrule
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"{plan.Conductor.ToString()} is to land bare in a {plan.Landing.SaidAs}; by its marking or the house rule it gets a ferrule.",
                $"Crimp on {ferrule.SaySize()} with a pin of {ferrule.Pin:mm}.",
                $"house rule; {FerruleChoice.Source}",
                RestsOn
            );
}
