using Lacet.Core.Conductors;

namespace Lacet.Core.Landings;

/// <summary>
/// A push-in terminal in the throat of a machine: the contact sits deep, and the insulation goes inside.
/// </summary>
public sealed record DeepPushIn : PrintedLanding
{
    private const string Name = "deep-push-in";

    /// <summary>
    /// One by its printed data. Throws <see cref="Quantities.ImpossibleInputException"/> for values that cannot be.
    /// </summary>
    public DeepPushIn(PrintedData data, IReadOnlySet<Material>? metals = null)
        : base(data, TypicalLanding.For(Name), null, metals) { }

    /// <inheritdoc/>
    public override string Kind => Name;

    /// <inheritdoc/>
    public override string SaidAs => "deep push-in";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Spring;
}
