using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Lugs;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a crimped lug on its bolt.</summary>
internal static class CrimpedLugPage
{
    internal static Page Write(EndPlan plan, CrimpedLug landing)
    {
        var barrel = landing.BarrelDepth ?? new Length(plan.Lug.Crimped);
        var strip = new Window<Length>(barrel + LugRow.Showing, barrel, barrel + LugRow.Showing + new Length(1));
        var crimps = plan.Lug.Crimps(plan.Conductor.Material);
        var times = crimps == 1 ? "once" : FormattableString.Invariant($"{crimps} times");
        return new Page(
            strip,
            new Preparation(
                PreparationKind.Lug,
                $"Lug {plan.Conductor.Size.Name}",
                $"Crimp {times}; lug, die and conductor belong together."
            ),
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                $"crimper with the die whose number the lug names for {plan.Conductor.Size.Name}",
                CommonLines.TorqueTool(plan, "socket, and a second wrench to hold"),
            ],
            Steps(plan, strip, crimps, times),
            CommonLines.Cautions(
                plan,
                [$"A lug loses no strands at all.", $"Hydraulic and ratchet tools pinch: fingers off the die."]
            ),
            Reasons(plan, landing, barrel, times),
            [],
            $"Make it dead. Take nut and washers off in order and lift the lug off. A crimp is never undone: to change it, cut behind the barrel."
        );
    }

    private static IReadOnlyList<Reason> Reasons(EndPlan plan, CrimpedLug landing, Length barrel, string times) =>
        [
            landing.BarrelDepth is null
                ? new(
                    "barrel-depth",
                    ReadingName.Strip,
                    Trust.Generic,
                    "typical (from memory)",
                    $"No barrel depth is given: {barrel:mm} is typical for {plan.Conductor.Size.Name}, and {LugRow.Showing:mm} more shows."
                )
                : new(
                    "barrel-depth",
                    ReadingName.Strip,
                    Trust.Marking,
                    "measured on the lug",
                    $"The barrel is {barrel:mm} deep, and {LugRow.Showing:mm} more shows."
                ),
            new(
                "crimp-count",
                ReadingName.Prepare,
                Trust.Generic,
                "typical count by size and metal (from memory); the lug’s sheet rules",
                $"A standard barrel for {plan.Conductor.ToString()} is usually crimped {times}."
            ),
            .. CommonLines.CrimpReason(plan),
            plan.Torque!.Reason,
        ];

    private static IReadOnlyList<Step> Steps(EndPlan plan, Window<Length> strip, int crimps, string times) =>
        [
            .. CommonLines.ProveDead(plan),
            CommonLines.SlideOnFirst(),
            .. CommonLines.Strip(plan, strip),
            new Step(
                "slide-lug",
                Operation.Prepare,
                $"Look into the barrel: clean. Push every strand in until they show in the inspection hole.",
                $"All strands are in, and 0 to 3 mm of metal shows before the barrel."
            ),
            new Step(
                "crimp-lug",
                Operation.Crimp,
                crimps == 1
                    ? (FormattableString)$"Crimp once, to the die’s stop; keep the lug square in the die."
                    : $"Crimp {times}, each to the die’s stop: first next to the palm, then towards the wire; keep the lug square.",
                $"The die’s number is pressed into the barrel, and it is the one that the lug names."
            ),
            new Step(
                "land-lug",
                Operation.Land,
                $"Clean both faces. Palm flat on the bar, bolt, washers, nut.",
                $"Face to face with nothing between; the palm lies flat."
            ),
            .. CommonLines.Tighten(plan),
            .. CommonLines.Check(plan, $"Try to turn the lug.", $"Neither moves."),
        ];
}
