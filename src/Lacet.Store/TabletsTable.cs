using Dapper;

namespace Lacet.Store;

/// <summary>The table of paired tablets.</summary>
public sealed class TabletsTable(LacetDatabase database)
{
    private const string Select = "SELECT id, name, paired_by AS PairedBy, paired_at AS PairedAt FROM tablet";

    /// <summary>Keeps one under the digest of its key.</summary>
    public Task AddAsync(string digest, TabletRow tablet, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    "INSERT INTO tablet (digest, id, name, paired_by, paired_at) VALUES (@digest, @Id, @Name, @PairedBy, @PairedAt)",
                    new
                    {
                        digest,
                        tablet.Id,
                        tablet.Name,
                        tablet.PairedBy,
                        tablet.PairedAt,
                    },
                    transaction
                ),
            cancellation
        );

    /// <summary>The tablet of a key’s digest; null where there is none.</summary>
    public Task<TabletRow?> FindAsync(string digest) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<TabletRow>($"{Select} WHERE digest = @digest", new { digest })
        );

    /// <summary>All of them, by name.</summary>
    public Task<List<TabletRow>> AllAsync() =>
        database.ReadAsync(async connection =>
            (await connection.QueryAsync<TabletRow>($"{Select} ORDER BY name, paired_at")).AsList()
        );

    /// <summary>
    /// Takes one out, with whoever is signed in on it; gives those sessions, null where there is no such tablet.
    /// </summary>
    public Task<List<Guid>?> RemoveAsync(Guid id, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
            {
                var ended = (
                    await connection.QueryAsync<Guid>(
                        "DELETE FROM session WHERE tablet = @id RETURNING id",
                        new { id },
                        transaction
                    )
                ).AsList();
                var removed = await connection.ExecuteAsync(
                    "DELETE FROM tablet WHERE id = @id",
                    new { id },
                    transaction
                );
                return removed == 0 ? null : ended;
            },
            cancellation
        );
}
