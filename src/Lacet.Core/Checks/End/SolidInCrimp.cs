using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Insulated rings and crimped lugs are made for strands.</summary>
public sealed class SolidInCrimp : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.build", "landing.kind"];

    /// <inheritdoc/>
    public string Id => "solid-in-crimp";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Landing is not (Stud or CrimpedLug) || plan.Conductor.Build != Build.Solid
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"Most rings and lugs are listed for stranded conductors only; a crimp on solid wire relaxes.",
                $"Take one whose sheet lists solid {plan.Conductor.Size.Name}, or land the wire under a screw or in a clamp.",
                "UL 486A-486B listings; common practice (from memory)",
                RestsOn
            );
}
