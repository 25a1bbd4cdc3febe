using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>
/// Insulation of a hand splice: self-fusing rubber, half-lapped, to at least the thickness of the original insulation,
/// then two half-lapped layers of vinyl (common practice, from memory).
/// </summary>
public static class TapeWrap
{
    private const double Rubber = 0.76; // 30 mil
    private const double Vinyl = 0.18; // 7 mil
    private const int VinylLayers = 2;

    /// <summary>3/4 in, the usual width of both.</summary>
    private static readonly Length Width = Length.FromInches(0.75);

    /// <summary>
    /// The layers over a joint of that length and diameter, on insulation that is so thick. Half-lapped, a tape of
    /// width w goes on w/2 a turn and lies two thick, so a layer takes covered / (w/2) turns of √((π · mean diameter)²
    /// + (w/2)²).
    /// </summary>
    public static IReadOnlyList<TapeLayer> Of(Length joint, Length diameter, Length insulation)
    {
        var layers = new List<TapeLayer>();
        // On to sound insulation by the tape's width at both ends.
        var (across, covers) = (diameter.Millimetres, joint.Millimetres + (2 * Width.Millimetres));
        void Add(string tape, double thick)
        {
            var (half, mean) = (Width.Millimetres / 2, across + (2 * thick));
            layers.Add(
                new(
                    tape,
                    Width,
                    new(covers),
                    new(covers / half * Math.Sqrt(Math.Pow(Math.PI * mean, 2) + (half * half))),
                    new(2 * thick)
                )
            );
            across += 4 * thick;
        }

        for (var i = 0; i < Math.Max(1, Math.Ceiling(insulation.Millimetres / (2 * Rubber) - 1e-9)); i++)
        {
            Add("self-fusing rubber tape", Rubber);
        }

        for (var i = 0; i < VinylLayers; i++)
        {
            Add("vinyl tape", Vinyl);
        }

        return layers;
    }
}
