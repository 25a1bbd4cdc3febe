using Lacet.Core.Conductors;

namespace Lacet.Core.Landings;

/// <summary>A spring clamp that a lever opens and closes, on a device or a connector.</summary>
public sealed record LeverClamp : PrintedLanding
{
    private const string Name = "lever";

    /// <summary>
    /// One by its printed data. Throws <see cref="Quantities.ImpossibleInputException"/> for values that cannot be.
    /// </summary>
    public LeverClamp(PrintedData data, IReadOnlySet<Material>? metals = null)
        : base(data, TypicalLanding.For(Name), null, metals) { }

    /// <inheritdoc/>
    public override string Kind => Name;

    /// <inheritdoc/>
    public override string SaidAs => "lever clamp";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Lever;
}
