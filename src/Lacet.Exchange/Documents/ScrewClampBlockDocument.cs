using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Documents;

/// <summary>A screw-clamp terminal block by its printed data.</summary>
public sealed record ScrewClampBlockDocument : LandingDocument
{
    /// <summary>The smallest size it takes, mm².</summary>
    public double? LeastMm2 { get; init; }

    /// <summary>The largest size it takes, mm².</summary>
    public double? MostMm2 { get; init; }

    /// <summary>Strip depth, mm.</summary>
    public double? StripDepthMm { get; init; }

    /// <summary>required, allowed or forbidden.</summary>
    public FerruleAcceptance? Ferrule { get; init; }

    /// <inheritdoc/>
    public override Landing Read() => new ScrewClampBlock(
        LeastMm2, MostMm2, StripDepthMm is { } depth ? new Length(depth) : null, TorqueMarking?.Read(), Ferrule, MetalSet);
}
