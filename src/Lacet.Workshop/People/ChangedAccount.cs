using Lacet.Core.People;

namespace Lacet.Workshop.People;

/// <summary>As what somebody works here from now on.</summary>
/// <param name="Role">As what.</param>
/// <param name="Qualification">In their own words; up to 200 characters.</param>
/// <param name="QualifiedUntil">The last day of it; null where it does not end.</param>
/// <param name="Closed">Whether they work here no more.</param>
public sealed record ChangedAccount(
    Role Role,
    string Qualification = "",
    DateOnly? QualifiedUntil = null,
    bool Closed = false
);
