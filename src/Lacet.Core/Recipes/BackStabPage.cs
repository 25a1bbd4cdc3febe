using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a solid end in a back-stab hole.</summary>
internal static class BackStabPage
{
    internal static Page Write(EndPlan plan, BackStab landing)
    {
        var strip = StripDepth.Window(landing);
        return new Page(
            strip,
            Preparation.Straight,
            [$"{StripTool.For(plan.Conductor)}", $"thin blade, to release it"],
            Steps(plan, strip),
            CommonLines.Cautions(plan, [$"Lawful for 14 AWG solid copper to 15 A, and widely condemned: the spring loosens with heat and vibration.", .. CommonLines.OnDevices(plan)]),
            [CommonLines.DepthReason(landing, strip), CommonLines.RangeReason(plan, landing), CommonLines.HeldBy("held-by-spring", "UL 498 (from memory)", $"A leaf spring bites the wire; nothing is tightened.")],
            [],
            $"Make it dead. Push a thin blade into the slot beside the hole, hold it, and draw the wire out; cut off the bitten end. Better: land it under the screw.");
    }

    private static List<Step> Steps(EndPlan plan, Window<Length> strip) =>
    [
        CommonLines.ProveDead(plan),
        CommonLines.Strip(plan, strip),
        new Step("land-straight", Operation.Land, $"Measure against the strip gauge moulded in the back: it is for these holes, not for the screws. Push the straight end in until the insulation meets the body.", $"No bare metal shows, and the insulation touches the body."),
        .. CommonLines.Check(plan, $"Tug the wire by hand, straight back; turn it a little to and fro.", $"It does not come out, and it does not turn freely."),
    ];
}
