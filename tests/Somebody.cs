using Lacet.Store;

namespace Lacet.Tests;

/// <summary>Somebody who may work on a database, for what is done without signing in.</summary>
internal static class Somebody
{
    internal static async Task<Guid> AddAsync(LacetDatabase database, string name = "ada")
    {
        var person = Guid.NewGuid();
        await new AccountsTable(database, TimeProvider.System).AddAsync(
            new()
            {
                Person = person,
                Name = name,
                Role = "lead",
            },
            name,
            onlyFirst: true,
            CancellationToken.None
        );
        return person;
    }
}
