using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>The neutral is joined to the earth where the one bond is not.</summary>
public sealed class NeutralToEarth : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "neutral-to-earth";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.NeutralToEarth;

    /// <inheritdoc/>
    protected override Term Comes => "the earth carries the neutral’s current, and cases stand at a voltage";

    /// <inheritdoc/>
    protected override FormattableString Do =>
        $"Take it off: the neutral and the earth meet once, where the supply comes in, and nowhere behind it.";

    /// <inheritdoc/>
    protected override string Source => "NEC 250.24(A)(5), 250.142(B), 408.40; IEC 60364-5-54 (from memory)";
}
