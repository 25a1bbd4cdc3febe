using System.Collections.Frozen;
using Lacet.Core.Conductors;

namespace Lacet.Core.Landings;

/// <summary>A terminal of a plug or cord connector, on its blade.</summary>
public sealed record PlugScrew : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);

    /// <summary>A plug's terminal; without a screw #6, which most plugs have.</summary>
    public PlugScrew(ScrewSize? screw, PlugGrip? grip, TorqueMarking? torqueMarking)
        : base(torqueMarking, CopperOnly)
    {
        Screw = screw ?? ScrewSize.Parse("#6");
        ScrewIsGiven = screw is not null;
        Grip = grip ?? PlugGrip.Hook;
    }

    /// <inheritdoc/>
    public override string Kind => "plug-screw";

    /// <inheritdoc/>
    public override string SaidAs => "plug’s screw";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Screw;

    /// <summary>The screw.</summary>
    public ScrewSize Screw { get; }

    /// <summary>Whether somebody said which screw it is.</summary>
    public bool ScrewIsGiven { get; }

    /// <summary>Hook or clamp.</summary>
    public PlugGrip Grip { get; }

    /// <summary>The ways from the inside of its clamp to each screw; null where nobody measured them.</summary>
    public PlugPaths? Paths { get; init; }

    /// <summary>Cords begin at 18 AWG.</summary>
    public override double LeastMm2 => 0.5;

    /// <inheritdoc/>
    public override bool IsLeastKnown => false;

    /// <inheritdoc/>
    public override bool IsMostKnown => false;

    /// <summary>10 AWG, for plugs of 30 A.</summary>
    public override double MostMm2 => 6;
}
