using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>
/// A stiff end pushed under a leaf: the leaf points inwards and bites when the wire is pulled. A release stands beside
/// the mouth.
/// </summary>
internal static class InPushIn
{
    internal static void Draw(DrawnEnd end, PushInBlock block)
    {
        var depth = block.StripDepth.Millimetres;
        var face = Entry.Face(end, depth);
        var opening = Entry.Opening(block);
        Body(face, depth, opening, end.BareHalf, end.Sheet);
        end.Wire();
        Leaf(face, depth, opening, -end.BareHalf, end.Sheet);
        Entry.Faults(end, depth, face);
        Entry.Dimension(end, block, face);
    }

    internal static void Alone(PushInBlock block, Sheet sheet)
    {
        var (depth, opening) = (block.StripDepth.Millimetres, Entry.Opening(block));
        Body(0, depth, opening, opening, sheet);
        Leaf(0, depth, opening, opening - 0.3, sheet);
    }

    private static void Body(double face, double depth, double opening, double barTop, Sheet sheet)
    {
        sheet.Box("landed-body", PartKind.Body, face, -opening - 6.5, face + depth + 3, opening + 2.6);
        sheet.Add(
            "landed-opening",
            PartKind.Opening,
            new ScenePath()
                .MoveTo(face, -opening - 1)
                .LineTo(face + 1.6, -opening)
                .LineTo(face + depth, -opening)
                .LineTo(face + depth, opening)
                .LineTo(face + 1.6, opening)
                .LineTo(face, opening + 1)
                .Close()
        );
        sheet.Box("landed-chamber", PartKind.Opening, face + 3.4, -opening - 4, face + depth + 0.8, -opening + 0.1);
        sheet.Box("landed-bar", PartKind.Plate, face + 2, Math.Min(barTop, opening), face + depth + 1, opening + 1);
        sheet.Box("landed-release", PartKind.Release, face - 1.4, -opening - 5.4, face + 4.6, -opening - 2.6);
    }

    private static void Leaf(double face, double depth, double opening, double bite, Sheet sheet) =>
        sheet.Add(
            "landed-spring",
            PartKind.Spring,
            new ScenePath()
                .MoveTo(face + depth, -opening - 1)
                .LineTo(face + depth, -opening - 3.2)
                .LineTo(face + 4.4, -opening - 3.2)
                .LineTo(face + (depth * 0.74), bite - 0.2),
            0.6
        );
}
