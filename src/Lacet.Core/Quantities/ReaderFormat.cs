using System.Globalization;

namespace Lacet.Core.Quantities;

/// <summary>
/// Whose units lead and whose words are used when a sentence is rendered. It is the format provider that sentences are
/// rendered with, so a quantity or a term inside a sentence follows the reader although the sentence was written before
/// the reader was known.
/// </summary>
public sealed class ReaderFormat : IFormatProvider
{
    private ReaderFormat(UnitSystem system, Region region) => (System, Region) = (system, region);

    /// <summary>The system that leads.</summary>
    public UnitSystem System { get; }

    /// <summary>The region whose words are used.</summary>
    public Region Region { get; }

    /// <summary>"9.5 mm (3/8 in)", earth and line.</summary>
    public static ReaderFormat Metric { get; } = new(UnitSystem.Metric, Region.Iec);

    /// <summary>"3/8 in (9.5 mm)", earth and line.</summary>
    public static ReaderFormat Imperial { get; } = new(UnitSystem.Imperial, Region.Iec);

    private static ReaderFormat AmericanMetric { get; } = new(UnitSystem.Metric, Region.NorthAmerica);

    private static ReaderFormat AmericanImperial { get; } = new(UnitSystem.Imperial, Region.NorthAmerica);

    /// <summary>The format of a reader.</summary>
    public static ReaderFormat For(UnitSystem system, Region region) =>
        (system, region) switch
        {
            (UnitSystem.Metric, Region.Iec) => Metric,
            (UnitSystem.Imperial, Region.Iec) => Imperial,
            (UnitSystem.Metric, _) => AmericanMetric,
            _ => AmericanImperial,
        };

    /// <summary>The format that a provider carries; metric, earth and line when it carries none.</summary>
    public static ReaderFormat Of(IFormatProvider? provider) =>
        provider?.GetFormat(typeof(ReaderFormat)) as ReaderFormat ?? Metric;

    /// <inheritdoc/>
    public object? GetFormat(Type? formatType) =>
        formatType == typeof(ReaderFormat) ? this : CultureInfo.InvariantCulture.GetFormat(formatType);
}
