using System.Collections.Concurrent;
using Lacet.Exchange.Documents;
using Lacet.Store;

namespace Lacet.Workshop.Jobs;

/// <summary>
/// Jobs that are open: each read once, and one copy of it, whatever else is opened or closed meanwhile.
/// </summary>
public sealed class OpenJobs(JobsTable jobs, EventsTable events)
{
    /// <summary>
    /// So many stay in memory; the one that was longest untouched goes first, and is read again when it is asked for.
    /// </summary>
    private const int MostOpen = 12;

    private readonly ConcurrentDictionary<Guid, Lazy<Task<JobSession?>>> _open = new();
    private readonly ConcurrentDictionary<Guid, long> _touched = new();
    private long _clock;

    /// <summary>Reads of a job, with its gate held; null where there is no such job.</summary>
    public async Task<T?> ReadAsync<T>(Guid id, Func<JobSession, T?> read, CancellationToken cancellation)
        where T : class
    {
        if (await HoldAsync(id, cancellation) is not { } job)
        {
            return null;
        }

        try
        {
            return read(job);
        }
        finally
        {
            job.Gate.Release();
        }
    }

    /// <summary>
    /// A job with its gate held; null where there is no such job. One that was closed while somebody waited for it is
    /// opened anew.
    /// </summary>
    internal async Task<JobSession?> HoldAsync(Guid id, CancellationToken cancellation)
    {
        while (await OpenAsync(id) is { } job)
        {
            await job.Gate.WaitAsync(cancellation);
            if (!job.IsClosed)
            {
                return job;
            }

            job.Gate.Release();
        }

        return null;
    }

    /// <summary>Keeps a job open that was just made, so that it is not read again at once.</summary>
    internal void Adopt(JobSession made)
    {
        _touched[made.Id] = Interlocked.Increment(ref _clock);
        _open.TryAdd(made.Id, new(Task.FromResult<JobSession?>(made)));
        CloseOldest(made.Id);
    }

    private async Task<JobSession?> OpenAsync(Guid id)
    {
        _touched[id] = Interlocked.Increment(ref _clock);
        var opened = _open.GetOrAdd(id, key => new(() => LoadAsync(key)));
        try
        {
            var job = await opened.Value;
            if (job is null)
            {
                Forget(id, opened);
            }

            CloseOldest(id);
            return job;
        }
        catch
        {
            Forget(id, opened);
            throw;
        }
    }

    /// <summary>Takes out what was opened, and not what somebody opened since.</summary>
    private void Forget(Guid id, Lazy<Task<JobSession?>> opened)
    {
        if (_open.TryRemove(new(id, opened)))
        {
            _touched.TryRemove(id, out _);
        }
    }

    /// <summary>
    /// Closes what was longest untouched. A job that somebody holds stays open: a second copy of it would be changed
    /// beside it, and what both wrote could not be read again.
    /// </summary>
    private void CloseOldest(Guid keep)
    {
        if (_open.Count <= MostOpen)
        {
            return;
        }

        foreach (
            var (_, opened) in _open.Where(o => o.Key != keep).OrderBy(o => _touched.GetValueOrDefault(o.Key)).ToList()
        )
        {
            if (_open.Count <= MostOpen)
            {
                return;
            }

            if (
                opened is { IsValueCreated: true, Value: { IsCompletedSuccessfully: true, Result: { } job } }
                && job.Gate.Wait(0)
            )
            {
                if (job.IsClosed)
                {
                    job.Gate.Release();
                }
                else
                {
                    Close(job);
                }
            }
        }
    }

    /// <summary>
    /// Closes a job whose gate is held, and lets it go. Held and not closed, it is what is open under its id.
    /// </summary>
    internal void Close(JobSession held)
    {
        held.IsClosed = true;
        _open.TryRemove(held.Id, out _);
        _touched.TryRemove(held.Id, out _);
        held.Gate.Release();
    }

    private async Task<JobSession?> LoadAsync(Guid id)
    {
        if (!await jobs.ExistsAsync(id))
        {
            return null;
        }

        var sequence = await jobs.LastSequenceAsync(id);
        return new JobSession(await jobs.PartsAsync(id), sequence, await HistoryAsync(id));
    }

    /// <summary>
    /// What is recorded of a job. An event that is not as it was sealed says nothing here; the Log shows it in its place.
    /// </summary>
    internal async Task<JobHistory> HistoryAsync(Guid id) =>
        JobHistory.Fold([
            .. (await events.OfJobAsync(id))
                .Where(e => e.IsIntact)
                .Select(e => (Event: EventDocument.TryRead(e.Bytes)?.ToEvent(), e.Withdrawn))
                .Where(e => e.Event is not null)
                .Select(e => (e.Event!, e.Withdrawn)),
        ]);
}
