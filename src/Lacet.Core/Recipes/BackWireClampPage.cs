using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a straight end under the clamp plate of a device.</summary>
internal static class BackWireClampPage
{
    internal static Page Write(EndPlan plan, BackWireClamp landing)
    {
        var bare = StripDepth.Window(landing);
        var strip = bare;
        return new Page(
            strip,
            Preparation.Straight,
            [$"{StripTool.For(plan.Conductor)}", CommonLines.TorqueTool(plan, "slotted or combination bit: a cross bit cams out first")],
            Steps(plan, strip),
            CommonLines.Cautions(plan, [$"Straight only: an end that was a hook is cut off first.", .. CommonLines.OnDevices(plan), .. CommonLines.Receptacle, .. FerruleLines.Cautions(plan)]),
            [CommonLines.DepthReason(landing, bare), CommonLines.RangeReason(plan, landing), .. FerruleLines.Reasons(plan, landing), plan.Torque!.Reason],
            [PigtailLines.Of(plan)],
            $"Make it dead. Back the screw out two turns and draw the wire straight out; cut off the flattened end before it lands again.");
    }

    private static List<Step> Steps(EndPlan plan, Window<Length> strip) =>
    [
        CommonLines.ProveDead(plan),
        CommonLines.Strip(plan, strip),
        new Step("land-straight", Operation.Land, $"Back the side screw out until the plate is loose. Push the straight end into a hole in the back, beside the screw, until the insulation meets the body; one wire a hole.", $"It lies flat between the plates; no bare metal shows behind the body, no insulation is between the plates."),
        CommonLines.Tighten(plan),
        .. CommonLines.Check(plan, $"Tug each wire by hand, straight back; look at the slit beside the screw.", $"It does not move, and the plate lies level."),
    ];
}
