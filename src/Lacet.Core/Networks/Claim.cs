using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>What is claimed of a piece of metal, and by what.</summary>
/// <param name="Potential">What it is to carry.</param>
/// <param name="Circuit">Of which circuit; null where nobody said.</param>
/// <param name="Says">Who claims it: "wire 12, the neutral".</param>
/// <param name="Way">From the landing that is looked at to what claims it.</param>
/// <param name="IsNear">Whether it claims that landing itself, or one that a single wire joins to it.</param>
/// <param name="ByDevice">Whether a bar or a breaker claims it, by what it is.</param>
/// <param name="Seat">The landing at its far end; null where the wire claims it.</param>
public sealed record Claim(
    Potential Potential,
    Guid? Circuit,
    FormattableString Says,
    Way Way,
    bool IsNear,
    bool ByDevice = false,
    JobLanding? Seat = null
);
