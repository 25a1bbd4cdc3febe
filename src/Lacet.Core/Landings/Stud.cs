using System.Collections.Frozen;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>A stud or a barrier block's screw that a crimped ring or fork goes on.</summary>
public sealed record Stud : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);

    /// <summary>A stud; without a diameter M4, which most barrier blocks have. Lengths in mm.</summary>
    public Stud(double? studDiameterMm, double? barrelDepthMm, RingShape? shape, TorqueMarking? torqueMarking)
        : base(torqueMarking, CopperOnly)
    {
        Diameter = new(Given.Millimetres(studDiameterMm, "landing.studDiameterMm", "A stud’s diameter", 2, 16) ?? 4);
        DiameterIsGiven = studDiameterMm is not null;
        BarrelDepth = Given.Depth(barrelDepthMm is { } mm ? new Length(mm) : null, "landing.barrelDepthMm", "The barrel’s depth");
        Shape = shape ?? RingShape.Ring;
    }

    /// <inheritdoc/>
    public override string Kind => "stud";

    /// <inheritdoc/>
    public override string SaidAs => "stud";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Nut;

    /// <summary>Diameter of the stud's thread.</summary>
    public Length Diameter { get; }

    /// <summary>Whether somebody measured it.</summary>
    public bool DiameterIsGiven { get; }

    /// <summary>How deep the barrel of the ring or fork is; null where nobody read it.</summary>
    public Length? BarrelDepth { get; }

    /// <summary>Ring or fork.</summary>
    public RingShape Shape { get; }

    /// <summary>The ring decides, not the stud.</summary>
    public override double LeastMm2 => 0.25;

    /// <summary>The ring decides, not the stud: insulated rings end at 10 AWG, beyond them come lugs.</summary>
    public override double MostMm2 => 6;
}
