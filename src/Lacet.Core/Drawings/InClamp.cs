using Lacet.Core.Checks.End;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>An end in a screw-clamp block, cut through the middle: the screw presses it down on the cage.</summary>
internal static class InClamp
{
    /// <summary>How long a plastic collar is, mm; typical (DIN 46228-4 overall length less pin), only for the drawing.</summary>
    private const double CollarLength = 6;

    internal static void Draw(
        EndPlan plan, ScrewClampBlock block, double length, double below, List<ScenePart> parts, List<SceneDimension> dimensions)
    {
        var conductor = plan.Conductor;
        var half = conductor.InsulationOuterDiameter.Millimetres / 2;
        var bareHalf = conductor.Diameter.Millimetres / 2;
        var depth = block.StripDepth.Millimetres;
        var axis = below + Math.Max(half, Top(block));
        // A collar stops at the block's face; a bare end goes in until its tip or its insulation stops it.
        var face = plan.Ferrule is { Collar: not Collar.None } sleeved ? sleeved.Entry.Millimetres : Math.Max(0, length - depth);
        Block(block, face, axis, parts);
        parts.AddRange(WirePen.Bare("landed", conductor, axis, length));
        if (plan.Ferrule is { } ferrule)
        {
            DrawPin(ferrule, bareHalf, axis, parts);
        }

        parts.Add(WirePen.Insulation("landed", conductor, axis));
        if (plan.Ferrule is { Collar: not Collar.None } collared)
        {
            DrawCollar(collared, bareHalf, half, axis, parts);
            dimensions.Add(new SceneDimension(
                "pin", face, face + collared.Pin.Millimetres, axis + Bottom(block) + 3, axis + bareHalf, collared.Pin.Read()));
        }
        else
        {
            dimensions.Add(new SceneDimension("depth", face, face + depth, axis + Bottom(block) + 3, axis + bareHalf, block.StripDepth.Read()));
        }

        Screw(block, face, axis - bareHalf, axis, parts);
        Faults(plan, length, face, axis, bareHalf, parts);
    }

    /// <summary>The block alone, its mouth at x = face.</summary>
    internal static void Block(ScrewClampBlock block, double face, double axis, List<ScenePart> parts)
    {
        var (depth, opening) = (block.StripDepth.Millimetres, Opening(block));
        parts.Add(new ScenePart("landed-body", PartKind.Body, ScenePath.Rectangle(face, axis - Top(block), face + depth + 3, axis + Bottom(block))));
        parts.Add(new ScenePart("landed-opening", PartKind.Opening, ScenePath.Rectangle(face, axis - opening, face + depth, axis + opening)));
        parts.Add(new ScenePart("landed-cage", PartKind.Plate, ScenePath.Rectangle(face + 1, axis + opening, face + depth, axis + opening + 1.2)));
    }

    /// <summary>The block with its screw open.</summary>
    internal static void Alone(ScrewClampBlock block, List<ScenePart> parts)
    {
        Block(block, 0, 0, parts);
        Screw(block, 0, -Opening(block), 0, parts);
    }

    private static void Screw(ScrewClampBlock block, double face, double tipY, double axis, List<ScenePart> parts)
    {
        var thread = block.Typical.Thread;
        var x = face + (block.StripDepth.Millimetres / 2);
        parts.Add(new ScenePart("landed-thread", PartKind.ScrewThread, ScenePath.Rectangle(x - (thread / 2), axis - Top(block), x + (thread / 2), tipY)));
        parts.Add(new ScenePart(
            "landed-slot", PartKind.ScrewSlot, ScenePath.Rectangle(x - 0.3, axis - Top(block), x + 0.3, axis - Top(block) + (thread * 0.4))));
    }

    private static void DrawPin(FerruleChoice ferrule, double bareHalf, double axis, List<ScenePart> parts)
    {
        // A crimped pin is as thick as its wire and a wall of about 0.2 mm (common practice).
        var outer = bareHalf + 0.2;
        var start = ferrule.Entry.Millimetres;
        parts.Add(new ScenePart(
            "landed-pin", PartKind.FerrulePin, ScenePath.Rectangle(start, axis - outer, start + ferrule.Pin.Millimetres, axis + outer)));
    }

    private static void DrawCollar(FerruleChoice ferrule, double bareHalf, double half, double axis, List<ScenePart> parts)
    {
        var bore = ferrule.Collar == Collar.Standard && ferrule.CollarBore is { } standard ? standard.Millimetres / 2 : half;
        var outer = Math.Max(half, bore) + 0.4;
        var end = ferrule.Entry.Millimetres;
        parts.Add(new ScenePart("landed-collar", PartKind.FerruleCollar, new ScenePath()
            .MoveTo(end - CollarLength, axis - outer).LineTo(0, axis - outer).LineTo(end, axis - bareHalf - 0.5)
            .LineTo(end, axis + bareHalf + 0.5).LineTo(0, axis + outer).LineTo(end - CollarLength, axis + outer).Close()));
    }

    private static void Faults(EndPlan plan, double length, double face, double axis, double bareHalf, List<ScenePart> parts)
    {
        if (plan.Ferrule is { } ferrule)
        {
            var end = ferrule.Entry.Millimetres + ferrule.Pin.Millimetres;
            if (length > end + 1.05)
            {
                parts.Add(new ScenePart("bare-showing", PartKind.BareShowing, ScenePath.Rectangle(end, axis - bareHalf, length, axis + bareHalf)));
            }

            return;
        }

        if (face > 0.5)
        {
            parts.Add(new ScenePart("bare-showing", PartKind.BareShowing, ScenePath.Rectangle(0, axis - bareHalf, face, axis + bareHalf)));
        }
        else if (plan.Landing is ScrewClampBlock block && length < block.StripDepth.Millimetres - 1.05)
        {
            // The metal ends short of the stop: what the clamp misses is shown empty.
            parts.Add(new ScenePart(
                "metal-missing",
                PartKind.InsulationCaught,
                ScenePath.Rectangle(length, axis - bareHalf, block.StripDepth.Millimetres, axis + bareHalf)));
        }
    }

    /// <summary>Half the opening's height: room for the largest wire, with its strands unpressed (only for the drawing).</summary>
    private static double Opening(ScrewClampBlock block) => (Math.Sqrt(block.MostMm2 * 4 / Math.PI / 0.75) / 2) + 0.3;

    private static double Top(ScrewClampBlock block) => Opening(block) + (block.Typical.Thread * 1.8) + 1;

    private static double Bottom(ScrewClampBlock block) => Opening(block) + 2.6;
}
