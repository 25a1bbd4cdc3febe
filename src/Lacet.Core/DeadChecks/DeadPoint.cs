using Lacet.Core.Networks;

namespace Lacet.Core.DeadChecks;

/// <summary>Where an instrument’s tip goes.</summary>
/// <param name="LandingId">The landing.</param>
/// <param name="Name">Its name.</param>
/// <param name="Potential">What stands on it while everything is on.</param>
public sealed record DeadPoint(Guid LandingId, string Name, Potential Potential);
