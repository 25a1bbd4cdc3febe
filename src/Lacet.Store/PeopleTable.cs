using System.Security.Cryptography;
using Dapper;

namespace Lacet.Store;

/// <summary>The table of people.</summary>
public sealed class PeopleTable(LacetDatabase database, TimeProvider time)
{
    /// <summary>The person of that name, made if new. The same name typed twice is the same person.</summary>
    public Task<PersonRow> EnsureAsync(string name, CancellationToken cancellation) => database.WriteAsync(
        async (connection, transaction) =>
        {
            var id = Guid.CreateVersion7(time.GetUtcNow()).ToString();
            await connection.ExecuteAsync(
                "INSERT INTO person (id, name, salt, created_at) VALUES (@id, @name, @salt, @at) ON CONFLICT (name) DO NOTHING",
                new { id, name, salt = RandomNumberGenerator.GetBytes(16), at = time.GetUtcNow().ToString("O") },
                transaction);
            var row = await connection.QuerySingleAsync<Row>(
                "SELECT id, name, proved, salt FROM person WHERE name = @name", new { name }, transaction);
            return row.Read();
        },
        cancellation);

    /// <summary>A person by id; null where there is none.</summary>
    public Task<PersonRow?> FindAsync(Guid id) => database.ReadAsync(async connection =>
        (await connection.QuerySingleOrDefaultAsync<Row>(
            "SELECT id, name, proved, salt FROM person WHERE id = @id", new { id = id.ToString() }))?.Read());

    /// <summary>People by name, at most so many.</summary>
    public Task<List<PersonRow>> ListAsync(int most) => database.ReadAsync(async connection =>
        (await connection.QueryAsync<Row>(
            "SELECT id, name, proved, salt FROM person ORDER BY name LIMIT @most", new { most })).Select(r => r.Read()).ToList());

    private sealed class Row
    {
        public string Id { get; init; } = "";

        public string Name { get; init; } = "";

        public long Proved { get; init; }

        public byte[] Salt { get; init; } = [];

        public PersonRow Read() => new() { Id = Guid.Parse(Id), Name = Name, Proved = Proved != 0, Salt = Salt };
    }
}
