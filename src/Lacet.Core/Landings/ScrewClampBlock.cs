using System.Collections.Frozen;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>A terminal block whose screw presses a straight end in a cage. One conductor only.</summary>
public sealed record ScrewClampBlock : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);
    private static readonly (double Least, double Most) TypicalRange = (0.5, 4);

    /// <summary>
    /// A block by its printed data; what is not given falls back on typical values. Areas in mm².
    /// Throws <see cref="ImpossibleInputException"/> for values that cannot be.
    /// </summary>
    public ScrewClampBlock(
        double? leastMm2,
        double? mostMm2,
        Length? stripDepth,
        TorqueMarking? torqueMarking,
        FerruleAcceptance? ferrule,
        IReadOnlySet<Material>? metals = null)
        : base(torqueMarking, metals ?? CopperOnly)
    {
        LeastMm2 = CheckedArea(leastMm2, "landing.leastMm2") ?? Math.Min(TypicalRange.Least, mostMm2 ?? TypicalRange.Least);
        MostMm2 = CheckedArea(mostMm2, "landing.mostMm2") ?? Math.Max(TypicalRange.Most, LeastMm2);
        RangeIsGiven = leastMm2 is not null && mostMm2 is not null;
        if (LeastMm2 > MostMm2)
        {
            throw new ImpossibleInputException("landing.leastMm2", "The least size must not be more than the most.");
        }

        if (stripDepth is { } depth && !(depth.Millimetres is >= 3 and <= 60))
        {
            throw new ImpossibleInputException("landing.stripDepthMm", "The strip depth must be from 3 to 60 mm.");
        }

        Typical = TypicalBlock.For(MostMm2);
        StripDepth = stripDepth ?? new Length(Typical.StripDepth);
        StripDepthIsGiven = stripDepth is not null;
        Ferrule = ferrule ?? FerruleAcceptance.Allowed;
        FerruleIsGiven = ferrule is not null;
    }

    /// <inheritdoc/>
    public override string Kind => "screw-clamp-block";

    /// <inheritdoc/>
    public override string SaidAs => "screw-clamp block";

    /// <inheritdoc/>
    public override double LeastMm2 { get; }

    /// <inheritdoc/>
    public override double MostMm2 { get; }

    /// <summary>Whether both ends of the range were given.</summary>
    public bool RangeIsGiven { get; }

    /// <summary>How far a bare end goes in.</summary>
    public Length StripDepth { get; }

    /// <summary>Whether somebody read the depth off the block or its sheet.</summary>
    public bool StripDepthIsGiven { get; }

    /// <summary>What the block says about ferrules.</summary>
    public FerruleAcceptance Ferrule { get; }

    /// <summary>Whether the block says anything about ferrules.</summary>
    public bool FerruleIsGiven { get; }

    /// <summary>What a block of this size usually has.</summary>
    public TypicalBlock Typical { get; }

    private static double? CheckedArea(double? mm2, string field) =>
        mm2 is null or (> 0 and <= 400) ? mm2 : throw new ImpossibleInputException(field, "A size must be more than 0 and at most 400 mm².");
}
