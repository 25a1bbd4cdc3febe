using Lacet.Core.Conductors;

namespace Lacet.Core.Drawings;

/// <summary>A conductor cut across: insulation and strands, true to scale.</summary>
public static class CrossSection
{
    /// <summary>More strands than this are not told apart at a glance; the bundle keeps its true diameter.</summary>
    private const int MostDrawn = 37;

    /// <summary>The scene, centred on the origin.</summary>
    public static Scene Of(Conductor conductor)
    {
        var parts = new List<ScenePart>
        {
            new("insulation", PartKind.Insulation, ScenePath.Circle(0, 0, conductor.InsulationOuterDiameter.Millimetres / 2)),
        };
        var drawn = Math.Min(conductor.Strands, MostDrawn);
        // Concentric rings of 1, 6, 12, 18: one more across on either side for each ring.
        var rings = drawn switch { 1 => 0, <= 7 => 1, <= 19 => 2, _ => 3 };
        var strand = conductor.Diameter.Millimetres / ((2 * rings) + 1);
        for (var ring = 0; ring <= rings; ring++)
        {
            var count = Math.Max(1, ring * 6);
            for (var i = 0; i < count; i++)
            {
                var turn = 2 * Math.PI * i / count;
                var path = ScenePath.Circle(ring * strand * Math.Cos(turn), ring * strand * Math.Sin(turn), strand / 2);
                parts.Add(new ScenePart($"strand-{ring}-{i}", PartKind.Conductor, path));
            }
        }

        return new Scene(parts, [], $"{conductor.ToString()}, cut across");
    }
}
