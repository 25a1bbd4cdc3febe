using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a straight or ferruled end in a screw-clamp terminal block.</summary>
internal static class ScrewClampBlockPage
{
    internal static Page Write(EndPlan plan, ScrewClampBlock block)
    {
        var bare = StripDepth.Window(block);
        var strip = plan.Ferrule?.StripBy(plan.Rules) ?? bare;
        return new Page(
            strip,
            plan.Ferrule is { } ferrule ? Preparation.OfFerrule(ferrule) : Preparation.Straight,
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                .. FerruleLines.Tools(plan),
                CommonLines.TorqueTool(plan, "bit that fills the slot"),
            ],
            Steps(plan, strip),
            CommonLines.Cautions(
                plan,
                [
                    block.TakesTwo
                        ? (FormattableString)$"Two wires at most, as the block is marked."
                        : $"One wire in the clamp, never two unless the block is marked for two (NEC 110.14(A)).",
                    .. FerruleLines.Cautions(plan),
                ]
            ),
            [
                CommonLines.DepthReason(block, bare),
                CommonLines.RangeReason(plan, block),
                .. FerruleLines.Reasons(plan, block),
                plan.Torque!.Reason,
            ],
            FerruleLines.Alternatives(plan, block, bare),
            $"Make it dead. Turn the screw out until the clamp is fully open and draw the wire straight back. A ferrule that was clamped is cut off and a new one crimped."
        );
    }

    private static List<Step> Steps(EndPlan plan, Window<Length> strip) =>
        [
            .. CommonLines.ProveDead(plan),
            .. FerruleLines.SlideOnFirst(plan),
            .. CommonLines.Strip(plan, strip),
            .. FerruleLines.Steps(plan),
            CommonLines.LookIn($"back the screw out until the clamp is fully open"),
            new Step(
                "land-straight",
                Operation.Land,
                FerruleLines.Push(plan),
                plan.Ferrule is null
                    ? (FormattableString)
                        $"It lies inside the cage, not beside it; no bare metal shows, no insulation is in the clamp."
                    : $"It lies inside the cage, not beside it; no metal of the pin shows."
            ),
            .. CommonLines.Tighten(plan),
            .. CommonLines.Check(plan, $"Look at the entry.", $"It does not move, and nothing bare or stray shows."),
        ];
}
