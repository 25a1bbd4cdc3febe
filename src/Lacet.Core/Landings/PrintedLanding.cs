using System.Collections.Frozen;
using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>
/// A landing whose range, depth and ferrule rule are printed on it or on its sheet; what nobody read falls back on what
/// the kind usually has.
/// </summary>
public abstract record PrintedLanding : Landing
{
    private static readonly FrozenSet<Material> CopperOnly = FrozenSet.Create(Material.Copper);

    private protected PrintedLanding(
        PrintedData data,
        TypicalLanding typical,
        TorqueMarking? torqueMarking,
        IReadOnlySet<Material>? metals
    )
        : base(torqueMarking, metals ?? CopperOnly)
    {
        Printed = data;
        (LeastMm2, MostMm2) = Given.Range(data.LeastMm2, data.MostMm2, typical.LeastMm2, typical.MostMm2);
        RangeIsGiven = data.LeastMm2 is not null && data.MostMm2 is not null;
        StripDepth = Given.Depth(data.StripDepth, "landing.stripDepthMm", "The strip depth")
            ?? new Length(typical.StripDepth);
        TypicalStrip = data.StripDepth is null ? typical.Strip : null;
        Opening = Given.Width(data.Opening, "landing.openingMm", "The opening");
        Pitch = Given.Width(data.Pitch, "landing.pitchMm", "The pitch");
        Ferrule = data.Ferrule ?? typical.Ferrule;
        FerruleIsGiven = data.Ferrule is not null;
        Accepts = data.Accepts is { Count: > 0 } accepts ? accepts : typical.Builds;
        AcceptsIsGiven = data.Accepts is { Count: > 0 };
    }

    /// <summary>What was read off it, and nothing that only stands in.</summary>
    public PrintedData Printed { get; }

    /// <inheritdoc/>
    public sealed override double LeastMm2 { get; }

    /// <inheritdoc/>
    public sealed override double MostMm2 { get; }

    /// <inheritdoc/>
    public override bool IsLeastKnown => Printed.LeastMm2 is not null && DataTrust != Trust.Generic;

    /// <inheritdoc/>
    public override bool IsMostKnown => Printed.MostMm2 is not null && DataTrust != Trust.Generic;

    /// <summary>Whether both ends of the range were given.</summary>
    public bool RangeIsGiven { get; }

    /// <summary>How far a bare end goes in.</summary>
    public Length StripDepth { get; }

    /// <summary>Whether somebody read the depth off the landing or its sheet.</summary>
    public bool StripDepthIsGiven => TypicalStrip is null;

    /// <summary>The strip length that usually passes; null where the depth was given.</summary>
    public Window<Length>? TypicalStrip { get; }

    /// <summary>What it says about ferrules.</summary>
    public FerruleAcceptance Ferrule { get; }

    /// <summary>Whether it says anything about ferrules.</summary>
    public bool FerruleIsGiven { get; }

    /// <summary>How wide its opening is where it is narrowest; null where nobody measured it.</summary>
    public Length? Opening { get; }

    /// <summary>How far the next opening’s middle is from its own; null where nobody measured it.</summary>
    public Length? Pitch { get; }

    /// <summary>The builds it takes bare.</summary>
    public IReadOnlySet<Build> Accepts { get; }

    /// <summary>Whether it says which builds it takes.</summary>
    public bool AcceptsIsGiven { get; }
}
