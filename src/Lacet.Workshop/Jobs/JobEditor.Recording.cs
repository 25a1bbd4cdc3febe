using System.Data.Common;
using System.Text.Json;
using Lacet.Exchange;
using Lacet.Store;

namespace Lacet.Workshop.Jobs;

/// <content>What is recorded of a job, told to its copy in memory and to open pages.</content>
public sealed partial class JobEditor
{
    /// <summary>
    /// What is recorded of a job’s ends has changed, and is stored: whatever becomes of this, and whether or not
    /// somebody still waits for it, the record stands. A job that cannot take it in now is closed, and read again when
    /// it is asked for.
    /// </summary>
    internal async Task RecordedAsync(Guid id, string says, string person)
    {
        if (await open.HoldAsync(id, CancellationToken.None) is not { } job)
        {
            return;
        }

        await TakeInAsync(job, says, person);
    }

    /// <summary>
    /// Records something that depends on how the job stands: <paramref name="record"/> is asked with the gate held, so
    /// that nothing comes between what it read and what it stored. Null where there is no such job.
    /// </summary>
    internal async Task<AppendedEvent?> RecordAsync(
        Guid id,
        Func<JobSession, Task<(AppendedEvent Appended, string Says)>> record,
        string person,
        CancellationToken cancellation
    )
    {
        if (await open.HoldAsync(id, cancellation) is not { } job)
        {
            return null;
        }

        (AppendedEvent Appended, string Says) done;
        try
        {
            done = await record(job);
        }
        catch
        {
            job.Gate.Release();
            throw;
        }

        if (done.Appended.Appended == Appended.Stored)
        {
            await TakeInAsync(job, done.Says, person);
        }
        else
        {
            job.Gate.Release();
        }

        return done.Appended;
    }

    /// <summary>Reads anew what is recorded of a job whose gate is held, and lets it go.</summary>
    private async Task TakeInAsync(JobSession job, string says, string person)
    {
        var id = job.Id;
        try
        {
            job.Recorded(await open.HistoryAsync(id));
            await jobs.SummariseAsync(
                id,
                JsonSerializer.Serialize(JobSummary.Of(job), Json.Options),
                CancellationToken.None
            );
        }
        catch (Exception exception) when (exception is DbException or IOException)
        {
            open.Close(job);
            return;
        }

        job.Gate.Release();
        feed.Tell(new JobChanged(id, job.Sequence, says, person));
    }
}
