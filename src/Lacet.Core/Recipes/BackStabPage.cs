using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
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
            [$"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}", $"thin blade, to release it"],
            [
                .. CommonLines.ProveDead(plan),
                .. CommonLines.Strip(plan, strip),
                CommonLines.LookIn($"use the hole beside its release slot"),
                new Step(
                    "land-straight",
                    Operation.Land,
                    $"Measure against the strip gauge moulded in the back: it is for these holes, not for the screws. Push the straight end in.",
                    $"No bare metal shows, and the insulation meets the body."
                ),
                .. CommonLines.Check(
                    plan,
                    $"Turn it a little to and fro.",
                    $"It does not come out, and it does not turn freely."
                ),
            ],
            CommonLines.Cautions(
                plan,
                [
                    $"Lawful for 14 AWG solid copper to 15 A, and widely condemned: the spring loosens with heat and vibration.",
                    .. CommonLines.OnDevices(plan),
                ]
            ),
            [
                CommonLines.DepthReason(landing, strip),
                CommonLines.RangeReason(plan, landing),
                CommonLines.HeldBy(
                    "held-by-spring",
                    "UL 498 (from memory)",
                    $"A leaf spring bites the wire; nothing is tightened."
                ),
            ],
            [],
            $"Make it dead. Push a thin blade into the slot beside the hole, hold it, and draw the wire out; cut off the bitten end. Better: land it under the screw."
        );
    }
}
