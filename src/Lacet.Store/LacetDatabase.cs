using Dapper;
using DbUp;
using DbUp.Engine.Output;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>The database file: opened, migrated, checked. One writer at a time, many readers.</summary>
public sealed class LacetDatabase : IDisposable
{
    private readonly string _connectionString;
    private readonly SemaphoreSlim _writer = new(1, 1);
    private readonly FileStream _taken;

    private LacetDatabase(string connectionString, FileStream taken) => (_connectionString, _taken) = (connectionString, taken);

    /// <summary>Name of the database file in the data folder.</summary>
    public const string FileName = "lacet.db";

    /// <summary>Name of the file whose lock says that a server uses the folder. The lock goes with its process, however that ends.</summary>
    private const string LockName = "lacet.lock";

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
            Directory.CreateDirectory(folder);
            taken = Take(folder);
            var file = Path.Combine(folder, FileName);
            var database = new LacetDatabase(new SqliteConnectionStringBuilder
            {
                DataSource = file,
                ForeignKeys = true,
                DefaultTimeout = 30,
            }.ToString(), taken);
            database.Migrate();
            database.CheckIntegrity(file);
            return database;
        }
        catch (Exception exception)
        {
            taken?.Dispose();
            if (exception is IOException or UnauthorizedAccessException or SqliteException)
            {
                throw new DataFolderException($"The data folder {folder} cannot be used: {exception.Message}", exception);
            }

            throw;
        }
    }

    private static FileStream Take(string folder)
    {
        try
        {
            return new FileStream(Path.Combine(folder, LockName), FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None);
        }
        catch (IOException exception) when (File.Exists(Path.Combine(folder, LockName)))
        {
            throw new DataFolderException($"Another Lacet uses the data folder {folder}. Stop it first, or give this one a folder of its own: --data DIR.", exception);
        }
    }

    /// <summary>Reads with a connection of its own.</summary>
    public async Task<T> ReadAsync<T>(Func<SqliteConnection, Task<T>> read)
    {
        await using var connection = await ConnectAsync();
        return await read(connection);
    }

    /// <summary>A connection for reading on for a while, such as an export; the caller disposes it.</summary>
    public async Task<SqliteConnection> ConnectAsync()
    {
        var connection = new SqliteConnection(_connectionString);
        await connection.OpenAsync();
        await connection.ExecuteAsync("PRAGMA synchronous = FULL; PRAGMA busy_timeout = 5000");
        return connection;
    }

    /// <summary>Writes in one transaction; writers queue.</summary>
    public async Task<T> WriteAsync<T>(Func<SqliteConnection, SqliteTransaction, Task<T>> write, CancellationToken cancellation)
    {
        await _writer.WaitAsync(cancellation);
        try
        {
            await using var connection = await ConnectAsync();
            // Immediate: the lock is taken before anything is read that the write rests on.
            await using var transaction = connection.BeginTransaction(deferred: false);
            var result = await write(connection, transaction);
            await transaction.CommitAsync(cancellation);
            return result;
        }
        finally
        {
            _writer.Release();
        }
    }

    /// <summary>Copies the whole database as it is at this moment, while it is in use.</summary>
    public static void Copy(string folder, string toFile)
    {
        using var from = new SqliteConnection(new SqliteConnectionStringBuilder
        {
            DataSource = Path.Combine(folder, FileName),
            Mode = SqliteOpenMode.ReadWrite,
            Pooling = false,
        }.ToString());
        using var to = new SqliteConnection(new SqliteConnectionStringBuilder { DataSource = toFile, Pooling = false }.ToString());
        from.Open();
        to.Open();
        from.BackupDatabase(to);
        // One file, without a write-ahead log beside it.
        to.Execute("PRAGMA journal_mode = DELETE");
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        _writer.Dispose();
        using var connection = new SqliteConnection(_connectionString);
        SqliteConnection.ClearPool(connection);
        _taken.Dispose();
    }

    private void Migrate()
    {
        using (var connection = new SqliteConnection(_connectionString))
        {
            connection.Open();
            connection.Execute("PRAGMA journal_mode = WAL");
        }

        var result = DeployChanges.To
            .SqliteDatabase(_connectionString)
            .WithScriptsEmbeddedInAssembly(typeof(LacetDatabase).Assembly, name => name.EndsWith(".sql", StringComparison.Ordinal))
            .WithTransactionPerScript()
            .LogTo(new NoOpUpgradeLog())
            .Build()
            .PerformUpgrade();
        if (!result.Successful)
        {
            throw new DataFolderException($"The database could not be brought up to date: {result.Error.Message}", result.Error);
        }
    }

    private void CheckIntegrity(string file)
    {
        using var connection = new SqliteConnection(_connectionString);
        connection.Open();
        var found = connection.ExecuteScalar<string>("PRAGMA quick_check(1)");
        if (!string.Equals(found, "ok", StringComparison.Ordinal))
        {
            throw new DataFolderException($"The database {file} is damaged ({found}). Restore a backup; nothing was changed.", null);
        }
    }
}
