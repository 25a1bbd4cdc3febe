using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>Puts a backup back.</summary>
public static class Restore
{
    /// <summary>
    /// Puts an archive back into a folder that holds no data yet. The archive, its database and the record in it are
    /// checked before anything is touched. Throws <see cref="DataFolderException"/> with a sentence where they do not
    /// hold.
    /// </summary>
    public static async Task FromAsync(string file, string folder, CancellationToken cancellation)
    {
        var database = Path.Combine(folder, LacetDatabase.FileName);
        if (File.Exists(database))
        {
            throw new DataFolderException(
                $"{folder} holds data already. Restore into an empty folder: --data DIR.",
                null
            );
        }

        // Beside the folder it goes to, so that it is moved in one step; in a folder of its own, that only its owner
        // reads.
        var aside = Path.TrimEndingDirectorySeparator(Path.GetFullPath(folder)) + ".restoring";
        try
        {
            RemoveLeftovers(aside);
            DataFiles.MakeFolder(aside);
            var unpacked = Path.Combine(aside, LacetDatabase.FileName);
            BackupArchive.Extract(file, unpacked);
            await CheckAsync(file, aside, cancellation);
            DataFiles.MakeFolder(folder);
            SetAside(database);
            File.Move(unpacked, database);
        }
        catch (Exception exception) when (exception is IOException or UnauthorizedAccessException or SqliteException)
        {
            throw new DataFolderException($"The backup {file} cannot be restored: {exception.Message}", exception);
        }
        finally
        {
            RemoveLeftovers(aside);
        }
    }

    /// <summary>Opens it as a server would, brought up to date where it is older, and walks its record.</summary>
    private static async Task CheckAsync(string file, string aside, CancellationToken cancellation)
    {
        try
        {
            using var database = LacetDatabase.Open(aside);
            var report = await new EventsTable(database, new JobsTable(database, TimeProvider.System)).VerifyAsync(
                cancellation
            );
            if (!report.IsWhole)
            {
                throw new DataFolderException($"Its record is not whole. {report.Says}", null);
            }
        }
        catch (DataFolderException exception)
        {
            throw new DataFolderException(
                $"The backup {file} is not restored. {exception.Message} Nothing was changed.",
                exception
            );
        }
    }

    /// <summary>
    /// What an old database left beside its place belongs to that one: taken for the new one’s, it would damage it.
    /// </summary>
    private static void SetAside(string database)
    {
        foreach (var left in new[] { database + "-wal", database + "-shm", database + "-journal" }.Where(File.Exists))
        {
            var to = left + ".old";
            for (var i = 2; File.Exists(to); i++)
            {
                to = FormattableString.Invariant($"{left}.old-{i}");
            }

            File.Move(left, to);
        }
    }

    private static void RemoveLeftovers(string aside)
    {
        if (Directory.Exists(aside))
        {
            Directory.Delete(aside, recursive: true);
        }
    }
}
