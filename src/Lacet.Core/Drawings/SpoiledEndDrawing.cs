using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Rework;

namespace Lacet.Core.Drawings;

/// <summary>An end as it was found, each fault where it is, with where it is cut back and what is left, to scale.</summary>
public static class SpoiledEndDrawing
{
    /// <summary>What is stripped, and what is free, where nobody said, mm.</summary>
    private const double UsualStrip = 12;
    private const double UsualFree = 70;

    /// <summary>How much of a long free end is drawn, mm.</summary>
    private const double MostFree = 220;

    /// <summary>The drawing. The insulation's edge lies at 0; the free end comes from the left.</summary>
    public static Scene Of(SpoiledEnd end, ReworkAssessment assessed)
    {
        var sheet = new Sheet();
        var (conductor, made) = (end.Conductor, end.Made);
        var (wide, metal) = (conductor.InsulationOuterDiameter.Millimetres, conductor.Diameter.Millimetres);
        var strip = (end.Strip?.Millimetres ?? UsualStrip) * Long(made.Faults);
        var free = Math.Min(MostFree, end.Free?.Millimetres ?? UsualFree);
        sheet.Box("insulation", PartKind.Insulation, -free, -wide / 2, 0, wide / 2);
        Metal(sheet, end, strip, metal);
        foreach (var fault in made.Faults.Distinct())
        {
            Draw(sheet, fault, strip, metal, wide);
        }

        if (assessed.Verdict == FaultVerdict.CutBack)
        {
            // All that is spent lies beyond the cut: the strip, and what is lost with it.
            var at = assessed.Spent is { } spent ? strip - spent.Millimetres : -(metal * 2);
            sheet.Box("cut", PartKind.BareShowing, at - 0.3, -wide - 2, at + 0.3, wide + 2);
            if (assessed.Spent is { } lost)
            {
                sheet.Dimension("spent", at, strip, wide + 5, wide / 2, lost);
            }

            if (assessed.Left is { } left && end.Free is { } whole && whole.Millimetres <= MostFree)
            {
                sheet.Dimension("left", -free, at, wide + 5, wide / 2, left);
            }
        }
        else if (end.Free is { } whole && whole.Millimetres <= MostFree)
        {
            sheet.Dimension("free", -free, 0, wide + 5, wide / 2, whole);
        }

        return new(
            sheet.Parts,
            sheet.Dimensions,
            made.Faults.Count == 0
                ? (FormattableString)$"The end as it was found: nothing is wrong with it"
                : $"The end as it was found, with {made.Faults.Count} faults in their places"
        );
    }

    /// <summary>How long it was stripped, against what it should be.</summary>
    private static double Long(IReadOnlyList<Fault> faults) =>
        faults.Contains(Fault.TooShort) ? 0.55
        : faults.Contains(Fault.TooLong) ? 1.6
        : 1;

    private static void Metal(Sheet sheet, SpoiledEnd end, double strip, double metal)
    {
        var bent = end.Made.Faults.Contains(Fault.OpenedHook) || end.Made.Faults.Contains(Fault.WrongWay);
        if (bent)
        {
            // A hook that was pulled open: it still leans. Bent against the screw's turn, it leans the other way.
            var lean = end.Made.Faults.Contains(Fault.WrongWay) ? 1 : -1;
            sheet.Add(
                "bare",
                PartKind.Conductor,
                new ScenePath()
                    .MoveTo(0, 0)
                    .LineTo(strip * 0.45, 0)
                    .LineTo(strip * 0.75, lean * metal)
                    .LineTo(strip * 0.95, lean * metal * 3),
                metal
            );
            return;
        }

        sheet.Box("bare", PartKind.Conductor, 0, -metal / 2, strip, metal / 2);
        if (end.Conductor.Build == Build.Solid)
        {
            return;
        }

        // As many lines as can be told apart; those that are lost are drawn as lost.
        var lines = Math.Clamp(end.Strands, 3, 9);
        var lost =
            end.Made.StrandsLost == 0
                ? 0
                : Math.Clamp((int)Math.Round((double)lines * end.Made.StrandsLost / end.Strands), 1, lines);
        for (var i = 0; i < lines; i++)
        {
            var y = (metal * (i + 0.5) / lines) - (metal / 2);
            var slant = end.Made.Faults.Contains(Fault.OverTwist) ? metal * 0.8 : 0;
            sheet.Add(
                $"strand-{i}",
                i < lost ? PartKind.LostStrand : PartKind.Strand,
                new ScenePath().MoveTo(0, y).LineTo(strip, Math.Clamp(y + slant, -metal / 2, metal / 2)),
                metal / lines * 0.35
            );
        }
    }

    private static void Draw(Sheet sheet, Fault fault, double strip, double metal, double wide)
    {
        switch (fault)
        {
            case Fault.Nick:
                sheet.Add(
                    "nick",
                    PartKind.InsulationCaught,
                    new ScenePath()
                        .MoveTo(strip * 0.18, -metal / 2)
                        .LineTo(strip * 0.24, 0)
                        .LineTo(strip * 0.3, -metal / 2)
                        .Close()
                );
                break;
            case Fault.Ring:
                sheet.Box("ring", PartKind.InsulationCaught, 0.4, -metal / 2, 1, metal / 2);
                break;
            case Fault.Scorched:
                sheet.Box("scorched", PartKind.InsulationCaught, -8, -wide / 2, strip, wide / 2);
                break;
            case Fault.InsulationCaught:
                sheet.Box("caught", PartKind.InsulationCaught, 0, -wide / 2, strip * 0.25, wide / 2);
                break;
            case Fault.StrandOut:
                sheet.Add(
                    "strand-out",
                    PartKind.Strand,
                    new ScenePath()
                        .MoveTo(strip * 0.25, metal / 2)
                        .LineTo(strip * 0.5, metal * 1.4)
                        .LineTo(strip * 0.85, metal * 1.7),
                    Math.Max(0.3, metal / 8)
                );
                break;
            default:
                Around(sheet, fault, strip, metal, wide);
                break;
        }
    }

    /// <summary>What is not in the metal itself, but on it or beside it.</summary>
    private static void Around(Sheet sheet, Fault fault, double strip, double metal, double wide)
    {
        switch (fault)
        {
            case Fault.BadSolder:
                sheet.Add(
                    "solder",
                    PartKind.Solder,
                    new ScenePath()
                        .MoveTo(strip * 0.3, -metal * 0.6)
                        .LineTo(strip * 0.6, -metal * 1.1)
                        .LineTo(strip * 0.95, -metal * 0.5)
                        .LineTo(strip * 0.95, metal * 0.5)
                        .LineTo(strip * 0.6, metal * 1.1)
                        .LineTo(strip * 0.3, metal * 0.6)
                        .Close()
                );
                break;
            case Fault.DoubleStacked:
                sheet.Box("second", PartKind.Conductor, 0, metal, strip, metal * 2);
                sheet.Box("second-insulation", PartKind.Insulation, -14, metal / 2, 0, (metal / 2) + wide);
                break;
            case Fault.Loose:
                sheet.Add(
                    "loose",
                    PartKind.Direction,
                    new ScenePath().MoveTo(strip * 0.2, -wide - 1).LineTo(strip, -wide - 1),
                    0.6
                );
                break;
        }
    }
}
