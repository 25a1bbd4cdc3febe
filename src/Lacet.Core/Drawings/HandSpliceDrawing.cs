using Lacet.Core.Splices;

namespace Lacet.Core.Drawings;

/// <summary>A hand splice as it looks when it is wound, before solder and tape, to scale.</summary>
public static partial class HandSpliceDrawing
{
    /// <summary>How much insulation is shown, mm.</summary>
    private const double Shown = 24;

    /// <summary>The drawing.</summary>
    public static Scene Of(HandSplice splice)
    {
        var sheet = new Sheet();
        switch (splice.Form)
        {
            case HandForm.InLine:
                InLine(sheet, splice);
                break;
            case HandForm.Tap:
                Tap(sheet, splice);
                break;
            case HandForm.FaceToFace:
                FaceToFace(sheet, splice);
                break;
            case HandForm.StrandedTee:
                StrandedTee(sheet, splice);
                break;
            case HandForm.StrandedToSolid:
                StrandedToSolid(sheet, splice);
                break;
            default:
                Pigtail(sheet, splice);
                break;
        }

        return new(
            sheet.Parts,
            sheet.Dimensions,
            $"{SayOf(splice.Form)} of {splice.Conductor.Size.Name}, {splice.Joint} long"
        );
    }

    /// <summary>A form as one says it.</summary>
    public static string SayOf(HandForm form) =>
        form switch
        {
            HandForm.PigtailTwo => "A pigtail of two wires",
            HandForm.PigtailThree => "A pigtail of three wires",
            HandForm.PigtailFour => "A pigtail of four wires",
            HandForm.InLine => "An in-line splice",
            HandForm.Tap => "A tap on an unbroken run",
            HandForm.FaceToFace => "Strands face to face",
            HandForm.StrandedTee => "A tee of strands",
            _ => "Strands on a solid wire",
        };

    private static void Pigtail(Sheet sheet, HandSplice splice)
    {
        var (wires, conductor) = (HandSplice.WiresOf(splice.Form), splice.Conductor);
        var (d, wide, trim, bare) = (
            conductor.Diameter.Millimetres,
            conductor.InsulationOuterDiameter.Millimetres,
            splice.Trim!.Value,
            splice.Wires[0].Bare
        );
        var radius = HandSplice.RadiusOfTwist(wires) * d;
        for (var i = 0; i < wires; i++)
        {
            var y = (i - ((wires - 1) / 2.0)) * (wide + 0.6);
            sheet.Add(
                $"wire-{i + 1}-insulation",
                PartKind.Insulation,
                new ScenePath().MoveTo(-Shown, y * 1.6).LineTo(-8, y).LineTo(0, y),
                wide
            );
            sheet.Add(
                $"wire-{i + 1}-lead",
                PartKind.Conductor,
                new ScenePath().MoveTo(0, y).LineTo(3, Math.Sign(y) * Math.Min(Math.Abs(y), radius)),
                d
            );
        }

        // What is trimmed off stands as an outline.
        sheet.Box(
            "trimmed-off",
            PartKind.StripWindow,
            trim.Millimetres,
            -radius - (d / 2),
            bare.Millimetres,
            radius + (d / 2)
        );
        HelixPen.Twist(
            sheet,
            "turn",
            PartKind.Conductor,
            wires,
            3,
            trim.Millimetres,
            0,
            radius,
            HandSplice.OpenPitch * d,
            d
        );
        var below = sheet.Bottom;
        sheet.Dimension("trim", 0, trim.Millimetres, below + 6, below, trim);
        sheet.Dimension("bare", 0, bare.Millimetres, below + 13, below, bare);
    }

    private static void InLine(Sheet sheet, HandSplice splice)
    {
        var (d, half, cross) = (
            splice.Conductor.Diameter.Millimetres,
            splice.Joint.Millimetres / 2,
            HandSplice.Crossing.Millimetres / 2
        );
        Run(sheet, splice.Conductor, half + d, 0);
        // Each wire’s tip goes round the other’s body: open turns from the crossing, tight ones at the far end.
        Wound(sheet, "right", splice, cross, +1);
        Wound(sheet, "left", splice, -cross, -1);
        sheet.Add("crossing", PartKind.Conductor, new ScenePath().MoveTo(-cross, d).LineTo(cross, -d), d);
        var below = sheet.Bottom;
        sheet.Dimension("joint", -half, half, below + 6, below, splice.Joint);
    }

    private static void Tap(Sheet sheet, HandSplice splice)
    {
        var (d, window) = (splice.Conductor.Diameter.Millimetres, splice.Wires[1].Bare);
        var clear = HandSplice.Clear.Millimetres;
        Run(sheet, splice.Conductor, window.Millimetres / 2, 0);
        var from = (-window.Millimetres / 2) + clear;
        Branch(sheet, splice.Conductor, from + (d / 2), 16);
        Wound(sheet, "tap", splice, from + HandSplice.Crossing.Millimetres, +1);
        sheet.Add(
            "bend",
            PartKind.Conductor,
            new ScenePath()
                .MoveTo(from + (d / 2), 8)
                .LineTo(from + (d / 2), -d)
                .LineTo(from + HandSplice.Crossing.Millimetres, -d),
            d
        );
        var above = sheet.Top;
        sheet.Dimension("window", -window.Millimetres / 2, window.Millimetres / 2, above - 7, -d, window);
        sheet.Dimension("clear", (window.Millimetres / 2) - clear, window.Millimetres / 2, 12, d, HandSplice.Clear);
    }

    private static void FaceToFace(Sheet sheet, HandSplice splice)
    {
        var conductor = splice.Conductor;
        var (d, half, strand) = (
            conductor.Diameter.Millimetres,
            splice.Joint.Millimetres / 2,
            conductor.StrandDiameter.Millimetres
        );
        var binding = splice.Wires[0].Bare.Millimetres / 4;
        Run(sheet, conductor, half, 0);
        Strands(sheet, conductor, -half, half, 0);
        // The halves of both bundles lie round each other in the middle.
        HelixPen.Twist(
            sheet,
            "half",
            PartKind.Conductor,
            4,
            -half + binding,
            half - binding,
            0,
            d / 2,
            HandSplice.OpenPitch * d,
            d / 2
        );
        foreach (
            var (id, from, to) in new[]
            {
                ("binding-left", -half, -half + binding),
                ("binding-right", half - binding, half),
            }
        )
        {
            var (behind, before) = HelixPen.Wind(
                id,
                PartKind.Conductor,
                from,
                to,
                0,
                (d + strand) / 2,
                Math.Max(strand * 2, 0.8),
                Math.Max(strand, 0.5)
            );
            sheet.Parts.InsertRange(0, behind);
            sheet.Parts.AddRange(before);
        }

        var below = sheet.Bottom;
        sheet.Dimension("joint", -half, half, below + 6, below, splice.Joint);
        sheet.Dimension("binding", -half, -half + binding, below + 13, below, new(binding));
    }

    private static void StrandedTee(Sheet sheet, HandSplice splice)
    {
        var conductor = splice.Conductor;
        var (d, window, strand) = (
            conductor.Diameter.Millimetres,
            splice.Wires[1].Bare,
            conductor.StrandDiameter.Millimetres
        );
        var half = splice.Joint.Millimetres / 2;
        Run(sheet, conductor, window.Millimetres / 2, 0);
        Strands(sheet, conductor, -window.Millimetres / 2, window.Millimetres / 2, 0);
        Branch(sheet, conductor, 0, 16);
        var turns = splice.Turns.OfOneKind;
        var band = (half - (d / 2)) / turns;
        foreach (var (id, side) in new[] { ("half-right", 1), ("half-left", -1) })
        {
            var (behind, before) = HelixPen.Wind(
                id,
                PartKind.Conductor,
                side * d / 2,
                side * half,
                0,
                (d + strand) / 2,
                band,
                band * 0.86
            );
            sheet.Parts.InsertRange(0, behind);
            sheet.Parts.AddRange(before);
        }

        var above = sheet.Top;
        sheet.Dimension("window", -window.Millimetres / 2, window.Millimetres / 2, above - 7, above, window);
        sheet.Dimension("clear", half, window.Millimetres / 2, 12, d, HandSplice.Clear);
    }

    private static void StrandedToSolid(Sheet sheet, HandSplice splice)
    {
        var conductor = splice.Conductor;
        var (d, wide, joint, strand) = (
            conductor.Size.SolidDiameter.Millimetres,
            conductor.InsulationOuterDiameter.Millimetres,
            splice.Joint.Millimetres,
            conductor.StrandDiameter.Millimetres
        );
        var turns = splice.Turns.OfOneKind;
        var band = joint * 0.8 / turns;
        var (behind, before) = HelixPen.Wind(
            "strands",
            PartKind.Conductor,
            2,
            2 + (turns * band),
            0,
            (d + strand) / 2,
            band,
            band * 0.82
        );
        sheet.Parts.AddRange(behind);
        sheet.Box("solid-insulation", PartKind.Insulation, -Shown, -wide / 2, 0, wide / 2);
        sheet.Add(
            "strands-insulation",
            PartKind.Insulation,
            new ScenePath().MoveTo(-Shown, wide + 6).LineTo(-8, wide + 1),
            wide
        );
        sheet.Add(
            "strands-lead",
            PartKind.Conductor,
            new ScenePath().MoveTo(-8, wide + 1).LineTo(2, d / 2),
            Math.Max(d * 0.8, 0.8)
        );
        sheet.Box("solid", PartKind.Conductor, 0, -d / 2, joint, d / 2);
        sheet.Parts.AddRange(before);
        // The solid wire’s last third lies folded back over the turns.
        sheet.Add("folded", PartKind.Conductor, new ScenePath().Arc(joint, -d, d, 270, 180).LineTo(joint, 0), d);
        sheet.Add(
            "folded-back",
            PartKind.Conductor,
            new ScenePath().MoveTo(joint, -2 * d).LineTo(joint - (splice.Wires[1].Bare.Millimetres / 3), -2 * d),
            d
        );
        var below = sheet.Bottom;
        sheet.Dimension("joint", 0, joint, below + 6, below, splice.Joint);
    }
}
