using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Aluminium goes only where the landing is marked for it.</summary>
public sealed class AluminiumNotMarked : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.material", "landing.metals"];

    /// <inheritdoc/>
    public string Id => "aluminium-not-marked";

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) => plan.Landing.Metals.Contains(plan.Conductor.Material)
        ? null
        : new Finding(
            Id,
            Severity.Stop,
            $"Aluminium goes only on a landing marked for it; this {plan.Landing.SaidAs} is taken as copper only.",
            $"Look for AL, CU-AL or CO/ALR on the device and set it here; without it, splice a copper pigtail with a connector listed for both metals.",
            "NEC 110.14 and 404.14(C), 406.3(C) (from memory)",
            RestsOn);
}
