using Dapper;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>The database file: opened, migrated, checked. One writer at a time, many readers.</summary>
public sealed partial class LacetDatabase : IDisposable
{
    private readonly string _connectionString;
    private readonly SemaphoreSlim _writer = new(1, 1);
    private long _heldSince = long.MinValue / 2;
    private readonly FileStream? _taken;
    private readonly GroupedWrites _grouped;

    static LacetDatabase() => StoredTypes.Register();

    private LacetDatabase(string connectionString, FileStream? taken)
    {
        (_connectionString, _taken) = (connectionString, taken);
        _grouped = new(write =>
            WriteAsync(
                async (connection, transaction) =>
                {
                    await write(connection, transaction);
                    return true;
                },
                CancellationToken.None
            )
        );
    }

    /// <summary>Name of the database file in the data folder.</summary>
    public const string FileName = "lacet.db";

    /// <summary>
    /// Name of the file whose lock says that a server uses the folder. The lock goes with its process, however that
    /// ends.
    /// </summary>
    private const string LockName = "lacet.lock";

    /// <summary>SQLITE_BUSY: sqlite.org/rescode.html.</summary>
    private const int SqliteBusy = 5;

    /// <summary>So long somebody waits for a database that another program holds; then it is said.</summary>
    private const int LongestWaitSeconds = 4;

    /// <summary>Reads with a connection of its own.</summary>
    public async Task<T> ReadAsync<T>(Func<SqliteConnection, Task<T>> read)
    {
        await using var connection = await ConnectAsync();
        return await read(connection);
    }

    /// <summary>Told of each connection before it is used; tests let it fail there as a disk would.</summary>
    internal Action<SqliteConnection>? Opened { get; set; }

    /// <summary>A connection for reading on for a while, such as an export; the caller disposes it.</summary>
    public Task<SqliteConnection> ConnectAsync() => ConnectAsync("FULL");

    private async Task<SqliteConnection> ConnectAsync(string synchronous)
    {
        var connection = new SqliteConnection(_connectionString);
        await connection.OpenAsync();
        Opened?.Invoke(connection);
        await connection.ExecuteAsync($"PRAGMA synchronous = {synchronous}");
        return connection;
    }

    /// <summary>Writes in one transaction; writers queue.</summary>
    public Task<T> WriteAsync<T>(
        Func<SqliteConnection, SqliteTransaction, Task<T>> write,
        CancellationToken cancellation
    ) => WriteAsync(write, "FULL", cancellation);

    /// <summary>
    /// The same for what takes a moment only: what waits at the same time waits for the disk once, each still all or
    /// nothing.
    /// </summary>
    internal Task<T> WriteTogetherAsync<T>(
        Func<SqliteConnection, SqliteTransaction, Task<T>> write,
        CancellationToken cancellation
    ) => _grouped.WriteAsync(write, cancellation);

    /// <summary>
    /// The same for a piece of something larger, which counts for nothing before a later
    /// <see cref="WriteAsync{T}(Func{SqliteConnection, SqliteTransaction, Task{T}}, CancellationToken)"/> says that it
    /// does: that one waits for the disk, for all that was written before it.
    /// </summary>
    internal Task<T> WriteLaterAsync<T>(
        Func<SqliteConnection, SqliteTransaction, Task<T>> write,
        CancellationToken cancellation
    ) => WriteAsync(write, "NORMAL", cancellation);

    private async Task<T> WriteAsync<T>(
        Func<SqliteConnection, SqliteTransaction, Task<T>> write,
        string synchronous,
        CancellationToken cancellation
    )
    {
        await _writer.WaitAsync(cancellation);
        try
        {
            await using var connection = await ConnectAsync(synchronous);
            await using var transaction = Begin(connection);
            try
            {
                var result = await write(connection, transaction);
                await transaction.CommitAsync(cancellation);
                return result;
            }
            catch
            {
                RollBack(connection, transaction);
                throw;
            }
        }
        finally
        {
            _writer.Release();
        }
    }

    /// <summary>
    /// A connection that cannot even take back what it began is not used again: the next would find itself in the
    /// middle of it.
    /// </summary>
    private static void RollBack(SqliteConnection connection, SqliteTransaction transaction)
    {
        try
        {
            transaction.Rollback();
        }
        catch (Exception exception) when (exception is SqliteException or InvalidOperationException)
        {
            SqliteConnection.ClearPool(connection);
        }
    }

    /// <summary>
    /// Immediate: the lock is taken before anything is read that the write rests on. Whoever comes while another
    /// program has just been waited for in vain does not wait for it once more.
    /// </summary>
    private SqliteTransaction Begin(SqliteConnection connection)
    {
        var now = Environment.TickCount64;
        connection.DefaultTimeout = now - _heldSince < LongestWaitSeconds * 1000 ? 1 : LongestWaitSeconds;
        try
        {
            var transaction = connection.BeginTransaction(deferred: false);
            _heldSince = long.MinValue / 2;
            return transaction;
        }
        catch (SqliteException exception) when (exception.SqliteErrorCode == SqliteBusy)
        {
            _heldSince = Environment.TickCount64;
            throw;
        }
        catch
        {
            // It may have begun all the same.
            SqliteConnection.ClearPool(connection);
            throw;
        }
    }

    /// <summary>Copies the whole database as it is at this moment, while it is in use.</summary>
    public static void Copy(string folder, string toFile)
    {
        using var from = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = Path.Combine(folder, FileName),
                Mode = SqliteOpenMode.ReadWrite,
                Pooling = false,
            }.ToString()
        );
        using var to = new SqliteConnection(
            new SqliteConnectionStringBuilder { DataSource = toFile, Pooling = false }.ToString()
        );
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
        _taken?.Dispose();
    }
}
