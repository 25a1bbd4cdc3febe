using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A torque known only from common practice.</summary>
public sealed class TorqueNotMarked : IEndCheck
{
    /// <summary>Its id, by which a recipe leaves it out: there it stands beside the reading.</summary>
    internal const string Check = "torque-not-marked";

    private static readonly string[] RestsOn = ["landing.torqueMarking"];

    /// <inheritdoc/>
    public string Id => Check;

    /// <inheritdoc/>
    public bool NeedsWire => false;

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        plan.Torque is not { Trust: Trust.CommonPractice }
            ? null
            : new Finding(
                Id,
                Severity.Note,
                $"The torque is only what is usual, not what this device asks for.",
                $"Find the marking: on the device, in its box, or on the maker’s sheet, and set it here.",
                "NEC 110.14(D) (from memory)",
                RestsOn
            );
}
