using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Two lines of one supply are joined.</summary>
public sealed class PhasesJoined : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "phases-joined";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.Phases;

    /// <inheritdoc/>
    protected override Term Comes => "line to line, a dead short";

    /// <inheritdoc/>
    protected override FormattableString Do =>
        $"Take them apart, and trace each to its breaker before anything is energised.";

    /// <inheritdoc/>
    protected override string Source => "common practice";
}
