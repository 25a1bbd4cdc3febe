using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of an end in a spring-cage block.</summary>
internal static class SpringCageBlockPage
{
    internal static Page Write(EndPlan plan, SpringCageBlock landing)
    {
        var bare = StripDepth.Window(landing);
        var strip = plan.Ferrule?.StripBy(plan.Rules) ?? bare;
        return new Page(
            strip,
            plan.Ferrule is { } ferrule ? Preparation.OfFerrule(ferrule) : Preparation.Straight,
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                .. FerruleLines.Tools(plan),
                $"blade of 2.5 to 3.5 mm that fits the square opening, to open the spring",
            ],
            Steps(plan, strip),
            CommonLines.Cautions(
                plan,
                [
                    $"The blade goes into the square opening, the wire into the round one: never lever sideways.",
                    .. FerruleLines.Cautions(plan),
                ]
            ),
            [
                CommonLines.DepthReason(landing, bare),
                CommonLines.RangeReason(plan, landing),
                .. FerruleLines.Reasons(plan, landing),
                CommonLines.HeldBy(
                    "held-by-spring",
                    "the block’s sheet; common practice",
                    $"The spring closes on the wire when the blade comes out, and follows it when it settles: nothing is tightened."
                ),
            ],
            FerruleLines.Alternatives(plan, landing, bare),
            $"Make it dead. Push the blade into the square opening again and draw the wire out."
        );
    }

    private static List<Step> Steps(EndPlan plan, Window<Length> strip) =>
        [
            .. CommonLines.ProveDead(plan),
            .. FerruleLines.SlideOnFirst(plan),
            .. CommonLines.Strip(plan, strip),
            .. FerruleLines.Steps(plan),
            CommonLines.LookIn($"push the blade into the square opening until the spring stays open"),
            new Step(
                "land-straight",
                Operation.Land,
                $"In the round opening: {FerruleLines.Push(plan)} Then draw the blade out.",
                $"The end is in the round opening, not in the blade’s; no bare metal shows, no insulation is in the cage."
            ),
            .. CommonLines.Check(plan, $"Look at both openings.", $"It does not move."),
        ];
}
