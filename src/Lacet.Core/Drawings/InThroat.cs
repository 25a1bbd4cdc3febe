using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>An end in a deep throat: the insulation goes inside, and the contact sits at the bottom.</summary>
internal static class InThroat
{
    /// <summary>How far the insulation enters, mm; typical, only for the drawing.</summary>
    private const double InsulationInside = 7;

    internal static void Draw(DrawnEnd end, DeepPushIn throat)
    {
        var depth = throat.StripDepth.Millimetres;
        var shoulder = Entry.Face(end, depth);
        Body(shoulder, depth, Entry.Opening(throat), Math.Max(end.Half, Entry.Opening(throat)) + 0.7, end.Sheet);
        end.Wire();
        Leaf(shoulder, depth, Entry.Opening(throat), -end.BareHalf, end.Sheet);
        Entry.Faults(end, depth, shoulder);
        var sheet = end.Sheet;
        if (shoulder < InsulationInside)
        {
            sheet.Dimension(
                "inside",
                shoulder - InsulationInside,
                0,
                sheet.Bottom + 2,
                end.Half,
                new(InsulationInside - shoulder)
            );
        }
    }

    internal static void Alone(DeepPushIn throat, Sheet sheet)
    {
        var (depth, opening) = (throat.StripDepth.Millimetres, Entry.Opening(throat));
        Body(0, depth, opening, opening + 1.6, sheet);
        Leaf(0, depth, opening, opening - 0.3, sheet);
    }

    private static void Body(double shoulder, double depth, double opening, double throat, Sheet sheet)
    {
        var (mouth, stop) = (shoulder - InsulationInside, shoulder + depth);
        sheet.Box("landed-body", PartKind.Body, mouth, -throat - 5, stop + 3, throat + 3);
        sheet.Add(
            "landed-opening",
            PartKind.Opening,
            new ScenePath()
                .MoveTo(mouth, -throat - 0.8)
                .LineTo(mouth + 1.5, -throat)
                .LineTo(shoulder, -throat)
                .LineTo(shoulder + 2, -opening)
                .LineTo(stop, -opening)
                .LineTo(stop, opening)
                .LineTo(shoulder + 2, opening)
                .LineTo(shoulder, throat)
                .LineTo(mouth + 1.5, throat)
                .LineTo(mouth, throat + 0.8)
                .Close()
        );
        sheet.Box("landed-chamber", PartKind.Opening, stop - 8, -opening - 3, stop, -opening + 0.1);
        sheet.Box("landed-bar", PartKind.Plate, stop - 8, opening, stop + 0.8, opening + 1);
        sheet.Box("landed-release", PartKind.Release, mouth - 0.6, -throat - 3.6, stop - 8, -throat - 2.2);
    }

    private static void Leaf(double shoulder, double depth, double opening, double bite, Sheet sheet)
    {
        var stop = shoulder + depth;
        sheet.Add(
            "landed-spring",
            PartKind.Spring,
            new ScenePath()
                .MoveTo(stop - 0.6, -opening - 2.4)
                .LineTo(stop - 7.4, -opening - 2.4)
                .LineTo(stop - 2.6, bite - 0.2),
            0.6
        );
    }
}
