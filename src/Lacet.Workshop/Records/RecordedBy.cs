using Lacet.Core.People;
using Lacet.Core.Records;
using Lacet.Exchange.Documents;
using Lacet.Store;

namespace Lacet.Workshop.Records;

/// <summary>Who records, and under whom.</summary>
internal sealed record RecordedBy(Role Role, PersonRow Person, PersonRow? Supervisor)
{
    internal static async Task<RecordedBy> OfAsync(PeopleTable people, Actor by) =>
        new(
            by.Role,
            await people.KnownAsync(by.Person),
            by.Supervisor is { } over ? await people.KnownAsync(over) : null
        );

    internal static PersonReference Reference(PersonRow person) =>
        new(person.Id, Seal.Digest(person.Salt, person.Name));
}
