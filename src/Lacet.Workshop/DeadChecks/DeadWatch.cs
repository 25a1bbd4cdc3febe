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

    private readonly ConcurrentDictionary<(Guid Job, Guid Enclosure), DeadTold> _told = new();

    /// <summary>How every enclosure stands of which something was recorded.</summary>
    public IReadOnlyList<DeadTold> Now => [.. _told.Values];

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        // Listened to before the first look, so that nothing is missed between.
        var due = Channel.CreateUnbounded<Guid?>();
        var listening = ListenAsync(due.Writer, stoppingToken);
        foreach (var job in await events.JobsWithEnclosuresAsync())
        {
            due.Writer.TryWrite(job);
        }

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
        return [.. _told.Values.Where(t => t.Until < now).Select(t => t.JobId).Distinct()];
    }

    private async Task LookAsync(Guid id, CancellationToken cancellation)
    {
        try
        {
            var standing = await open.ReadAsync(id, job => Standing(job, time.GetUtcNow()).ToList(), cancellation)
                ?? [];
            foreach (
                var gone in _told.Keys.Where(k => k.Job == id && !standing.Exists(s => s.EnclosureId == k.Enclosure))
            )
            {
                _told.TryRemove(gone, out _);
            }

            foreach (var one in standing)
            {
                if (!_told.TryGetValue((id, one.EnclosureId), out var before) || !Same(before, one))
                {
                    _told[(id, one.EnclosureId)] = one;
                    feed.Tell(one);
                }
            }
        }
        catch (Exception exception)
            when (exception is System.Data.Common.DbException or IOException or ImpossibleInputException)
        {
            // A job that cannot be read says so where it is opened; the others are watched on.
            CannotLook(log, id, exception.Message);
        }
    }

    /// <summary>How the enclosures of a job stand of which something was recorded.</summary>
    private static IEnumerable<DeadTold> Standing(JobSession job, DateTimeOffset now) =>
        job
            .Dead.Enclosures.Select(e => job.Job.Enclosures.GetValueOrDefault(e))
            .OfType<Enclosure>()
            .Select(e => Of(job, e, now));

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
