using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A line is joined to the neutral.</summary>
public sealed class LineToNeutral : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "line-to-neutral";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.LineToNeutral;

    /// <inheritdoc/>
    protected override Term Comes => "a dead short, and whatever hangs on that neutral is live";

    /// <inheritdoc/>
    protected override FormattableString Do =>
        $"Prove it dead, find by a meter which of the two is wrong, and land it where it belongs before anything is energised.";

    /// <inheritdoc/>
    protected override string Source => "NEC 200.2, 240.22; IEC 60364-1 (from memory)";
}
