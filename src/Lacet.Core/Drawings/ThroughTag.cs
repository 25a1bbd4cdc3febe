using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>A conductor hooked through the eye of a tag, with the solder that seals it.</summary>
internal static class ThroughTag
{
    internal static void Draw(DrawnEnd end, SolderLug lug)
    {
        var (d, sheet) = (end.BareHalf * 2, end.Sheet);
        // Through the eye, behind the tag to its edge, round it, and back over the front.
        var eye = Math.Max(end.Length * 0.45, end.BareHalf);
        var (edge, turn) = (eye + Edge(lug), Math.Max(0.7, d * 0.75));
        var back = Math.Max(0.3, end.Length - edge - (Math.PI * turn));
        sheet.Add("landed-behind", PartKind.Conductor, new ScenePath().MoveTo(eye, 0).LineTo(edge, 0), d);
        Tag(lug, eye, sheet);
        sheet.Parts.AddRange(WirePen.Bare("landed", end.Conductor, 0, eye));
        sheet.Add(
            "landed-wrap",
            PartKind.Conductor,
            new ScenePath().Arc(edge, turn, turn, -90, 180).LineTo(edge - back, 2 * turn),
            d
        );
        sheet.Parts.Add(WirePen.Insulation("landed", end.Conductor, 0));
        sheet.Add("landed-solder", PartKind.Solder, ScenePath.Circle(eye + 0.4, turn, Edge(lug)));
        if (end.Length > end.Strip.Most.Millimetres)
        {
            sheet.Box(
                "bare-showing",
                PartKind.BareShowing,
                0,
                -end.BareHalf,
                end.Length - end.Strip.Most.Millimetres,
                end.BareHalf
            );
        }

        sheet.Dimension("lead", 0, eye, sheet.Bottom + 2, end.BareHalf, new(eye));
    }

    internal static void Alone(SolderLug lug, Sheet sheet) => Tag(lug, 0, sheet);

    /// <summary>
    /// From the middle of the eye to the tag's edge: the metal round a hole is typical, only for the drawing.
    /// </summary>
    private static double Edge(SolderLug lug) => (lug.Hole.Millimetres / 2) + 1.2;

    private static void Tag(SolderLug lug, double eye, Sheet sheet)
    {
        var half = Edge(lug);
        sheet.Add(
            "landed-tag",
            PartKind.LugMetal,
            new ScenePath()
                .MoveTo(eye - half, 9)
                .LineTo(eye - half, 0)
                .Arc(eye, 0, half, 180, 180)
                .LineTo(eye + half, 9)
                .Close()
        );
        sheet.Add("landed-eye", PartKind.Opening, ScenePath.Circle(eye, 0, lug.Hole.Millimetres / 2));
        sheet.Box("landed-body", PartKind.Body, eye - half - 3, 9, eye + half + 3, 13);
    }
}
