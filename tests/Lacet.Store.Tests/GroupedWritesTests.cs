using Dapper;
using Lacet.Store;
using Microsoft.Data.Sqlite;

namespace Lacet.Store.Tests;

/// <summary>Writes that share one wait for the disk: each all or nothing, and nobody is told of what is not there.</summary>
public sealed class GroupedWritesTests : IAsyncDisposable
{
    private readonly string _folder = Path.Combine(Path.GetTempPath(), $"lacet-test-{Guid.NewGuid():N}");
    private readonly LacetDatabase _database;

    public GroupedWritesTests()
    {
        _database = LacetDatabase.Open(_folder);
        using var connection = new SqliteConnection($"Data Source={Path.Combine(_folder, LacetDatabase.FileName)}");
        connection.Execute("CREATE TABLE note (id INTEGER PRIMARY KEY, text TEXT NOT NULL)");
    }

    public ValueTask DisposeAsync()
    {
        _database.Dispose();
        Directory.Delete(_folder, recursive: true);
        return ValueTask.CompletedTask;
    }

    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    private Task<int> PutAsync(
        int id,
        string text = "x",
        Exception? then = null,
        CancellationToken? cancellation = null
    ) =>
        _database.WriteTogetherAsync(
            async (connection, transaction) =>
            {
                await connection.ExecuteAsync("INSERT INTO note VALUES (@id, @text)", new { id, text }, transaction);
                return then is null ? id : throw then;
            },
            cancellation ?? Cancellation
        );

    private Task<List<int>> ThereAsync() =>
        _database.ReadAsync(async c => (await c.QueryAsync<int>("SELECT id FROM note ORDER BY id")).ToList());

    /// <summary>Two hundred at once, every third of them refused after it wrote: the others are there, and nothing of those.</summary>
    [Fact]
    public async Task One_that_is_refused_takes_nothing_with_it()
    {
        var all = Enumerable
            .Range(0, 200)
            .Select(i => Task.Run(() => PutAsync(i, then: i % 3 == 0 ? new InvalidDataException($"{i}") : null)))
            .ToList();
        await Task.WhenAll(all.Select(t => t.ContinueWith(_ => { }, TaskScheduler.Default)));
        for (var i = 0; i < all.Count; i++)
        {
            if (i % 3 == 0)
            {
                Assert.Equal($"{i}", (await Assert.ThrowsAsync<InvalidDataException>(() => all[i])).Message);
            }
            else
            {
                Assert.Equal(i, await all[i]);
            }
        }

        Assert.Equal(Enumerable.Range(0, 200).Where(i => i % 3 != 0), await ThereAsync());
    }

    /// <summary>
    /// Behind a write that holds the database many wait; they are stored by one transaction, of which a second
    /// connection sees all or none.
    /// </summary>
    [Fact]
    public async Task What_waits_together_is_stored_together()
    {
        var hold = new TaskCompletionSource();
        var first = _database.WriteAsync(
            async (_, _) =>
            {
                await hold.Task;
                return true;
            },
            Cancellation
        );
        var waiting = Enumerable.Range(0, 50).Select(i => PutAsync(i)).ToList();
        Assert.Empty(await ThereAsync());
        var seen = Task.Run(async () =>
        {
            while (true)
            {
                if ((await ThereAsync()).Count is > 0 and var count)
                {
                    return count;
                }
            }
        });
        hold.SetResult();
        await first;
        await Task.WhenAll(waiting);
        Assert.Equal(50, await seen);
    }

    /// <summary>Whoever went away while waiting wrote nothing; the others are not kept from it.</summary>
    [Fact]
    public async Task Given_up_before_its_turn_it_writes_nothing()
    {
        var hold = new TaskCompletionSource();
        var first = _database.WriteAsync(
            async (_, _) =>
            {
                await hold.Task;
                return true;
            },
            Cancellation
        );
        using var gone = new CancellationTokenSource();
        var (left, stays) = (PutAsync(1, cancellation: gone.Token), PutAsync(2));
        await gone.CancelAsync();
        hold.SetResult();
        await first;
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => left);
        Assert.Equal(2, await stays);
        Assert.Equal([2], await ThereAsync());
    }

    /// <summary>A full disk: what was told to be stored is there, and what was not told so is not.</summary>
    [Fact]
    public async Task On_a_full_disk_only_what_was_acknowledged_is_there()
    {
        _database.Opened = connection =>
            connection.Execute($"PRAGMA max_page_count = {connection.ExecuteScalar<long>("PRAGMA page_count") + 60}");
        var all = Enumerable
            .Range(0, 40)
            .Select(i => Task.Run(() => PutAsync(i, new string('x', i % 5 == 4 ? 4_000_000 : 20))))
            .ToList();
        await Task.WhenAll(all.Select(t => t.ContinueWith(_ => { }, TaskScheduler.Default)));
        _database.Opened = null;
        var acknowledged = all.FindAll(t => t.IsCompletedSuccessfully).ConvertAll(t => t.Result);
        acknowledged.Sort();
        Assert.Equal(acknowledged, await ThereAsync());
        Assert.InRange(acknowledged.Count, 0, 32);
        Assert.Equal(99, await PutAsync(99));
    }

    /// <summary>The disk goes away as the group begins: all are told, and the next is stored.</summary>
    [Fact]
    public async Task Where_nothing_can_be_stored_all_are_told()
    {
        _database.Opened = _ => throw new SqliteException("disk I/O error", 10);
        var all = Enumerable.Range(0, 10).Select(i => Task.Run(() => PutAsync(i))).ToList();
        foreach (var one in all)
        {
            await Assert.ThrowsAsync<SqliteException>(() => one);
        }

        _database.Opened = null;
        Assert.Equal(20, await PutAsync(20));
        Assert.Equal([20], await ThereAsync());
    }
}
