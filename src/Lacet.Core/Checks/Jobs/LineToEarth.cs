using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A line is joined to the earth.</summary>
public sealed class LineToEarth : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "line-to-earth";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.LineToEarth;

    /// <inheritdoc/>
    protected override Term Comes => "every case that is earthed there is live until its breaker opens";

    /// <inheritdoc/>
    protected override FormattableString Do =>
        $"Prove it dead, find by a meter which of the two is wrong, and land it where it belongs before anything is energised.";

    /// <inheritdoc/>
    protected override string Source => "NEC 250.4, 250.114; IEC 60364-4-41 (from memory)";
}
