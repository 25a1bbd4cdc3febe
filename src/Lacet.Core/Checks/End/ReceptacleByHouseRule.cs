using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>The house wires receptacles another way.</summary>
public sealed class ReceptacleByHouseRule : IEndCheck
{
    private static readonly string[] RestsOn = ["landing.kind", "houseRules.receptacleWiring"];

    /// <inheritdoc/>
    public string Id => "receptacle-by-house-rule";

    /// <inheritdoc/>
    public bool NeedsWire => false;

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(EndPlan plan) =>
        (plan.Landing, plan.Rules.ReceptacleWiring) switch
        {
            _ when plan.AtHand.AtGreenScrew => null,
            (BindingScrew { On: ScrewOn.ControlDevice or ScrewOn.Lampholder or ScrewOn.Switch }, _) => null,
            (BindingScrew, ReceptacleWiring.BackWireClamp) => Note(
                $"House rule: a pigtail to the back-wire clamp first; the hook is for devices without one.",
                $"Look behind the screw for a clamp plate; where there is none, go on."
            ),
            (BindingScrew or BackWireClamp, ReceptacleWiring.LeverDevice) => Note(
                $"House rule: devices with levers.",
                $"Take one where it can be had; where it cannot, go on."
            ),
            (BackWireClamp, ReceptacleWiring.HookOnScrew) => Note(
                $"House rule: a hook on the binding screw.",
                $"Use the screw of the same device, or change the house rule."
            ),
            _ => null,
        };

    private Finding Note(FormattableString says, FormattableString @do) =>
        new(Id, Severity.Note, says, @do, "house rule", RestsOn);
}
