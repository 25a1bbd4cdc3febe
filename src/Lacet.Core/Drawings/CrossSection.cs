using Lacet.Core.Conductors;

namespace Lacet.Core.Drawings;

/// <summary>A conductor cut across: insulation and strands, true to scale.</summary>
public static class CrossSection
{
    /// <summary>More strands than this are not told apart at a glance; the bundle keeps its true diameter.</summary>
    private const int MostDrawn = 37;

    /// <summary>The scene, centred on the origin.</summary>
    public static Scene Of(Conductor conductor) => Of(conductor, conductor.Strands, 0);

    /// <summary>
    /// The same of so many strands, some of them lost: drawn hollow, on the outside, where strippers nick.
    /// </summary>
    public static Scene Of(Conductor conductor, int strands, int lost)
    {
        var drawn = Math.Min(strands, MostDrawn);
        // Concentric rings of 1, 6, 12, 18: one more across on either side for each ring.
        var rings = drawn switch
        {
            1 => 0,
            <= 7 => 1,
            <= 19 => 2,
            _ => 3,
        };
        var strand = conductor.Diameter.Millimetres / ((2 * rings) + 1);
        var places = Enumerable
            .Range(0, rings + 1)
            .SelectMany(ring => Enumerable.Range(0, Math.Max(1, ring * 6)).Select(i => (Ring: ring, I: i)))
            .Take(drawn)
            .ToList();
        var hollow = lost == 0 ? 0 : Math.Clamp((int)Math.Round((double)lost * drawn / strands), 1, drawn);
        return new Scene(
            [
                new(
                    "insulation",
                    PartKind.Insulation,
                    ScenePath.Circle(0, 0, conductor.InsulationOuterDiameter.Millimetres / 2)
                ),
                .. places.Select(
                    (at, i) =>
                    {
                        var turn = 2 * Math.PI * at.I / Math.Max(1, at.Ring * 6);
                        var path = ScenePath.Circle(
                            at.Ring * strand * Math.Cos(turn),
                            at.Ring * strand * Math.Sin(turn),
                            strand / 2
                        );
                        return new ScenePart(
                            $"strand-{at.Ring}-{at.I}",
                            i < drawn - hollow ? PartKind.Conductor : PartKind.LostStrand,
                            path
                        );
                    }
                ),
            ],
            [],
            lost == 0
                ? (FormattableString)$"{conductor.ToString()}, cut across"
                : $"{conductor.ToString()}, cut across: {lost} of {strands} strands lost"
        );
    }
}
