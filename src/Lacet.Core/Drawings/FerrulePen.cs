using Lacet.Core.Ferrules;

namespace Lacet.Core.Drawings;

/// <summary>Draws a crimped ferrule on a wire that lies from left to right, its insulation cut at x = 0.</summary>
internal static class FerrulePen
{
    /// <summary>
    /// How long a plastic collar is, mm; typical (DIN 46228-4 overall length less pin), only for the drawing.
    /// </summary>
    private const double CollarLength = 6;

    internal static void Pin(FerruleChoice ferrule, double bareHalf, Sheet sheet)
    {
        // A crimped pin is as thick as its wire and a wall of about 0.2 mm (common practice); a twin holds two wires.
        var outer = (bareHalf * (ferrule.Twin ? Math.Sqrt(2) : 1)) + 0.2;
        var start = ferrule.Entry.Millimetres;
        sheet.Box("landed-pin", PartKind.FerrulePin, start, -outer, start + ferrule.Pin.Millimetres, outer);
    }

    internal static void CollarOf(FerruleChoice ferrule, double bareHalf, double half, Sheet sheet)
    {
        var bore =
            ferrule.Collar == Collar.Standard && ferrule.CollarBore is { } standard ? standard.Millimetres / 2 : half;
        var outer = (Math.Max(half, bore) * (ferrule.Twin ? 2 : 1)) + 0.4;
        var end = ferrule.Entry.Millimetres;
        sheet.Add(
            "landed-collar",
            PartKind.FerruleCollar,
            new ScenePath()
                .MoveTo(end - CollarLength, -outer)
                .LineTo(0, -outer)
                .LineTo(end, -bareHalf - 0.5)
                .LineTo(end, bareHalf + 0.5)
                .LineTo(0, outer)
                .LineTo(end - CollarLength, outer)
                .Close()
        );
    }
}
