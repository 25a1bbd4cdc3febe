using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>Receptacle screws are made for the wires of receptacle circuits.</summary>
public sealed class ThinWireUnderScrew : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size"];

    /// <inheritdoc/>
    public string Id => "thin-wire-under-screw";

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    /// <remarks>14 AWG is the smallest branch-circuit conductor (NEC 210.19).</remarks>
    public Finding? Judge(EndPlan plan) =>
        plan.Hook is null
        || plan.Landing is not BindingScrew { On: null or ScrewOn.Receptacle or ScrewOn.Switch }
        || plan.Conductor.Size.PairedArea >= 1.5
            ? null
            : new Finding(
                Id,
                Severity.Note,
                $"{plan.Conductor.Size.Name} is smaller than the wires that receptacle screws are made for.",
                $"For control wiring, a ring or fork holds a thin wire better than a hook.",
                "UL 498, NEC 210.19 (from memory)",
                RestsOn
            );
}
