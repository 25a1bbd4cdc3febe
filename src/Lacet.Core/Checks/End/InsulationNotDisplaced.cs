using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Insulation-displacement contacts hold one range of insulation.</summary>
public sealed class InsulationNotDisplaced : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.insulationOuterDiameterMm", "landing.insulationLeastMm", "landing.insulationMostMm"];

    /// <inheritdoc/>
    public string Id => "insulation-not-displaced";

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) => plan.Landing is not InsulationDisplacement block
            || (plan.Conductor.InsulationOuterDiameter >= block.InsulationLeast && plan.Conductor.InsulationOuterDiameter <= block.InsulationMost)
        ? null
        : new Finding(
            Id,
            Severity.Stop,
            $"Insulation {plan.Conductor.InsulationOuterDiameter} over all; the contacts hold {block.InsulationLeast} to {block.InsulationMost}: they cut too little or do not grip.",
            $"Take wire whose insulation is in that range, or a block that is clamped or pushed in.",
            "the block’s printed data",
            RestsOn);
}
