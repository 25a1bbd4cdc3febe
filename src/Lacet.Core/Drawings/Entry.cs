using Lacet.Core.Ferrules;
using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>
/// Where the mouth of a landing lies when an end is in it, its size, and what shows when the strip is wrong.
/// </summary>
internal static class Entry
{
    /// <summary>
    /// A collar stops at the landing's face; a bare end goes in until its tip or its insulation stops it, and what is
    /// too long stays outside. mm from the cut of the insulation.
    /// </summary>
    internal static double Face(DrawnEnd end, double depth) =>
        end.Plan.Ferrule is { Collar: not Collar.None } sleeved
            ? sleeved.Entry.Millimetres
            : Math.Max(0, end.Length - depth);

    /// <summary>
    /// Half the opening's height: room for the largest wire, with its strands unpressed (only for the drawing).
    /// </summary>
    internal static double Opening(PrintedLanding landing) =>
        (Math.Sqrt(landing.MostMm2 * 4 / Math.PI / 0.75) / 2) + 0.3;

    /// <summary>The measure along the bottom: the pin that is inside, or the depth.</summary>
    internal static void Dimension(DrawnEnd end, PrintedLanding landing, double face)
    {
        var y = end.Sheet.Bottom + 2;
        if (end.Plan.Ferrule is { Collar: not Collar.None } collared)
        {
            // A pin is in millimetres for everybody.
            var pin = collared.Pin.Read();
            end.Sheet.Dimensions.Add(
                new("pin", face, face + collared.Pin.Millimetres, y, end.BareHalf, pin with { Imperial = pin.Metric })
            );
        }
        else
        {
            end.Sheet.Dimension(
                "depth",
                face,
                face + landing.StripDepth.Millimetres,
                y,
                end.BareHalf,
                landing.StripDepth
            );
        }
    }

    internal static void Faults(DrawnEnd end, double depth, double face)
    {
        var (bareHalf, sheet) = (end.BareHalf, end.Sheet);
        if (end.Plan.Ferrule is { } ferrule)
        {
            var pinEnd = ferrule.Entry.Millimetres + ferrule.Pin.Millimetres;
            if (end.Length > Math.Max(pinEnd, end.Strip.Most.Millimetres - 1) + 1.05)
            {
                sheet.Box("bare-showing", PartKind.BareShowing, pinEnd, -bareHalf, end.Length, bareHalf);
            }

            return;
        }

        if (face > 0.5 && end.Length > end.Strip.Most.Millimetres)
        {
            sheet.Box("bare-showing", PartKind.BareShowing, 0, -bareHalf, face, bareHalf);
        }
        else if (end.Length < end.Strip.Least.Millimetres - 0.05)
        {
            // The metal ends short of the stop: what the clamp misses is shown empty.
            sheet.Box("metal-missing", PartKind.InsulationCaught, end.Length, -bareHalf, depth, bareHalf);
        }
    }
}
