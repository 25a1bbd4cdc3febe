using Lacet.Core.Jobs;
using Lacet.Store;
using Lacet.Workshop.Jobs;

namespace Lacet.Web.Jobs;

/// <summary>
/// Opens the job that was changed last while nobody has asked yet, and judges a change of it that changes nothing: whoever
/// comes first after a start does not wait until all that is read and compiled.
/// </summary>
internal sealed class LastJob(JobsTable jobs, OpenJobs open, IHostApplicationLifetime life) : BackgroundService
{
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        await StartedAsync(stoppingToken);
        try
        {
            if (await jobs.ListAsync(0, 1) is [var last])
            {
                await open.ReadAsync(
                    last.Id,
                    job =>
                        job.Job.Wires.Values.FirstOrDefault() is { } wire
                            ? job.Judged.Try([EntityChange.Put(wire)]).Come
                            : null,
                    stoppingToken
                );
            }
        }
        catch (Exception) when (!stoppingToken.IsCancellationRequested)
        {
            // Whoever opens it is told what is wrong with it; a start is not kept from anything by it.
        }
    }

    /// <summary>Not before requests are taken: what is done ahead keeps nobody waiting.</summary>
    private async Task StartedAsync(CancellationToken cancellation)
    {
        var started = new TaskCompletionSource();
        await using var told = life.ApplicationStarted.Register(started.SetResult);
        await started.Task.WaitAsync(cancellation);
    }
}
