using Lacet.Core.Conductors;

namespace Lacet.Core.Landings;

/// <summary>
/// A terminal block whose screw presses a straight end in a cage. One conductor only, unless it is marked for two.
/// </summary>
public sealed record ScrewClampBlock : PrintedLanding
{
    private const string Name = "screw-clamp-block";

    /// <summary>
    /// A block by its printed data; what is not given falls back on typical values for its greatest size.
    /// Throws <see cref="Quantities.ImpossibleInputException"/> for values that cannot be.
    /// </summary>
    public ScrewClampBlock(PrintedData data, TorqueMarking? torqueMarking, IReadOnlySet<Material>? metals = null)
        : base(data, TypicalOf(data), torqueMarking, metals) => Typical = TypicalBlock.For(MostMm2);

    /// <inheritdoc/>
    public override string Kind => Name;

    /// <inheritdoc/>
    public override string SaidAs => "screw-clamp block";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Screw;

    /// <summary>What a block of this size usually has.</summary>
    public TypicalBlock Typical { get; }

    private static TypicalLanding TypicalOf(PrintedData data)
    {
        var kind = TypicalLanding.For(Name);
        var depth = TypicalBlock.For(data.MostMm2 ?? Math.Max(kind.MostMm2, data.LeastMm2 ?? 0)).StripDepth;
        // A strip window from a landing's own depth is ±1 mm up to 15 mm and ±1.5 mm over (common practice).
        var tolerance = depth <= 15 ? 1 : 1.5;
        return kind with { StripDepth = depth, StripLeast = depth - tolerance, StripMost = depth + tolerance };
    }
}
