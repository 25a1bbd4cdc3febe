using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <content>How it is opened: by the server, only to read, or beside a server.</content>
public sealed partial class LacetDatabase
{
    /// <summary>
    /// Opens the database of a data folder, made if absent, and brings it up to date. Throws
    /// <see cref="DataFolderException"/> with a sentence where the folder cannot be used, or is in use: what is open in
    /// memory here would not see what another server writes.
    /// </summary>
    public static LacetDatabase Open(string folder)
    {
        FileStream? taken = null;
        try
        {
            DataFiles.MakeFolder(folder);
            taken = Take(folder);
            var file = Path.Combine(folder, FileName);
            // SQLite gives what it makes beside a database the database’s own rights.
            DataFiles.Open(file, FileMode.OpenOrCreate, FileShare.ReadWrite).Dispose();
            DataFiles.Keep(file, file + "-wal", file + "-shm", Path.Combine(folder, LockName));
            var database = new LacetDatabase(
                new SqliteConnectionStringBuilder
                {
                    DataSource = file,
                    ForeignKeys = true,
                    DefaultTimeout = LongestWaitSeconds,
                }.ToString(),
                taken
            );
            DatabaseSchema.CheckVersion(database._connectionString, file);
            DatabaseSchema.Migrate(database._connectionString);
            DatabaseSchema.CheckIntegrity(database._connectionString, file);
            DatabaseSchema.RemoveUnfinished(database._connectionString);
            return database;
        }
        catch (Exception exception)
        {
            taken?.Dispose();
            if (exception is IOException or UnauthorizedAccessException or SqliteException)
            {
                throw new DataFolderException(
                    $"The data folder {folder} cannot be used: {exception.Message}",
                    exception
                );
            }

            throw;
        }
    }

    /// <summary>
    /// Opens the database of a data folder only to read it, whether or not a server uses it. Throws
    /// <see cref="DataFolderException"/> with a sentence where it cannot be read, is damaged, or is of another version.
    /// </summary>
    public static LacetDatabase OpenToRead(string folder)
    {
        var file = Path.Combine(folder, FileName);
        if (!File.Exists(file))
        {
            throw new DataFolderException($"There is no Lacet data in {folder}.", null);
        }

        var database = new LacetDatabase(
            new SqliteConnectionStringBuilder
            {
                DataSource = file,
                Mode = SqliteOpenMode.ReadOnly,
                DefaultTimeout = LongestWaitSeconds,
                Pooling = false,
            }.ToString(),
            null
        );
        try
        {
            DatabaseSchema.CheckVersion(database._connectionString, file);
            DatabaseSchema.CheckIntegrity(database._connectionString, file);
            DatabaseSchema.CheckMigrated(database._connectionString, file);
            return database;
        }
        catch (SqliteException exception)
        {
            throw new DataFolderException(
                $"The database {file} cannot be read: {exception.Message}. Nothing was changed.",
                exception
            );
        }
    }

    /// <summary>
    /// Opens the database of a data folder to write what no server keeps in its memory, whether or not one uses it; made
    /// if absent. Throws <see cref="DataFolderException"/> with a sentence where it cannot be used.
    /// </summary>
    public static LacetDatabase OpenBeside(string folder)
    {
        var file = Path.Combine(folder, FileName);
        if (!File.Exists(file))
        {
            return Open(folder);
        }

        var connection = new SqliteConnectionStringBuilder
        {
            DataSource = file,
            ForeignKeys = true,
            DefaultTimeout = LongestWaitSeconds,
            Pooling = false,
        }.ToString();
        DatabaseSchema.CheckVersion(connection, file);
        DatabaseSchema.CheckMigrated(connection, file);
        return new(connection, null);
    }

    private static FileStream Take(string folder)
    {
        try
        {
            return DataFiles.Open(Path.Combine(folder, LockName), FileMode.OpenOrCreate);
        }
        catch (IOException exception) when (File.Exists(Path.Combine(folder, LockName)))
        {
            throw new DataFolderException(
                $"Another Lacet uses the data folder {folder}. Stop it first, or give this one a folder of its own: --data DIR.",
                exception
            );
        }
    }
}
