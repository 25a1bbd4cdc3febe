using Dapper;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Microsoft.Data.Sqlite;

namespace Lacet.Store;

/// <summary>The table of events: appended to, read, never changed.</summary>
public sealed partial class EventsTable(LacetDatabase database, JobsTable jobs)
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
        database.WriteTogetherAsync<AppendedEvent>(
            async (connection, transaction) =>
            {
                if (await KnownAsync(connection, transaction, added.Id, added.RequestDigest) is { } known)
                {
                    return known;
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

                var stored = await StoreAsync(connection, transaction, added);
                var changed = change is null ? null : await jobs.ApplyAsync(connection, transaction, change);
                return new(Appended.Stored, stored, changed);
            },
            cancellation
        );

    /// <summary>
    /// What became of an event that was sent before, looked up before it is asked whether it could be recorded now; null
    /// where it is new.
    /// </summary>
    public Task<AppendedEvent?> RepeatedAsync(Guid id, string requestDigest) =>
        database.ReadAsync(connection => KnownAsync(connection, null, id, requestDigest));

    /// <summary>What became of an event that was sent before; null where it is new.</summary>
    private static async Task<AppendedEvent?> KnownAsync(
        SqliteConnection connection,
        SqliteTransaction? transaction,
        Guid id,
        string requestDigest
    )
    {
        var before = await connection.QuerySingleOrDefaultAsync<(long Sequence, string Digest)?>(
            "SELECT sequence, request_digest FROM event WHERE id = @id",
            new { id },
            transaction
        );
        if (before is not { } known)
        {
            return null;
        }

        var stored = await connection.QuerySingleAsync<Row>(
            Columns + "WHERE e.sequence = @sequence",
            new { sequence = known.Sequence },
            transaction
        );
        return string.Equals(known.Digest, requestDigest, StringComparison.Ordinal)
            ? new(Appended.Repeated, stored.Read())
            : new(Appended.Conflict, null);
    }

    private static async Task<StoredEvent> StoreAsync(
        SqliteConnection connection,
        SqliteTransaction transaction,
        NewEvent added
    )
    {
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
            VALUES (@sequence, @Id, @RequestDigest, @Corrects, @bytes, @hash, @Job, @End)
            """,
            new
            {
                sequence,
                added.Id,
                added.RequestDigest,
                added.Corrects,
                bytes,
                hash,
                added.Job,
                added.End,
            },
            transaction
        );
        if (added.Joined is { } joined)
        {
            await connection.ExecuteAsync(
                "INSERT INTO joined_name (event, typed, person) VALUES (@Id, @Typed, @Person)",
                new
                {
                    added.Id,
                    joined.Typed,
                    joined.Person,
                },
                transaction
            );
        }

        return new()
        {
            Id = added.Id,
            Sequence = sequence,
            Bytes = bytes,
            Hash = hash,
            Withdrawn = false,
        };
    }

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
