using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a straight end under the clamp plate of a device.</summary>
internal static class BackWireClampPage
{
    internal static Page Write(EndPlan plan, BackWireClamp landing)
    {
        var strip = StripDepth.Window(landing);
        return new Page(
            strip,
            Preparation.Straight,
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                CommonLines.TorqueTool(plan, "slotted or combination bit: a cross bit cams out first"),
            ],
            [
                .. CommonLines.ProveDead(plan),
                .. CommonLines.Strip(plan, strip),
                CommonLines.LookIn($"back the side screw out until the plate is loose"),
                new Step(
                    "land-straight",
                    Operation.Land,
                    $"Push the straight end into a hole in the back, beside the screw, until the insulation meets the body; one wire a hole.",
                    $"It lies flat between the plates; no bare metal shows behind the body, no insulation is between the plates."
                ),
                .. CommonLines.Tighten(plan),
                .. CommonLines.Check(
                    plan,
                    $"Look at the slit beside the screw.",
                    $"It does not move, and the plate lies level."
                ),
            ],
            CommonLines.Cautions(
                plan,
                [
                    $"Straight only: an end that was a hook is cut off first.",
                    .. CommonLines.OnDevices(plan),
                    .. FerruleLines.Cautions(plan),
                ]
            ),
            [
                CommonLines.DepthReason(landing, strip),
                CommonLines.RangeReason(plan, landing),
                .. FerruleLines.Reasons(plan, landing),
                plan.Torque!.Reason,
            ],
            [PigtailLines.Of(plan)],
            $"Make it dead. Back the screw out two turns and draw the wire straight out; cut off the flattened end before it lands again."
        );
    }
}
