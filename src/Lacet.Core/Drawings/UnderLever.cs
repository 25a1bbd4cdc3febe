using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>An end in a lever clamp: the lever lies flat when it holds, and stands up when it is open.</summary>
internal static class UnderLever
{
    internal static void Draw(DrawnEnd end, LeverClamp clamp)
    {
        var depth = clamp.StripDepth.Millimetres;
        var face = Entry.Face(end, depth);
        var opening = Entry.Opening(clamp);
        Body(face, depth, opening, end.Sheet);
        end.Wire();
        Spring(face, depth, opening, -end.BareHalf, end.Sheet);
        var top = -opening - 4.5;
        end.Sheet.Add(
            "landed-lever",
            PartKind.Lever,
            new ScenePath()
                .MoveTo(face + depth + 3.5, top)
                .LineTo(face + depth + 3.5, top - 2)
                .LineTo(face - 1.5, top - 1.2)
                .LineTo(face - 1.5, top)
                .Close()
        );
        Entry.Faults(end, depth, face);
        Entry.Dimension(end, clamp, face);
    }

    internal static void Alone(LeverClamp clamp, Sheet sheet)
    {
        var (depth, opening) = (clamp.StripDepth.Millimetres, Entry.Opening(clamp));
        Body(0, depth, opening, sheet);
        Spring(0, depth, opening, -opening, sheet);
        var (x, top, length) = (depth + 3.5, -opening - 4.5, depth + 5);
        // Open: it stands up, hinged at the back.
        sheet.Add(
            "landed-lever",
            PartKind.Lever,
            new ScenePath()
                .MoveTo(x, top)
                .LineTo(x - (length * 0.45), top - (length * 0.72))
                .LineTo(x - (length * 0.45) + 1.4, top - (length * 0.8))
                .LineTo(x + 1.6, top - 1)
                .Close()
        );
    }

    private static void Body(double face, double depth, double opening, Sheet sheet)
    {
        sheet.Add(
            "landed-body",
            PartKind.Body,
            new ScenePath()
                .MoveTo(face + 1, -opening - 4.5)
                .LineTo(face + depth + 4, -opening - 4.5)
                .LineTo(face + depth + 5, -opening - 3.5)
                .LineTo(face + depth + 5, opening + 2.5)
                .LineTo(face, opening + 2.5)
                .LineTo(face, -opening - 1.5)
                .Close()
        );
        sheet.Box("landed-opening", PartKind.Opening, face, -opening, face + depth, opening);
        sheet.Box("landed-bar", PartKind.Plate, face + 2, opening, face + depth + 1, opening + 1);
    }

    private static void Spring(double face, double depth, double opening, double bite, Sheet sheet) =>
        sheet.Add(
            "landed-spring",
            PartKind.Spring,
            new ScenePath()
                .MoveTo(face + 3, -opening - 3)
                .LineTo(face + depth - 1, -opening - 3.2)
                .Arc(face + depth - 1, -opening - 1.6, 1.6, -90, 180)
                .LineTo(face + (depth * 0.55), bite - 0.3),
            0.6
        );
}
