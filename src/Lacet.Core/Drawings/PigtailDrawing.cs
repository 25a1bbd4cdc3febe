using Lacet.Core.Conductors;
using Lacet.Core.Splices;

namespace Lacet.Core.Drawings;

/// <summary>A pigtail stretched out, to scale: its splice at the left in the box, what is free, what is spare, its other end.</summary>
public static class PigtailDrawing
{
    private const double Wide = 4;
    private const double Metal = 1.8;
    private const double Reach = 24;

    /// <summary>More ends than this are drawn as so many.</summary>
    private const int Most = 8;

    /// <summary>The drawing, mm: the pigtail's end in the splice is at 0.</summary>
    /// <param name="plan">The pigtail.</param>
    /// <param name="together">How many ends it is spliced to.</param>
    public static Scene Of(SplicePigtail plan, int together)
    {
        var sheet = new Sheet();
        var (bare, whole) = (plan.SpliceStrip.Millimetres, plan.Length.Millimetres);
        var landing = plan.LandingStrip?.Millimetres ?? 0;
        var spare = plan.Spare.Millimetres;
        var shown = Math.Min(Most, together);
        var high = (shown + 1) * (Wide + 2);
        sheet.Box("box", PartKind.Plate, -Reach, -high, bare + 14, high);
        sheet.Box("inside", PartKind.Opening, -Reach + 2, -high + 2, bare + 14, high - 2);
        for (var i = 0; i < shown; i++)
        {
            var y = (i + 1) * (Wide + 2) * (i % 2 == 0 ? -1 : 1) * 0.7;
            sheet.Add(
                $"end-{i}",
                PartKind.Insulation,
                new ScenePath().MoveTo(-Reach, y * 1.3).LineTo(bare + 10, y * 1.3).LineTo(bare + 2, y * 0.3),
                Wide
            );
        }

        sheet.Box("splice", PartKind.Conductor, 0, -Metal / 2, bare, Metal / 2);
        sheet.Box("pigtail", PartKind.Insulation, bare, -Wide / 2, whole - landing, Wide / 2);
        sheet.Box(
            "spare",
            PartKind.StripWindow,
            whole - landing - spare,
            -Wide / 2 - 1,
            whole - landing,
            (Wide / 2) + 1
        );
        if (landing > 0)
        {
            sheet.Box("landing", PartKind.Conductor, whole - landing, -Metal / 2, whole, Metal / 2);
        }

        sheet.Add(
            "connector",
            PartKind.Sleeve,
            new ScenePath().MoveTo(-5, -4).LineTo(bare + 2, -7).LineTo(bare + 2, 7).LineTo(-5, 4).Close()
        );
        var below = high + 6;
        sheet.Dimension("splice-strip", 0, bare, below, 0, plan.SpliceStrip);
        sheet.Dimension("free", bare, bare + FreeLength.Least.Millimetres, below, 0, FreeLength.Least);
        if (spare > 0)
        {
            sheet.Dimension("spare", whole - landing - spare, whole - landing, -high - 6, 0, plan.Spare);
        }

        if (plan.LandingStrip is { } strip)
        {
            sheet.Dimension("landing-strip", whole - landing, whole, below, 0, strip);
        }

        return new(
            sheet.Parts,
            sheet.Dimensions,
            $"A pigtail of {plan.Length}, from its splice with {together} ends in the box to the device"
        );
    }
}
