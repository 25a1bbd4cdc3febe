using Lacet.Core.Quantities;
using Lacet.Core.Torques;

namespace Lacet.Core.Checks.End;

/// <summary>The socket's torque is for the lug's large conductors: a small one shears under it.</summary>
public sealed class SmallWireInLargeLug : IEndCheck
{
    private static readonly string[] RestsOn = ["conductor.size", "landing.mostMm2", "landing.torqueMarking"];

    /// <inheritdoc/>
    public string Id => "small-wire-in-large-lug";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Torque is not { Reason.Rule: TorqueChoice.SmallConductor }
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"{plan.Conductor.Size.Name} is small for this lug: the full torque of its socket would shear the wire.",
                $"Small conductors have a row of their own on the label: read the torque for {plan.Conductor.Size.Name} there, and set it here.",
                "labels of listed lugs, common practice (from memory)",
                RestsOn
            );
}
