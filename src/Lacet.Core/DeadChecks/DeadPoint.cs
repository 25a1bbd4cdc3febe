using Lacet.Core.Networks;

namespace Lacet.Core.DeadChecks;

/// <summary>Where an instrument’s tip goes.</summary>
/// <param name="LandingId">The landing.</param>
/// <param name="Name">Its name.</param>
/// <param name="Potential">What stands on it while everything is on.</param>
/// <param name="Source">
/// The breaker that it comes from; where the job does not tell, as of a neutral, the device that it is on: what comes from
/// elsewhere on one device may well be of one source.
/// </param>
public sealed record DeadPoint(Guid LandingId, string Name, Potential Potential, Guid? Source);
