using System.Collections.Frozen;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>The screw on the side of a receptacle or switch that a hook goes under. One conductor only.</summary>
public sealed record BindingScrew : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);

    /// <summary>10 AWG and smaller (UL 498, from memory).</summary>
    private static readonly double LargestMm2 = WireGauge.AreaOf(10).SquareMillimetres;

    /// <summary>A binding screw; without a size, #8, which most receptacles have.</summary>
    public BindingScrew(ScrewSize? screw, TorqueMarking? torqueMarking, IReadOnlySet<Material>? metals = null)
        : base(torqueMarking, metals ?? CopperOnly)
    {
        Screw = screw ?? ScrewSize.Parse("#8");
        ScrewIsGiven = screw is not null;
    }

    /// <inheritdoc/>
    public override string Kind => "binding-screw";

    /// <inheritdoc/>
    public override string SaidAs => "binding screw";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Screw;

    /// <summary>What it is on; null where nobody said.</summary>
    public ScrewOn? On { get; init; }

    /// <summary>The screw.</summary>
    public ScrewSize Screw { get; }

    /// <summary>Whether somebody said which screw it is.</summary>
    public bool ScrewIsGiven { get; }

    /// <inheritdoc/>
    public override double LeastMm2 => 0;

    /// <inheritdoc/>
    public override double MostMm2 => LargestMm2;
}
