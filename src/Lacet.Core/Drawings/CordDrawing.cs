using Lacet.Core.Cords;

namespace Lacet.Core.Drawings;

/// <summary>A cord from its plug to where it enters a machine: what one looks at, in the order of looking.</summary>
/// <param name="Scene">The drawing; sizes are those of a usual 15 A plug (generic, from memory).</param>
/// <param name="Spots">Where to look.</param>
public sealed record CordDrawing(Scene Scene, IReadOnlyList<CordSpot> Spots)
{
    private const double Middle = 30;

    private static readonly OpenedPlug Opened = new(Middle, (17, 23), 19, 52, 17, 13, (27, 46), 12, 34, 7, 3, 1.4);

    /// <summary>The drawing.</summary>
    public static CordDrawing Of()
    {
        var sheet = new Sheet();
        Plug(sheet);
        sheet.Box("jacket", PartKind.Insulation, 72, Middle - 4, 188, Middle + 4);
        for (var i = 0; i < 9; i++)
        {
            sheet.Box($"print-{i}", PartKind.ScrewHead, 116 + (i * 4), Middle - 1, 118.5 + (i * 4), Middle + 1);
        }

        Machine(sheet);
        return new(
            new(sheet.Parts, [], $"A cord from its plug, opened, along its jacket, to where it enters a machine"),
            [
                new(CordPlace.Blades, 5, Middle - 2),
                new(CordPlace.InsideThePlug, 38, Middle),
                new(CordPlace.AtThePlug, 71, Middle),
                new(CordPlace.Along, 105, Middle),
                new(CordPlace.Print, 139, Middle),
                new(CordPlace.Entry, 214, Middle),
            ]
        );
    }

    private static void Plug(Sheet sheet)
    {
        // The plug from the side: two blades and the round pin below, then the body, the strain relief, the jacket.
        sheet.Box("blade-upper", PartKind.Contact, 0, Middle - 13, 17, Middle - 10);
        sheet.Box("blade-lower", PartKind.Contact, 0, Middle - 3, 17, Middle);
        Opened.EarthPin(sheet, shoulder: 0, point: -4, lower: 7, upper: 12);
        Opened.Body(sheet, earthed: true);
        sheet.Box("clamp", PartKind.Plate, 48, Middle - 7, 51, Middle + 7);
        for (var i = 0; i < 4; i++)
        {
            sheet.Box($"relief-{i}", PartKind.Sleeve, 52 + (i * 5), Middle - 7 + i, 56 + (i * 5), Middle + 7 - i);
        }
    }

    /// <summary>The machine: its wall, the gland, the fuse and the suppressor behind it.</summary>
    private static void Machine(Sheet sheet)
    {
        sheet.Box("gland", PartKind.Nut, 186, Middle - 8, 196, Middle + 8);
        sheet.Box("wall", PartKind.Plate, 196, Middle - 28, 199, Middle + 28);
        sheet.Box("inside", PartKind.Body, 199, Middle - 28, 240, Middle + 28);
        sheet.Box("inner-cord", PartKind.Insulation, 199, Middle - 4, 208, Middle + 4);
        sheet.Box("fuse", PartKind.Sleeve, 212, Middle - 20, 232, Middle - 13);
        sheet.Add("suppressor", PartKind.Lever, ScenePath.Circle(222, Middle + 14, 7));
    }
}
