using System.Text;

namespace Lacet.Web.Tests;

/// <summary>Jobs over HTTP: made, listed, put away, sent out and taken in.</summary>
public sealed class JobTests
{
    [Fact]
    public async Task A_job_is_made_once_listed_put_away_and_taken_out_again()
    {
        await using var bench = await JobBench.StartAsync();
        var id = Guid.NewGuid();
        var body = new
        {
            id,
            personId = bench.Ada,
            name = "Dome",
        };
        Assert.Equal(HttpStatusCode.Created, (await bench.Server.PostAsync("/api/jobs", body)).Status);
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.PostAsync("/api/jobs", body)).Status);
        Assert.Equal(
            HttpStatusCode.Conflict,
            (
                await bench.Server.PostAsync(
                    "/api/jobs",
                    new
                    {
                        id,
                        personId = bench.Ada,
                        name = "Other",
                    }
                )
            ).Status
        );
        Assert.Equal(["Dome"], await bench.NamesAsync());
        await bench.DeleteAsync($"/api/jobs/{id}");
        Assert.Empty(await bench.NamesAsync());
        Assert.Equal(HttpStatusCode.NotFound, (await bench.Server.GetAsync($"/api/jobs/{id}")).Status);
        await bench.Server.PostAsync($"/api/jobs/{id}/restore", new { });
        Assert.Equal(["Dome"], await bench.NamesAsync());
    }

    [Theory]
    [InlineData("", HttpStatusCode.UnprocessableEntity)]
    [InlineData("x", HttpStatusCode.Created)]
    public async Task A_job_needs_a_name(string name, HttpStatusCode status)
    {
        await using var bench = await JobBench.StartAsync();
        Assert.Equal(status, (await bench.Server.PostAsync("/api/jobs", new { personId = bench.Ada, name })).Status);
    }

    [Fact]
    public async Task A_job_is_its_maker_s_by_house_rules_and_nobody_else_s()
    {
        await using var bench = await JobBench.StartAsync();
        var (_, made) = await bench.Server.PostAsync(
            "/api/jobs",
            new
            {
                personId = bench.Ada,
                name = "Dome",
                houseRules = new { region = "iec" },
            }
        );
        Assert.Equal("iec", made.GetProperty("title").GetProperty("houseRules").GetProperty("region").GetString());
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.Server.PostAsync("/api/jobs", new { personId = Guid.NewGuid(), name = "Dome" })).Status
        );
    }

    /// <summary>A job's file is JSON, and may be sent as what it is, not only as a file.</summary>
    [Theory]
    [InlineData("application/octet-stream")]
    [InlineData("application/json")]
    public async Task A_job_goes_out_and_comes_in_elsewhere_the_same(string type)
    {
        await using var bench = await JobBench.StartAsync();
        var job = (await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List), new { jobName = "Panel" }))
            .Json.GetProperty("jobId")
            .GetGuid();
        var bytes = await bench.Server.Client.GetByteArrayAsync(
            new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative)
        );
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await bench.SendAsync($"/api/jobs/document?personId={bench.Ada}", bytes)).Status
        );
        await using var elsewhere = await JobBench.StartAsync();
        Assert.Equal(
            HttpStatusCode.Created,
            (await elsewhere.SendAsync($"/api/jobs/document?personId={elsewhere.Ada}", bytes, type)).Status
        );
        Assert.Equal(
            bytes,
            await elsewhere.Server.Client.GetByteArrayAsync(
                new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative)
            )
        );
        Assert.StartsWith(
            "Wire,",
            Encoding.UTF8.GetString(
                (
                    await elsewhere.Server.Client.GetByteArrayAsync(
                        new Uri($"/api/jobs/{job}/export/wires.csv", UriKind.Relative)
                    )
                )[3..]
            ),
            StringComparison.Ordinal
        );
        Assert.Equal(
            (byte)'P',
            (
                await elsewhere.Server.Client.GetByteArrayAsync(
                    new Uri($"/api/jobs/{job}/export/wires.xlsx", UriKind.Relative)
                )
            )[0]
        );
    }

    [Fact]
    public async Task Jobs_are_listed_the_last_changed_first_in_pages()
    {
        await using var bench = await JobBench.StartAsync();
        var ids = new List<Guid>();
        for (var i = 0; i < 5; i++)
        {
            bench.Server.Time.Advance(TimeSpan.FromMinutes(1));
            ids.Add(await bench.JobAsync());
        }

        bench.Server.Time.Advance(TimeSpan.FromMinutes(1));
        await bench.TypeAsync(ids[1], new { name = "1", from = "DCP/X1:1" });
        var seen = new List<Guid>();
        int? offset = 0;
        while (offset is { } from)
        {
            var (_, page) = await bench.Server.GetAsync($"/api/jobs?offset={from}&limit=2");
            seen.AddRange(page.GetProperty("items").EnumerateArray().Select(j => j.GetProperty("id").GetGuid()));
            offset = page.GetProperty("next") is { ValueKind: JsonValueKind.Number } next ? next.GetInt32() : null;
        }

        Assert.Equal([ids[1], ids[4], ids[3], ids[2], ids[0]], seen);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.Server.GetAsync("/api/jobs?offset=-1")).Status);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.Server.GetAsync("/api/jobs?limit=201")).Status);
    }

    [Fact]
    public async Task A_card_tells_how_far_a_job_is_and_the_worst_that_was_found()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                fromLanding = "spring cage",
                to = "DCP/X1:2",
                toLanding = "spring cage",
                size = "14",
                colour = "green",
                function = "line",
            },
            new { name = "2", from = "DCP/X1:3" },
            new
            {
                name = "3",
                from = "DCP/X1:4",
                fromLanding = "spring cage",
                to = "DCP/X1:5",
                toLanding = "spring cage",
                size = "14",
                colour = "black",
                function = "line",
            }
        );
        var summary = (await bench.Server.GetAsync("/api/jobs")).Json.GetProperty("items")[0].GetProperty("summary");
        Assert.Equal(3, summary.GetProperty("wires").GetInt32());
        Assert.Equal(1, summary.GetProperty("stops").GetInt32());
        Assert.Contains("green", summary.GetProperty("worst").GetString(), StringComparison.OrdinalIgnoreCase);
        // One stitch an end: with a stop, or without a size, none is ready.
        Assert.Equal(
            ["planned 4", "ready 2"],
            summary
                .GetProperty("lace")
                .EnumerateArray()
                .Select(r => $"{r.GetProperty("state").GetString()} {r.GetProperty("ends").GetInt32()}")
        );
    }

    [Fact]
    public async Task A_job_that_is_not_there_is_not_found_anywhere()
    {
        await using var bench = await JobBench.StartAsync();
        var id = Guid.NewGuid();
        foreach (
            var place in new[]
            {
                "",
                "/wires",
                "/landings",
                "/findings",
                "/commands",
                "/survey",
                "/export/job.json",
                "/export/wires.csv",
                $"/wires/{Guid.NewGuid()}/ends/a",
            }
        )
        {
            Assert.Equal(HttpStatusCode.NotFound, (await bench.Server.GetAsync($"/api/jobs/{id}{place}")).Status);
        }

        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.TypeAsync(id, new { name = "1", from = "DCP/X1:1" })).Status
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await bench.CommandAsync(
                    id,
                    new
                    {
                        put = new
                        {
                            part = "circuit",
                            id,
                            name = "1",
                        },
                    }
                )
            ).Status
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.PostAsync($"/api/jobs/{id}/restore", new { })).Status
        );
    }

    [Fact]
    public async Task A_document_whose_parts_do_not_belong_together_is_refused_whole()
    {
        await using var bench = await JobBench.StartAsync();
        var job = (await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List), new { jobName = "Panel" }))
            .Json.GetProperty("jobId")
            .GetGuid();
        var document = System.Text.Json.Nodes.JsonNode.Parse(
            await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative))
        )!;
        document["job"]!["id"] = Guid.NewGuid();
        document["wires"]![0]!["a"]!["landingId"] = Guid.NewGuid();
        var (status, problem) = await bench.SendAsync(
            $"/api/jobs/document?personId={bench.Ada}",
            Encoding.UTF8.GetBytes(document.ToJsonString())
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains("landing that is not", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        Assert.Equal(["Panel"], await bench.NamesAsync());
        // And by nobody it is taken in at all.
        document["wires"]![0]!["a"]!["landingId"] = null;
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await bench.SendAsync(
                    $"/api/jobs/document?personId={Guid.NewGuid()}",
                    Encoding.UTF8.GetBytes(document.ToJsonString())
                )
            ).Status
        );
    }

    [Theory]
    [InlineData("wires.csv", "text/csv")]
    [InlineData("wires.xlsx", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet")]
    [InlineData("job.json", "application/json")]
    public async Task A_file_goes_out_under_the_job_s_name(string file, string type)
    {
        await using var bench = await JobBench.StartAsync();
        var id = Guid.NewGuid();
        await bench.Server.PostAsync(
            "/api/jobs",
            new
            {
                id,
                personId = bench.Ada,
                name = "Dome / slit: \"north\"",
            }
        );
        using var response = await bench.Server.Client.GetAsync(
            new Uri($"/api/jobs/{id}/export/{file}", UriKind.Relative)
        );
        Assert.Equal(type, response.Content.Headers.ContentType!.MediaType);
        var name = response.Content.Headers.ContentDisposition!.FileNameStar
            ?? response.Content.Headers.ContentDisposition.FileName!;
        Assert.Contains("slit", name, StringComparison.OrdinalIgnoreCase);
        Assert.DoesNotContain('/', name);
    }
}
