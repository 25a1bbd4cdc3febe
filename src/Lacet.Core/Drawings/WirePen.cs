using Lacet.Core.Conductors;

namespace Lacet.Core.Drawings;

/// <summary>Draws the pieces of a wire that lies from left to right, its insulation cut at x = 0.</summary>
internal static class WirePen
{
    /// <summary>How much insulation is shown, mm; a short piece is enough to see where it ends.</summary>
    private const double ShownInsulation = 11;

    internal static ScenePart Insulation(string view, Conductor conductor, double axisY)
    {
        var half = conductor.InsulationOuterDiameter.Millimetres / 2;
        var left = -Math.Max(ShownInsulation, half * 2);
        // The far end is torn, since the wire goes on.
        var path = new ScenePath()
            .MoveTo(0, axisY - half)
            .LineTo(0, axisY + half)
            .LineTo(left, axisY + half)
            .LineTo(left + (half * 0.5), axisY + (half * 0.33))
            .LineTo(left - (half * 0.3), axisY - (half * 0.33))
            .LineTo(left + (half * 0.3), axisY - half)
            .Close();
        return new ScenePart(view + "-insulation", PartKind.Insulation, path);
    }

    internal static IEnumerable<ScenePart> Bare(
        string view,
        Conductor conductor,
        double axisY,
        double toX,
        double fromX = 0
    )
    {
        var half = conductor.Diameter.Millimetres / 2;
        yield return new ScenePart(
            view + "-bare",
            PartKind.Conductor,
            ScenePath.Rectangle(fromX, axisY - half, toX, axisY + half)
        );
        foreach (var (offset, i) in StrandLines(conductor).Select((o, i) => (o, i)))
        {
            yield return new ScenePart(
                $"{view}-strand-{i}",
                PartKind.Strand,
                new ScenePath().MoveTo(fromX, axisY + offset).LineTo(toX, axisY + offset),
                StrandLine(conductor)
            );
        }
    }

    /// <summary>Offsets of the lines between the strands that show from the side.</summary>
    internal static IEnumerable<double> StrandLines(Conductor conductor)
    {
        var across = conductor.Build switch
        {
            Build.Solid => 1,
            Build.Stranded => conductor.Strands switch
            {
                7 => 3,
                19 => 5,
                _ => 7,
            },
            _ => 9,
        };
        var d = conductor.Diameter.Millimetres;
        return Enumerable.Range(1, across - 1).Select(i => (-d / 2) + (d * i / across));
    }

    internal static double StrandLine(Conductor conductor) => Math.Max(0.04, conductor.Diameter.Millimetres * 0.03);
}
