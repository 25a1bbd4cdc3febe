using System.Text.Json;
using Lacet.Exchange;
using Lacet.Store;
using Lacet.Workshop.People;

namespace Lacet.Web.People;

/// <summary>The ready-made people of the demo, whom its sign-in page lists; nobody where it is no demo.</summary>
internal sealed class DemoPeople(string? folder, Accounts accounts)
{
    private readonly DemoCrew? _crew = folder is null ? null : Read(folder);

    /// <summary>The password of all of them.</summary>
    internal string? Password => _crew?.Password;

    /// <summary>Lets them work here; who does already is left.</summary>
    internal async Task AddAsync(CancellationToken cancellation)
    {
        foreach (var person in _crew?.People ?? [])
        {
            if (await accounts.FindAsync(person.Name) is null)
            {
                await accounts.AddAsync(
                    new(person.Name, person.Role, person.Qualification, person.QualifiedUntil),
                    new(_crew!.Password, person.Pin),
                    onlyFirst: false,
                    cancellation
                );
            }
        }
    }

    /// <summary>Those of them who work here.</summary>
    internal async Task<List<AccountRow>> ListAsync()
    {
        if (_crew is null)
        {
            return [];
        }

        var names = _crew.People.Select(p => p.Name).ToHashSet(StringComparer.Ordinal);
        return (await accounts.AllAsync()).FindAll(a => !a.Closed && names.Contains(a.Name));
    }

    private static DemoCrew? Read(string folder)
    {
        using var file = File.OpenRead(Path.Combine(folder, "people.json"));
        return JsonSerializer.Deserialize<DemoCrew>(file, Json.Options);
    }
}
