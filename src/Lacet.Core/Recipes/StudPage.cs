using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Lugs;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>The recipe of a ring or fork on a stud.</summary>
internal static class StudPage
{
    internal static Page Write(EndPlan plan, Stud landing)
    {
        var ring = plan.Ring!;
        var strip = new Window<Length>(ring.Barrel, ring.Barrel, ring.Barrel + new Length(1));
        var shape = ring.Shape == RingShape.Ring ? "ring" : "fork";
        return new Page(
            strip,
            Preparation.OfRing(ring),
            [
                $"{StripTool.For(plan.Conductor, plan.AtHand.StrippingTool)}",
                $"ratchet crimper whose {ring.Colour} nest belongs to the {shape}",
                .. plan.Torque is null
                    ? (IEnumerable<FormattableString>)[]
                    :
                    [
                        CommonLines.TorqueTool(
                            plan,
                            landing.Hold == StudHold.Nut ? "socket for the nut" : "bit that fills the slot"
                        ),
                    ],
            ],
            Steps(plan, landing, strip, ring),
            CommonLines.Cautions(
                plan,
                [
                    $"Ring, die and conductor belong together: the range printed on the bag is {ring.Printed}, and the colour alone is not enough.",
                    ring.Shape == RingShape.Ring
                        ? (FormattableString)$"A ring cannot slip off: take it where it shakes, and on rail."
                        : $"A fork slips off when what holds it backs out: not where it shakes.",
                ]
            ),
            Reasons(plan, landing, ring, shape),
            [],
            landing.Hold == StudHold.Lever
                ? (FormattableString)
                    $"Make it dead. Lift the lever, take the {shape} out, and close it again. A {shape} that is bent is cut off."
                : $"Make it dead. Take what holds it off in order, lift the {shape} off, and put the washers back the same way. A {shape} that is bent is cut off."
        );
    }

    private static List<Step> Steps(EndPlan plan, Stud landing, Window<Length> strip, RingChoice ring) =>
        [
            .. CommonLines.ProveDead(plan),
            CommonLines.SlideOnFirst(),
            .. CommonLines.Strip(plan, strip),
            new Step(
                "slide-ring",
                Operation.Prepare,
                $"Push the bare end through the {ring.Colour} barrel until the insulation stops in the sleeve.",
                $"0 to 1 mm of metal shows past the barrel, all strands in."
            ),
            new Step(
                "crimp-ring",
                Operation.Crimp,
                $"Crimp in the {ring.Colour} nest, printed {ring.Printed}: barrel on the metal, grip on the insulation; finish the stroke.",
                $"It does not turn or slide on the wire."
            ),
            new Step(
                "land-ring",
                Operation.Land,
                Seat(landing.Hold, ring.Shape),
                $"Flat on its seat; nothing between it and the metal below, the wire leaves it straight."
            ),
            .. CommonLines.Tighten(plan),
            .. CommonLines.Check(plan, $"Try to turn the terminal.", $"Neither moves."),
        ];

    private static FormattableString Seat(StudHold hold, RingShape shape) =>
        (hold, shape) switch
        {
            (StudHold.Lever, RingShape.Ring) =>
                $"Lift the hold-down lever, ring over the post, flat on its seat; press the lever down until it clicks.",
            (StudHold.Lever, _) =>
                $"Lift the hold-down lever, fork right up to the post; press the lever down until it clicks.",
            (StudHold.Screw, RingShape.Ring) =>
                $"Take the screw right out. Ring under it, flat on its seat, then start the screw by hand.",
            (StudHold.Screw, _) => $"Loosen the screw. Fork under its washer, right up to the thread.",
            (_, RingShape.Ring) =>
                $"Take the nut right off. Ring on the stud, flat on its seat, then washer, spring washer, nut.",
            _ => (FormattableString)$"Loosen the nut. Fork under the washer, right up to the stud.",
        };

    private static IReadOnlyList<Reason> Reasons(EndPlan plan, Stud landing, RingChoice ring, string shape) =>
        [
            new(
                "barrel-depth",
                ReadingName.Strip,
                landing.BarrelDepth is null ? Trust.Generic : Trust.Marking,
                landing.BarrelDepth is null ? "typical (from memory)" : "measured on the terminal",
                landing.BarrelDepth is null
                    ? (FormattableString)
                        $"A {ring.Colour} barrel is usually {ring.Barrel:mm} deep; the metal goes through it and shows up to 1 mm."
                    : $"The barrel is {ring.Barrel:mm} deep; the metal goes through it and shows up to 1 mm."
            ),
            new(
                "ring-range",
                ReadingName.Prepare,
                Trust.Handbook,
                RingChoice.Source,
                $"{plan.Conductor.Size.NameInBoth} lies in the range printed for {ring.Colour}: {ring.Printed}."
            ),
            landing.DiameterIsGiven
                ? new(
                    "stud-size",
                    ReadingName.Prepare,
                    Trust.Marking,
                    "measured on the stud",
                    $"The {(landing.Screw is null ? "stud" : "screw")} is {landing.Named}; a {ring.Stud} {shape} has a hole of {ring.Hole:mm}."
                )
                : new(
                    "stud-size",
                    ReadingName.Prepare,
                    Trust.Generic,
                    "typical (from memory)",
                    $"The stud is taken as {landing.Named}, which most barrier blocks have."
                ),
            .. CommonLines.CrimpReason(plan),
            plan.Torque?.Reason
                ?? CommonLines.HeldBy(
                    "held-by-lever",
                    "the block’s sheet; common practice",
                    $"The lever presses it down with its own spring."
                ),
        ];
}
