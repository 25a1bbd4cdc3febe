using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A lug that is crimped and bolted.</summary>
public sealed record CrimpedLugDocument : LandingDocument
{
    /// <summary>Diameter of the bolt, in.</summary>
    public double? BoltDiameterIn { get; init; }

    /// <summary>Depth of the barrel, mm.</summary>
    public double? BarrelDepthMm { get; init; }

    private protected override Landing ReadKind() =>
        new CrimpedLug(BoltDiameterIn, BarrelDepthMm, TorqueMarking?.Read(), MetalSet);
}
