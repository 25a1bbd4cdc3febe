using Lacet.Core.Conductors;

namespace Lacet.Core.Landings;

/// <summary>
/// A plate that the side screw pulls down on a straight end put in from behind; often two holes a screw, one conductor
/// in each.
/// </summary>
public sealed record BackWireClamp : PrintedLanding
{
    private const string Name = "back-wire-clamp";

    /// <summary>
    /// One by its printed data. Throws <see cref="Quantities.ImpossibleInputException"/> for values that cannot be.
    /// </summary>
    public BackWireClamp(PrintedData data, TorqueMarking? torqueMarking, IReadOnlySet<Material>? metals = null)
        : base(data, TypicalLanding.For(Name), torqueMarking, metals) { }

    /// <inheritdoc/>
    public override string Kind => Name;

    /// <inheritdoc/>
    public override string SaidAs => "back-wire clamp";

    /// <inheritdoc/>
    public override Fastening Fastening => Fastening.Screw;

    /// <summary>Most have two holes a screw.</summary>
    public override bool TakesTwo { get; init; } = true;
}
