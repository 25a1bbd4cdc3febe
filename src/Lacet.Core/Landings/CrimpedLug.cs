using System.Collections.Frozen;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>A lug that a die crimps on the conductor and a bolt holds to a bar.</summary>
public sealed record CrimpedLug : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);

    /// <summary>
    /// A lug; bolt in inches, barrel in mm. Without them, what a lug of the conductor's size usually has.
    /// </summary>
    public CrimpedLug(
        double? boltDiameterIn,
        double? barrelDepthMm,
        TorqueMarking? torqueMarking,
        IReadOnlySet<Material>? metals = null
    )
        : base(torqueMarking, metals ?? CopperOnly)
    {
        BoltDiameterIn = Given.Inches(boltDiameterIn, "landing.boltDiameterIn", "A bolt’s diameter", 0.16, 1);
        BarrelDepth = Given.Depth(
            barrelDepthMm is { } mm ? new Length(mm) : null,
            "landing.barrelDepthMm",
            "The barrel’s depth"
        );
    }

    /// <inheritdoc/>
    public override string Kind => "crimped-lug";

    /// <inheritdoc/>
    public override string SaidAs => "crimped lug";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Bolt;

    /// <summary>Lugs begin at 14 AWG.</summary>
    public override double LeastMm2 => 2;

    /// <summary>Nobody stamps a range on it that Lacet knows: each is made for its own conductor.</summary>
    public override bool IsLeastKnown => false;

    /// <inheritdoc/>
    public override bool IsMostKnown => false;

    /// <summary>The largest conductor that Lacet knows.</summary>
    public override double MostMm2 => 130;

    /// <summary>The bolt's diameter, inches; null where nobody said.</summary>
    public double? BoltDiameterIn { get; }

    /// <summary>How deep the barrel is; null where nobody measured.</summary>
    public Length? BarrelDepth { get; }
}
