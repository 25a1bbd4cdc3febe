using Lacet.Core.Conductors;

namespace Lacet.Core.Landings;

/// <summary>A terminal block whose spring is opened by a screwdriver blade beside the wire.</summary>
public sealed record SpringCageBlock : PrintedLanding
{
    private const string Name = "spring-cage-block";

    /// <summary>
    /// One by its printed data. Throws <see cref="Quantities.ImpossibleInputException"/> for values that cannot be.
    /// </summary>
    public SpringCageBlock(PrintedData data, IReadOnlySet<Material>? metals = null)
        : base(data, TypicalLanding.For(Name), null, metals) { }

    /// <inheritdoc/>
    public override string Kind => Name;

    /// <inheritdoc/>
    public override string SaidAs => "spring-cage block";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Spring;
}
