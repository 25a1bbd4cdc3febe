using Lacet.Core.People;

namespace Lacet.Workshop.People;

/// <summary>Somebody who is to work here.</summary>
/// <param name="Name">1 to 80 characters.</param>
/// <param name="Role">As what.</param>
/// <param name="Qualification">In their own words; up to 200 characters.</param>
/// <param name="QualifiedUntil">The last day of it; null where it does not end.</param>
/// <param name="Id">Made by the caller; null makes one.</param>
public sealed record NewAccount(
    string Name,
    Role Role,
    string Qualification = "",
    DateOnly? QualifiedUntil = null,
    Guid? Id = null
);
