using System.Text;

namespace Lacet.Web.Tests;

/// <summary>Jobs over HTTP: made, listed, put away, sent out and taken in.</summary>
public sealed partial class JobTests
{
    [Fact]
    public async Task A_job_is_made_once_listed_put_away_and_taken_out_again()
    {
        await using var bench = await JobBench.StartAsync();
        var id = Guid.NewGuid();
        var body = new { id, name = "Dome" };
        Assert.Equal(HttpStatusCode.Created, (await bench.Server.PostAsync("/api/jobs", body)).Status);
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.PostAsync("/api/jobs", body)).Status);
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await bench.Server.PostAsync("/api/jobs", new { id, name = "Other" })).Status
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
        Assert.Equal(status, (await bench.Server.PostAsync("/api/jobs", new { name })).Status);
    }

    [Fact]
    public async Task A_job_is_its_maker_s_by_house_rules_and_nobody_else_s()
    {
        await using var bench = await JobBench.StartAsync();
        var (_, made) = await bench.Server.PostAsync(
            "/api/jobs",
            new { name = "Dome", houseRules = new { region = "iec" } }
        );
        Assert.Equal("iec", made.GetProperty("title").GetProperty("houseRules").GetProperty("region").GetString());
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
}
