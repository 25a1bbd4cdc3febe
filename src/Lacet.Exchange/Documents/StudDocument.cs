using Lacet.Core.Landings;

namespace Lacet.Exchange.Documents;

/// <summary>A stud that a ring or fork goes on.</summary>
public sealed record StudDocument : LandingDocument
{
    /// <summary>Diameter of the stud, mm; null is taken as 4.</summary>
    public double? StudDiameterMm { get; init; }

    /// <summary>Depth of the ring's barrel, mm; null takes what its colour usually has.</summary>
    public double? BarrelDepthMm { get; init; }

    /// <summary>ring or fork; null is taken as ring.</summary>
    public RingShape? Termination { get; init; }

    private protected override Landing ReadKind() => new Stud(StudDiameterMm, BarrelDepthMm, Termination, TorqueMarking?.Read());
}
