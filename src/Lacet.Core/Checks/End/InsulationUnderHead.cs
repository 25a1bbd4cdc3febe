using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Thick insulation meets the head before the bare metal showing is down to 2 mm.</summary>
public sealed class InsulationUnderHead : IEndCheck
{
    private static readonly string[] RestsOn =
    [
        "conductor.insulationOuterDiameterMm",
        "conductor.designation",
        "landing.screw",
    ];

    /// <inheritdoc/>
    public string Id => "insulation-under-head";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Hook is not { InsulationClears: false, HeadCoversWire: true }
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"Insulation {plan.Conductor.InsulationOuterDiameter:mm} over all is thick for this screw: kept clear of the head, it leaves more than 2 mm of bare metal showing.",
                $"Take a larger screw or a back-wire clamp; never clamp the insulation to hide the metal.",
                "geometry; common practice",
                RestsOn
            );
}
