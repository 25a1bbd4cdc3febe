using System.Collections.Concurrent;
using System.Runtime.ExceptionServices;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>
/// Short writes that wait at the same time go into one transaction and wait for the disk once. Each is a savepoint of its
/// own: one that is refused changes nothing, and takes nothing of the others with it. Nobody is answered before the
/// transaction of all of them is on the disk; where it cannot be, all of them are told so.
/// </summary>
/// <param name="inTurn">Stores in one transaction, when it is its turn among all writers.</param>
internal sealed class GroupedWrites(Func<Func<SqliteConnection, SqliteTransaction, Task>, Task> inTurn)
{
    /// <summary>So many wait for each other at most.</summary>
    private const int Most = 64;

    private readonly ConcurrentQueue<Waiting> _waiting = new();
    private int _isStoring;

    /// <summary>Writes, together with what else waits. Given up before its turn came, it writes nothing.</summary>
    internal async Task<T> WriteAsync<T>(
        Func<SqliteConnection, SqliteTransaction, Task<T>> write,
        CancellationToken cancellation
    )
    {
        var result = default(T);
        var mine = new Waiting(
            async (connection, transaction) => result = await write(connection, transaction),
            cancellation
        );
        _waiting.Enqueue(mine);
        if (Interlocked.CompareExchange(ref _isStoring, 1, 0) == 0)
        {
            _ = Task.Run(StoreAllAsync, CancellationToken.None);
        }

        await mine.Stored;
        return result!;
    }

    private async Task StoreAllAsync()
    {
        do
        {
            while (!_waiting.IsEmpty)
            {
                await StoreGroupAsync();
            }

            Volatile.Write(ref _isStoring, 0);
            // Who came between the last look and that found somebody storing, and was not seen.
        } while (!_waiting.IsEmpty && Interlocked.CompareExchange(ref _isStoring, 1, 0) == 0);
    }

    private async Task StoreGroupAsync()
    {
        var group = new List<Waiting>();
        try
        {
            await inTurn(
                async (connection, transaction) =>
                {
                    // Taken when the turn has come: whoever came meanwhile comes along.
                    while (group.Count < Most && _waiting.TryDequeue(out var next))
                    {
                        group.Add(next);
                        await next.WriteAsync(connection, transaction);
                    }
                }
            );
            group.ForEach(w => w.Answer(null));
        }
        catch (Exception exception)
        {
            if (group.Count == 0 && _waiting.TryDequeue(out var first))
            {
                group.Add(first);
            }

            group.ForEach(w => w.Answer(exception));
        }
    }

    /// <summary>A write that waits, and who waits for it.</summary>
    private sealed class Waiting(Func<SqliteConnection, SqliteTransaction, Task> write, CancellationToken cancellation)
    {
        private const string Mine = "one_of_many";

        private readonly TaskCompletionSource _stored = new(TaskCreationOptions.RunContinuationsAsynchronously);
        private Exception? _refused;

        /// <summary>When it is on the disk; throws what it was refused for, or why nothing could be stored.</summary>
        internal Task Stored => _stored.Task;

        /// <summary>
        /// Writes within a savepoint, and takes that back where it is refused. Throws only where even that cannot be
        /// done: then the transaction is no more.
        /// </summary>
        internal async Task WriteAsync(SqliteConnection connection, SqliteTransaction transaction)
        {
            if (cancellation.IsCancellationRequested)
            {
                _refused = new OperationCanceledException(cancellation);
                return;
            }

            await transaction.SaveAsync(Mine, CancellationToken.None);
            try
            {
                await write(connection, transaction);
            }
            catch (Exception exception)
            {
                _refused = exception;
                await TakeBackAsync(transaction, exception);
            }

            await transaction.ReleaseAsync(Mine, CancellationToken.None);
        }

        /// <summary>A disk that is full ends the whole transaction: then that is what all are told.</summary>
        private static async Task TakeBackAsync(SqliteTransaction transaction, Exception refused)
        {
            try
            {
                await transaction.RollbackAsync(Mine, CancellationToken.None);
            }
            catch (Exception exception) when (exception is SqliteException or InvalidOperationException)
            {
                ExceptionDispatchInfo.Throw(refused);
            }
        }

        /// <summary>Tells who waits: refused, stored, or not stored with all the others.</summary>
        internal void Answer(Exception? all)
        {
            if ((all ?? _refused) is { } exception)
            {
                _stored.TrySetException(exception);
            }
            else
            {
                _stored.TrySetResult();
            }
        }
    }
}
