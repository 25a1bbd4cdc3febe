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
                await connection.QueryAsync<(string Id, string Summary, string At)>(
                    "SELECT id, summary, changed_at FROM job WHERE removed = 0 ORDER BY changed_at DESC, id LIMIT @most OFFSET @offset",
                    new { offset, most }
                )
            )
                .Select(r => new JobRow(Guid.Parse(r.Id), r.Summary, Time(r.At)))
                .ToList()
        );

    /// <summary>Whether a job is there.</summary>
    public Task<bool> ExistsAsync(Guid job, bool removedToo = false) =>
        database.ReadAsync(connection =>
            connection.ExecuteScalarAsync<bool>(
                "SELECT EXISTS (SELECT 1 FROM job WHERE id = @job AND removed < CASE WHEN @removedToo THEN 2 ELSE 1 END)",
                new { job = job.ToString(), removedToo }
            )
        );

    /// <summary>Every part of a job.</summary>
    public Task<List<JobPartRow>> PartsAsync(Guid job) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<JobPartRecord>(
                    "SELECT id, kind, body, version FROM job_part WHERE job = @job",
                    new { job = job.ToString() }
                )
            )
                .Select(r => r.Read())
                .ToList()
        );

    /// <summary>The last command's sequence; 0 where there is none.</summary>
    public Task<long> LastSequenceAsync(Guid job) =>
        database.ReadAsync(connection =>
            connection.ExecuteScalarAsync<long>(
                "SELECT coalesce(max(sequence), 0) FROM job_command WHERE job = @job",
                new { job = job.ToString() }
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
    public async Task<bool> MakeAsync(IReadOnlyList<JobChange> changes, CancellationToken cancellation)
    {
        var pieces = changes
            .SelectMany(c =>
                Enumerable
                    .Range(0, (c.Command.Edits.Count + Piece - 1) / Piece)
                    .Select(i => (c.Command, From: i * Piece))
            )
            .ToList();
        if (changes.Sum(c => c.Command.Edits.Count) <= Piece)
        {
            return await database.WriteAsync(
                async (connection, transaction) =>
                {
                    if (!await BeginAsync(connection, transaction, changes))
                    {
                        return false;
                    }

                    pieces.ForEach(p => WritePiece(connection, transaction, p.Command, p.From));
                    return await ShowAsync(connection, transaction, changes);
                },
                cancellation
            );
        }

        if (
            !await database.WriteAsync(
                (connection, transaction) => BeginAsync(connection, transaction, changes),
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

            return await database.WriteAsync(
                (connection, transaction) => ShowAsync(connection, transaction, changes),
                cancellation
            );
        }
        catch
        {
            await database.WriteAsync(
                (connection, transaction) =>
                    DatabaseSchema.RemoveUnfinishedAsync(connection, transaction, changes[0].Command.Job),
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
        IReadOnlyList<JobChange> changes
    ) =>
        await connection.ExecuteAsync(
            "UPDATE job SET removed = 0 WHERE id = @job",
            new { job = changes[0].Command.Job.ToString() },
            transaction
        ) > 0;

    private async Task<bool> BeginAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        IReadOnlyList<JobChange> changes
    )
    {
        var job = changes[0].Command.Job.ToString();
        if (
            await connection.ExecuteScalarAsync<bool>(
                "SELECT EXISTS (SELECT 1 FROM job WHERE id = @job)",
                new { job },
                transaction
            ) || await HasCommandAsync(connection, transaction, changes[^1].Command.Id)
        )
        {
            return false;
        }

        var at = time.GetUtcNow().ToString("O");
        await connection.ExecuteAsync(
            "INSERT INTO job (id, summary, created_at, changed_at, removed) VALUES (@job, @Summary, @at, @at, @Unfinished)",
            new
            {
                job,
                changes[^1].Summary,
                at,
                DatabaseSchema.Unfinished,
            },
            transaction
        );
        for (var i = 0; i < changes.Count; i++)
        {
            await AddCommandAsync(connection, transaction, changes[i].Command, i + 1, at);
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
        var keys = new { id = command.Id.ToString(), job = command.Job.ToString() };
        if (await HasCommandAsync(connection, transaction, command.Id))
        {
            return null;
        }

        var at = time.GetUtcNow().ToString("O");
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
            var key = new { id = id.ToString() };
            if (
                await connection.QuerySingleOrDefaultAsync<(string Job, string Says, string? Undoes, string Kind)?>(
                    "SELECT c.job, c.says, c.undoes, c.kind FROM job_command c JOIN job j ON j.id = c.job WHERE c.id = @id AND j.removed <> 2",
                    key
                )
                is not { } command
            )
            {
                return null;
            }

            var edits = await connection.QueryAsync<(string Part, string Kind, bool WasThere, string? After)>(
                "SELECT part, kind, before IS NOT NULL, after FROM job_change WHERE command = @id ORDER BY position",
                key
            );
            return new(
                Guid.Parse(command.Job),
                command.Says,
                command.Undoes is { } undoes ? Guid.Parse(undoes) : null,
                string.Equals(command.Kind, Word(CommandKind.Import), StringComparison.Ordinal)
                    ? CommandKind.Import
                    : CommandKind.Change,
                [.. edits.Select(e => new StoredEdit(Guid.Parse(e.Part), e.Kind, e.WasThere, e.After))]
            );
        });

    private static Task AddCommandAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        JobCommand command,
        long sequence,
        string at
    ) =>
        connection.ExecuteAsync(
            "INSERT INTO job_command (id, job, sequence, person, at, says, undoes, kind) VALUES (@id, @job, @sequence, @person, @at, @Says, @undoes, @kind)",
            new
            {
                id = command.Id.ToString(),
                job = command.Job.ToString(),
                sequence,
                person = command.Person.ToString(),
                at,
                command.Says,
                undoes = command.Undoes?.ToString(),
                kind = Word(command.Kind),
            },
            transaction
        );

    /// <summary>Whether a command of this id was stored.</summary>
    internal static Task<bool> HasCommandAsync(SqliteConnection connection, SqliteTransaction transaction, Guid id) =>
        connection.ExecuteScalarAsync<bool>(
            "SELECT EXISTS (SELECT 1 FROM job_command c JOIN job j ON j.id = c.job WHERE c.id = @id AND j.removed <> 2)",
            new { id = id.ToString() },
            transaction
        );

    /// <summary>Keeps what a card shows.</summary>
    public Task<int> SummariseAsync(Guid job, string summary, CancellationToken cancellation) =>
        database.WriteAsync(
            (connection, transaction) =>
                connection.ExecuteAsync(
                    "UPDATE job SET summary = @summary WHERE id = @job",
                    new { job = job.ToString(), summary },
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
                    new { job = job.ToString(), removed },
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
                new { job = job.ToString(), command = command.ToString() }
            );
            if (says is null)
            {
                return null;
            }

            // A part that is as the command left it can go back, whatever came and was undone in between.
            var changes = await connection.QueryAsync<(string Part, string Kind, string? Before, long Version)>(
                """
                SELECT g.part, g.kind, g.before, CASE WHEN p.body IS g.after THEN coalesce(p.version, 0) ELSE g.version_after END
                FROM job_change g LEFT JOIN job_part p ON p.job = @job AND p.id = g.part
                WHERE g.command = @command ORDER BY g.position DESC
                """,
                new { job = job.ToString(), command = command.ToString() }
            );
            return (says, changes.Select(c => new JobEdit(Guid.Parse(c.Part), c.Kind, c.Before, c.Version)).ToList());
        });

    /// <summary>Commands, newest first, below a sequence.</summary>
    public Task<List<JobCommandRow>> CommandsAsync(Guid job, long below, int most) =>
        database.ReadAsync(async connection => (
                await connection.QueryAsync<CommandRow>(
                    """
                    SELECT c.id, c.sequence, p.name AS Person, c.at, c.says, c.undoes,
                           EXISTS (SELECT 1 FROM job_command u WHERE u.undoes = c.id) AS Undone,
                           (SELECT count(*) FROM job_change g WHERE g.command = c.id) AS Parts
                    FROM job_command c JOIN person p ON p.id = c.person
                    WHERE c.job = @job AND c.sequence < @below ORDER BY c.sequence DESC LIMIT @most
                    """,
                    new
                    {
                        job = job.ToString(),
                        below,
                        most,
                    }
                )
            ).Select(r => r.Read()).ToList());

    private static string Word(CommandKind kind) => kind == CommandKind.Import ? "import" : "change";

    private static DateTimeOffset Time(string at) => DateTimeOffset.Parse(at, CultureInfo.InvariantCulture);

    private sealed class CommandRow
    {
        public string Id { get; init; } = "";

        public long Sequence { get; init; }

        public string Person { get; init; } = "";

        public string At { get; init; } = "";

        public string Says { get; init; } = "";

        public string? Undoes { get; init; }

        public long Undone { get; init; }

        public long Parts { get; init; }

        public JobCommandRow Read() =>
            new(
                Guid.Parse(Id),
                Sequence,
                Person,
                Time(At),
                Says,
                Undoes is null ? null : Guid.Parse(Undoes),
                Undone != 0,
                (int)Parts
            );
    }
}
