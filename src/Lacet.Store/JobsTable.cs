using Dapper;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>Jobs: their parts, and every command that changed them.</summary>
public sealed partial class JobsTable(LacetDatabase database, TimeProvider time)
{
    /// <summary>
    /// So many parts of a job that is being made are written at once; whoever records meanwhile waits for no more.
    /// </summary>
    private const int Piece = 400;

    /// <summary>Jobs, the last changed first; from an offset on.</summary>
    public Task<List<JobRow>> ListAsync(int offset, int most) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<JobRow>(
                    $"""
                    SELECT id, summary, changed_at AS changedAt,
                           coalesce((SELECT {PeopleTable.NameSaid} FROM job_command c JOIN person p ON p.id = c.person
                                     WHERE c.job = job.id ORDER BY c.sequence DESC LIMIT 1), '') AS changedBy
                    FROM job WHERE removed = 0 ORDER BY changed_at DESC, id LIMIT @most OFFSET @offset
                    """,
                    new { offset, most }
                )
            ).AsList()
        );

    /// <summary>Whether a job is there.</summary>
    public Task<bool> ExistsAsync(Guid job, bool removedToo = false) =>
        database.ReadAsync(connection =>
            connection.ExecuteScalarAsync<bool>(
                "SELECT EXISTS (SELECT 1 FROM job WHERE id = @job AND removed < CASE WHEN @removedToo THEN 2 ELSE 1 END)",
                new { job, removedToo }
            )
        );

    /// <summary>Every part of a job.</summary>
    public Task<List<JobPartRow>> PartsAsync(Guid job) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<JobPartRow>(
                    "SELECT id, kind, body, version FROM job_part WHERE job = @job",
                    new { job }
                )
            ).AsList()
        );

    /// <summary>The last command's sequence; 0 where there is none.</summary>
    public Task<long> LastSequenceAsync(Guid job) =>
        database.ReadAsync(connection =>
            connection.ExecuteScalarAsync<long>(
                "SELECT coalesce(max(sequence), 0) FROM job_command WHERE job = @job",
                new { job }
            )
        );

    /// <summary>
    /// Changes a job, made if it is new, all or nothing. Null where this command was stored before.
    /// Throws <see cref="JobConflictException"/> where a part has moved on.
    /// </summary>
    public Task<AppliedChange?> ApplyAsync(JobChange change, CancellationToken cancellation) =>
        database.WriteAsync((connection, transaction) => ApplyAsync(connection, transaction, change), cancellation);

    /// <summary>
    /// Makes a job by its first commands, all or nothing; false where a job of its id is there or is being made, or the
    /// last of the commands was stored before. However large it is, nobody waits long meanwhile: what is more than a
    /// piece is written in pieces, as a job that nobody sees, and shown by a last small write. What is never finished
    /// is taken out again, here or at the next start.
    /// </summary>
    /// <param name="commands">The commands.</param>
    /// <param name="summary">What the card shows, still being worked out: where that fails, nothing is stored.</param>
    /// <param name="cancellation">Stops it.</param>
    public async Task<bool> MakeAsync(
        IReadOnlyList<JobCommand> commands,
        Task<string> summary,
        CancellationToken cancellation
    )
    {
        var pieces = commands
            .SelectMany(c =>
                Enumerable.Range(0, (c.Edits.Count + Piece - 1) / Piece).Select(i => (Command: c, From: i * Piece))
            )
            .ToList();
        if (commands.Sum(c => c.Edits.Count) <= Piece)
        {
            var card = await summary;
            return await database.WriteAsync(
                async (connection, transaction) =>
                {
                    if (!await BeginAsync(connection, transaction, commands))
                    {
                        return false;
                    }

                    pieces.ForEach(p => WritePiece(connection, transaction, p.Command, p.From));
                    return await ShowAsync(connection, transaction, commands[0].Job, card);
                },
                cancellation
            );
        }

        if (
            !await database.WriteAsync(
                (connection, transaction) => BeginAsync(connection, transaction, commands),
                cancellation
            )
        )
        {
            return false;
        }

        try
        {
            foreach (var (command, from) in pieces)
            {
                await database.WriteLaterAsync(
                    (connection, transaction) => Task.FromResult(WritePiece(connection, transaction, command, from)),
                    cancellation
                );
            }

            var card = await summary;
            return await database.WriteAsync(
                (connection, transaction) => ShowAsync(connection, transaction, commands[0].Job, card),
                cancellation
            );
        }
        catch
        {
            await database.WriteAsync(
                (connection, transaction) =>
                    DatabaseSchema.RemoveUnfinishedAsync(connection, transaction, commands[0].Job),
                CancellationToken.None
            );
            throw;
        }
    }

    private static bool WritePiece(
        SqliteConnection connection,
        SqliteTransaction transaction,
        JobCommand command,
        int from
    )
    {
        using var writer = new JobPartWriter(connection, transaction, command);
        writer.WriteNew(from, Piece);
        return true;
    }

    private static async Task<bool> ShowAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        Guid job,
        string summary
    ) =>
        await connection.ExecuteAsync(
            "UPDATE job SET removed = 0, summary = @summary WHERE id = @job",
            new { job, summary },
            transaction
        ) > 0;

    private async Task<bool> BeginAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        IReadOnlyList<JobCommand> commands
    )
    {
        var job = commands[0].Job;
        if (
            await connection.ExecuteScalarAsync<bool>(
                "SELECT EXISTS (SELECT 1 FROM job WHERE id = @job)",
                new { job },
                transaction
            ) || await HasCommandAsync(connection, transaction, commands[^1].Id)
        )
        {
            return false;
        }

        var at = time.GetUtcNow();
        await connection.ExecuteAsync(
            "INSERT INTO job (id, summary, created_at, changed_at, removed) VALUES (@job, '', @at, @at, @Unfinished)",
            new
            {
                job,
                at,
                DatabaseSchema.Unfinished,
            },
            transaction
        );
        for (var i = 0; i < commands.Count; i++)
        {
            await AddCommandAsync(connection, transaction, commands[i], i + 1, at);
        }

        return true;
    }

    /// <summary>The same, as a part of a transaction that stores something else with it.</summary>
    internal async Task<AppliedChange?> ApplyAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        JobChange change
    )
    {
        var (command, summary) = change;
        var keys = new { id = command.Id, job = command.Job };
        if (await HasCommandAsync(connection, transaction, command.Id))
        {
            return null;
        }

        var at = time.GetUtcNow();
        await connection.ExecuteAsync(
            """
            INSERT INTO job (id, summary, created_at, changed_at) VALUES (@job, @summary, @at, @at)
            ON CONFLICT (id) DO UPDATE SET summary = @summary, changed_at = @at
            """,
            new
            {
                keys.job,
                summary,
                at,
            },
            transaction
        );
        var sequence = await connection.ExecuteScalarAsync<long>(
            "SELECT coalesce(max(sequence), 0) + 1 FROM job_command WHERE job = @job",
            keys,
            transaction
        );
        await AddCommandAsync(connection, transaction, command, sequence, at);
        using var writer = new JobPartWriter(connection, transaction, command);
        return new(sequence, await writer.WriteAsync());
    }

    /// <summary>Keeps what a card shows.</summary>
    public Task<int> SummariseAsync(Guid job, string summary, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    "UPDATE job SET summary = @summary WHERE id = @job",
                    new { job, summary },
                    transaction
                ),
            cancellation
        );

    /// <summary>Puts a job away, or takes it out again; nothing of it is lost. False where there is none.</summary>
    public Task<bool> SetRemovedAsync(Guid job, bool removed, CancellationToken cancellation) =>
        database.WriteAsync(
            async (connection, transaction) =>
                await connection.ExecuteAsync(
                    "UPDATE job SET removed = @removed WHERE id = @job AND removed = 1 - @removed",
                    new { job, removed },
                    transaction
                ) > 0,
            cancellation
        );
}
