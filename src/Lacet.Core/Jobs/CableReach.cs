using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>How far the conductors of a cable go where it enters an enclosure.</summary>
/// <param name="EnclosureId">The enclosure.</param>
public sealed record CableReach(Guid EnclosureId)
{
    /// <summary>From the clamp's inside to the furthest landing, along the run; null where nobody measured.</summary>
    public Length? Reach { get; init; }
}
