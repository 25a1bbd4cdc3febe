using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>
/// An end in a spring cage: the loop pulls it up against the bar. The wire has the round opening, the blade the square
/// one above it.
/// </summary>
internal static class InCage
{
    internal static void Draw(DrawnEnd end, SpringCageBlock block)
    {
        var depth = block.StripDepth.Millimetres;
        var face = Entry.Face(end, depth);
        Body(face, depth, Entry.Opening(block), -end.BareHalf, end.Sheet);
        end.Wire();
        Loop(face, depth, Entry.Opening(block), end.BareHalf, end.Sheet);
        Blade(face, Entry.Opening(block), end.Sheet);
        Entry.Faults(end, depth, face);
        Entry.Dimension(end, block, face);
    }

    internal static void Alone(SpringCageBlock block, Sheet sheet)
    {
        var (depth, opening) = (block.StripDepth.Millimetres, Entry.Opening(block));
        Body(0, depth, opening, -opening, sheet);
        Loop(0, depth, opening, -opening + 0.4, sheet);
        Blade(0, opening, sheet);
    }

    private static void Body(double face, double depth, double opening, double barBottom, Sheet sheet)
    {
        sheet.Box("landed-body", PartKind.Body, face, -opening - 8.5, face + depth + 4, opening + 3);
        sheet.Box("landed-opening", PartKind.Opening, face, -opening, face + depth, opening);
        sheet.Box("landed-chamber", PartKind.Opening, face + 3.5, -opening - 6.5, face + depth + 1, opening + 1);
        sheet.Box("landed-blade-way", PartKind.Opening, face, -opening - 5.6, face + 4, -opening - 3.4);
        sheet.Box("landed-bar", PartKind.Plate, face + 3.5, barBottom - 1.2, face + depth + 1, barBottom);
    }

    /// <summary>One strip, bent to a loop round the bar; the wire goes through its window.</summary>
    private static void Loop(double face, double depth, double opening, double grip, Sheet sheet)
    {
        var (left, right, top) = (face + 5, face + (depth * 0.8), -opening - 5.8);
        sheet.Add(
            "landed-spring",
            PartKind.Spring,
            new ScenePath()
                .MoveTo(left, grip + 0.4)
                .LineTo(right - 0.8, grip + 0.4)
                .LineTo(right, grip - 0.6)
                .LineTo(right + 0.6, top + 1)
                .LineTo(right - 0.4, top)
                .LineTo(left + 0.6, top)
                .LineTo(left - 0.4, top + 1.2)
                .LineTo(left + 1.4, -opening - 1.6),
            0.6
        );
    }

    private static void Blade(double face, double opening, Sheet sheet)
    {
        var y = -opening - 4.5;
        sheet.Add(
            "tool-blade",
            PartKind.Tool,
            new ScenePath()
                .MoveTo(face - 10, y - 1.3)
                .LineTo(face - 3, y - 1.3)
                .LineTo(face - 0.6, y - 0.3)
                .LineTo(face - 0.6, y + 0.3)
                .LineTo(face - 3, y + 1.3)
                .LineTo(face - 10, y + 1.3)
                .Close()
        );
    }
}
