using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A block whose contacts cut through the insulation.</summary>
public sealed record InsulationDisplacementDocument : LandingDocument
{
    /// <summary>The smallest size it takes, mm².</summary>
    public double? LeastMm2 { get; init; }

    /// <summary>The largest size it takes, mm².</summary>
    public double? MostMm2 { get; init; }

    /// <summary>Thinnest insulation, mm over all.</summary>
    public double? InsulationLeastMm { get; init; }

    /// <summary>Thickest insulation, mm over all.</summary>
    public double? InsulationMostMm { get; init; }

    private protected override Landing ReadKind() =>
        new InsulationDisplacement(LeastMm2, MostMm2, InsulationLeastMm, InsulationMostMm);
}
