using System.Security.Cryptography;
using Dapper;
using Lacet.Core.Quantities;

namespace Lacet.Store;

/// <summary>The table of people.</summary>
public sealed class PeopleTable(LacetDatabase database, TimeProvider time)
{
    /// <summary>
    /// The person of that name, made if new. Names of one key are one person: the one who was there first.
    /// </summary>
    /// <param name="name">As it was typed.</param>
    /// <param name="keyOf">What names are compared by.</param>
    /// <param name="cancellation">Stops it.</param>
    public Task<PersonRow> EnsureAsync(string name, Func<string, string> keyOf, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
            {
                foreach (
                    var old in await connection.QueryAsync<PersonRow>(
                        "SELECT id, name FROM person WHERE name_key IS NULL",
                        transaction: transaction
                    )
                )
                {
                    await connection.ExecuteAsync(
                        "UPDATE person SET name_key = @key WHERE id = @Id",
                        new { key = keyOf(old.Name), old.Id },
                        transaction
                    );
                }

                const string Known =
                    "SELECT id, name, proved, salt FROM person WHERE name = @name OR name_key = @key ORDER BY name <> @name, created_at LIMIT 1";
                var named = new { name, key = keyOf(name) };
                if (await connection.QuerySingleOrDefaultAsync<PersonRow>(Known, named, transaction) is { } row)
                {
                    return row;
                }

                await connection.ExecuteAsync(
                    "INSERT INTO person (id, name, name_key, salt, created_at) VALUES (@id, @name, @key, @salt, @at)",
                    new
                    {
                        id = Guid.CreateVersion7(time.GetUtcNow()),
                        named.name,
                        named.key,
                        salt = RandomNumberGenerator.GetBytes(16),
                        at = time.GetUtcNow(),
                    },
                    transaction
                );
                return await connection.QuerySingleAsync<PersonRow>(Known, named, transaction);
            },
            cancellation
        );

    /// <summary>A person by id; null where there is none.</summary>
    public Task<PersonRow?> FindAsync(Guid id) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<PersonRow>(
                "SELECT id, name, proved, salt FROM person WHERE id = @id",
                new { id }
            )
        );

    /// <summary>Who acts; throws <see cref="ImpossibleInputException"/> where nobody has this id.</summary>
    public async Task<PersonRow> KnownAsync(Guid person) =>
        await FindAsync(person)
        ?? throw new ImpossibleInputException("personId", "Nobody has this id. Type the name first.");

    /// <summary>People by name, at most so many.</summary>
    public Task<List<PersonRow>> ListAsync(int most) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<PersonRow>(
                    "SELECT id, name, proved, salt FROM person ORDER BY name LIMIT @most",
                    new { most }
                )
            ).AsList()
        );
}
