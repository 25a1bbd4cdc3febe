using Lacet.Core.Conductors;

namespace Lacet.Core.Landings;

/// <summary>
/// The spring hole in the back of a residential receptacle: solid copper 14 AWG, circuits to 15 A (UL 498).
/// </summary>
public sealed record BackStab : PrintedLanding
{
    private const string Name = "back-stab";

    /// <summary>
    /// One by its printed data. Throws <see cref="Quantities.ImpossibleInputException"/> for values that cannot be.
    /// </summary>
    public BackStab(PrintedData data, IReadOnlySet<Material>? metals = null)
        : base(data, TypicalLanding.For(Name), null, metals) { }

    /// <inheritdoc/>
    public override string Kind => Name;

    /// <inheritdoc/>
    public override string SaidAs => "back-stab hole";

    /// <summary>14 AWG, whatever was read off it (UL 498, from memory).</summary>
    public override bool IsLeastKnown => true;

    /// <inheritdoc/>
    public override bool IsMostKnown => true;

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Spring;
}
