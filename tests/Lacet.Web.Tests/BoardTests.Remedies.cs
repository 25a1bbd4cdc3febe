namespace Lacet.Web.Tests;

public sealed partial class BoardTests
{
    [Fact]
    public async Task What_puts_an_end_right_is_offered_drawn_taken_and_undone()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                fromLanding = "push-in",
                size = "14 solid",
                colour = "black",
                function = "line",
                circuit = "5",
            },
            new
            {
                name = "2",
                from = "DCP/X1:1",
                size = "14 solid",
                colour = "black",
                function = "line",
                circuit = "5",
            }
        );
        var wire = JobBench.Id((await bench.WiresAsync(job))[0]);
        var address = $"/api/jobs/{job}/wires/{wire}/ends/a/remedies";
        var (status, remedies) = await bench.Server.GetAsync(address);
        Assert.Equal(HttpStatusCode.OK, status);
        var pigtail = remedies.EnumerateArray().Single(r => r.GetProperty("id").GetString() == "pigtail");
        Assert.Contains(
            "two-conductors",
            pigtail.GetProperty("gone").EnumerateArray().Select(f => f.GetProperty("check").GetString())
        );

        var (taken, done) = await bench.Server.PostAsync(
            address,
            new { id = Guid.NewGuid(), key = pigtail.GetProperty("key").GetString() }
        );
        Assert.Equal(HttpStatusCode.OK, taken);
        Assert.DoesNotContain(await bench.FindingsAsync(job), f =>
            f.GetProperty("check").GetString() == "two-conductors"
        );
        Assert.Equal(
            ["1", "2", "1p"],
            (await bench.WiresAsync(job)).Select(w => w.GetProperty("wire").GetProperty("name").GetString())
        );
        // Taken once, it is there no more.
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await bench.Server.PostAsync(
                    address,
                    new { id = Guid.NewGuid(), key = pigtail.GetProperty("key").GetString() }
                )
            ).Status
        );
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{done.GetProperty("commandId").GetGuid()}/undo",
            new { }
        );
        Assert.Equal(2, (await bench.WiresAsync(job)).Count);
        Assert.Contains(await bench.FindingsAsync(job), f => f.GetProperty("check").GetString() == "two-conductors");
    }

    [Fact]
    public async Task A_remedy_keeps_whatever_else_is_written_of_a_part()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                fromLanding = "screw clamp",
                size = "2,5 fine",
                run = "W4",
            }
        );
        var row = (await bench.WiresAsync(job)).Single();
        await bench.CommandAsync(job, new { put = JobBench.Part(row, w => w["a"] = new System.Text.Json.Nodes.JsonObject
                    {
                        ["id"] = w["a"]!["id"]!.GetValue<Guid>(),
                        ["landingId"] = w["a"]!["landingId"]!.GetValue<Guid>(),
                        ["pastOpeningMm"] = 90,
                        ["ferrule"] = new System.Text.Json.Nodes.JsonObject { ["sizeMm2"] = 1 },
                    }), version = 1 });
        var address = $"/api/jobs/{job}/wires/{JobBench.Id(row)}/ends/a/remedies";
        var remedy = (await bench.Server.GetAsync(address))
            .Json.EnumerateArray()
            .Single(r => r.GetProperty("id").GetString() == "ferrule");
        Assert.NotEmpty(remedy.GetProperty("section").GetProperty("parts").EnumerateArray());
        await bench.Server.PostAsync(address, new { id = Guid.NewGuid(), key = remedy.GetProperty("key").GetString() });
        var wire = (await bench.WiresAsync(job)).Single().GetProperty("wire");
        Assert.Equal(
            (90, "W4"),
            (wire.GetProperty("a").GetProperty("pastOpeningMm").GetDouble(), wire.GetProperty("run").GetString())
        );
        Assert.False(wire.GetProperty("a").TryGetProperty("ferrule", out _));
    }

    [Fact]
    public async Task What_a_move_would_make_of_the_findings_is_told_and_nothing_is_stored()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, board) = await BoardAsync(bench);
        var before = (await bench.FindingsAsync(job)).Select(f => f.GetProperty("key").GetString()).ToList();
        var wire = board.GetProperty("wires")[0].GetProperty("id").GetGuid();
        Task<(HttpStatusCode Status, JsonElement Json)> Try(object row) =>
            bench.Server.PostAsync(
                $"/api/jobs/{job}/wires/try",
                new
                {
                    id = Guid.NewGuid(),
                    enclosure = "DCP",
                    rows = new[] { row },
                }
            );
        var (status, told) = await Try(
            new
            {
                wireId = wire,
                version = 1,
                size = "2,5",
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Contains(
            "range-not-known",
            told.GetProperty("gone").EnumerateArray().Select(f => f.GetProperty("check").GetString())
        );
        var (_, there) = await Try(
            new
            {
                wireId = wire,
                version = 1,
                from = "DCP/X1:2",
            }
        );
        Assert.Contains(
            "landing-with-nothing",
            there.GetProperty("come").EnumerateArray().Select(f => f.GetProperty("check").GetString())
        );
        Assert.Equal(before, (await bench.FindingsAsync(job)).Select(f => f.GetProperty("key").GetString()));
        Assert.Equal(1, (await bench.WiresAsync(job)).Single().GetProperty("version").GetInt64());
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await Try(
                    new
                    {
                        wireId = wire,
                        version = 1,
                        size = "fat",
                    }
                )
            ).Status
        );
        Assert.Equal(
            HttpStatusCode.Conflict,
            (
                await Try(
                    new
                    {
                        wireId = Guid.NewGuid(),
                        version = 1,
                        size = "14",
                    }
                )
            ).Status
        );
    }
}
