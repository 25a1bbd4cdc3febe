using Dapper;

namespace Lacet.Store;

/// <summary>The tables of list layouts, and of the form in which a list came into a job.</summary>
public sealed class ListLayoutsTable(LacetDatabase database, TimeProvider time)
{
    private const string Columns = "headings AS Headings, id AS Id, name AS Name, body AS Body";

    /// <summary>The layout of a set of headings; null where there is none.</summary>
    public Task<ListLayoutRow?> FindAsync(string headings) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<ListLayoutRow>(
                $"SELECT {Columns} FROM list_layout WHERE headings = @headings",
                new { headings }
            )
        );

    /// <summary>All of them, the last used first.</summary>
    public Task<List<ListLayoutRow>> AllAsync() =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<ListLayoutRow>(
                    $"SELECT {Columns} FROM list_layout ORDER BY used_at DESC, headings"
                )
            ).AsList()
        );

    /// <summary>Keeps one; of the same headings the last holds, under the name that it has.</summary>
    public Task KeepAsync(ListLayoutRow layout, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    """
                    INSERT INTO list_layout (headings, id, name, body, used_at) VALUES (@Headings, @Id, @Name, @Body, @at)
                    ON CONFLICT (headings) DO UPDATE SET body = excluded.body, used_at = excluded.used_at
                    """,
                    new
                    {
                        layout.Headings,
                        layout.Id,
                        layout.Name,
                        layout.Body,
                        at = time.GetUtcNow(),
                    },
                    transaction
                ),
            cancellation
        );

    /// <summary>The form of the list that came into a job last; null where none did.</summary>
    public Task<string?> OfJobAsync(Guid job) =>
        database.ReadAsync(connection =>
            connection.ExecuteScalarAsync<string?>("SELECT body FROM list_of_job WHERE job_id = @job", new { job })
        );

    /// <summary>Keeps the form of the list that came into a job.</summary>
    public Task KeepOfJobAsync(Guid job, string body, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    """
                    INSERT INTO list_of_job (job_id, body) VALUES (@job, @body)
                    ON CONFLICT (job_id) DO UPDATE SET body = excluded.body
                    """,
                    new { job, body },
                    transaction
                ),
            cancellation
        );

    /// <summary>Names one; false where there is none.</summary>
    public Task<bool> RenameAsync(Guid id, string name, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
                await connection.ExecuteAsync(
                    "UPDATE list_layout SET name = @name WHERE id = @id",
                    new { id, name },
                    transaction
                ) > 0,
            cancellation
        );

    /// <summary>Forgets one; false where there is none.</summary>
    public Task<bool> DeleteAsync(Guid id, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
                await connection.ExecuteAsync("DELETE FROM list_layout WHERE id = @id", new { id }, transaction) > 0,
            cancellation
        );
}
