using System.Text;
using Lacet.Workshop.Lists;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

public sealed partial class JobImportTests
{
    [Fact]
    public async Task A_file_that_cannot_be_read_is_one_sentence_and_changes_nothing()
    {
        await using var bench = await JobBench.StartAsync();
        var (status, problem) = await bench.PreviewAsync([0, 1, 2, 3]);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.NotEmpty(problem.GetProperty("detail").GetString()!);
        using var huge = new ByteArrayContent(new byte[25 * 1024 * 1024]);
        huge.Headers.ContentType = new("application/octet-stream");
        // A client that asks first is answered before it sends all of it.
        using var request = new HttpRequestMessage(
            HttpMethod.Post,
            new Uri("/api/jobs/import/preview", UriKind.Relative)
        )
        {
            Content = huge,
        };
        request.Headers.ExpectContinue = true;
        using var refused = await bench.Server.Client.SendAsync(request);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, refused.StatusCode);
        Assert.Empty(await bench.NamesAsync());
    }

    [Fact]
    public async Task A_long_list_is_read_with_progress_and_can_be_stopped()
    {
        await using var bench = await JobBench.StartAsync(realTime: true);
        var text = new StringBuilder("Wire;From;To;Size\r\n");
        for (var i = 0; i < 20_000; i++)
        {
            text.Append(System.Globalization.CultureInfo.InvariantCulture, $"{i};DCP/X1:{i};DCP/X2:{i};2.5\r\n");
        }

        var preview = await bench.PreviewAsync(text.ToString());
        var id = preview.GetProperty("id").GetGuid();
        var last = (
            await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/import/{id}/progress", UriKind.Relative))
        ).Split("data: ", StringSplitOptions.RemoveEmptyEntries)[^1];
        Assert.Equal("ready", JsonDocument.Parse(last).RootElement.GetProperty("state").GetString());
        var (_, taken) = await bench.AcceptAsync(preview, new { jobName = "Long" });
        Assert.Equal(20_000, taken.GetProperty("added").GetInt32());

        var (_, stopped) = await bench.SendAsync("/api/jobs/import/preview", Encoding.UTF8.GetBytes(text.ToString()));
        await bench.DeleteAsync($"/api/jobs/import/{stopped.GetProperty("id").GetGuid()}");
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.GetAsync($"/api/jobs/import/{stopped.GetProperty("id").GetGuid()}")).Status
        );
    }

    [Fact]
    public async Task An_import_that_nobody_looked_at_is_forgotten_after_two_hours()
    {
        await using var bench = await JobBench.StartAsync();
        var old = (await bench.PreviewAsync(JobBench.List)).GetProperty("id").GetGuid();
        bench.Server.Time.Advance(TimeSpan.FromMinutes(90));
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.GetAsync($"/api/jobs/import/{old}")).Status);
        bench.Server.Time.Advance(TimeSpan.FromMinutes(119));
        await bench.PreviewAsync(JobBench.List);
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.GetAsync($"/api/jobs/import/{old}")).Status);
        bench.Server.Time.Advance(TimeSpan.FromMinutes(121));
        await bench.PreviewAsync(JobBench.List);
        var (status, problem) = await bench.Server.GetAsync($"/api/jobs/import/{old}");
        Assert.Equal(HttpStatusCode.NotFound, status);
        Assert.Contains("Send the file again", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Of_many_at_once_as_many_of_the_last_are_kept_as_there_is_room_for()
    {
        await using var bench = await JobBench.StartAsync();
        bench.Server.Services.GetRequiredService<PendingImports>().MostBytes = 6 * 1024 * 1024;
        var ids = new List<Guid>();
        for (var i = 0; i < 10; i++)
        {
            bench.Server.Time.Advance(TimeSpan.FromSeconds(1));
            ids.Add((await bench.PreviewAsync(JobBench.List)).GetProperty("id").GetGuid());
        }

        Assert.Equal(HttpStatusCode.NotFound, (await bench.Server.GetAsync($"/api/jobs/import/{ids[0]}")).Status);
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.GetAsync($"/api/jobs/import/{ids[^1]}")).Status);
    }
}
