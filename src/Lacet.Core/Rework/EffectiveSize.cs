using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Rework;

/// <summary>What a conductor that has lost strands is still worth.</summary>
/// <param name="Left">The area that is left.</param>
/// <param name="Share">Of the whole, 0 to 1.</param>
/// <param name="Gauge">What is left as a gauge, which need not be whole; null where nothing is left.</param>
/// <param name="LessThan">The next smaller stocked size where what is left is less than even that; null where it is
/// not.</param>
public sealed record EffectiveSize(Area Left, double Share, double? Gauge, string? LessThan)
{
    /// <summary>
    /// The size that is left of a conductor of so many strands when some of them carry no more; its gauge by the law
    /// that 39 gauge numbers are a factor of 92 in diameter (ASTM B258). Throws <see cref="ImpossibleInputException"/>
    /// where there are not so many strands.
    /// </summary>
    public static EffectiveSize Of(Conductor conductor, int strands, int damaged)
    {
        if (strands is < 1 or > 5000)
        {
            throw new ImpossibleInputException("strands", "A conductor has 1 to 5,000 strands.");
        }

        if (damaged < 0 || damaged > strands)
        {
            throw new ImpossibleInputException(
                "damaged",
                FormattableString.Invariant($"Of {strands} strands, 0 to {strands} can be damaged.")
            );
        }

        var share = (double)(strands - damaged) / strands;
        var left = new Area(conductor.Size.Area.SquareMillimetres * share);
        var own = conductor.Size;
        var next = ConductorSize
            .Stocked.Where(s =>
                s.System == SizeSystem.Metric == (own.System == SizeSystem.Metric)
                && s.Area.SquareMillimetres < own.Area.SquareMillimetres * (1 - 1e-9)
            )
            .MaxBy(s => s.Area.SquareMillimetres);
        return new(
            left,
            share,
            share == 0 ? null : WireGauge.Of(left),
            next is not null && left.SquareMillimetres < next.Area.SquareMillimetres * (1 - 1e-9) ? next.Name : null
        );
    }
}
