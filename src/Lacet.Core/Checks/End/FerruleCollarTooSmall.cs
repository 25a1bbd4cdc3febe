using Lacet.Core.Ferrules;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Insulation that does not go into the collar.</summary>
public sealed class FerruleCollarTooSmall : IEndCheck
{
    private static readonly string[] RestsOn =
    [
        "conductor.insulationOuterDiameterMm",
        "conductor.designation",
        "conductor.size",
        "end.ferrule",
    ];

    /// <inheritdoc/>
    public string Id => "ferrule-collar-too-small";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan
            is not {
                AtHand.GivenFerrule.Collar: Collar.Standard,
                PossibleFerrule: { Collar: Collar.Large, CollarBore: { } bore }
            }
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"Insulation of {plan.Conductor.InsulationOuterDiameter:mm} does not go into a standard collar of {bore:mm}: bare strands stay behind it.",
                $"Take the large-collar type of the same size.",
                FerruleChoice.Source,
                RestsOn
            )
            {
                Trust = plan.Conductor.InsulationIsGiven ? Trust.Standard : Trust.CommonPractice,
            };
}
