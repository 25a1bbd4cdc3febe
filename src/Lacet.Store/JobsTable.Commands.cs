using Dapper;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <content>Commands, and what they changed.</content>
public sealed partial class JobsTable
{
    /// <summary>A command as it was stored, in whichever job; null where there is none of this id.</summary>
    public Task<StoredCommand?> FindCommandAsync(Guid id) =>
        database.ReadAsync<StoredCommand?>(async connection =>
        {
            var key = new { id };
            if (
                await connection.QuerySingleOrDefaultAsync<(
                    Guid Job,
                    Guid Person,
                    string Says,
                    Guid? Undoes,
                    string Kind
                )?>(
                    "SELECT c.job, c.person, c.says, c.undoes, c.kind FROM job_command c JOIN job j ON j.id = c.job WHERE c.id = @id AND j.removed <> 2",
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
                command.Person,
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
                    $"""
                    SELECT c.id, c.sequence, {PeopleTable.NameSaid} AS Person, c.at, c.says, c.undoes,
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

    /// <summary>What a command made of its first parts, as JSON, and how many it changed; none where there is no such command.</summary>
    public Task<(List<(Guid Part, string? Before, string? After)> Changes, int Parts)> ChangesOfAsync(
        Guid job,
        Guid command,
        int most
    ) =>
        database.ReadAsync(async connection =>
        {
            var key = new
            {
                job,
                command,
                most,
            };
            var parts = await connection.ExecuteScalarAsync<int>(
                "SELECT count(*) FROM job_change g JOIN job_command c ON c.id = g.command WHERE c.id = @command AND c.job = @job",
                key
            );
            var changes = await connection.QueryAsync<(Guid Part, string? Before, string? After)>(
                """
                SELECT g.part, g.before, g.after FROM job_change_whole g JOIN job_command c ON c.id = g.command
                WHERE c.id = @command AND c.job = @job ORDER BY g.position LIMIT @most
                """,
                key
            );
            return (changes.AsList(), parts);
        });

    private static string Word(CommandKind kind) => kind == CommandKind.Import ? "import" : "change";
}
