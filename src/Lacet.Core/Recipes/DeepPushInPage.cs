using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of an end in the deep throat of a machine.</summary>
internal static class DeepPushInPage
{
    private static readonly Preparation TwistedTight = new(
        PreparationKind.Twisted,
        $"Twist tight",
        $"Straight, strands twisted tight with their lay, no ferrule."
    );

    internal static Page Write(EndPlan plan, DeepPushIn landing)
    {
        var bare = StripDepth.Window(landing);
        var strip = plan.Ferrule?.StripBy(plan.Rules) ?? bare;
        return new Page(
            strip,
            plan.Ferrule is { } ferrule ? Preparation.OfFerrule(ferrule)
                : plan.Conductor.Build == Build.Solid ? Preparation.Straight
                : TwistedTight,
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                .. FerruleLines.Tools(plan),
                $"small pliers with smooth jaws, to seat the end",
            ],
            Steps(plan, landing, strip),
            CommonLines.Cautions(
                plan,
                [
                    landing.Ferrule == FerruleAcceptance.Forbidden
                        ? (FormattableString)
                            $"No ferrule: on such terminals it locks in, and the copper pulls out of it."
                        : $"Read the sheet before a ferrule goes in: on some of these terminals it locks in.",
                    .. FerruleLines.Cautions(plan),
                ]
            ),
            [
                CommonLines.DepthReason(landing, bare),
                CommonLines.RangeReason(plan, landing),
                .. FerruleLines.Reasons(plan, landing),
                CommonLines.HeldBy(
                    "held-by-spring",
                    "the machine’s sheet; common practice",
                    $"The contact sits deep and springs on the bare end; the insulation goes inside with it."
                ),
            ],
            FerruleLines.Alternatives(plan, landing, bare),
            $"Make it dead. A blade of the right width at the release’s angle, pushed hard and held: twist the wire out. Twist the strands again before it goes back."
        );
    }

    private static IReadOnlyList<Step> Steps(EndPlan plan, DeepPushIn landing, Window<Length> strip) =>
        [
            .. CommonLines.ProveDead(plan),
            .. FerruleLines.SlideOnFirst(plan),
            .. CommonLines.Strip(plan, strip, twists: plan.Ferrule is null),
            .. FerruleLines.Steps(plan),
            .. CommonLines.Twist(plan),
            new Step(
                "mark-depth",
                Operation.Prepare,
                $"Mark the depth on the insulation with tape: the throat is {landing.StripDepth:mm} deep, and the insulation goes in too.",
                $"The mark stands where the throat’s edge will be."
            ),
            CommonLines.LookIn($"bend the wire first to the way it will run"),
            new Step(
                "land-straight",
                Operation.Land,
                $"Start all wires, then take each in pliers and push it home, straight down the throat, one at a time.",
                $"The tape meets the throat, and no bare metal shows."
            ),
            .. CommonLines.Check(
                plan,
                $"Each, before the next goes in.",
                $"It does not move, and no strand stands back in the throat."
            ),
        ];
}
