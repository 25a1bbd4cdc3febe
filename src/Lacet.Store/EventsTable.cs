using System.Runtime.CompilerServices;
using Dapper;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>The table of events: appended to, read, never changed.</summary>
public sealed class EventsTable(LacetDatabase database, JobsTable jobs)
{
    /// <summary>The server itself among the devices: no device has an empty name.</summary>
    private const string Server = "";

    /// <summary>A few minutes are usual; more is a clock that is wrong.</summary>
    private static readonly TimeSpan Ahead = TimeSpan.FromMinutes(10);

    private const string Columns =
        "SELECT e.id AS Id, e.sequence AS Sequence, e.bytes AS Bytes, e.hash AS Hash, EXISTS (SELECT 1 FROM event w WHERE w.corrects = e.id) AS Withdrawn FROM event e ";

    /// <summary>
    /// Appends an event, and makes the change of its job that belongs to it, both or neither. A conflict or a repeated
    /// event changes nothing. Throws <see cref="JobConflictException"/> where a part of the job has moved on, and
    /// <see cref="ImpossibleInputException"/> where what is taken back was taken back already.
    /// </summary>
    public Task<AppendedEvent> AppendAsync(NewEvent added, CancellationToken cancellation, JobChange? change = null) =>
        database.WriteAsync<AppendedEvent>(
            async (connection, transaction) =>
            {
                var id = added.Id;
                var before = await connection.QuerySingleOrDefaultAsync<(long Sequence, string Digest)?>(
                    "SELECT sequence, request_digest FROM event WHERE id = @id",
                    new { id },
                    transaction
                );
                if (before is { } known)
                {
                    var stored = await connection.QuerySingleAsync<Row>(
                        Columns + "WHERE e.sequence = @sequence",
                        new { sequence = known.Sequence },
                        transaction
                    );
                    var same = string.Equals(known.Digest, added.RequestDigest, StringComparison.Ordinal);
                    return same ? new(Appended.Repeated, stored.Read()) : new(Appended.Conflict, null);
                }

                if (change is not null && await JobsTable.HasCommandAsync(connection, transaction, change.Command.Id))
                {
                    return new(Appended.Conflict, null);
                }

                var corrects = added.Corrects;
                if (
                    corrects is not null
                    && await connection.ExecuteScalarAsync<bool>(
                        "SELECT EXISTS (SELECT 1 FROM event WHERE corrects = @corrects)",
                        new { corrects },
                        transaction
                    )
                )
                {
                    throw new ImpossibleInputException("corrects", "That event was taken back already.");
                }

                var last = await connection.QuerySingleOrDefaultAsync<(long Sequence, string Hash)?>(
                    "SELECT sequence, hash FROM event ORDER BY sequence DESC LIMIT 1",
                    transaction: transaction
                );
                var sequence = (last?.Sequence ?? 0) + 1;
                var bytes = added.Write(
                    new(sequence, last?.Hash ?? Seal.Origin, await ClocksAsync(connection, transaction, added))
                );
                var hash = Seal.Of(bytes);
                await connection.ExecuteAsync(
                    """
                    INSERT INTO event (sequence, id, request_digest, corrects, bytes, hash, job, wire_end)
                    VALUES (@sequence, @id, @RequestDigest, @corrects, @bytes, @hash, @Job, @End)
                    """,
                    new
                    {
                        sequence,
                        id,
                        added.RequestDigest,
                        corrects,
                        bytes,
                        hash,
                        added.Job,
                        added.End,
                    },
                    transaction
                );
                var changed = change is null ? null : await jobs.ApplyAsync(connection, transaction, change);
                return new(
                    Appended.Stored,
                    new StoredEvent
                    {
                        Id = added.Id,
                        Sequence = sequence,
                        Bytes = bytes,
                        Hash = hash,
                        Withdrawn = false,
                    },
                    changed
                );
            },
            cancellation
        );

    /// <summary>
    /// What is odd about an event’s time beside those before it; and remembers it for those after it.
    /// </summary>
    private static async Task<IReadOnlyList<ClockOddity>> ClocksAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        NewEvent added
    )
    {
        var (claimed, received) = (added.ClaimedAt.ToUnixTimeMilliseconds(), added.ReceivedAt.ToUnixTimeMilliseconds());
        var device = await connection.QuerySingleOrDefaultAsync<(long Sequence, long At)?>(
            "SELECT last_sequence, last_at FROM device_clock WHERE device = @Device",
            new { added.Device },
            transaction
        );
        var server = await connection.QuerySingleOrDefaultAsync<long?>(
            "SELECT last_at FROM device_clock WHERE device = @Server",
            new { Server },
            transaction
        );
        var odd = new List<ClockOddity>();
        if (claimed > received + Ahead.TotalMilliseconds)
        {
            odd.Add(ClockOddity.Ahead);
        }

        if (device is { } before && added.DeviceSequence > before.Sequence && claimed < before.At)
        {
            odd.Add(ClockOddity.Backwards);
        }

        if (received < server)
        {
            odd.Add(ClockOddity.ServerBackwards);
        }

        await connection.ExecuteAsync(
            """
            INSERT INTO device_clock (device, last_sequence, last_at) VALUES (@device, @sequence, @at)
            ON CONFLICT (device) DO UPDATE SET last_sequence = @sequence, last_at = @at WHERE @sequence >= last_sequence
            """,
            new[]
            {
                new
                {
                    device = added.Device,
                    sequence = added.DeviceSequence,
                    at = claimed,
                },
                new
                {
                    device = Server,
                    sequence = 0L,
                    at = received,
                },
            },
            transaction
        );
        return odd;
    }

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

    /// <summary>What was recorded at the ends of a job, oldest first; what was taken back is marked.</summary>
    public Task<List<StoredEvent>> AtEndsAsync(Guid job) =>
        database.ReadAsync(async connection =>
            (
                await connection.QueryAsync<Row>(
                    Columns + "WHERE e.job = @job AND e.wire_end IS NOT NULL ORDER BY e.sequence",
                    new { job }
                )
            )
                .Select(r => r.Read())
                .ToList()
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
            .Query<(Guid Id, string Name, byte[] Salt)>("SELECT id, name, salt FROM person")
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

    private sealed class Row
    {
        public long Sequence { get; init; }

        public byte[] Bytes { get; init; } = [];

        public string Hash { get; init; } = "";

        public long Withdrawn { get; init; }

        public string Id { get; init; } = "";

        public string? Corrects { get; init; }

        public string? Job { get; init; }

        public string? WireEnd { get; init; }

        public StoredEvent Read() =>
            new()
            {
                Id = Guid.Parse(Id),
                Sequence = Sequence,
                Bytes = Bytes,
                Hash = Hash,
                Withdrawn = Withdrawn != 0,
            };
    }
}
