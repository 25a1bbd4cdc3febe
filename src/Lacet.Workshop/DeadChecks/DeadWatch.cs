using System.Collections.Concurrent;
using System.Threading.Channels;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Devices;
using Lacet.Store;
using Lacet.Workshop.Jobs;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace Lacet.Workshop.DeadChecks;

/// <summary>
/// Watches what was proved dead: that it lapses, by somebody’s deed or by time alone, is told at once to whoever is at
/// work.
/// </summary>
public sealed partial class DeadWatch(
    OpenJobs open,
    EventsTable events,
    Feed<JobChanged> changes,
    Feed<DeadTold> feed,
    TimeProvider time,
    ILogger<DeadWatch> log
) : BackgroundService
{
    /// <summary>What lapses by time is told so soon after it.</summary>
    private static readonly TimeSpan Beat = TimeSpan.FromSeconds(1);

    private readonly ConcurrentDictionary<(Guid Job, Guid Enclosure), (DeadTold Told, bool IsInUse)> _told = new();

    /// <summary>How every enclosure stands that somebody may be in.</summary>
    public IReadOnlyList<DeadTold> Now => [.. _told.Values.Where(t => t.IsInUse).Select(t => t.Told)];

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        // Listened to before the first look, so that nothing is missed between.
        var due = Channel.CreateUnbounded<Guid?>();
        var listening = ListenAsync(due.Writer, stoppingToken);
        await FirstLookAsync(due.Writer, stoppingToken);
        var beating = BeatAsync(due.Writer, stoppingToken);
        try
        {
            await foreach (var job in due.Reader.ReadAllAsync(stoppingToken))
            {
                foreach (var one in job is { } changed ? [changed] : Overdue())
                {
                    await LookAsync(one, stoppingToken);
                }
            }
        }
        catch (OperationCanceledException)
        {
            await Task.WhenAll(listening, beating);
        }
    }

    /// <summary>Of all that was ever made dead, the jobs in which somebody may be inside still.</summary>
    private async Task FirstLookAsync(ChannelWriter<Guid?> due, CancellationToken cancellation)
    {
        try
        {
            foreach (var job in await events.JobsWithEnclosuresAsync())
            {
                cancellation.ThrowIfCancellationRequested();
                var dead = (await open.HistoryAsync(job)).Dead;
                if (dead.Enclosures.Any(e => dead.Of(e).At(time.GetUtcNow()).IsInUse))
                {
                    due.TryWrite(job);
                }
            }
        }
        catch (Exception exception) when (exception is System.Data.Common.DbException or IOException)
        {
            CannotLook(log, Guid.Empty, exception.Message);
        }
    }

    private async Task ListenAsync(ChannelWriter<Guid?> due, CancellationToken cancellation)
    {
        await foreach (var changed in changes.ListenAsync([], cancellation))
        {
            due.TryWrite(changed.JobId);
        }
    }

    private async Task BeatAsync(ChannelWriter<Guid?> due, CancellationToken cancellation)
    {
        using var timer = new PeriodicTimer(Beat, time);
        try
        {
            while (await timer.WaitForNextTickAsync(cancellation))
            {
                due.TryWrite(null);
            }
        }
        catch (OperationCanceledException)
        {
            // The server stops.
        }
    }

    /// <summary>Jobs in which time alone has ended something.</summary>
    private List<Guid> Overdue()
    {
        var now = time.GetUtcNow();
        return [.. _told.Values.Where(t => t.Told.Until < now).Select(t => t.Told.JobId).Distinct()];
    }

    private async Task LookAsync(Guid id, CancellationToken cancellation)
    {
        try
        {
            var now = time.GetUtcNow();
            var standing = await open.ReadAsync(
                id,
                job =>
                    job.Dead.Enclosures.Select(e => job.Job.Enclosures.GetValueOrDefault(e))
                        .OfType<Enclosure>()
                        .Select(e => (Told: Of(job, e, now), job.Dead.Of(e.Id).At(now).IsInUse))
                        .ToList(),
                cancellation
            ) ?? [];
            foreach (var (told, isInUse) in standing)
            {
                Keep(told, isInUse);
            }

            foreach (
                var gone in _told.Keys.Where(k =>
                    k.Job == id && !standing.Exists(s => s.Told.EnclosureId == k.Enclosure)
                )
            )
            {
                _told.TryRemove(gone, out _);
            }
        }
        catch (Exception exception)
            when (exception is System.Data.Common.DbException or IOException or ImpossibleInputException)
        {
            // A job that cannot be read says so where it is opened; the others are watched on.
            CannotLook(log, id, exception.Message);
        }
    }

    /// <summary>Tells what is new, of whatever somebody was in since the server started.</summary>
    private void Keep(DeadTold told, bool isInUse)
    {
        var key = (told.JobId, told.EnclosureId);
        if (_told.TryGetValue(key, out var before) ? Same(before.Told, told) : !isInUse)
        {
            return;
        }

        _told[key] = (told, isInUse);
        feed.Tell(told);
    }

    /// <summary>How an enclosure stands.</summary>
    public static DeadTold Of(JobSession job, Enclosure enclosure, DateTimeOffset now)
    {
        var standing = job.Dead.Of(enclosure.Id).At(now);
        return new(
            job.Id,
            enclosure.Id,
            enclosure.Name,
            standing.State,
            standing.Says(),
            standing.Until,
            [.. standing.Locks.Select(l => l.Person)]
        );
    }

    private static bool Same(DeadTold a, DeadTold b) =>
        a with { People = b.People } == b && a.People.SequenceEqual(b.People);

    [LoggerMessage(Level = LogLevel.Warning, Message = "What is dead in job {Job} cannot be watched: {Why}")]
    private static partial void CannotLook(ILogger logger, Guid job, string why);
}
