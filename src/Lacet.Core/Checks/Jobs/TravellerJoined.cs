using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A traveller is joined to what is no traveller.</summary>
public sealed class TravellerJoined : JoinedCheck
{
    /// <inheritdoc/>
    public override string Id => "traveller-joined";

    /// <inheritdoc/>
    public override Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    protected override ContradictionKind Kind => ContradictionKind.TravellerJoined;

    /// <inheritdoc/>
    protected override Term Comes => "the two switches no longer work from both places";

    /// <inheritdoc/>
    protected override FormattableString Do =>
        $"Line or lamp to the common, marked or dark; travellers to the two others.";

    /// <inheritdoc/>
    protected override string Source => "common practice";
}
