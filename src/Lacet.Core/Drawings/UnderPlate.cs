using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>
/// A straight end between two plates that a screw draws together, seen from the side: it comes from behind, through the
/// body.
/// </summary>
internal static class UnderPlate
{
    private const double Wall = 3;
    private const double PlateThickness = 1.2;

    internal static void Draw(DrawnEnd end, BackWireClamp clamp)
    {
        var depth = clamp.StripDepth.Millimetres;
        var face = Entry.Face(end, depth);
        Device(face, depth, Entry.Opening(clamp), end.Sheet);
        Plates(face + Wall, face + depth, end.BareHalf, 4.17, end.Sheet, end.Wire);
        Entry.Faults(end, depth, face);
        Entry.Dimension(end, clamp, face);
    }

    internal static void DrawInPlug(DrawnEnd end, PlugScrew plug)
    {
        var depth = end.Strip.Target.Millimetres;
        var face = Math.Max(0, end.Length - depth);
        Blade(face + depth, end.BareHalf, end.Sheet);
        Plates(face + 0.5, face + depth, end.BareHalf, plug.Screw.MajorDiameter, end.Sheet, end.Wire);
        Entry.Faults(end, depth, face);
        end.Sheet.Dimension("depth", face, face + depth, end.Sheet.Bottom + 2, end.BareHalf, end.Strip.Target);
    }

    internal static void Alone(BackWireClamp clamp, Sheet sheet)
    {
        var (depth, opening) = (clamp.StripDepth.Millimetres, Entry.Opening(clamp));
        Device(0, depth, opening, sheet);
        Plates(Wall, depth, opening, 4.17, sheet, () => { });
    }

    internal static void AloneInPlug(PlugScrew plug, Sheet sheet)
    {
        Blade(10, 1.2, sheet);
        Plates(0.5, 10, 1.2, plug.Screw.MajorDiameter, sheet, () => { });
    }

    /// <summary>
    /// The body of a device: its back is the wall that the wire comes through, and the screw stands at its side.
    /// </summary>
    private static void Device(double face, double depth, double opening, Sheet sheet)
    {
        var reach = opening + 5;
        sheet.Add(
            "landed-body",
            PartKind.Body,
            new ScenePath()
                .MoveTo(face, -reach)
                .LineTo(face + Wall, -reach)
                .LineTo(face + Wall, opening + 3)
                .LineTo(face + depth + 5, opening + 3)
                .LineTo(face + depth + 5, opening + 6)
                .LineTo(face, opening + 6)
                .Close()
        );
        sheet.Box("landed-opening", PartKind.Opening, face, -opening, face + Wall, opening);
        // The second hole of the same screw lies behind the first.
        sheet.Box("landed-second-hole", PartKind.Opening, face, -opening - 3.2, face + Wall, -opening - 1.2);
    }

    private static void Blade(double from, double half, Sheet sheet) =>
        sheet.Box("landed-blade", PartKind.LugMetal, from, half, from + 16, half + 1.5);

    private static void Plates(double from, double to, double half, double thread, Sheet sheet, Action wire)
    {
        var x = (from + to) / 2;
        var headBottom = -half - PlateThickness;
        sheet.Box(
            "landed-thread",
            PartKind.ScrewThread,
            x - (thread / 2),
            headBottom,
            x + (thread / 2),
            half + PlateThickness + 2
        );
        wire();
        sheet.Box("landed-plate", PartKind.Plate, from, half, to + 1, half + PlateThickness);
        sheet.Add(
            "landed-clamp-plate",
            PartKind.Plate,
            new ScenePath()
                .MoveTo(from, headBottom - 0.9)
                .LineTo(from + 1.2, headBottom)
                .LineTo(to + 0.5, headBottom)
                .LineTo(to + 0.5, -half)
                .LineTo(from, -half)
                .Close()
        );
        sheet.Box("landed-head", PartKind.Nut, x - (thread * 0.98), headBottom - 2.4, x + (thread * 0.98), headBottom);
        sheet.Box("landed-slot", PartKind.ScrewSlot, x - 0.5, headBottom - 2.4, x + 0.5, headBottom - 1.2);
    }
}
