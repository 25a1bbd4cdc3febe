using Dapper;
using DbUp;
using DbUp.Engine.Output;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>
/// The shape of the database: of which version it is, brought up to date, whole, and without what was never finished.
/// </summary>
internal static class DatabaseSchema
{
    /// <summary>
    /// Refuses a database that a later version has changed: what that added would be lost here without a word.
    /// </summary>
    internal static void CheckVersion(string connectionString, string file)
    {
        var unknown = Applied(connectionString).Except(Migrations(), StringComparer.Ordinal).ToList();
        if (unknown is [var newer, ..])
        {
            throw new DataFolderException(
                $"The database {file} was written by a newer Lacet ({newer}). Start that one; nothing was changed.",
                null
            );
        }
    }

    internal static void CheckMigrated(string connectionString, string file)
    {
        if (Migrations().Except(Applied(connectionString), StringComparer.Ordinal).Any())
        {
            throw new DataFolderException(
                $"The database {file} is of an older version. Start Lacet on it once, which brings it up to date.",
                null
            );
        }
    }

    private static List<string> Applied(string connectionString)
    {
        using var connection = new SqliteConnection(connectionString);
        connection.Open();
        return connection.ExecuteScalar<bool>(
            "SELECT EXISTS (SELECT 1 FROM sqlite_schema WHERE name = 'SchemaVersions')"
        )
            ? [.. connection.Query<string>("SELECT ScriptName FROM SchemaVersions")]
            : [];
    }

    private static IEnumerable<string> Migrations() =>
        typeof(LacetDatabase).Assembly.GetManifestResourceNames().Where(IsMigration);

    private static bool IsMigration(string name) => name.EndsWith(".sql", StringComparison.Ordinal);

    internal static void Migrate(string connectionString)
    {
        using (var connection = new SqliteConnection(connectionString))
        {
            connection.Open();
            connection.Execute("PRAGMA journal_mode = WAL");
        }

        var result = DeployChanges
            .To.SqliteDatabase(connectionString)
            .WithScriptsEmbeddedInAssembly(typeof(LacetDatabase).Assembly, IsMigration)
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new DataFolderException(
                $"The database could not be brought up to date: {result.Error.Message}",
                result.Error
            );
        }
    }

    /// <summary>How a job is marked that is being made, and is not there yet.</summary>
    internal const int Unfinished = 2;

    /// <summary>Takes out what a server that was killed was making.</summary>
    internal static void RemoveUnfinished(string connectionString)
    {
        using var connection = new SqliteConnection(connectionString);
        connection.Open();
        using var transaction = connection.BeginTransaction(deferred: false);
        foreach (
            var job in connection
                .Query<Guid>("SELECT id FROM job WHERE removed = @Unfinished", new { Unfinished }, transaction)
                .ToList()
        )
        {
            RemoveUnfinishedAsync(connection, transaction, job).GetAwaiter().GetResult();
        }

        transaction.Commit();
    }

    /// <summary>Takes out a job that was not finished; one that was is left.</summary>
    internal static Task<int> RemoveUnfinishedAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        Guid job
    ) =>
        connection.ExecuteAsync(
            """
            DELETE FROM job_change WHERE command IN (SELECT c.id FROM job_command c JOIN job j ON j.id = c.job WHERE j.id = @job AND j.removed = @Unfinished);
            DELETE FROM job_command WHERE job = (SELECT id FROM job WHERE id = @job AND removed = @Unfinished);
            DELETE FROM job_part WHERE job = (SELECT id FROM job WHERE id = @job AND removed = @Unfinished);
            DELETE FROM job WHERE id = @job AND removed = @Unfinished
            """,
            new { job, Unfinished },
            transaction
        );

    internal static void CheckIntegrity(string connectionString, string file)
    {
        using var connection = new SqliteConnection(connectionString);
        connection.Open();
        var found = connection.ExecuteScalar<string>("PRAGMA quick_check(1)");
        if (!string.Equals(found, "ok", StringComparison.Ordinal))
        {
            throw new DataFolderException(
                $"The database {file} is damaged ({found}). Restore a backup; nothing was changed.",
                null
            );
        }
    }
}
