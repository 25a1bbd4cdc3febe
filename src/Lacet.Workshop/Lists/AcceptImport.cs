using Lacet.Core.Landings;

namespace Lacet.Workshop.Lists;

/// <summary>An import that is taken.</summary>
/// <param name="Id">Made by the client, so that sending twice imports once.</param>
/// <param name="JobName">The new job's name; null where it goes into one that is there.</param>
/// <param name="HouseRules">The new job's house rules.</param>
/// <param name="OnlyGood">Whether rows that are wrong may be left out.</param>
public sealed record AcceptImport(
    Guid Id,
    string? JobName = null,
    HouseRules? HouseRules = null,
    bool OnlyGood = false
);
