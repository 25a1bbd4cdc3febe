using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Store;

namespace Lacet.Workshop.People;

/// <summary>People by the names that they type.</summary>
public sealed class TypedPeople(PeopleTable people)
{
    private const int LongestName = 80;

    /// <summary>The person of a name, made if new; the same name, however it is typed, is the same person.</summary>
    public Task<PersonRow> EnsureAsync(string typed, CancellationToken cancellation)
    {
        var name = PlainText.Name(typed);
        return name.Length is 0 or > LongestName
            ? throw new ImpossibleInputException("name", $"A name has 1 to {LongestName} characters.")
            : people.EnsureAsync(name, PlainText.NameKey, cancellation);
    }
}
