using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Two systems, or two voltages, are joined.</summary>
public sealed class SystemsJoined : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "systems-joined";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.Systems;

    /// <inheritdoc/>
    protected override Term Comes => "the higher voltage comes into what is made for the lower";

    /// <inheritdoc/>
    protected override FormattableString Do =>
        $"Trace both wires from end to end, and land each with its own system; prove with a meter which is which.";

    /// <inheritdoc/>
    protected override string Source => "NEC 300.3(C), 725.136; IEC 60204-1 (from memory)";
}
