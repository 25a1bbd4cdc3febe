using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a conductor that is hooked through a tag and soldered.</summary>
internal static class SolderLugPage
{
    /// <summary>6 to 10 mm, common practice (from memory).</summary>
    private static readonly Window<Length> Usual = new(new(8), new(6), new(10));

    /// <summary>From this area on the joint takes a hotter iron: 16 AWG (common practice).</summary>
    private const double ThickMm2 = 1.3;

    private static readonly Preparation HookedAndTinned = new(
        PreparationKind.Tinned,
        $"Twist, hook",
        $"Hooked through the eye and pinched before any solder."
    );

    internal static Page Write(EndPlan plan, SolderLug landing) =>
        new(
            Usual,
            HookedAndTinned,
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                $"soldering iron of {(plan.Conductor.Size.Area.SquareMillimetres < ThickMm2 ? 35 : 60)} W or more",
                $"rosin-cored solder, thin, tin-lead or lead-free as the house has it",
                $"small pliers with smooth jaws",
            ],
            Steps(plan),
            CommonLines.Cautions(
                plan,
                [
                    $"No solder joint carries strain, and an earthing connection never depends on solder alone (NEC 250.8).",
                    $"Hot iron, flux fumes, lead: ventilate, and wash your hands.",
                    $"Earth first.",
                ]
            ),
            Reasons(landing),
            [],
            $"Make it dead. Heat the joint, draw the solder off, open the hook and lift it out; cut the end off and begin afresh."
        );

    private static IReadOnlyList<Reason> Reasons(SolderLug landing) =>
        [
            new(
                "solder-strip",
                ReadingName.Strip,
                Trust.Handbook,
                "common practice (from memory)",
                $"Enough to go through the eye and once round the tag: {Usual:range}."
            ),
            landing.HoleIsGiven
                ? new(
                    "eye-size",
                    ReadingName.Fit,
                    Trust.Marking,
                    "measured on the tag",
                    $"The eye is {landing.Hole:mm}; the wire goes through it."
                )
                : new(
                    "eye-size",
                    ReadingName.Fit,
                    Trust.Generic,
                    "typical (from memory)",
                    $"The eye is taken as {landing.Hole:mm}. Measure it where the wire is thick."
                ),
            new(
                "mechanical-first",
                ReadingName.Prepare,
                Trust.Handbook,
                "NEC 110.14(B) (from memory)",
                $"Mechanically secure without solder first, then soldered."
            ),
            CommonLines.HeldBy(
                "held-by-solder",
                "NEC 110.14(B) (from memory)",
                $"Nothing is tightened; solder seals what the hook holds."
            ),
        ];

    private static IReadOnlyList<Step> Steps(EndPlan plan) =>
        [
            .. CommonLines.ProveDead(plan),
            CommonLines.SlideOnFirst(
                $"Slide the heat-shrink on, and feed the cord through the strain relief first: stripped, it no longer goes through."
            ),
            .. CommonLines.Strip(plan, Usual, twists: true),
            .. CommonLines.Twist(plan),
            new Step(
                "tin",
                Operation.Prepare,
                $"Flux, and tin it thinly.",
                $"Strands still show under the tin, and it does not run under the insulation."
            ),
            new Step(
                "hook-through",
                Operation.Land,
                $"Hook the end through the eye, and pinch it round the tag.",
                $"It holds by itself, before any solder."
            ),
            new Step(
                "solder",
                Operation.Tighten,
                $"Heat tag and wire together, feed solder to the far side until it wets both, take the iron off, and hold still.",
                $"Smooth and concave; wire and tag both wetted, no ball, no spike."
            ),
            .. CommonLines.Check(plan, $"Only when it is cold.", $"Neither wire nor solder moves."),
        ];
}
