using Lacet.Core.People;

namespace Lacet.Web.People;

/// <summary>The file of the demo’s people.</summary>
/// <param name="Password">The password of all of them.</param>
/// <param name="People">Who they are.</param>
internal sealed record DemoCrew(string Password, IReadOnlyList<DemoPerson> People);

/// <summary>One of the demo’s people.</summary>
/// <param name="Name">Made up.</param>
/// <param name="Role">As what they work here.</param>
/// <param name="Pin">For shared tablets.</param>
/// <param name="Qualification">In their own words.</param>
/// <param name="QualifiedUntil">The last day of it.</param>
internal sealed record DemoPerson(
    string Name,
    Role Role,
    string Pin,
    string Qualification = "",
    DateOnly? QualifiedUntil = null
);
