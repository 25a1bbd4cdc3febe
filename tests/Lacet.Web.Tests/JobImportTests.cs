using System.Text;

namespace Lacet.Web.Tests;

/// <summary>Wire lists over HTTP: previewed, mapped, put right, accepted, undone, refused.</summary>
public sealed class JobImportTests
{
    [Fact]
    public async Task A_list_is_previewed_accepted_and_undone()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(JobBench.List);
        Assert.Equal((2, 0, "ready"), (preview.GetProperty("preview").GetProperty("added").GetInt32(), preview.GetProperty("preview").GetProperty("wrong").GetInt32(), preview.GetProperty("state").GetString()));
        Assert.Empty(await bench.NamesAsync());
        var (status, taken) = await bench.AcceptAsync(preview, new { jobName = "Panel" });
        Assert.Equal(HttpStatusCode.OK, status);
        var job = taken.GetProperty("jobId").GetGuid();
        Assert.Equal(2, (await bench.WiresAsync(job)).Count);
        Assert.Equal(HttpStatusCode.NotFound, (await bench.AcceptAsync(preview, new { jobName = "Panel" })).Status);
        await bench.Server.PostAsync($"/api/jobs/{job}/commands/{taken.GetProperty("commandId").GetGuid()}/undo", new { personId = bench.Ada });
        Assert.Empty(await bench.WiresAsync(job));
    }

    [Fact]
    public async Task A_revised_list_is_previewed_as_added_changed_and_removed_and_touches_nothing_else()
    {
        await using var bench = await JobBench.StartAsync();
        var job = (await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List), new { jobName = "Panel" })).Json.GetProperty("jobId").GetGuid();
        await bench.TypeAsync(job, new { name = "other", from = "LP/Q1:1", size = "12" });
        var first = (await bench.WiresAsync(job))[0];
        await bench.CommandAsync(job, new { put = JobBench.Part(first, w => w["a"]!["freeLengthMm"] = 200), version = 1 });

        var preview = await bench.PreviewAsync("Wire;From;To;Size;Colour\r\n1;DCP/X1:1;DCP/X2:1;4 fine;black\r\n3;DCP/X1:3;DCP/X2:3;2.5 fine;black\r\n", job);
        var id = preview.GetProperty("id").GetGuid();
        var (_, read) = await bench.PutAsync($"/api/jobs/import/{id}", new { jobId = job, revision = "D", drawing = "DR-1", replaces = true });
        var seen = read.GetProperty("preview");
        Assert.Equal((1, 1, 0), (seen.GetProperty("added").GetInt32(), seen.GetProperty("changed").GetInt32(), seen.GetProperty("same").GetInt32()));
        Assert.Equal(["2"], seen.GetProperty("removed").EnumerateArray().Select(r => r.GetString()));
        var change = Assert.Single(seen.GetProperty("rows").EnumerateArray().Single(r => r.GetProperty("does").GetString() == "change").GetProperty("changes").EnumerateArray());
        Assert.Equal(("size", "2.5 mm² fine-stranded copper", "4 mm² fine-stranded copper"), (change.GetProperty("column").GetString(), change.GetProperty("was").GetString(), change.GetProperty("is").GetString()));

        Assert.Equal(HttpStatusCode.OK, (await bench.AcceptAsync(read, new { })).Status);
        var wires = await bench.WiresAsync(job);
        Assert.Equal(["1", "3", "other"], wires.Select(w => w.GetProperty("wire").GetProperty("name").GetString()).Order(StringComparer.Ordinal));
        var kept = wires.Single(w => JobBench.Id(w) == JobBench.Id(first)).GetProperty("wire");
        Assert.Equal((200, first.GetProperty("wire").GetProperty("a").GetProperty("id").GetGuid(), "4 mm²"), (kept.GetProperty("a").GetProperty("freeLengthMm").GetDouble(), kept.GetProperty("a").GetProperty("id").GetGuid(), kept.GetProperty("conductor").GetProperty("size").GetString()));
        var (_, overview) = await bench.Server.GetAsync($"/api/jobs/{job}");
        Assert.Equal("D", overview.GetProperty("enclosures").EnumerateArray().Single(e => e.GetProperty("part").GetProperty("name").GetString() == "DCP").GetProperty("part").GetProperty("revision").GetString());
    }

    [Fact]
    public async Task A_job_that_moved_on_since_the_preview_is_looked_at_again()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var preview = await bench.PreviewAsync(JobBench.List, job);
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X9:1", size = "14" });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.AcceptAsync(preview, new { })).Status);
        var (_, again) = await bench.Server.GetAsync($"/api/jobs/import/{preview.GetProperty("id").GetGuid()}");
        Assert.Equal(1, again.GetProperty("preview").GetProperty("changed").GetInt32());
        Assert.Equal(HttpStatusCode.OK, (await bench.AcceptAsync(preview, new { })).Status);
    }

    [Fact]
    public async Task Wrong_rows_are_put_right_in_the_preview_or_left_out_only_when_told()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(JobBench.List.Replace("2.5 fine;black;C1;16\r\n2", "2.5 fine;mauve;C1;16\r\n2", StringComparison.Ordinal));
        Assert.Equal(1, preview.GetProperty("preview").GetProperty("wrong").GetInt32());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.AcceptAsync(preview, new { jobName = "P" })).Status);
        var (_, right) = await bench.PutAsync(
            $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}", new { corrections = new[] { new { row = 2, column = "colour", text = "violet" } } });
        Assert.Equal(0, right.GetProperty("preview").GetProperty("wrong").GetInt32());
    }

    [Fact]
    public async Task Columns_are_mapped_by_hand()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync("Alpha;Beta;From;To\r\n1;14 AWG;DCP/X1:1;DCP/X2:1\r\n");
        var (_, mapped) = await bench.PutAsync($"/api/jobs/import/{preview.GetProperty("id").GetGuid()}", new { columns = new[] { "wire", "size", "from", "to" } });
        Assert.Equal("14 AWG stranded copper", mapped.GetProperty("preview").GetProperty("rows")[0].GetProperty("conductor").GetString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.PutAsync($"/api/jobs/import/{preview.GetProperty("id").GetGuid()}", new { columns = new[] { "wire", "wire", "from", "to" } })).Status);
    }

    [Fact]
    public async Task A_file_that_cannot_be_read_is_one_sentence_and_changes_nothing()
    {
        await using var bench = await JobBench.StartAsync();
        var (status, problem) = await bench.SendAsync("/api/jobs/import/preview", [0, 1, 2, 3]);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.NotEmpty(problem.GetProperty("detail").GetString()!);
        using var huge = new ByteArrayContent(new byte[25 * 1024 * 1024]);
        huge.Headers.ContentType = new("application/octet-stream");
        // A client that asks first is answered before it sends all of it.
        using var request = new HttpRequestMessage(HttpMethod.Post, new Uri("/api/jobs/import/preview", UriKind.Relative)) { Content = huge };
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
        var last = (await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/import/{id}/progress", UriKind.Relative))).Split("data: ", StringSplitOptions.RemoveEmptyEntries)[^1];
        Assert.Equal("ready", JsonDocument.Parse(last).RootElement.GetProperty("state").GetString());
        var (_, taken) = await bench.AcceptAsync(preview, new { jobName = "Long" });
        Assert.Equal(20_000, taken.GetProperty("added").GetInt32());

        var stopped = await bench.PreviewAsync(text.ToString());
        await bench.DeleteAsync($"/api/jobs/import/{stopped.GetProperty("id").GetGuid()}");
        Assert.Equal(HttpStatusCode.NotFound, (await bench.Server.GetAsync($"/api/jobs/import/{stopped.GetProperty("id").GetGuid()}")).Status);
    }
}
