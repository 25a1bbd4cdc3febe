using Lacet.Store;
using Lacet.Web.People;

namespace Lacet.Web.Records;

/// <summary>Who made which event, each looked up once.</summary>
internal sealed class Names(PeopleTable people)
{
    private readonly Dictionary<Guid, Person> _known = [];
    private Dictionary<Guid, Guid?>? _joined;

    internal async Task<Person> OfAsync(Guid id)
    {
        if (!_known.TryGetValue(id, out var person))
        {
            person = await people.FindAsync(id) is { } row ? Person.Of(row) : new(id, "erased", Proved: false);
            if (!person.Proved)
            {
                _joined ??= (await people.TypedAsync()).ToDictionary(t => t.Id, t => t.Person);
                person = person with
                {
                    JoinedTo = _joined.GetValueOrDefault(id) is { } whose
                        ? (await people.FindAsync(whose))?.Name
                        : null,
                };
            }

            _known.Add(id, person);
        }

        return person;
    }
}
