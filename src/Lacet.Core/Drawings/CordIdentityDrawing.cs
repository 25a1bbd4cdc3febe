using Lacet.Core.Cords;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>
/// A cord laid out to find which conductor is which: its plug, opened; its jacket, ribbed on one side; its conductors,
/// spread; and the connector that an appliance may have instead.
/// </summary>
/// <param name="Scene">The drawing; sizes are usual ones (generic, from memory).</param>
/// <param name="Conductors">Where each conductor is.</param>
/// <param name="Cues">Where each thing that tells them apart is.</param>
public sealed record CordIdentityDrawing(
    Scene Scene,
    IReadOnlyList<ConductorSpot> Conductors,
    IReadOnlyList<CueSpot> Cues
)
{
    private const double Middle = 46;
    private const double Fan = 130;
    private const double Tip = 204;

    /// <summary>How far apart the spread conductors are, mm.</summary>
    private const double Pitch = 26;

    private static readonly OpenedPlug Opened = new(Middle, (18, 24), 34, 60, 32, 22, (28, 54), 27, 40, 20, 4.5, 1.6);

    /// <summary>
    /// Draws a cord of two or three conductors. Throws <see cref="ImpossibleInputException"/> for any other count.
    /// </summary>
    public static CordIdentityDrawing Of(int conductors)
    {
        if (conductors is not (2 or 3))
        {
            throw new ImpossibleInputException("conductors", "A cord has two or three conductors here.");
        }

        var sheet = new Sheet();
        var earthed = conductors == 3;
        Plug(sheet, earthed);
        Jacket(sheet);
        for (var i = 0; i < conductors; i++)
        {
            Conductor(sheet, i, conductors);
        }

        Connector(sheet, earthed);
        return new(
            new(
                sheet.Parts,
                [],
                $"A cord of {conductors} conductors from its plug, opened, along its jacket to its ends, and an appliance’s connector beside them"
            ),
            [.. Enumerable.Range(0, conductors).Select(i => new ConductorSpot(i, 172, Height(i, conductors)))],
            [
                new(IdentityCue.WideBlade, null, 6, Middle - 20),
                new(IdentityCue.NarrowBlade, null, 6, Middle),
                new(IdentityCue.BrassScrew, null, 40, Middle - 20),
                new(IdentityCue.SilverScrew, null, 40, Middle),
                .. earthed
                    ? new CueSpot[]
                    {
                        new(IdentityCue.EarthPin, null, 6, Middle + 20),
                        new(IdentityCue.GreenScrew, null, 40, Middle + 20),
                        new(IdentityCue.ConnectorEarth, null, 240, Middle - 17),
                    }
                    : [],
                new(IdentityCue.Ribbed, null, 84, Middle - 12),
                new(IdentityCue.Printed, null, 104, Middle - 12),
                new(IdentityCue.Smooth, null, 94, Middle + 12),
                new(IdentityCue.ConnectorLine, null, 230, Middle + 12),
                new(IdentityCue.ConnectorNeutral, null, 250, Middle + 12),
                .. Enumerable
                    .Range(0, conductors)
                    .Select(i => new CueSpot(IdentityCue.Remarked, i, 194, Height(i, conductors))),
            ]
        );
    }

    private static double Height(int conductor, int conductors) =>
        Middle + ((conductor - ((conductors - 1) / 2.0)) * Pitch);

    private static void Plug(Sheet sheet, bool earthed)
    {
        sheet.Box("blade-wide", PartKind.Contact, -4, Middle - 23, 18, Middle - 17);
        sheet.Box("blade-narrow", PartKind.Contact, -2, Middle - 2, 18, Middle + 2);
        if (earthed)
        {
            Opened.EarthPin(sheet, shoulder: 0, point: -6, lower: 17, upper: 23);
        }

        Opened.Body(sheet, earthed);
    }

    /// <summary>A flat cord: ribs along one side, print beside them, the other side smooth.</summary>
    private static void Jacket(Sheet sheet)
    {
        sheet.Box("side-ribbed", PartKind.Insulation, 60, Middle - 5.5, Fan, Middle);
        sheet.Box("side-smooth", PartKind.Insulation, 60, Middle, Fan, Middle + 5.5);
        for (var i = 0; i < 3; i++)
        {
            sheet.Box($"rib-{i}", PartKind.Body, 62, Middle - 5 + (i * 1.4), 94, Middle - 4.5 + (i * 1.4));
        }

        for (var i = 0; i < 6; i++)
        {
            sheet.Box($"print-{i}", PartKind.Body, 97 + (i * 4), Middle - 4, 99.5 + (i * 4), Middle - 2);
        }
    }

    private static void Conductor(Sheet sheet, int i, int conductors)
    {
        var y = Height(i, conductors);
        sheet.Add(
            $"insulation-{i}",
            PartKind.Insulation,
            new ScenePath()
                .MoveTo(Fan, Middle + ((i - ((conductors - 1) / 2.0)) * 4))
                .LineTo(150, y)
                .LineTo(Tip - 14, y),
            6
        );
        sheet.Box($"bare-{i}", PartKind.Conductor, Tip - 14, y - 1.3, Tip, y + 1.3);
    }

    private static void Connector(Sheet sheet, bool earthed)
    {
        sheet.Add(
            "connector",
            PartKind.Body,
            new ScenePath()
                .MoveTo(226, Middle - 28)
                .LineTo(254, Middle - 28)
                .LineTo(260, Middle - 22)
                .LineTo(260, Middle + 24)
                .LineTo(220, Middle + 24)
                .LineTo(220, Middle - 22)
                .Close()
        );
        sheet.Box("connector-line", PartKind.Opening, 228, Middle + 6, 232, Middle + 18);
        sheet.Box("connector-neutral", PartKind.Opening, 248, Middle + 6, 252, Middle + 18);
        if (earthed)
        {
            sheet.Box("connector-earth", PartKind.Opening, 238, Middle - 23, 242, Middle - 11);
        }
    }
}
