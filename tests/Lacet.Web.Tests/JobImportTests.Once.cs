using System.Text;
using Lacet.Workshop.Lists;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

public sealed partial class JobImportTests
{
    /// <summary>
    /// A page that heard no answer sends again, four at once: it is one job with all its wires, and all are told of it
    /// alike.
    /// </summary>
    [Fact]
    public async Task A_list_that_is_accepted_several_times_is_one_job_with_all_its_wires()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(JobBench.List);
        var body = JsonSerializer.Serialize(new { id = Guid.NewGuid(), jobName = "Panel" });
        var address = $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}/accept";
        var atOnce = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => bench.Server.PostAsync(address, body)));
        var after = await bench.Server.PostAsync(address, body);
        Assert.All([.. atOnce, after], a =>
            Assert.Equal((HttpStatusCode.OK, atOnce[0].Json.GetRawText()), (a.Status, a.Json.GetRawText()))
        );
        Assert.Equal(["Panel"], await bench.NamesAsync());
        var job = after.Json.GetProperty("jobId").GetGuid();
        Assert.Equal(after.Json.GetProperty("added").GetInt32(), (await bench.WiresAsync(job)).Count);
        // The import alone is undone, and the job stays.
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/commands/{after.Json.GetProperty("commandId").GetGuid()}/undo",
                    new { }
                )
            ).Status
        );
        Assert.Equal((0, 1), ((await bench.WiresAsync(job)).Count, (await bench.NamesAsync()).Count));
    }

    [Fact]
    public async Task A_list_of_which_nothing_can_be_taken_makes_no_job()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync("Wire;From;To;Size\r\n1;DCP/X1:1;DCP/X2:1;fat\r\n");
        var (status, problem) = await bench.AcceptAsync(preview, new { jobName = "Panel", onlyGood = true });
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "That changes nothing."),
            (status, problem.GetProperty("detail").GetString())
        );
        Assert.Empty(await bench.NamesAsync());
    }

    /// <summary>A store that fails at the list leaves no job behind: both are one transaction.</summary>
    [Fact]
    public async Task A_list_that_cannot_be_stored_leaves_no_empty_job()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(JobBench.List);
        var accept = $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}/accept";
        await using (
            var connection = await bench.Server.Services.GetRequiredService<Lacet.Store.LacetDatabase>().ConnectAsync()
        )
        {
            await using var command = connection.CreateCommand();
            command.CommandText =
                "CREATE TRIGGER broken BEFORE INSERT ON job_part WHEN NEW.kind = 'wire' BEGIN SELECT RAISE(ABORT, 'no room'); END";
            await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
            Assert.Equal(
                HttpStatusCode.InternalServerError,
                (await bench.Server.PostAsync(accept, new { id = Guid.NewGuid(), jobName = "Panel" })).Status
            );
            Assert.Empty(await bench.NamesAsync());
            command.CommandText = "DROP TRIGGER broken";
            await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
        }

        Assert.Equal(
            HttpStatusCode.OK,
            (await bench.Server.PostAsync(accept, new { id = Guid.NewGuid(), jobName = "Panel" })).Status
        );
        Assert.Equal(["Panel"], await bench.NamesAsync());
    }

    [Fact]
    public async Task An_import_sent_twice_is_taken_once()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var preview = await bench.PreviewAsync(JobBench.List, job);
        var accept = $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}/accept";
        var body = new { id = Guid.NewGuid() };
        var first = await bench.Server.PostAsync(accept, body);
        var again = await bench.Server.PostAsync(accept, body);
        Assert.Equal(
            (HttpStatusCode.OK, HttpStatusCode.OK, first.Json.GetRawText()),
            (first.Status, again.Status, again.Json.GetRawText())
        );
        // Under another id it is another import, and there is none any more.
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.PostAsync(accept, body with { id = Guid.NewGuid() })).Status
        );
        Assert.Equal(2, (await bench.WiresAsync(job)).Count);
    }
}
