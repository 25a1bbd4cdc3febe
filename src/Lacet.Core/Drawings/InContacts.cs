using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Drawings;

/// <summary>
/// A wire that was not stripped, its insulation cut through by two contacts that a pivot drives down.
/// </summary>
internal static class InContacts
{
    /// <summary>How far the wire goes in, mm; typical, only for the drawing.</summary>
    private const double Inside = 16;

    internal static void Draw(DrawnEnd end, InsulationDisplacement block)
    {
        var (half, bareHalf, sheet) = (end.Half, end.BareHalf, end.Sheet);
        Body(Math.Max(half, block.InsulationMost.Millimetres / 2), sheet);
        // The wire lies through, end to end in its insulation; its metal shows only where it was cut.
        sheet.Box("landed-insulation-inside", PartKind.Insulation, 0, -half, Inside - 1, half);
        sheet.Parts.Add(WirePen.Insulation("landed", end.Conductor, 0));
        sheet.Box("landed-core", PartKind.Conductor, 0, -bareHalf, Inside - 1, bareHalf);
        Contacts(half, sheet);
        if (end.Length > 0.05)
        {
            sheet.Box(
                "bare-showing",
                PartKind.BareShowing,
                Math.Max(0, Inside - 1 - end.Length),
                -half,
                Inside - 1,
                half
            );
        }

        sheet.Dimension("insulation", 0, Inside - 1, sheet.Bottom + 2, half, new Length(Inside - 1));
    }

    internal static void Alone(InsulationDisplacement block, Sheet sheet)
    {
        var half = block.InsulationMost.Millimetres / 2;
        Body(half, sheet);
        Contacts(half, sheet);
    }

    private static void Body(double half, Sheet sheet)
    {
        sheet.Box("landed-body", PartKind.Body, 0, -half - 8, Inside + 3, half + 4);
        sheet.Box("landed-opening", PartKind.Opening, 0, -half - 0.4, Inside, half + 0.4);
        var y = -half - 4.2;
        sheet.Add("landed-pivot", PartKind.Nut, ScenePath.Circle(Inside / 2, y, 2.8));
        sheet.Box("landed-slot", PartKind.ScrewSlot, (Inside / 2) - 2, y - 0.4, (Inside / 2) + 2, y + 0.4);
        sheet.Add("landed-direction", PartKind.Direction, new ScenePath().Arc(Inside / 2, y, 3.4, 180, 160), 0.25);
    }

    /// <summary>
    /// Two forks: their tines stand on both sides of the metal, so a wire seen from the side goes behind them.
    /// </summary>
    private static void Contacts(double half, Sheet sheet)
    {
        foreach (var (x, i) in new[] { Inside * 0.3, Inside * 0.68 }.Select((x, i) => (x, i)))
        {
            sheet.Add(
                $"landed-contact-{i}",
                PartKind.Contact,
                new ScenePath()
                    .MoveTo(x - 0.7, half + 2)
                    .LineTo(x - 0.7, -half + 0.4)
                    .LineTo(x, -half - 0.9)
                    .LineTo(x + 0.7, -half + 0.4)
                    .LineTo(x + 0.7, half + 2)
                    .Close()
            );
        }
    }
}
