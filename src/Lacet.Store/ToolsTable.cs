using Dapper;

namespace Lacet.Store;

/// <summary>The table of paired tools.</summary>
public sealed class ToolsTable(LacetDatabase database)
{
    private const string Select =
        "SELECT id, name, stand_in AS StandIn, serial, paired_by AS PairedBy, paired_at AS PairedAt FROM tool";

    /// <summary>Keeps one under the digest of its token.</summary>
    public Task AddAsync(string digest, ToolRow tool, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    """
                    INSERT INTO tool (digest, id, name, stand_in, serial, paired_by, paired_at)
                    VALUES (@digest, @Id, @Name, @StandIn, @Serial, @PairedBy, @PairedAt)
                    """,
                    new
                    {
                        digest,
                        tool.Id,
                        tool.Name,
                        tool.StandIn,
                        tool.Serial,
                        tool.PairedBy,
                        tool.PairedAt,
                    },
                    transaction
                ),
            cancellation
        );

    /// <summary>The tool of a token’s digest; null where there is none.</summary>
    public Task<ToolRow?> FindAsync(string digest) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<ToolRow>($"{Select} WHERE digest = @digest", new { digest })
        );

    /// <summary>
    /// Keeps what a tool says of itself, the first time that it comes; false where another said it before.
    /// </summary>
    public Task<bool> KeepSerialAsync(Guid id, string serial, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
                await connection.ExecuteAsync(
                    """
                    UPDATE tool SET serial = @serial
                    WHERE id = @id AND serial IS NULL AND NOT EXISTS (SELECT 1 FROM tool WHERE serial = @serial)
                    """,
                    new { id, serial },
                    transaction
                ) == 1,
            cancellation
        );

    /// <summary>All of them, by name.</summary>
    public Task<List<ToolRow>> AllAsync() =>
        database.ReadAsync(async connection =>
            (await connection.QueryAsync<ToolRow>($"{Select} ORDER BY name, paired_at")).AsList()
        );

    /// <summary>Takes one out; false where there is none.</summary>
    public Task<bool> RemoveAsync(Guid id, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
                await connection.ExecuteAsync("DELETE FROM tool WHERE id = @id", new { id }, transaction) == 1,
            cancellation
        );
}
