using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Drawings;

/// <summary>
/// A box from the front with what is counted in it: cables through its clamps, ends, earths, devices on their yokes,
/// fittings, pigtails; and how high it is filled.
/// </summary>
public static class BoxFrontDrawing
{
    /// <summary>How deep a usual box is, in (generic, from memory): its front is what its volume leaves.</summary>
    private const double UsualDepth = 2.5;
    private const double Inch = 25.4;

    /// <summary>A front's height to its width, as a device box has it.</summary>
    private const double Tall = 1.5;

    /// <summary>More of a kind than this are drawn as so many.</summary>
    private const int Most = 14;

    /// <summary>The drawing, mm. Its corner is at 0.</summary>
    public static Scene Of(BoxContents contents, BoxFill fill)
    {
        var sheet = new Sheet();
        var front = (fill.Volume ?? fill.Needed) / UsualDepth * Inch * Inch;
        var wide = Math.Max(40, Math.Sqrt(front / Tall));
        var high = wide * Tall;
        sheet.Box("wall", PartKind.Plate, -3, -3, wide + 3, high + 3);
        sheet.Box("inside", PartKind.Opening, 0, 0, wide, high);
        if (fill.Volume is { } volume and > 0)
        {
            var share = Math.Min(1, fill.Needed / volume);
            sheet.Box(
                "filled",
                fill.Fits == true ? PartKind.StripWindow : PartKind.BareShowing,
                0,
                high * (1 - share),
                wide,
                high
            );
        }

        var ends = contents.Conductors.Where(c => c.Count > 0).SelectMany(c => Enumerable.Repeat(c.Size, c.Count));
        Ends(sheet, [.. ends.Take(Most)], wide, high, contents.InnerClamps);
        Earths(sheet, contents.Earths.Sum(e => e.Count), wide, high);
        Fittings(sheet, contents, wide, high);
        return new(
            sheet.Parts,
            [],
            $"The box from the front, to its volume, with what is counted in it: {new Term(string.Join(", ", fill.Shares.Select(s => s.What)))}"
        );
    }

    /// <summary>Conductors come in turn from above and from below, and end in the middle.</summary>
    private static void Ends(Sheet sheet, List<ConductorSize> ends, double wide, double high, bool clamps)
    {
        for (var i = 0; i < ends.Count; i++)
        {
            var above = i % 2 == 0;
            var inRow = (ends.Count + (above ? 1 : 0)) / 2;
            var x = wide * ((i / 2) + 1) / (inRow + 1);
            var (from, to) = above ? (-12.0, high * 0.3) : (high + 12, high * 0.7);
            // Insulated: some 1.6 mm more than the metal (generic).
            var thick = Math.Sqrt(ends[i].Area.SquareMillimetres / Math.PI * 4) + 1.6;
            sheet.Add(
                $"conductor-{i}",
                PartKind.Insulation,
                new ScenePath()
                    .MoveTo((wide / 2) + ((x - (wide / 2)) * 0.4), from)
                    .LineTo(x, above ? 6 : high - 6)
                    .LineTo(x, to),
                thick
            );
            sheet.Add(
                $"end-{i}",
                PartKind.Conductor,
                new ScenePath().MoveTo(x, to).LineTo(x, to + (above ? 5 : -5)),
                thick - 1.2
            );
        }

        if (clamps)
        {
            sheet.Box("clamp-above", PartKind.Body, wide * 0.22, 1.5, wide * 0.78, 5);
            sheet.Box("clamp-below", PartKind.Body, wide * 0.22, high - 5, wide * 0.78, high - 1.5);
        }
    }

    /// <summary>Earths come in at the side and are joined.</summary>
    private static void Earths(Sheet sheet, int count, double wide, double high)
    {
        var shown = Math.Min(Most, count);
        for (var i = 0; i < shown; i++)
        {
            var y = (high * 0.36) + (high * 0.28 * (i + 1) / (shown + 1));
            sheet.Add(
                $"earth-{i}",
                PartKind.Earth,
                new ScenePath().MoveTo(-12, y).LineTo(wide * 0.16, (high * 0.5) + ((y - (high * 0.5)) * 0.4)),
                1.7
            );
        }

        if (shown > 1)
        {
            sheet.Add("earth-joint", PartKind.GreenScrew, ScenePath.Circle(wide * 0.17, high * 0.5, 3.5));
        }
    }

    private static void Fittings(Sheet sheet, BoxContents contents, double wide, double high)
    {
        var yokes = Math.Min(6, contents.Yokes.Count);
        for (var i = 0; i < yokes; i++)
        {
            var x = (wide * 0.3) + (wide * 0.6 * (i + 0.5) / yokes);
            var half = Math.Min(9, wide * 0.26 / yokes);
            sheet.Box($"yoke-{i}", PartKind.Lever, x - half, high * 0.38, x + half, high * 0.62);
            sheet.Add($"yoke-screw-{i}", PartKind.BrassScrew, ScenePath.Circle(x, high * 0.42, Math.Min(2, half / 2)));
            sheet.Add(
                $"yoke-screw-below-{i}",
                PartKind.SilverScrew,
                ScenePath.Circle(x, high * 0.58, Math.Min(2, half / 2))
            );
        }

        if (contents.Studs > 0)
        {
            sheet.Add("stud", PartKind.Nut, ScenePath.Circle(wide * 0.5, high * 0.5, 4));
        }

        if (contents.Hickeys > 0)
        {
            sheet.Add("hickey", PartKind.Spring, ScenePath.Circle(wide * 0.5, high * 0.5, 2.2));
        }

        // A pigtail begins and ends in the box.
        for (var i = 0; i < Math.Min(8, contents.Pigtails); i++)
        {
            var x = (wide * 0.3) + (wide * 0.6 * (i + 0.5) / Math.Min(8, contents.Pigtails));
            sheet.Add(
                $"pigtail-{i}",
                PartKind.Sleeve,
                new ScenePath().MoveTo(x, high * 0.32).LineTo(x + 3, high * 0.36).LineTo(x, high * 0.41),
                2.2
            );
        }
    }
}
