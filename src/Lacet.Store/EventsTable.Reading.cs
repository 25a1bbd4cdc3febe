using System.Runtime.CompilerServices;
using Dapper;
using Lacet.Core.Records;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <content>Reading events, and walking the chain.</content>
public sealed partial class EventsTable
{
    /// <summary>An event by id; null where there is none.</summary>
    public Task<StoredEvent?> FindAsync(Guid id) =>
        database.ReadAsync(async connection =>
            (await connection.QuerySingleOrDefaultAsync<Row>(Columns + "WHERE e.id = @id", new { id }))?.Read()
        );

    /// <summary>Events newest first, below a sequence, at most so many.</summary>
    public Task<List<StoredEvent>> NewestAsync(long below, int most) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<Row>(
                    Columns + "WHERE e.sequence < @below ORDER BY e.sequence DESC LIMIT @most",
                    new { below, most }
                )
            )
                .Select(r => r.Read())
                .ToList()
        );

    /// <summary>What was recorded of a job, oldest first; what was taken back is marked.</summary>
    public Task<List<StoredEvent>> OfJobAsync(Guid job) =>
        database.ReadAsync(async connection =>
            (await connection.QueryAsync<Row>(Columns + "WHERE e.job = @job ORDER BY e.sequence", new { job }))
                .Select(r => r.Read())
                .ToList()
        );

    /// <summary>Jobs of which something was recorded that is about no end: how their enclosures were made dead.</summary>
    public Task<List<Guid>> JobsWithEnclosuresAsync() =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<Guid>(
                    "SELECT DISTINCT job FROM event WHERE job IS NOT NULL AND wire_end IS NULL"
                )
            ).AsList()
        );

    /// <summary>How many events there are.</summary>
    public Task<long> CountAsync() =>
        database.ReadAsync(connection =>
            connection.ExecuteScalarAsync<long>("SELECT coalesce(max(sequence), 0) FROM event")
        );

    /// <summary>All events, oldest first, read a few hundred at a time.</summary>
    public async IAsyncEnumerable<StoredEvent> AllAsync([EnumeratorCancellation] CancellationToken cancellation)
    {
        await using var connection = await database.ConnectAsync();
        var after = 0L;
        while (true)
        {
            var page = (
                await connection.QueryAsync<Row>(
                    new CommandDefinition(
                        Columns + "WHERE e.sequence > @after ORDER BY e.sequence LIMIT 500",
                        new { after },
                        cancellationToken: cancellation
                    )
                )
            ).AsList();
            foreach (var row in page)
            {
                yield return row.Read();
            }

            if (page.Count < 500)
            {
                yield break;
            }

            after = page[^1].Sequence;
        }
    }

    /// <summary>Walks the whole chain, with what events are found by and whose names they bear.</summary>
    public async Task<ChainReport> VerifyAsync(CancellationToken cancellation, IProgress<long>? progress = null)
    {
        await using var connection = await database.ConnectAsync();
        return await Task.Run(() => Walk(connection, progress, cancellation), cancellation);
    }

    /// <summary>The place of the event with that hash, or with one that begins so; null where there is none.</summary>
    public Task<long?> FindHeadAsync(string head) =>
        database.ReadAsync(connection =>
            connection.QueryFirstOrDefaultAsync<long?>(
                "SELECT sequence FROM event WHERE substr(hash, 1, length(@head)) = @head ORDER BY sequence",
                new { head = head.ToLowerInvariant() }
            )
        );

    private static ChainReport Walk(
        SqliteConnection connection,
        IProgress<long>? progress,
        CancellationToken cancellation
    )
    {
        var names = connection
            .Query<(Guid Id, string Name, byte[] Salt)>("SELECT id, name, salt FROM person WHERE name <> ''")
            .ToDictionary(p => p.Id, p => (p.Name, p.Salt));
        var digests = new Dictionary<Guid, string>();
        return Seal.Verify(
            connection
                .Query<Row>(
                    "SELECT sequence, bytes, hash, 0 AS Withdrawn, id, corrects, job, wire_end AS WireEnd FROM event ORDER BY sequence",
                    buffered: false
                )
                .Select(row =>
                {
                    cancellation.ThrowIfCancellationRequested();
                    return new SealedEvent(
                        row.Sequence,
                        row.Bytes,
                        row.Hash,
                        new(row.Id, row.Corrects, row.Job, row.WireEnd)
                    );
                }),
            NameHolds,
            progress
        );

        // Who is not there any more was erased, and that is allowed.
        bool NameHolds(Guid person, string digest)
        {
            if (!names.TryGetValue(person, out var known))
            {
                return true;
            }

            if (!digests.TryGetValue(person, out var now))
            {
                digests.Add(person, now = Seal.Digest(known.Salt, known.Name));
            }

            return string.Equals(now, digest, StringComparison.Ordinal);
        }
    }
}
