using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>
/// An end in a lug's barrel, cut through the middle: the set screw presses straight on it; the tongue is bolted down.
/// </summary>
internal static class InLug
{
    internal static void Draw(DrawnEnd end, SetScrewLug lug)
    {
        var depth = lug.BarrelDepth?.Millimetres ?? end.Plan.Lug.SetScrew;
        var face = Math.Max(0, end.Length - depth);
        Body(lug, face, depth, end.Sheet);
        end.Sheet.Parts.AddRange(WirePen.Bare("landed", end.Conductor, 0, end.Length));
        end.Sheet.Parts.Add(WirePen.Insulation("landed", end.Conductor, 0));
        Screw(lug, face, depth, -end.BareHalf, end.Sheet);
        Entry.Faults(end, depth, face);
        end.Sheet.Dimension("depth", face, face + depth, end.Sheet.Bottom + 2, end.BareHalf, new Length(depth));
    }

    internal static void Alone(SetScrewLug lug, Sheet sheet)
    {
        var depth = lug.BarrelDepth?.Millimetres ?? Lugs.LugRow.ForArea(lug.MostMm2).SetScrew;
        Body(lug, 0, depth, sheet);
        Screw(lug, 0, depth, -Bore(lug), sheet);
    }

    private static double Bore(SetScrewLug lug) => (Math.Sqrt(lug.MostMm2 * 4 / Math.PI / 0.75) / 2) + 0.3;

    private static double Thread(SetScrewLug lug) => Math.Clamp(Bore(lug) * 1.5, 4, 14);

    private static double Top(SetScrewLug lug) => Bore(lug) + (Thread(lug) * 0.8);

    private static void Body(SetScrewLug lug, double face, double depth, Sheet sheet)
    {
        var bore = Bore(lug);
        var foot = bore + 2 + (bore * 0.25);
        sheet.Add(
            "landed-lug",
            PartKind.LugMetal,
            new ScenePath()
                .MoveTo(face, -Top(lug))
                .LineTo(face + depth, -Top(lug))
                .LineTo(face + depth, foot - 2.4)
                .LineTo(face + depth + 15, foot - 2.4)
                .LineTo(face + depth + 15, foot)
                .LineTo(face, foot)
                .Close()
        );
        sheet.Box("landed-opening", PartKind.Opening, face, -bore, face + depth, bore);
        sheet.Box("landed-bolt-hole", PartKind.Opening, face + depth + 5, foot - 2.4, face + depth + 10, foot);
        sheet.Box("landed-bar", PartKind.Plate, face + depth + 1, foot, face + depth + 15, foot + 2.4);
    }

    private static void Screw(SetScrewLug lug, double face, double depth, double tip, Sheet sheet)
    {
        var (x, thread, top) = (face + (depth / 2), Thread(lug), -Top(lug) - 1);
        sheet.Box("landed-thread", PartKind.ScrewThread, x - (thread / 2), top, x + (thread / 2), tip);
        switch (lug.Drive)
        {
            case LugDrive.HexSocket:
                var key = (lug.AcrossFlatsIn is { } inches ? Length.FromInches(inches).Millimetres : thread * 0.5) / 2;
                sheet.Box(
                    "landed-slot",
                    PartKind.ScrewSlot,
                    x - Math.Min(key, thread * 0.4),
                    top,
                    x + Math.Min(key, thread * 0.4),
                    top + (thread * 0.45)
                );
                break;
            case LugDrive.Slotted:
                sheet.Box("landed-slot", PartKind.ScrewSlot, x - 0.5, top, x + 0.5, top + (thread * 0.3));
                break;
            default:
                sheet.Box(
                    "landed-nut",
                    PartKind.Nut,
                    x - (thread * 0.85),
                    top - (thread * 0.6),
                    x + (thread * 0.85),
                    top
                );
                break;
        }
    }
}
