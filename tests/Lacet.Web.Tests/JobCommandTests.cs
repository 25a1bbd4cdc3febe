namespace Lacet.Web.Tests;

/// <summary>Changes of a job over HTTP: typed, all or none, in conflict, undone, told to open pages.</summary>
public sealed partial class JobCommandTests
{
    [Fact]
    public async Task Rows_are_typed_read_as_people_write_and_undone()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (status, done) = await bench.TypeAsync(
            job,
            new
            {
                name = "12",
                from = "DCP/X1:5",
                fromLanding = "screw terminal",
                to = "X2:1",
                size = "#14",
                colour = "BK",
                length = "12' 6\"",
                function = "hot",
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("DCP/X1:5", "DCP/X2:1", "14 AWG", "black", 3810),
            (
                row.GetProperty("from").GetString(),
                row.GetProperty("to").GetString(),
                row.GetProperty("size").GetString(),
                row.GetProperty("wire").GetProperty("colour").GetString(),
                row.GetProperty("wire").GetProperty("lengthMm").GetDouble()
            )
        );
        Assert.Equal("line", row.GetProperty("wire").GetProperty("function").GetString());

        await bench.TypeAsync(
            job,
            new
            {
                wireId = JobBench.Id(row),
                version = 1,
                type = "solid",
            }
        );
        row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("14 AWG", "solid copper", 2),
            (
                row.GetProperty("size").GetString(),
                row.GetProperty("type").GetString(),
                row.GetProperty("version").GetInt64()
            )
        );
        await bench.TypeAsync(
            job,
            new
            {
                wireId = JobBench.Id(row),
                version = 2,
                size = "2,5",
                colour = "",
            }
        );
        row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("2.5 mm²", "solid copper", JsonValueKind.Null),
            (
                row.GetProperty("size").GetString(),
                row.GetProperty("type").GetString(),
                row.GetProperty("wire").GetProperty("colour").ValueKind
            )
        );

        var undone = await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{done.GetProperty("commandId").GetGuid()}/undo",
            new { }
        );
        Assert.Equal(HttpStatusCode.Conflict, undone.Status);
        Assert.Single(await bench.WiresAsync(job));
    }

    [Fact]
    public async Task An_open_page_is_told_of_every_change()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        using var stream = new StreamReader(
            await bench.Server.Client.GetStreamAsync(new Uri("/api/stream", UriKind.Relative))
        );
        await stream.ReadLineAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                size = "14",
            }
        );
        string? line;
        do
        {
            line = await stream.ReadLineAsync();
        } while (line is not null && !line.Contains("\"job\"", StringComparison.Ordinal));
        Assert.Contains("Added wire 1.", line!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Many_rows_are_typed_at_once_and_one_that_is_wrong_keeps_all_out()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        object Row(int i, string size) =>
            new
            {
                name = $"{i}",
                from = $"DCP/X1:{i}",
                size,
            };
        var (status, problem) = await bench.TypeAsync(job, Row(1, "14"), Row(2, "fat"), Row(3, "14"));
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "rows[1].size"),
            (status, problem.GetProperty("field").GetString())
        );
        Assert.Empty(await bench.WiresAsync(job));
        var (_, done) = await bench.TypeAsync(job, [.. Enumerable.Range(1, 300).Select(i => Row(i, "14"))]);
        Assert.Equal("Added 300 wires.", done.GetProperty("says").GetString());
        Assert.Equal(200, (await bench.WiresAsync(job)).Count); // a page
        var (_, second) = await bench.Server.GetAsync($"/api/jobs/{job}/wires?offset=200");
        Assert.Equal(
            (100, JsonValueKind.Null, 300),
            (
                second.GetProperty("items").GetArrayLength(),
                second.GetProperty("next").ValueKind,
                second.GetProperty("total").GetInt32()
            )
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.TypeAsync(job)).Status);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.TypeAsync(job, [.. Enumerable.Range(1, 2001).Select(i => Row(i, "14"))])).Status
        );
    }

    [Fact]
    public async Task A_landing_of_the_shelf_is_named_by_its_id_and_gets_its_data()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                size = "14",
            }
        );
        var (_, landings) = await bench.Server.GetAsync($"/api/jobs/{job}/landings");
        var landing = landings.GetProperty("items")[0].GetProperty("landing");
        var (_, shelf) = await bench.Server.GetAsync("/api/shelf/landing?limit=1");
        var entry = shelf.GetProperty("items")[0];
        object Named(Guid id) =>
            new
            {
                put = new
                {
                    part = "landing",
                    id = landing.GetProperty("id").GetGuid(),
                    enclosureId = landing.GetProperty("enclosureId").GetGuid(),
                    deviceId = landing.GetProperty("deviceId").GetGuid(),
                    name = "X1:1",
                    landing = new { id },
                },
                version = 1,
            };
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.CommandAsync(job, Named(Guid.NewGuid()))).Status);
        Assert.Equal(
            HttpStatusCode.OK,
            (await bench.CommandAsync(job, Named(entry.GetProperty("id").GetGuid()))).Status
        );
        (_, landings) = await bench.Server.GetAsync($"/api/jobs/{job}/landings");
        var resolved = landings.GetProperty("items")[0].GetProperty("landing").GetProperty("landing");
        Assert.Equal(
            entry.GetProperty("item").GetProperty("landing").GetProperty("kind").GetString(),
            resolved.GetProperty("kind").GetString()
        );
        Assert.Equal(entry.GetProperty("id").GetGuid(), resolved.GetProperty("id").GetGuid());
    }

    [Fact]
    public async Task A_job_that_was_long_untouched_is_read_again_as_it_was()
    {
        await using var bench = await JobBench.StartAsync();
        var first = await bench.JobAsync();
        await bench.TypeAsync(
            first,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                colour = "white",
                function = "line",
                size = "14",
            }
        );
        var found = (await bench.FindingsAsync(first)).Select(f => f.GetProperty("key").GetString()).ToList();
        // More than stay in memory at once.
        for (var i = 0; i < 14; i++)
        {
            await bench.TypeAsync(await bench.JobAsync(), new { name = "1", from = "DCP/X1:1" });
        }

        Assert.Equal(found, (await bench.FindingsAsync(first)).Select(f => f.GetProperty("key").GetString()));
        var wire = JobBench.Id((await bench.WiresAsync(first)).Single());
        Assert.Equal(
            HttpStatusCode.Conflict,
            (
                await bench.TypeAsync(
                    first,
                    new
                    {
                        wireId = wire,
                        version = 7,
                        colour = "red",
                    }
                )
            ).Status
        );
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.TypeAsync(
                    first,
                    new
                    {
                        wireId = wire,
                        version = 1,
                        colour = "red",
                    }
                )
            ).Status
        );
    }
}
