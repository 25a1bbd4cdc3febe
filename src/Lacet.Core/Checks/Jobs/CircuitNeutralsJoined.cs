using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Neutrals of two circuits are joined outside their bar.</summary>
public sealed class CircuitNeutralsJoined : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "circuit-neutrals-joined";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.CircuitNeutrals;

    /// <inheritdoc/>
    protected override Term Comes =>
        "each carries what the other does, and one may be overloaded while no breaker sees it";

    /// <inheritdoc/>
    protected override FormattableString Do =>
        $"Bring each to its own terminal of the bar; where they are to share one neutral, say so at the circuit.";

    /// <inheritdoc/>
    protected override string Source => "NEC 200.4, 300.3(B) (from memory)";
}
