using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Lugs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>
/// An end in a crimped lug, from the side: barrel, crimps, palm, and the bolt that holds it to its bar.
/// </summary>
internal static class InCrimp
{
    private const double Wall = 1.3;

    internal static void Draw(DrawnEnd end, CrimpedLug lug)
    {
        var barrel = lug.BarrelDepth?.Millimetres ?? end.Plan.Lug.Crimped;
        var face = Math.Max(0, end.Length - barrel);
        Lug(
            face,
            barrel,
            end.BareHalf,
            Bolt(lug, end.Plan.Lug),
            end.Plan.Lug.Crimps(end.Conductor.Material),
            end.Sheet,
            () =>
            {
                end.Sheet.Parts.AddRange(WirePen.Bare("landed", end.Conductor, 0, end.Length));
                end.Sheet.Parts.Add(WirePen.Insulation("landed", end.Conductor, 0));
            }
        );
        if (end.Length > end.Strip.Most.Millimetres)
        {
            end.Sheet.Box("bare-showing", PartKind.BareShowing, 0, -end.BareHalf, face, end.BareHalf);
        }
        else if (end.Length < end.Strip.Least.Millimetres - 0.05)
        {
            end.Sheet.Box("metal-missing", PartKind.InsulationCaught, end.Length, -end.BareHalf, barrel, end.BareHalf);
        }

        end.Sheet.Dimension("barrel", face, face + barrel, end.Sheet.Bottom + 2, end.BareHalf, new Length(barrel));
    }

    internal static void Alone(CrimpedLug lug, Sheet sheet)
    {
        var row = LugRow.ForArea(35);
        Lug(
            0,
            lug.BarrelDepth?.Millimetres ?? row.Crimped,
            3.6,
            Bolt(lug, row),
            row.Crimps(Material.Copper),
            sheet,
            () => { }
        );
    }

    private static double Bolt(CrimpedLug lug, LugRow row) =>
        Length.FromInches(lug.BoltDiameterIn ?? row.Bolt).Millimetres;

    private static void Lug(
        double face,
        double barrel,
        double bareHalf,
        double bolt,
        int crimps,
        Sheet sheet,
        Action wire
    )
    {
        var (outer, end) = (bareHalf + Wall, face + barrel);
        var (palmTop, palmBottom) = (outer - 2.6, outer);
        var palm = end + (outer * 0.9) + (bolt * 2.6);
        sheet.Box("landed-bar", PartKind.Plate, end + 1, palmBottom, palm + 2, palmBottom + 3);
        wire();
        sheet.Add("landed-lug", PartKind.Sleeve, ScenePath.Rectangle(face, -outer, end, outer));
        sheet.Add(
            "landed-palm",
            PartKind.LugMetal,
            new ScenePath()
                .MoveTo(end, -outer)
                .LineTo(end + (outer * 0.9), palmTop)
                .LineTo(palm, palmTop)
                .LineTo(palm, palmBottom)
                .LineTo(end, palmBottom)
                .Close()
        );
        for (var i = 0; i < crimps; i++)
        {
            var (middle, width) = (face + (barrel * (i + 1) / (crimps + 1)), Math.Min(4, barrel / (crimps + 1) * 0.6));
            sheet.Box($"landed-crimp-{i}", PartKind.Crimp, middle - (width / 2), -outer, middle + (width / 2), outer);
        }

        var x = end + (outer * 0.9) + (bolt * 1.3);
        sheet.Box(
            "landed-thread",
            PartKind.ScrewThread,
            x - (bolt / 2),
            palmTop - (bolt * 0.7),
            x + (bolt / 2),
            palmBottom + 3 + (bolt * 0.9)
        );
        sheet.Box("landed-washer", PartKind.Nut, x - (bolt * 1.05), palmTop - 1, x + (bolt * 1.05), palmTop);
        sheet.Box(
            "landed-bolt-head",
            PartKind.Nut,
            x - (bolt * 0.85),
            palmTop - 1 - (bolt * 0.65),
            x + (bolt * 0.85),
            palmTop - 1
        );
        sheet.Box(
            "landed-nut",
            PartKind.Nut,
            x - (bolt * 0.85),
            palmBottom + 3,
            x + (bolt * 0.85),
            palmBottom + 3 + (bolt * 0.7)
        );
    }
}
