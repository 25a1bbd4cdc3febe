using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
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
                $"{StripTool.For(plan.Conductor)}",
                $"ratchet crimper whose {ring.Colour} nest belongs to the {shape}",
                CommonLines.TorqueTool(plan, "socket for the nut"),
            ],
            Steps(plan, ring.Shape, strip, ring.Colour, ring.Printed),
            CommonLines.Cautions(
                plan,
                [
                    $"Ring, die and conductor belong together: read the range printed on the bag, {ring.Printed}. The {ring.Colour} colour alone is not enough.",
                    ring.Shape == RingShape.Ring
                        ? (FormattableString)$"A ring cannot slip off: take it where it shakes, and on rail."
                        : $"A fork slips off when the nut backs out: not where it shakes.",
                ]),
            [
                new(
                    "barrel-depth",
                    ReadingName.Strip,
                    landing.BarrelDepth is null ? Trust.Generic : Trust.Marking,
                    landing.BarrelDepth is null ? "typical (from memory)" : "measured on the terminal",
                    landing.BarrelDepth is null
                        ? (FormattableString)$"A {ring.Colour} barrel is usually {ring.Barrel} deep; the metal goes through it and shows up to 1 mm. Lay the terminal beside the wire."
                        : $"The barrel is {ring.Barrel} deep; the metal goes through it and shows up to 1 mm."),
                new("ring-range", ReadingName.Prepare, Trust.Handbook, Lugs.RingChoice.Source, $"{plan.Conductor.Size.NameInBoth} lies in the range printed for {ring.Colour}: {ring.Printed}."),
                landing.DiameterIsGiven
                    ? new("stud-size", ReadingName.Prepare, Trust.Marking, "measured on the stud", $"The stud is {landing.Diameter}; the hole is {ring.Hole}.")
                    : new("stud-size", ReadingName.Prepare, Trust.Generic, "typical (from memory)", $"The stud is taken as {landing.Diameter}, which most barrier blocks have. Measure it."),
                .. CommonLines.CrimpReason(plan),
                plan.Torque!.Reason,
            ],
            [],
            $"Make it dead. Take the nut and washers off in order, lift the {shape} off, and put the washers back the same way. A {shape} that is bent is cut off.");
    }

    private static List<Step> Steps(EndPlan plan, RingShape shape, Window<Length> strip, string colour, string printed) =>
    [
        CommonLines.ProveDead(plan),
        CommonLines.Strip(plan, strip),
        new Step("slide-ring", Operation.Prepare, $"Push the bare end through the {colour} barrel until the insulation stops in the sleeve.", $"0 to 1 mm of metal shows past the barrel, all strands in."),
        new Step("crimp-ring", Operation.Crimp, $"Crimp in the {colour} nest ({printed}), in the middle of the barrel; finish the stroke until the ratchet lets go.", $"It does not turn or slide on the wire."),
        new Step(
            "land-ring",
            Operation.Land,
            shape == RingShape.Ring
                ? (FormattableString)$"Take the nut right off. Ring on the stud, flat on its seat, then washer, spring washer, nut."
                : $"Loosen the nut. Fork under the washer, right up to the stud.",
            $"Flat on its seat; nothing between it and the metal below, the wire leaves it straight."),
        CommonLines.Tighten(plan),
        .. CommonLines.Check(plan, $"Tug the wire by hand; try to turn the terminal.", $"Neither moves."),
    ];
}
