using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Hooks;
using Lacet.Core.Landings;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a hook under a binding screw.</summary>
internal static class BindingScrewPage
{
    internal static Page Write(EndPlan plan, BindingScrew landing)
    {
        var hook = plan.Hook!;
        var strip = hook.Strip;
        return new Page(
            strip,
            Preparation.OfHook(hook),
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                $"long-nose pliers with slim jaws, to roll and close the hook",
                CommonLines.TorqueTool(plan, "slotted or combination bit: a cross bit cams out first"),
            ],
            [
                .. CommonLines.ProveDead(plan),
                .. CommonLines.Strip(plan, strip, twists: true),
                .. CommonLines.Twist(plan),
                HookLines.Bend(plan, landing.Screw),
                HookLines.Land(plan),
                .. CommonLines.Tighten(plan),
                .. CommonLines.Check(
                    plan,
                    $"Look round the head.",
                    plan.Conductor.Build == Build.Solid
                        ? (FormattableString)$"It does not move, and no bare metal touches anything else."
                        : $"It does not move, and no strand stands out."
                ),
            ],
            CommonLines.Cautions(
                plan,
                [
                    $"One wire under the screw, never two (NEC 110.14(A)).",
                    .. HookLines.Cautions(plan),
                    .. CommonLines.On(plan, landing.On),
                ]
            ),
            [
                HookLines.LengthReason(hook, strip),
                HookLines.ScrewReason(landing.Screw, landing.ScrewIsGiven, "receptacles"),
                HookLines.Clockwise,
                plan.Torque!.Reason,
                plan.Conductor.InsulationReason(),
            ],
            [Eye(plan, hook), PigtailLines.Of(plan)],
            $"Make it dead. Turn the screw out, lift the hook off, and cut it off behind the bend: {Hardens(plan)}, and a bent hook is never used again."
        );
    }

    /// <summary>What bending does to the metal.</summary>
    private static string Hardens(EndPlan plan) =>
        plan.Conductor.Material == Material.Aluminium ? "aluminium cracks there" : "copper hardens there";

    /// <summary>A closed eye, with steps of its own.</summary>
    private static Alternative Eye(EndPlan plan, HookGeometry hook) =>
        new(
            PreparationKind.Hook,
            hook.EyeStrip,
            $"As a closed eye: strip {hook.EyeStrip:target}; the screw must come right out."
        )
        {
            Steps =
            [
                .. CommonLines.Strip(plan, hook.EyeStrip, twists: true),
                .. CommonLines.Twist(plan),
                new(
                    "bend-lead",
                    Operation.Prepare,
                    $"Bend it square, {HookGeometry.EyeLead} from the insulation, to the left.",
                    $"The lead is straight, and no insulation is in the bend."
                ),
                new(
                    "roll-eye",
                    Operation.Prepare,
                    $"Grip the very tip in slim round jaws, and roll it clockwise 320° round the screw’s size, until it meets the lead.",
                    $"A round, flat eye, centred over the lead; the screw just goes through."
                ),
                new(
                    "land-eye",
                    Operation.Land,
                    $"Take the screw right out. Put it through the eye, clockwise side on, and start it by hand.",
                    $"Flat under the head, no insulation under it, no other wire."
                ),
                .. CommonLines.Tighten(plan),
            ],
        };
}
