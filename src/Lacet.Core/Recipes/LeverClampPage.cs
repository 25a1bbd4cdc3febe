using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of an end in a lever clamp.</summary>
internal static class LeverClampPage
{
    internal static Page Write(EndPlan plan, LeverClamp landing)
    {
        var bare = StripDepth.Window(landing);
        var strip = plan.Ferrule?.StripBy(plan.Rules) ?? bare;
        return new Page(
            strip,
            plan.Ferrule is { } ferrule ? Preparation.OfFerrule(ferrule) : Preparation.Straight,
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                .. FerruleLines.Tools(plan),
                $"no tool: the lever is lifted by hand",
            ],
            Steps(plan, strip),
            CommonLines.Cautions(
                plan,
                [
                    $"Lever clamps are trusted to about 15 to 20 A by most; the rating printed on it rules.",
                    .. FerruleLines.Cautions(plan),
                ]
            ),
            [
                CommonLines.DepthReason(landing, bare),
                CommonLines.RangeReason(plan, landing),
                .. FerruleLines.Reasons(plan, landing),
                CommonLines.HeldBy(
                    "held-by-lever",
                    "the clamp’s sheet; common practice",
                    $"A spring holds the wire with its own force; the lever only opens and closes it."
                ),
            ],
            FerruleLines.Alternatives(plan, landing, bare),
            $"Make it dead. Lift the lever right up and draw the wire straight out; it may be used again where no strand is hurt."
        );
    }

    private static List<Step> Steps(EndPlan plan, Window<Length> strip) =>
        [
            .. CommonLines.ProveDead(plan),
            .. FerruleLines.SlideOnFirst(plan),
            .. CommonLines.Strip(plan, strip),
            .. FerruleLines.Steps(plan),
            CommonLines.LookIn($"lift the lever right up"),
            new Step(
                "land-straight",
                Operation.Land,
                $"Push the end in until it stops, strands together. Press the lever down until it lies flat.",
                $"The insulation stands at the entry, no bare metal shows, and the end can be seen at the back of the clamp."
            ),
            .. CommonLines.Check(plan, $"Look at the lever.", $"It does not move, and the lever lies flat."),
        ];
}
