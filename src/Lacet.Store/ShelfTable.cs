using Dapper;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>The Shelf: items, and every change in a batch that can be undone.</summary>
public sealed class ShelfTable(LacetDatabase database, TimeProvider time)
{
    private const string Columns = "id, kind, code, body, words, version";

    /// <summary>An item; null where there is none.</summary>
    public Task<ShelfItemRow?> FindAsync(Guid id) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<ShelfItemRow>(
                $"SELECT {Columns} FROM shelf_item WHERE id = @id",
                new { id }
            )
        );

    /// <summary>An item by kind and code; null where there is none.</summary>
    public Task<ShelfItemRow?> FindAsync(string kind, string code) =>
        database.ReadAsync(connection =>
            connection.QuerySingleOrDefaultAsync<ShelfItemRow>(
                $"SELECT {Columns} FROM shelf_item WHERE kind = @kind AND code = @code",
                new { kind, code }
            )
        );

    /// <summary>
    /// Items of a kind that hold all of the words, or their beginnings, by code; from after a code on.
    /// </summary>
    public Task<List<ShelfItemRow>> SearchAsync(string kind, IReadOnlyList<string> words, string after, int most) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<ShelfItemRow>(
                    words.Count == 0
                        ? $"SELECT {Columns} FROM shelf_item WHERE kind = @kind AND code > @after ORDER BY code LIMIT @most"
                        : $"""
                        SELECT {Columns} FROM shelf_item
                        WHERE kind = @kind AND code > @after AND id IN (SELECT item FROM shelf_search WHERE words MATCH @match)
                        ORDER BY code LIMIT @most
                        """,
                    new
                    {
                        kind,
                        after,
                        most,
                        match = string.Join(
                            ' ',
                            words.Select(w => $"\"{w.Replace("\"", "\"\"", StringComparison.Ordinal)}\"*")
                        ),
                    }
                )
            ).AsList()
        );

    /// <summary>Everything of a kind, or of all kinds, by kind and code.</summary>
    public Task<List<ShelfItemRow>> AllAsync(string? kind = null) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<ShelfItemRow>(
                    $"SELECT {Columns} FROM shelf_item WHERE @kind IS NULL OR kind = @kind ORDER BY kind, code",
                    new { kind }
                )
            ).AsList()
        );

    /// <summary>The kinds of which anything was ever put on the Shelf.</summary>
    public Task<IReadOnlySet<string>> TouchedKindsAsync() =>
        database.ReadAsync<IReadOnlySet<string>>(async connection =>
            (
                await connection.QueryAsync<string>(
                    "SELECT DISTINCT coalesce(json_extract(after, '$.kind'), json_extract(before, '$.Kind')) FROM shelf_change"
                )
            ).ToHashSet(StringComparer.Ordinal)
        );

    /// <summary>
    /// Makes all changes or none, as one batch. Throws <see cref="ShelfConflictException"/> where one cannot be.
    /// </summary>
    public Task<Guid> ChangeAsync(IReadOnlyList<ShelfEdit> edits, Guid? person, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
            {
                var batch = Guid.CreateVersion7(time.GetUtcNow());
                for (var i = 0; i < edits.Count; i++)
                {
                    await ApplyAsync(connection, transaction, batch, i, edits[i], person);
                }

                return batch;
            },
            cancellation
        );

    /// <summary>
    /// Puts back what a batch changed; null where there is no such batch, or it was undone already. Throws
    /// <see cref="ShelfConflictException"/> where something was changed again since.
    /// </summary>
    public Task<int?> UndoAsync(Guid batch, CancellationToken cancellation) =>
        database.WriteAsync<int?>(
            async (connection, transaction) =>
            {
                var changes = (
                    await connection.QueryAsync<Change>(
                        "SELECT position, item, before, version_after AS VersionAfter FROM shelf_change WHERE batch = @batch AND undone = 0 ORDER BY position DESC",
                        new { batch },
                        transaction
                    )
                ).ToList();
                if (changes.Count == 0)
                {
                    return null;
                }

                foreach (var change in changes)
                {
                    var now = await connection.QuerySingleOrDefaultAsync<ShelfItemRow>(
                        $"SELECT {Columns} FROM shelf_item WHERE id = @Item",
                        change,
                        transaction
                    );
                    if (now?.Version != change.VersionAfter)
                    {
                        throw new ShelfConflictException(
                            "Something of it was changed again since, so it cannot be undone. Nothing was changed."
                        );
                    }

                    await connection.ExecuteAsync("DELETE FROM shelf_item WHERE id = @Item", change, transaction);
                    if (change.Before is { } before)
                    {
                        var row = System.Text.Json.JsonSerializer.Deserialize<ShelfItemRow>(before)!;
                        // The version goes on counting: whoever saw the one between must be told.
                        await InsertAsync(
                            connection,
                            transaction,
                            row with
                            {
                                Version = (change.VersionAfter ?? row.Version) + 1,
                            }
                        );
                    }
                }

                await connection.ExecuteAsync(
                    "UPDATE shelf_change SET undone = 1 WHERE batch = @batch",
                    new { batch },
                    transaction
                );
                return changes.Count;
            },
            cancellation
        );

    private async Task ApplyAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        Guid batch,
        int position,
        ShelfEdit edit,
        Guid? person
    )
    {
        var before = await BeforeAsync(connection, transaction, edit);
        if ((edit.Version is { } seen && before?.Version != seen) || (edit.Id is not null && before is null))
        {
            throw new ShelfConflictException(
                "Somebody changed it since you looked. Look at it again; nothing was changed."
            );
        }

        ShelfItemRow? after = null;
        if (edit.Body is { } body)
        {
            after = new ShelfItemRow(
                before?.Id ?? Guid.CreateVersion7(time.GetUtcNow()),
                edit.Kind,
                edit.Code,
                body,
                edit.Words,
                (before?.Version ?? 0) + 1
            );
            await ReplaceAsync(connection, transaction, after);
        }
        else if (before is not null)
        {
            await connection.ExecuteAsync("DELETE FROM shelf_item WHERE id = @id", new { id = before.Id }, transaction);
        }

        await connection.ExecuteAsync(
            """
            INSERT INTO shelf_change (batch, position, item, before, after, version_after, person, at)
            VALUES (@batch, @position, @item, @before, @after, @version, @person, @at)
            """,
            new
            {
                batch,
                position,
                item = (after ?? before)?.Id.ToString() ?? "",
                before = before is null ? null : System.Text.Json.JsonSerializer.Serialize(before),
                after = after?.Body,
                version = after?.Version,
                person,
                at = time.GetUtcNow(),
            },
            transaction
        );
    }

    private static Task<ShelfItemRow?> BeforeAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        ShelfEdit edit
    ) =>
        edit.Id is { } id
            ? connection.QuerySingleOrDefaultAsync<ShelfItemRow>(
                $"SELECT {Columns} FROM shelf_item WHERE id = @id",
                new { id },
                transaction
            )
            : connection.QuerySingleOrDefaultAsync<ShelfItemRow>(
                $"SELECT {Columns} FROM shelf_item WHERE kind = @Kind AND code = @Code",
                new { edit.Kind, edit.Code },
                transaction
            );

    private static async Task ReplaceAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        ShelfItemRow after
    )
    {
        try
        {
            await connection.ExecuteAsync("DELETE FROM shelf_item WHERE id = @id", new { id = after.Id }, transaction);
            await InsertAsync(connection, transaction, after);
        }
        catch (SqliteException taken) when (taken.SqliteErrorCode == 19)
        {
            throw new ShelfConflictException(
                $"The code {after.Code} is taken by another of its kind. Nothing was changed."
            );
        }
    }

    private static Task InsertAsync(SqliteConnection connection, SqliteTransaction transaction, ShelfItemRow row) =>
        connection.ExecuteAsync(
            "INSERT INTO shelf_item (id, kind, code, body, words, version) VALUES (@Id, @Kind, @Code, @Body, @Words, @Version)",
            new
            {
                row.Id,
                row.Kind,
                row.Code,
                row.Body,
                row.Words,
                row.Version,
            },
            transaction
        );

    private sealed class Change
    {
        public long Position { get; init; }

        public string Item { get; init; } = "";

        public string? Before { get; init; }

        public long? VersionAfter { get; init; }
    }
}
