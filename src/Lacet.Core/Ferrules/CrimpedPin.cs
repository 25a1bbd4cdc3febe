using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Ferrules;

/// <summary>How thick a ferrule is once it is crimped, and its collar beside it.</summary>
/// <param name="Flats">Over the flats of the pin: what a rectangular opening must let through.</param>
/// <param name="Corners">Over its corners: what a round one must.</param>
/// <param name="Collar">Over the collar; null for a sleeve without one.</param>
public sealed record CrimpedPin(Length Flats, Length Corners, Length? Collar)
{
    /// <summary>Where the walls are from.</summary>
    public const string Source = "DIN 46228-4 bores and walls; crimped nearly full (from memory)";

    /// <summary>
    /// What is metal in the section of a good crimp; the rest is air between the strands (common practice).
    /// </summary>
    private const double Filled = 0.95;

    /// <summary>
    /// A die rounds the corners of a square: they stand so much farther apart than its flats, and not 1.41 times.
    /// </summary>
    private const double RoundedSquare = 1.3;

    private static readonly IReadOnlyList<FerruleRow> Rows = ReferenceTable.Rows<FerruleRow>("ferrules");

    /// <summary>
    /// The pin on a conductor, by the metal in it: what the strands and the tube have, pressed to the crimper’s shape;
    /// square where nobody said. Null for a twin and for sizes whose walls only the maker knows.
    /// </summary>
    public static CrimpedPin? Of(FerruleChoice ferrule, Conductor conductor, CrimpShape? shape)
    {
        if (
            ferrule.Twin
            || Rows.FirstOrDefault(r => r.Size.Equals(ferrule.Size.SquareMillimetres))
                is not { PinBore: { } bore, PinWall: { } wall, CollarBore: { } collar, CollarWall: { } around }
        )
        {
            return null;
        }

        var metal = conductor.Size.Area.SquareMillimetres + (Math.PI * (bore + wall) * wall);
        var area = metal / Filled;
        // A square of side s has the area s²; a hexagon of so much over its flats has √3/2 of that.
        var (flats, corners) =
            shape == CrimpShape.Hexagonal
                ? (Math.Sqrt(area * 2 / Math.Sqrt(3)), Math.Sqrt(area * 2 / Math.Sqrt(3)) * 2 / Math.Sqrt(3))
                : (Math.Sqrt(area), Math.Sqrt(area) * RoundedSquare);
        // A large collar takes whatever goes into it.
        var inside = Math.Max(
            collar,
            ferrule.Collar == Ferrules.Collar.Large ? conductor.InsulationOuterDiameter.Millimetres : 0
        );
        return new(
            new(flats),
            new(corners),
            ferrule.Collar == Ferrules.Collar.None ? null : new Length(inside + (2 * around))
        );
    }
}
