using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>
/// A solid end in a spring hole: a leaf bites it from below, and a slot beside the hole takes the releasing blade.
/// </summary>
internal static class InBackStab
{
    internal static void Draw(DrawnEnd end, BackStab hole)
    {
        var depth = hole.StripDepth.Millimetres;
        var face = Entry.Face(end, depth);
        Body(face, depth, Half(hole), end.Sheet);
        end.Wire();
        Leaf(face, depth, end.BareHalf, end.Sheet);
        Entry.Faults(end, depth, face);
        Entry.Dimension(end, hole, face);
    }

    internal static void Alone(BackStab hole, Sheet sheet)
    {
        var depth = hole.StripDepth.Millimetres;
        Body(0, depth, Half(hole), sheet);
        Leaf(0, depth, -0.4, sheet);
    }

    private static double Half(BackStab hole) => (Math.Sqrt(hole.MostMm2 * 4 / Math.PI) / 2) + 0.25;

    private static void Body(double face, double depth, double half, Sheet sheet)
    {
        sheet.Box("landed-body", PartKind.Body, face, -half - 5, face + depth + 3, half + 8);
        sheet.Box("landed-chamber", PartKind.Opening, face + 3, -half, face + depth, half + 5.5);
        sheet.Box("landed-opening", PartKind.Opening, face, -half, face + depth, half);
        sheet.Box("landed-release", PartKind.Release, face, half + 2.4, face + 3.2, half + 3.6);
        // The strip gauge, moulded in the back: as long as the metal should be.
        sheet.Box("landed-gauge", PartKind.Opening, face, -half - 3.4, face + 0.8, -half - 1.6);
        sheet.Box("landed-contact", PartKind.Plate, face + 3, -half - 1, face + depth, -half);
    }

    private static void Leaf(double face, double depth, double bite, Sheet sheet) =>
        sheet.Add(
            "landed-spring",
            PartKind.Spring,
            new ScenePath()
                .MoveTo(face + 3.4, bite + 5.6)
                .LineTo(face + 5.5, bite + 5.2)
                .LineTo(face + (depth * 0.66), bite + 0.2),
            0.6
        );
}
