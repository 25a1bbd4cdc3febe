using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a straight end under a lug's set screw.</summary>
internal static class SetScrewLugPage
{
    internal static Page Write(EndPlan plan, SetScrewLug landing)
    {
        var depth = landing.BarrelDepth ?? new Length(plan.Lug.SetScrew);
        var strip = StripDepth.Window(depth);
        return new Page(
            strip,
            new Preparation(PreparationKind.Straight, $"Straight", $"Square, round, every strand in."),
            [$"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}", CommonLines.TorqueTool(plan, Bit(landing))],
            [
                .. CommonLines.ProveDead(plan),
                .. CommonLines.Strip(plan, strip),
                CommonLines.LookIn($"back the screw out of the barrel"),
                new Step(
                    "land-straight",
                    Operation.Land,
                    $"Push the end in, strands round and together, until it shows at the far side.",
                    $"Every strand is inside, and no insulation is under the screw."
                ),
                .. CommonLines.Tighten(plan),
                .. CommonLines.Check(
                    plan,
                    $"Look into the barrel.",
                    $"It does not move, and no strand is beside the barrel."
                ),
            ],
            CommonLines.Cautions(
                plan,
                [
                    $"A lug loses no strands: one cut off or left out, and the end is cut back.",
                    $"Re-strip squarely before an old end lands again; never more than one wire in the barrel.",
                ]
            ),
            Reasons(plan, landing, depth, strip),
            [],
            $"Make it dead. Back the screw out and draw the wire straight out; cut off the crushed part and strip again squarely."
        );
    }

    private static string Bit(SetScrewLug landing) =>
        landing.Drive switch
        {
            LugDrive.Slotted => "bit that fills the slot",
            LugDrive.HexSocket => "hexagon or square key of the socket’s size, right in",
            LugDrive.SplitBolt => "socket for the nut, and a second wrench to hold the body",
            _ => "socket for the head",
        };

    private static IReadOnlyList<Reason> Reasons(
        EndPlan plan,
        SetScrewLug landing,
        Length depth,
        Window<Length> strip
    ) =>
        [
            landing.BarrelDepth is null
                ? new(
                    "barrel-depth",
                    ReadingName.Strip,
                    Trust.Generic,
                    "typical (from memory)",
                    $"No barrel depth is given: {depth:mm} is typical for {plan.Conductor.Size.Name}."
                )
                : new(
                    "barrel-depth",
                    ReadingName.Strip,
                    Trust.Marking,
                    "measured on the lug",
                    $"The barrel is {depth:mm} deep; a bare end of {strip:range} passes."
                ),
            landing is { IsLeastKnown: true, IsMostKnown: true }
                ? new(
                    "size-range",
                    ReadingName.Fit,
                    Trust.Marking,
                    "the lug’s stamp",
                    $"The lug takes {ConductorOutOfRange.Range(landing, plan.Conductor.Size)}; {plan.Conductor.Size.NameInBoth} is in it."
                )
                : new(
                    "size-range",
                    ReadingName.Fit,
                    Trust.Generic,
                    "typical (from memory)",
                    $"No range is given; {ConductorOutOfRange.Range(landing, plan.Conductor.Size)} is usual."
                ),
            new(
                "lug-straight",
                ReadingName.Prepare,
                Trust.Handbook,
                "UL 486A-486B (from memory)",
                $"The screw presses straight on the strands; they must lie round and whole."
            ),
            plan.Torque!.Reason,
        ];
}
