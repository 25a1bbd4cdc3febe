using Lacet.Core.Conductors;
using Lacet.Core.Splices;

namespace Lacet.Core.Drawings;

/// <content>Wires and turns, stroke by stroke.</content>
public static partial class HandSpliceDrawing
{
    /// <summary>A run from left to right, bare for so much on both sides of its middle.</summary>
    private static void Run(Sheet sheet, Conductor conductor, double bareHalf, double y)
    {
        var (wide, d) = (conductor.InsulationOuterDiameter.Millimetres / 2, conductor.Diameter.Millimetres / 2);
        sheet.Box("run-left", PartKind.Insulation, -bareHalf - Shown, y - wide, -bareHalf, y + wide);
        sheet.Box("run-right", PartKind.Insulation, bareHalf, y - wide, bareHalf + Shown, y + wide);
        sheet.Box("run-bare", PartKind.Conductor, -bareHalf, y - d, bareHalf, y + d);
    }

    private static void Strands(Sheet sheet, Conductor conductor, double fromX, double toX, double y)
    {
        foreach (var (offset, i) in WirePen.StrandLines(conductor).Select((o, i) => (o, i)))
        {
            sheet.Add(
                $"run-strand-{i}",
                PartKind.Strand,
                new ScenePath().MoveTo(fromX, y + offset).LineTo(toX, y + offset),
                WirePen.StrandLine(conductor)
            );
        }
    }

    /// <summary>A wire that comes from below.</summary>
    private static void Branch(Sheet sheet, Conductor conductor, double x, double insulationTop)
    {
        var (wide, d) = (conductor.InsulationOuterDiameter.Millimetres / 2, conductor.Diameter.Millimetres / 2);
        sheet.Box("branch-insulation", PartKind.Insulation, x - wide, insulationTop, x + wide, insulationTop + Shown);
        sheet.Box("branch-bare", PartKind.Conductor, x - d, 0, x + d, insulationTop);
    }

    /// <summary>Open turns, then tight ones, from a place outwards, on a core that is there already.</summary>
    private static void Wound(Sheet sheet, string id, HandSplice splice, double fromX, int side)
    {
        var d = splice.Conductor.Diameter.Millimetres;
        var open = fromX + (side * splice.Turns.Open * HandSplice.OpenPitch * d);
        var tight = open + (side * splice.Turns.Tight * d);
        foreach (
            var (part, from, to, pitch) in new[]
            {
                ("open", fromX, open, HandSplice.OpenPitch * d),
                ("tight", open, tight, d),
            }
        )
        {
            if (Math.Abs(to - from) < 1e-9)
            {
                continue;
            }

            var (behind, before) = HelixPen.Wind($"{id}-{part}", PartKind.Conductor, from, to, 0, d, pitch, d);
            sheet.Parts.InsertRange(0, behind);
            sheet.Parts.AddRange(before);
        }
    }
}
