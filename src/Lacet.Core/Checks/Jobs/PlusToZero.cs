using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Plus and 0 V of a control supply are joined.</summary>
public sealed class PlusToZero : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "plus-to-zero";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.PlusToZero;

    /// <inheritdoc/>
    protected override Term Comes => "its supply is shorted";

    /// <inheritdoc/>
    protected override FormattableString Do => $"Take them apart, and follow each back to its supply.";

    /// <inheritdoc/>
    protected override string Source => "common practice";
}
