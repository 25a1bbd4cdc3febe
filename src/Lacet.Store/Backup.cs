using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>One archive of a data folder, taken while Lacet runs.</summary>
public static class Backup
{
    /// <summary>
    /// Writes the archive; what stood at that place before is replaced only once the new one is whole.
    /// </summary>
    public static void Write(string folder, string file)
    {
        if (!File.Exists(Path.Combine(folder, LacetDatabase.FileName)))
        {
            throw new DataFolderException($"There is no Lacet data in {folder}.", null);
        }

        var target = Path.GetFullPath(file);
        if (IsInside(target, folder))
        {
            throw new DataFolderException(
                "A backup inside the data folder would be lost with it. Choose another place.",
                null
            );
        }

        // Beside the target, and nowhere that others read: half of a database must not lie about.
        var (copy, part) = (target + ".copy.part", target + ".part");
        try
        {
            RemoveLeftovers(copy, part);
            DataFiles.Open(copy, FileMode.CreateNew).Dispose();
            LacetDatabase.Copy(folder, copy);
            BackupArchive.Write(copy, part);
            File.Move(part, target, overwrite: true);
        }
        catch (Exception exception) when (exception is IOException or UnauthorizedAccessException or SqliteException)
        {
            throw new DataFolderException($"The backup {file} cannot be written: {exception.Message}", exception);
        }
        finally
        {
            RemoveLeftovers(copy, part);
        }
    }

    private static bool IsInside(string target, string folder) =>
        target.StartsWith(
            Path.TrimEndingDirectorySeparator(Path.GetFullPath(folder)) + Path.DirectorySeparatorChar,
            StringComparison.Ordinal
        );

    /// <summary>What a backup that was killed left behind.</summary>
    private static void RemoveLeftovers(string copy, string part)
    {
        foreach (var file in new[] { copy, copy + "-journal", copy + "-wal", copy + "-shm", part })
        {
            File.Delete(file);
        }
    }
}
