using System.Collections.Frozen;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>A tag with an eye that a conductor is hooked through and soldered to.</summary>
public sealed record SolderLug : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);

    /// <summary>A tag; the hole in mm, 2.5 where nobody measured.</summary>
    public SolderLug(double? holeMm)
        : base(null, CopperOnly)
    {
        Hole = new(Given.Millimetres(holeMm, "landing.holeMm", "The eye of the tag", 0.8, 6) ?? 2.5);
        HoleIsGiven = holeMm is not null;
    }

    /// <inheritdoc/>
    public override string Kind => "solder-lug";

    /// <inheritdoc/>
    public override string SaidAs => "solder lug";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Solder;

    /// <summary>The eye of the tag.</summary>
    public Length Hole { get; }

    /// <summary>Whether somebody measured it.</summary>
    public bool HoleIsGiven { get; }

    /// <summary>Thin leads go in too.</summary>
    public override double LeastMm2 => 0.08;

    /// <inheritdoc/>
    public override bool IsLeastKnown => false;

    /// <summary>What goes through an eye that was measured is geometry.</summary>
    public override bool IsMostKnown => HoleIsGiven;

    /// <summary>What goes through the eye.</summary>
    public override double MostMm2 => Math.PI / 4 * Hole.Millimetres * Hole.Millimetres * 0.75;
}
