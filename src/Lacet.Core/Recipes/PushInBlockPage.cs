using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of an end in a push-in block.</summary>
internal static class PushInBlockPage
{
    internal static Page Write(EndPlan plan, PushInBlock landing)
    {
        var bare = StripDepth.Window(landing);
        var strip = plan.Ferrule?.StripBy(plan.Rules) ?? bare;
        return new Page(
            strip,
            plan.Ferrule is { } ferrule ? Preparation.OfFerrule(ferrule) : Preparation.Straight,
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                .. FerruleLines.Tools(plan),
                $"blade to press the release",
            ],
            Steps(plan, strip),
            CommonLines.Cautions(plan, [.. FerruleLines.Cautions(plan)]),
            [
                CommonLines.DepthReason(landing, bare),
                CommonLines.RangeReason(plan, landing),
                .. FerruleLines.Reasons(plan, landing),
                CommonLines.HeldBy(
                    "held-by-spring",
                    "the block’s sheet; common practice",
                    $"The spring gives way to the pushed end and bites when it is pulled: nothing is tightened."
                ),
            ],
            FerruleLines.Alternatives(plan, landing, bare),
            $"Make it dead. Press the release beside the entry with a blade, hold it, and draw the wire out."
        );
    }

    private static List<Step> Steps(EndPlan plan, Window<Length> strip) =>
        [
            .. CommonLines.ProveDead(plan),
            .. FerruleLines.SlideOnFirst(plan),
            .. CommonLines.Strip(plan, strip),
            .. FerruleLines.Steps(plan),
            CommonLines.LookIn($"see that the release stands free"),
            new Step(
                "land-straight",
                Operation.Land,
                (plan.Ferrule, plan.Conductor.Build) switch
                {
                    ({ }, _) => FerruleLines.Push(plan),
                    (_, Build.FineStranded) => (FormattableString)
                        $"Press the release with a blade and hold it. Put the bare strands in until they stop, and let the release go.",
                    _ => $"Push the stiff end straight in until it stops; no tool.",
                },
                $"No bare metal shows at the entry, and the insulation or the collar stands at it."
            ),
            .. CommonLines.Check(plan, $"Look at the entry.", $"It does not move."),
        ];
}
