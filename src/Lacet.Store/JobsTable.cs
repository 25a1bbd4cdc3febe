using System.Globalization;
using Dapper;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>Jobs: their parts, and every command that changed them.</summary>
public sealed class JobsTable(LacetDatabase database, TimeProvider time)
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
                    "SELECT id, summary, changed_at AS changedAt FROM job WHERE removed = 0 ORDER BY changed_at DESC, id LIMIT @most OFFSET @offset",
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

    /// <summary>A command as it was stored, in whichever job; null where there is none of this id.</summary>
    public Task<StoredCommand?> FindCommandAsync(Guid id) =>
        database.ReadAsync<StoredCommand?>(async connection =>
        {
            var key = new { id };
            if (
                await connection.QuerySingleOrDefaultAsync<(Guid Job, string Says, Guid? Undoes, string Kind)?>(
                    "SELECT c.job, c.says, c.undoes, c.kind FROM job_command c JOIN job j ON j.id = c.job WHERE c.id = @id AND j.removed <> 2",
                    key
                )
                is not { } command
            )
            {
                return null;
            }

            var edits = await connection.QueryAsync<(Guid Part, string Kind, bool WasThere, string? After)>(
                "SELECT part, kind, before IS NOT NULL, after FROM job_change_whole WHERE command = @id ORDER BY position",
                key
            );
            return new(
                command.Job,
                command.Says,
                command.Undoes,
                string.Equals(command.Kind, Word(CommandKind.Import), StringComparison.Ordinal)
                    ? CommandKind.Import
                    : CommandKind.Change,
                [.. edits.Select(e => new StoredEdit(e.Part, e.Kind, e.WasThere, e.After))]
            );
        });

    private static Task AddCommandAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        JobCommand command,
        long sequence,
        DateTimeOffset at
    ) =>
        connection.ExecuteAsync(
            "INSERT INTO job_command (id, job, sequence, person, at, says, undoes, kind) VALUES (@id, @job, @sequence, @person, @at, @Says, @undoes, @kind)",
            new
            {
                id = command.Id,
                job = command.Job,
                sequence,
                person = command.Person,
                at,
                command.Says,
                undoes = command.Undoes,
                kind = Word(command.Kind),
            },
            transaction
        );

    /// <summary>Whether a command of this id was stored.</summary>
    internal static Task<bool> HasCommandAsync(SqliteConnection connection, SqliteTransaction transaction, Guid id) =>
        connection.ExecuteScalarAsync<bool>(
            "SELECT EXISTS (SELECT 1 FROM job_command c JOIN job j ON j.id = c.job WHERE c.id = @id AND j.removed <> 2)",
            new { id },
            transaction
        );

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

    /// <summary>
    /// What a command changed, as edits that undo it; null where there is no such command, or it was undone already.
    /// </summary>
    public Task<(string Says, List<JobEdit> Undo)?> UndoOfAsync(Guid job, Guid command) =>
        database.ReadAsync<(string, List<JobEdit>)?>(async connection =>
        {
            var says = await connection.QuerySingleOrDefaultAsync<string?>(
                """
                SELECT says FROM job_command c WHERE id = @command AND job = @job
                AND NOT EXISTS (SELECT 1 FROM job_command u WHERE u.undoes = c.id)
                """,
                new { job, command }
            );
            if (says is null)
            {
                return null;
            }

            // A part that is as the command left it can go back, whatever came and was undone in between.
            var changes = await connection.QueryAsync<(Guid Part, string Kind, string? Before, long Version)>(
                """
                SELECT g.part, g.kind, g.before, CASE WHEN p.body IS g.after THEN coalesce(p.version, 0) ELSE g.version_after END
                FROM job_change_whole g LEFT JOIN job_part p ON p.job = @job AND p.id = g.part
                WHERE g.command = @command ORDER BY g.position DESC
                """,
                new { job, command }
            );
            return (says, changes.Select(c => new JobEdit(c.Part, c.Kind, c.Before, c.Version)).ToList());
        });

    /// <summary>Commands, newest first, below a sequence.</summary>
    public Task<List<JobCommandRow>> CommandsAsync(Guid job, long below, int most) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<JobCommandRow>(
                    """
                    SELECT c.id, c.sequence, p.name AS Person, c.at, c.says, c.undoes,
                           EXISTS (SELECT 1 FROM job_command u WHERE u.undoes = c.id) AS Undone,
                           (SELECT count(*) FROM job_change g WHERE g.command = c.id) AS Parts
                    FROM job_command c JOIN person p ON p.id = c.person
                    WHERE c.job = @job AND c.sequence < @below ORDER BY c.sequence DESC LIMIT @most
                    """,
                    new
                    {
                        job,
                        below,
                        most,
                    }
                )
            ).AsList()
        );

    private static string Word(CommandKind kind) => kind == CommandKind.Import ? "import" : "change";
}
