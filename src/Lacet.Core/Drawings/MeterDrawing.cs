using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>
/// How the probes of a meter are held to a cord: one on a blade of its plug, the other on a bare end. The plug’s face
/// is to scale (NEMA WD 6, from memory), as one holds it: blades towards the eye, the earth pin below, the neutral’s on
/// the right.
/// </summary>
public static class MeterDrawing
{
    /// <summary>Between the middles of the blades, mm.</summary>
    private const double Apart = 12.7;

    private const double Thick = 1.5;
    private const double Narrow = 6.35;
    private const double Wide = 7.9;
    private const double PinBelow = 11.9;
    private const double Pin = 4.8;
    private const double Face = 16;

    /// <summary>Where the ends are, mm from the face’s middle.</summary>
    private const double Ends = 92;

    private const double Pitch = 11;

    /// <summary>The drawing for a cord of two or three conductors.</summary>
    public static Scene Of(int conductors)
    {
        if (conductors is not (2 or 3))
        {
            throw new ImpossibleInputException("conductors", "A cord here has two or three conductors.");
        }

        var sheet = new Sheet();
        var top = -Pitch * (conductors - 1) / 2;
        sheet.Box("cord", PartKind.Insulation, Face, -5, 52, 5);
        for (var i = 0; i < conductors; i++)
        {
            var (from, y) = ((i - ((conductors - 1) / 2.0)) * 3, top + (i * Pitch));
            sheet.Add(
                $"conductor-{i + 1}",
                PartKind.Insulation,
                new ScenePath().MoveTo(52, from).LineTo(60, y).LineTo(Ends - 10, y),
                3.2
            );
            sheet.Box($"bare-{i + 1}", PartKind.Conductor, Ends - 10, y - 0.8, Ends, y + 0.8);
        }

        Plug(sheet, conductors == 3);
        Meter(sheet, top + ((conductors - 1) * Pitch));
        return new(
            sheet.Parts,
            sheet.Dimensions,
            $"One probe of the meter on a blade of the plug, held blades towards you{new Term(conductors == 3 ? " and the earth pin below" : "")}; the other on each bare end in turn"
        );
    }

    private static void Plug(Sheet sheet, bool earthed)
    {
        // The wider blade is the neutral’s on two and three blades alike.
        sheet.Add("face", PartKind.Body, ScenePath.Circle(0, earthed ? 3 : 0, Face));
        sheet.Box(
            "blade-line",
            PartKind.Contact,
            (-Apart / 2) - (Thick / 2),
            -Narrow / 2,
            (-Apart / 2) + (Thick / 2),
            Narrow / 2
        );
        sheet.Box(
            "blade-neutral",
            PartKind.Contact,
            (Apart / 2) - (Thick / 2),
            -Wide / 2,
            (Apart / 2) + (Thick / 2),
            Wide / 2
        );
        if (earthed)
        {
            sheet.Add("blade-earth", PartKind.Contact, ScenePath.Circle(0, PinBelow, Pin / 2));
        }
    }

    private static void Meter(Sheet sheet, double lastEnd)
    {
        const double meterTop = 26;
        sheet.Add(
            "probe-at-blade",
            PartKind.Direction,
            new ScenePath().MoveTo(40, meterTop + 8).LineTo(20, meterTop + 4).LineTo(Apart / 2, 0),
            1.2
        );
        sheet.Add(
            "probe-at-end",
            PartKind.Direction,
            new ScenePath().MoveTo(60, meterTop + 8).LineTo(Ends - 4, meterTop + 2).LineTo(Ends - 3, lastEnd),
            1.2
        );
        sheet.Box("meter", PartKind.Lever, 40, meterTop, 60, meterTop + 18);
        sheet.Box("display", PartKind.Opening, 42.5, meterTop + 2.5, 57.5, meterTop + 9);
    }
}
