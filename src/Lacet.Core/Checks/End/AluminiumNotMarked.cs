using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Aluminium goes only where the landing is marked for it.</summary>
public sealed class AluminiumNotMarked : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.material", "landing.metals", "landing.coAlr"];

    /// <inheritdoc/>
    public string Id => "aluminium-not-marked";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Conductor.Material == Material.Copper || IsMarked(plan.Landing)
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                IsOnDevice(plan.Landing)
                    ? (FormattableString)
                        $"Aluminium goes on a receptacle’s or switch’s screw only where it is marked CO/ALR: AL or CU-AL is not enough there."
                    : $"Aluminium goes only on a landing marked for it; this {plan.Landing.SaidAs} is taken as copper only.",
                $"Look for {Mark(plan.Landing)} and set it here. Without it: a copper pigtail in a connector listed for aluminium with copper; do not twist.",
                "NEC 110.14 and 404.14(C), 406.3(C) (from memory)",
                RestsOn
            );

    /// <summary>What a landing must be marked with: lugs say AL7CU or AL9CU, receptacles and switches CO/ALR.</summary>
    private static string Mark(Landing landing) =>
        landing switch
        {
            _ when IsOnDevice(landing) => "CO/ALR on the strap",
            SetScrewLug or CrimpedLug => "AL7CU or AL9CU on the lug",
            _ => "AL or CU-AL on it",
        };

    private static bool IsMarked(Landing landing) =>
        IsOnDevice(landing) ? landing.IsCoAlr : landing.Metals.Contains(Material.Aluminium);

    private static bool IsOnDevice(Landing landing) =>
        landing is BindingScrew { On: null or ScrewOn.Receptacle or ScrewOn.Switch } or BackWireClamp;
}
