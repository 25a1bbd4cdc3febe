using System.Runtime.CompilerServices;
using Dapper;
using Lacet.Core.Quantities;
using Lacet.Core.Records;

namespace Lacet.Store;

/// <summary>The table of events: appended to, read, never changed.</summary>
public sealed class EventsTable(LacetDatabase database, JobsTable jobs)
{
    private const string Columns =
        "SELECT e.sequence AS Sequence, e.bytes AS Bytes, e.hash AS Hash, EXISTS (SELECT 1 FROM event w WHERE w.corrects = e.id) AS Withdrawn FROM event e ";

    /// <summary>
    /// Appends an event, and makes the change of its job that belongs to it, both or neither. A conflict or a repeated event
    /// changes nothing. Throws <see cref="JobConflictException"/> where a part of the job has moved on, and
    /// <see cref="ImpossibleInputException"/> where what is taken back was taken back already.
    /// </summary>
    public Task<AppendedEvent> AppendAsync(NewEvent added, CancellationToken cancellation, JobChange? change = null) =>
        database.WriteAsync<AppendedEvent>(
            async (connection, transaction) =>
            {
                var id = added.Id.ToString();
                var before = await connection.QuerySingleOrDefaultAsync<(long Sequence, string Digest)?>(
                    "SELECT sequence, request_digest FROM event WHERE id = @id", new { id }, transaction);
                if (before is { } known)
                {
                    var stored = await connection.QuerySingleAsync<Row>(Columns + "WHERE e.sequence = @sequence", new { sequence = known.Sequence }, transaction);
                    var same = string.Equals(known.Digest, added.RequestDigest, StringComparison.Ordinal);
                    return same ? new(Appended.Repeated, stored.Read()) : new(Appended.Conflict, null);
                }

                if (change is not null && await JobsTable.HasCommandAsync(connection, transaction, change.Command.Id))
                {
                    return new(Appended.Conflict, null);
                }

                var corrects = added.Corrects?.ToString();
                if (corrects is not null && await connection.ExecuteScalarAsync<bool>("SELECT EXISTS (SELECT 1 FROM event WHERE corrects = @corrects)", new { corrects }, transaction))
                {
                    throw new ImpossibleInputException("corrects", "That event was taken back already.");
                }

                var last = await connection.QuerySingleOrDefaultAsync<(long Sequence, string Hash)?>(
                    "SELECT sequence, hash FROM event ORDER BY sequence DESC LIMIT 1", transaction: transaction);
                var sequence = (last?.Sequence ?? 0) + 1;
                var bytes = added.Write(sequence, last?.Hash ?? Seal.Origin);
                var hash = Seal.Of(bytes);
                await connection.ExecuteAsync(
                    """
                    INSERT INTO event (sequence, id, request_digest, corrects, bytes, hash, job, wire_end)
                    VALUES (@sequence, @id, @RequestDigest, @corrects, @bytes, @hash, @job, @end)
                    """,
                    new { sequence, id, added.RequestDigest, corrects, bytes, hash, job = added.Job?.ToString(), end = added.End?.ToString() },
                    transaction);
                var changed = change is null ? null : await jobs.ApplyAsync(connection, transaction, change);
                return new(Appended.Stored, new StoredEvent { Sequence = sequence, Bytes = bytes, Hash = hash, Withdrawn = false }, changed);
            },
            cancellation);

    /// <summary>An event by id; null where there is none.</summary>
    public Task<StoredEvent?> FindAsync(Guid id) => database.ReadAsync(async connection =>
        (await connection.QuerySingleOrDefaultAsync<Row>(Columns + "WHERE e.id = @id", new { id = id.ToString() }))?.Read());

    /// <summary>Events newest first, below a sequence, at most so many.</summary>
    public Task<List<StoredEvent>> NewestAsync(long below, int most) => database.ReadAsync(async connection =>
        (await connection.QueryAsync<Row>(
            Columns + "WHERE e.sequence < @below ORDER BY e.sequence DESC LIMIT @most", new { below, most })).Select(r => r.Read()).ToList());

    /// <summary>What stands at the ends of a job: events that were not taken back, oldest first.</summary>
    public Task<List<(Guid End, StoredEvent Event)>> StandingAsync(Guid job) => database.ReadAsync(async connection =>
        (await connection.QueryAsync<Row>(
            """
            SELECT e.sequence AS Sequence, e.bytes AS Bytes, e.hash AS Hash, 0 AS Withdrawn, e.wire_end AS WireEnd FROM event e
            WHERE e.job = @job AND e.corrects IS NULL AND e.wire_end IS NOT NULL AND NOT EXISTS (SELECT 1 FROM event w WHERE w.corrects = e.id)
            ORDER BY e.sequence
            """,
            new { job = job.ToString() })).Select(r => (Guid.Parse(r.WireEnd!), r.Read())).ToList());

    /// <summary>Whether anything was ever recorded at an end of a job, taken back or not.</summary>
    public Task<HashSet<Guid>> EndsWithEventsAsync(Guid job) => database.ReadAsync(async connection =>
        (await connection.QueryAsync<string>("SELECT DISTINCT wire_end FROM event WHERE job = @job AND wire_end IS NOT NULL", new { job = job.ToString() }))
        .Select(Guid.Parse).ToHashSet());

    /// <summary>How many events there are.</summary>
    public Task<long> CountAsync() => database.ReadAsync(connection =>
        connection.ExecuteScalarAsync<long>("SELECT coalesce(max(sequence), 0) FROM event"));

    /// <summary>All events, oldest first, read a few hundred at a time.</summary>
    public async IAsyncEnumerable<StoredEvent> AllAsync([EnumeratorCancellation] CancellationToken cancellation)
    {
        await using var connection = await database.ConnectAsync();
        var after = 0L;
        while (true)
        {
            var page = (await connection.QueryAsync<Row>(new CommandDefinition(
                Columns + "WHERE e.sequence > @after ORDER BY e.sequence LIMIT 500", new { after }, cancellationToken: cancellation))).AsList();
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

    /// <summary>Walks the whole chain.</summary>
    public async Task<ChainReport> VerifyAsync(CancellationToken cancellation)
    {
        await using var connection = await database.ConnectAsync();
        return await Task.Run(
            () => Seal.Verify(connection
                .Query<Row>("SELECT sequence AS Sequence, bytes AS Bytes, hash AS Hash, 0 AS Withdrawn FROM event ORDER BY sequence", buffered: false)
                .Select(r => new SealedEvent(r.Sequence, r.Bytes, r.Hash))),
            cancellation);
    }

    private sealed class Row
    {
        public long Sequence { get; init; }

        public byte[] Bytes { get; init; } = [];

        public string Hash { get; init; } = "";

        public long Withdrawn { get; init; }

        public string? WireEnd { get; init; }

        public StoredEvent Read() => new() { Sequence = Sequence, Bytes = Bytes, Hash = Hash, Withdrawn = Withdrawn != 0 };
    }
}
