namespace Lacet.Core.Quantities;

/// <summary>A conductor's cross-section. Renders as "2.5 mm² (14 AWG)".</summary>
/// <param name="SquareMillimetres">The area in mm².</param>
public readonly record struct Area(double SquareMillimetres) : IFormattable
{
    /// <summary>Both forms: mm², and the nearest gauge that the trade stocks.</summary>
    public Readout Read() =>
        new(
            Math.Round(SquareMillimetres, 3),
            "mm²",
            Decimals.Number(SquareMillimetres, SquareMillimetres < 10 ? 2 : 1) + " mm²",
            WireGauge.NearestName(this)
        );

    /// <inheritdoc/>
    public string ToString(string? format, IFormatProvider? formatProvider) =>
        Read().ToString(ReaderFormat.Of(formatProvider));

    /// <inheritdoc/>
    public override string ToString() => ToString(null, ReaderFormat.Metric);
}
