using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a wire that is not stripped.</summary>
internal static class InsulationDisplacementPage
{
    private static readonly Window<Length> NotStripped = new(new(0), new(0), new(0));

    private static readonly Preparation CutSquare = new(
        PreparationKind.Uncut,
        $"Cut square",
        $"Leave the insulation on; no strand stands out."
    );

    internal static Page Write(EndPlan plan, InsulationDisplacement landing) =>
        new(
            NotStripped,
            CutSquare,
            [$"flush cutter", $"blade that fits the pivot"],
            Steps(plan),
            CommonLines.Cautions(
                plan,
                [
                    $"One size, one kind of insulation: hard or thick insulation is not cut through, soft and thin does not hold.",
                ]
            ),
            Reasons(plan, landing),
            [],
            $"Make it dead. Turn the pivot to its open stop and draw the wire out; cut off the pierced end before it lands again."
        );

    private static IReadOnlyList<Reason> Reasons(EndPlan plan, InsulationDisplacement landing) =>
        [
            new(
                "not-stripped",
                ReadingName.Strip,
                Trust.Handbook,
                "the block’s principle",
                $"The contacts cut through the insulation to the metal; stripped wire would not be held."
            ),
            landing is { IsLeastKnown: true, IsMostKnown: true, InsulationIsKnown: true }
                ? new(
                    "insulation-range",
                    ReadingName.Fit,
                    Trust.Marking,
                    "the block’s printed data",
                    $"The contacts take {landing.LeastMm2:0.##} to {landing.MostMm2:0.##} mm² with insulation of {landing.InsulationLeast:mm} to {landing.InsulationMost:mm}."
                )
                : new(
                    "insulation-range",
                    ReadingName.Fit,
                    Trust.Generic,
                    "typical (from memory)",
                    $"Not all data is given; {landing.LeastMm2:0.##} to {landing.MostMm2:0.##} mm² with insulation of {landing.InsulationLeast:mm} to {landing.InsulationMost:mm} is usual."
                ),
            plan.Conductor.InsulationReason(),
            new(
                "uncut-why",
                ReadingName.Prepare,
                Trust.Handbook,
                "the block’s principle",
                $"Gas-tight where contact and metal meet, which slows corrosion."
            ),
            CommonLines.HeldBy(
                "held-by-contacts",
                "the block’s principle",
                $"Sharp contacts hold the metal; the pivot only drives them."
            ),
        ];

    private static IReadOnlyList<Step> Steps(EndPlan plan) =>
        [
            .. CommonLines.ProveDead(plan),
            new Step(
                "cut-square",
                Operation.Prepare,
                $"Cut the end square, eye protection on. Do not strip it.",
                $"The insulation reaches the end; no strand stands out."
            ),
            new Step(
                "land-uncut",
                Operation.Land,
                $"Look into the hole, and turn the pivot to its open stop. Push the wire in until it shows in the window or stops.",
                $"The wire is past both contacts."
            ),
            new Step(
                "close-pivot",
                Operation.Tighten,
                $"Put the blade into the pivot and turn it to its closed stop, in one go.",
                $"The pivot stands at closed; it is not turned to and fro."
            ),
            .. CommonLines.Check(plan, $"Look at the pivot.", $"It does not move."),
        ];
}
