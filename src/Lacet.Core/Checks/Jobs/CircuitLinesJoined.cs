using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Lines of two circuits are joined.</summary>
public sealed class CircuitLinesJoined : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "circuit-lines-joined";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.CircuitLines;

    /// <inheritdoc/>
    protected override Term Comes => "neither breaker makes it dead, and each carries what the other does";

    /// <inheritdoc/>
    protected override FormattableString Do => $"Trace both, and take off the one that is of the other circuit.";

    /// <inheritdoc/>
    protected override string Source => "common practice";
}
