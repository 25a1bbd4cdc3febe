using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Solid conductors take no ferrule.</summary>
public sealed class FerruleOnSolid : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.build", "landing.ferrule"];

    /// <inheritdoc/>
    public string Id => "ferrule-on-solid";

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Landing is not PrintedLanding { Ferrule: FerruleAcceptance.Required } || plan.Conductor.Build != Build.Solid
        ? null
        : new Finding(
            Id,
            Severity.Note,
            $"This landing asks for ferrules, which are for strands: a solid conductor takes none.",
            $"Land it bare if its sheet lists solid conductors; otherwise use a stranded wire with a ferrule.",
            "common practice",
            RestsOn);
}
