using Lacet.Store;
using Lacet.Web.People;

namespace Lacet.Web.Records;

/// <summary>Who made which event, each looked up once.</summary>
internal sealed class Names(PeopleTable people)
{
    private readonly Dictionary<Guid, Person> _known = [];

    internal async Task<Person> OfAsync(Guid id)
    {
        if (!_known.TryGetValue(id, out var person))
        {
            _known.Add(
                id,
                person = await people.FindAsync(id) is { } row ? Person.Of(row) : new(id, "erased", Proved: false)
            );
        }

        return person;
    }
}
