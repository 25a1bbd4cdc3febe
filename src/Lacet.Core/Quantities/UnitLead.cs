using System.Globalization;

namespace Lacet.Core.Quantities;

/// <summary>
/// Which unit leads when a sentence is rendered. It is the format provider that sentences are rendered with, so a
/// quantity inside a sentence follows the reader's choice although the sentence was written before the choice was
/// known.
/// </summary>
public sealed class UnitLead : IFormatProvider
{
    private UnitLead(UnitSystem system) => System = system;

    /// <summary>The system that leads.</summary>
    public UnitSystem System { get; }

    /// <summary>"9.5 mm (3/8 in)".</summary>
    public static UnitLead Metric { get; } = new(UnitSystem.Metric);

    /// <summary>"3/8 in (9.5 mm)".</summary>
    public static UnitLead Imperial { get; } = new(UnitSystem.Imperial);

    /// <summary>The lead that a provider carries; metric when it carries none.</summary>
    public static UnitLead Of(IFormatProvider? provider) => provider?.GetFormat(typeof(UnitLead)) as UnitLead ?? Metric;

    /// <inheritdoc/>
    public object? GetFormat(Type? formatType) =>
        formatType == typeof(UnitLead) ? this : CultureInfo.InvariantCulture.GetFormat(formatType);
}
