using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>Where a walk came to.</summary>
/// <param name="Landing">The landing; null where a wire goes on out of the job, or to where nobody said.</param>
/// <param name="Way">The shortest way to it.</param>
/// <param name="Protected">Devices with ground-fault protection that were walked through from LOAD to LINE.</param>
public sealed record Reached(JobLanding? Landing, Way Way, IReadOnlyList<Guid> Protected)
{
    /// <summary>
    /// Whether it was come to by a contact: of one common and two ways only one is closed, so no other contact of that
    /// device leads on.
    /// </summary>
    internal bool ByContact { get; init; }
}
