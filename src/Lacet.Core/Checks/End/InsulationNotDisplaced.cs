using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Insulation-displacement contacts hold one range of insulation.</summary>
public sealed class InsulationNotDisplaced : IEndCheck
{
    private static readonly string[] RestsOn =
    [
        "conductor.insulationOuterDiameterMm",
        "conductor.designation",
        "landing.insulationLeastMm",
        "landing.insulationMostMm",
    ];

    /// <inheritdoc/>
    public string Id => "insulation-not-displaced";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Landing is not InsulationDisplacement block
        || (
            plan.Conductor.InsulationOuterDiameter >= block.InsulationLeast
            && plan.Conductor.InsulationOuterDiameter <= block.InsulationMost
        )
            ? null
            : new Finding(
                Id,
                block.InsulationIsKnown ? Severity.Stop : Severity.Fix,
                block.InsulationIsKnown
                    ? (FormattableString)
                        $"Insulation {plan.Conductor.InsulationOuterDiameter:mm} over all; the contacts hold {block.InsulationLeast:mm} to {block.InsulationMost:mm}: they cut too little or do not grip."
                    : $"Nobody read which insulation the contacts hold; usual is {block.InsulationLeast:mm} to {block.InsulationMost:mm}, and this wire has {plan.Conductor.InsulationOuterDiameter:mm}.",
                block.InsulationIsKnown
                    ? (FormattableString)
                        $"Take wire whose insulation is in that range, or a block that is clamped or pushed in."
                    : $"Read it off the block’s sheet and set it here.",
                block.InsulationIsKnown ? "the block’s printed data" : "typical (from memory)",
                RestsOn
            );
}
