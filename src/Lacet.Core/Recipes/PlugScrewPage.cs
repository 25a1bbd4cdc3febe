using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Pull;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a cord conductor at a plug's terminal.</summary>
internal static class PlugScrewPage
{
    /// <summary>What usually goes under a plug's clamp plate (generic, from memory).</summary>
    private static readonly Length UnderPlate = new(10);

    internal static Page Write(EndPlan plan, PlugScrew landing)
    {
        var strip = plan.Hook?.Strip ?? StripDepth.Window(UnderPlate);
        return new Page(
            strip,
            plan.Hook is { } hook ? Preparation.OfHook(hook)
                : plan.Conductor.Build == Build.Solid ? Preparation.Straight
                : new Preparation(
                    PreparationKind.Twisted,
                    $"Twist tight",
                    $"Straight under the plate, strands twisted tight."
                ),
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                CommonLines.TorqueTool(plan, "bit that fills the slot"),
            ],
            Steps(plan, landing, strip),
            CommonLines.Cautions(
                plan,
                [
                    $"The earth conductor is left longest: it pulls out last.",
                    plan.Rules.Region == Region.NorthAmerica
                        ? (FormattableString)
                            $"Wide blade or silver screw: neutral. Two-wire cord gets a two-blade plug, three-wire cord a three-blade plug, never a cheater."
                        : $"Line to L, neutral to N, earth to its sign. Two-wire cord gets a plug without earth, three-wire cord one with it.",
                    plan.Rules.DamagedCord == DamagedCord.ReplaceWithMouldedCord
                        ? (FormattableString)
                            $"House rule: a damaged cord is replaced with a moulded one where it can be had; a plug is fitted anew only where it cannot."
                        : $"House rule: a plug is fitted anew on a sound cord; every strand caught, the clamp on the jacket.",
                    .. HookLines.Cautions(plan),
                    .. CommonLines.OnDevices(plan),
                ]
            ),
            Reasons(plan, landing, strip),
            [],
            $"Pull the plug. Open the cord clamp, turn the screws out, lift the ends off; cut them off and strip again before they land."
        );
    }

    private static IReadOnlyList<Reason> Reasons(EndPlan plan, PlugScrew landing, Window<Length> strip) =>
        [
            plan.Hook is { } bent
                ? HookLines.LengthReason(bent, strip)
                : new(
                    "plate-depth",
                    ReadingName.Strip,
                    Trust.Generic,
                    "typical (from memory)",
                    $"Measured against the plate: {strip:range} is usual."
                ),
            HookLines.ScrewReason(landing.Screw, landing.ScrewIsGiven, "plugs"),
            plan.Hook is null
                ? new(
                    "plug-plate",
                    ReadingName.Prepare,
                    Trust.Handbook,
                    "common practice",
                    $"A plate presses on a straight end; no hook goes under it."
                )
                : HookLines.Clockwise,
            plan.Torque!.Reason,
            plan.Conductor.InsulationReason(),
        ];

    private static IReadOnlyList<Step> Steps(EndPlan plan, PlugScrew landing, Window<Length> strip) =>
        [
            .. CommonLines.ProveDead(plan),
            CommonLines.SlideOnFirst($"Slide the plug’s shell and gland nut on the cord first."),
            new Step(
                "strip-jacket",
                Operation.Strip,
                $"Lay the cord in the plug and mark it with the thumb: the jacket ends under the clamp. Cut the conductors so that the earth is the longest.",
                $"No conductor’s insulation is nicked, and the jacket reaches past the clamp."
            ),
            .. CommonLines.Strip(plan, strip, twists: true),
            .. CommonLines.Twist(plan),
            .. plan.Hook is null ? [] : (IEnumerable<Step>)[HookLines.Bend(plan, landing.Screw)],
            new Step(
                "land-plug",
                Operation.Land,
                plan.Hook is null
                    ? (FormattableString)
                        $"Open the plate, push the end in until the insulation meets it, every strand under the plate."
                    : $"Lay the hook round the screw so that it runs clockwise, every strand under the head.",
                $"No strand stands out, and no insulation is under the metal."
            ),
            .. CommonLines.Tighten(plan),
            new Step(
                "clamp-cord",
                Operation.Land,
                $"Close the cord clamp on the jacket, never on the conductors.",
                $"A pull on the cord does not reach the screws; the earth conductor has the most slack."
            ),
            .. CommonLines.Check(
                plan,
                $"Then pull the cord itself, up to {PullTest.CordClamp}: the clamp holds it.",
                $"Nothing moves; the meter shows each blade to its conductor and to no other."
            ),
        ];
}
