using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Solid conductors take no ferrule.</summary>
public sealed class FerruleOnSolid : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.build", "landing.ferrule", "end.ferrule"];

    /// <inheritdoc/>
    public string Id => "ferrule-on-solid";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Conductor.Build != Build.Solid ? null
        : plan.AtHand.GivenFerrule is not null
            ? new Finding(
                Id,
                Severity.Fix,
                $"A ferrule on a solid conductor: the pin does not close on it, and it slides off.",
                $"Cut back, strip anew, and land the solid conductor bare.",
                "common practice (from memory)",
                RestsOn
            )
        : plan.Landing is PrintedLanding { Ferrule: FerruleAcceptance.Required }
            ? new Finding(
                Id,
                Severity.Note,
                $"This landing asks for ferrules, which are for strands: a solid conductor takes none.",
                $"Land it bare if its sheet lists solid conductors; otherwise use a stranded wire with a ferrule.",
                "common practice",
                RestsOn
            )
        : null;
}
