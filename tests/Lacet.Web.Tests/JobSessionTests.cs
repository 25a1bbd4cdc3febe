using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Jobs;
using Lacet.Workshop;
using Lacet.Workshop.Jobs;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>
/// A job is open once: whatever else is opened, put away or taken out meanwhile, there is one copy of it that is
/// changed.
/// </summary>
public sealed class JobSessionTests
{
    /// <summary>More than stay open, so that every other job is closed.</summary>
    private const int ManyJobs = 16;

    /// <summary>
    /// A change is under way while so many other jobs are opened that its job would be closed, and the same job is
    /// changed again. The second change meets what the first one made, is refused by it, and the job can be read
    /// afterwards.
    /// </summary>
    [Theory]
    [InlineData("others are opened")]
    [InlineData("it is put away and taken out")]
    public async Task A_job_that_is_being_changed_is_not_opened_a_second_time(string meanwhile)
    {
        await using var bench = await JobBench.StartAsync();
        var editor = bench.Server.Services.GetRequiredService<JobEditor>();
        var open = bench.Server.Services.GetRequiredService<OpenJobs>();
        var job = await bench.JobAsync();
        var others = new List<Guid>();
        for (var i = 0; i < ManyJobs; i++)
        {
            others.Add(await bench.JobAsync());
        }

        using var planned = new ManualResetEventSlim();
        using var goOn = new ManualResetEventSlim();
        var first = Task.Run(() =>
            editor.ChangeAsync(
                job,
                Guid.NewGuid(),
                bench.Ada,
                _ =>
                {
                    planned.Set();
                    goOn.Wait(TimeSpan.FromSeconds(30));
                    return ("First.", [Panel("DCP")]);
                },
                CancellationToken.None
            )
        );
        planned.Wait(TimeSpan.FromSeconds(30), TestContext.Current.CancellationToken);
        var closing = Task.CompletedTask;
        if (meanwhile == "others are opened")
        {
            foreach (var other in others)
            {
                await open.ReadAsync(other, o => o.Title, CancellationToken.None);
            }
        }
        else
        {
            closing = Task.Run(async () =>
            {
                await bench.DeleteAsync($"/api/jobs/{job}");
                await bench.Server.PostAsync($"/api/jobs/{job}/restore", new { });
            });
            await Task.Delay(200, TestContext.Current.CancellationToken);
        }

        var second = Task.Run(() =>
            editor.ChangeAsync(job, Guid.NewGuid(), bench.Bo, _ => ("Second.", [Panel("DCP")]), CancellationToken.None)
        );
        await Task.Delay(300, TestContext.Current.CancellationToken);
        goOn.Set();
        Assert.IsType<Outcome<CommandDone>.Done>(await first);
        await closing;
        // An enclosure of that name is there: two of them, and nobody could open the job again. Put away, there may be
        // no job to change.
        var refused = await Record.ExceptionAsync(async () =>
            Assert.IsType<Outcome<CommandDone>.Missing>(await second)
        );
        Assert.True(
            refused is ImpossibleInputException || (refused is null && meanwhile != "others are opened"),
            refused?.ToString() ?? "It was stored."
        );
        var folder = bench.Server.Folder;
        await bench.DisposeAsync();
        await using var again = await RunningServer.StartAsync(folder);
        var (status, opened) = await again.GetAsync($"/api/jobs/{job}");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(1, opened.GetProperty("enclosures").GetArrayLength());
    }

    private static PartChange Panel(string name) =>
        new() { Put = new Enclosure(Guid.NewGuid(), name, EnclosureForm.Panel) };
}
