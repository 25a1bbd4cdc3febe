using Lacet.Core.Conductors;

namespace Lacet.Core.Landings;

/// <summary>A terminal block that a stiff end is pushed into; bare fine strands need the release pressed.</summary>
public sealed record PushInBlock : PrintedLanding
{
    private const string Name = "push-in-block";

    /// <summary>
    /// One by its printed data. Throws <see cref="Quantities.ImpossibleInputException"/> for values that cannot be.
    /// </summary>
    public PushInBlock(PrintedData data, IReadOnlySet<Material>? metals = null)
        : base(data, TypicalLanding.For(Name), null, metals) { }

    /// <inheritdoc/>
    public override string Kind => Name;

    /// <inheritdoc/>
    public override string SaidAs => "push-in block";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Spring;
}
