using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What a switch is to open is joined to what is always live.</summary>
public sealed class SwitchBypassed : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "switch-bypassed";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.SwitchBypassed;

    /// <inheritdoc/>
    protected override Term Comes => "the switch opens nothing, and the lamp or outlet is always live";

    /// <inheritdoc/>
    protected override FormattableString Do =>
        $"Take them apart: the switched conductor meets the line only inside the switch.";

    /// <inheritdoc/>
    protected override string Source => "NEC 404.2 (from memory); common practice";
}
