namespace Lacet.Web.Tests;

/// <summary>The board over HTTP: where everything stands, how far it is, what puts it right.</summary>
public sealed partial class BoardTests
{
    [Fact]
    public async Task A_board_shows_every_landing_once_with_its_ends_and_what_was_found()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, board) = await BoardAsync(bench);
        Assert.Equal(
            ["X1:1", "X1:2", "X2:1"],
            Slots(board).Select(s => s.GetProperty("name").GetString()).Order(StringComparer.Ordinal)
        );
        var slot = Slots(board).Single(s => s.GetProperty("name").GetString() == "X1:1");
        Assert.Equal("1", slot.GetProperty("mark").GetString());
        Assert.Equal("fix", slot.GetProperty("worst").GetString());
        Assert.Contains("range-not-known", slot.GetProperty("checks").EnumerateArray().Select(c => c.GetString()));
        var stub = Assert.Single(slot.GetProperty("stubs").EnumerateArray());
        Assert.Equal(
            ("a", "ready", "fix"),
            (
                stub.GetProperty("side").GetString(),
                stub.GetProperty("state").GetString(),
                stub.GetProperty("worst").GetString()
            )
        );
        var wire = Assert.Single(board.GetProperty("wires").EnumerateArray());
        Assert.Equal(
            ("1", "1/0 AWG", "green", "yellow", "DCP/X2:1"),
            (
                wire.GetProperty("name").GetString(),
                wire.GetProperty("size").GetString(),
                wire.GetProperty("hue").GetString(),
                wire.GetProperty("stripe").GetString(),
                wire.GetProperty("b").GetProperty("name").GetString()
            )
        );
        Assert.Equal(
            (await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("sequence").GetInt64(),
            board.GetProperty("sequence").GetInt64()
        );
    }

    [Fact]
    public async Task Whoever_knows_a_board_is_told_only_what_has_changed_since()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, board) = await BoardAsync(bench);
        await bench.TypeAsync(
            job,
            new
            {
                name = "8",
                from = "DCP/X1:2",
                to = "DCP/X5:1",
                toLanding = "push-in",
                size = "2,5 fine",
            }
        );
        var address = $"/api/jobs/{job}/boards/{board.GetProperty("enclosureId").GetGuid()}";
        // A landing came: everything may stand elsewhere.
        var (_, whole) = await bench.Server.GetAsync($"{address}?since={board.GetProperty("mark").GetString()}");
        Assert.True(whole.GetProperty("whole").GetBoolean());
        Assert.Equal(4, Slots(whole).Count());

        // Nothing since.
        var (_, none) = await bench.Server.GetAsync($"{address}?since={whole.GetProperty("mark").GetString()}");
        Assert.Equal(
            (false, whole.GetProperty("mark").GetString()),
            (none.GetProperty("whole").GetBoolean(), none.GetProperty("mark").GetString())
        );
        Assert.Empty(Devices(none));
        Assert.Empty(none.GetProperty("wires").EnumerateArray());

        var eight = (await bench.WiresAsync(job)).Single(w =>
            w.GetProperty("wire").GetProperty("name").GetString() == "8"
        );
        await bench.CommandAsync(job, new { put = JobBench.Part(eight, w => w["colour"] = "red"), version = 1 });
        var (_, coloured) = await bench.Server.GetAsync($"{address}?since={none.GetProperty("mark").GetString()}");
        Assert.Equal(
            "red",
            Assert.Single(coloured.GetProperty("wires").EnumerateArray()).GetProperty("hue").GetString()
        );
        // Only where it ends: on X1 and X5.
        Assert.Equal(
            ["X1", "X5"],
            Devices(coloured).Select(d => d.GetProperty("name").GetString()).Order(StringComparer.Ordinal)
        );

        await bench.CommandAsync(job, new { remove = JobBench.Id(eight), version = 2 });
        var (_, gone) = await bench.Server.GetAsync($"{address}?since={coloured.GetProperty("mark").GetString()}");
        Assert.False(gone.GetProperty("whole").GetBoolean());
        Assert.Equal(JobBench.Id(eight), Assert.Single(gone.GetProperty("gone").EnumerateArray()).GetGuid());
        Assert.Empty(
            Devices(gone)
                .Single(d => d.GetProperty("name").GetString() == "X5")
                .GetProperty("slots")[0]
                .GetProperty("stubs")
                .EnumerateArray()
        );
        // Whoever missed the answer before is told both.
        var (_, both) = await bench.Server.GetAsync($"{address}?since={none.GetProperty("mark").GetString()}");
        Assert.Equal(
            ["X1", "X5"],
            Devices(both).Select(d => d.GetProperty("name").GetString()).Order(StringComparer.Ordinal)
        );

        // A mark of some other board, or none at all: everything.
        foreach (var other in new[] { "wibble", $"{Guid.NewGuid():N}-1", "" })
        {
            Assert.True(
                (await bench.Server.GetAsync($"{address}?since={other}")).Json.GetProperty("whole").GetBoolean()
            );
        }
    }

    [Fact]
    public async Task An_enclosure_that_is_not_there_has_no_board()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.GetAsync($"/api/jobs/{job}/boards/{Guid.NewGuid()}")).Status
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.GetAsync($"/api/jobs/{Guid.NewGuid()}/boards/{Guid.NewGuid()}")).Status
        );
    }

    [Theory]
    [InlineData("W9 X1:2 X2:1 14 solid black", "W9", "DCP/X1:2", "14 AWG")]
    [InlineData("W9 DCP/X1:2 2,5 blue", "W9", "DCP/X1:2", "2.5 mm²")]
    public async Task A_wire_is_added_in_one_line(string line, string name, string from, string size)
    {
        await using var bench = await JobBench.StartAsync();
        var (job, _) = await BoardAsync(bench);
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/wires/line",
                    new
                    {
                        id = Guid.NewGuid(),
                        line,
                        enclosure = "DCP",
                    }
                )
            ).Status
        );
        var row = (await bench.WiresAsync(job)).Single(w =>
            w.GetProperty("wire").GetProperty("name").GetString() == name
        );
        Assert.Equal((from, size), (row.GetProperty("from").GetString(), row.GetProperty("size").GetString()));
        var (status, problem) = await bench.Server.PostAsync(
            $"/api/jobs/{job}/wires/line",
            new
            {
                id = Guid.NewGuid(),
                line = "W10 wibble",
                enclosure = "DCP",
            }
        );
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "line"), (status, problem.GetProperty("field").GetString()));
    }

    private static IEnumerable<JsonElement> Devices(JsonElement board) =>
        board
            .GetProperty("rails")
            .EnumerateArray()
            .SelectMany(r => r.GetProperty("devices").EnumerateArray())
            .Where(d => d.ValueKind != JsonValueKind.Null);

    private static IEnumerable<JsonElement> Slots(JsonElement board) =>
        Devices(board).SelectMany(d => d.GetProperty("slots").EnumerateArray());

    /// <summary>A panel of two strips, and a wire between them that is far too thick.</summary>
    private static async Task<(Guid Job, JsonElement Board)> BoardAsync(JobBench bench)
    {
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                fromLanding = "push-in",
                to = "DCP/X2:1",
                toLanding = "push-in",
                size = "1/0",
                colour = "green/yellow",
                function = "earth",
            },
            new
            {
                name = "2",
                from = "DCP/X1:2",
                fromLanding = "push-in",
            }
        );
        var two = (await bench.WiresAsync(job))[1];
        await bench.CommandAsync(job, new { remove = JobBench.Id(two), version = 1 });
        var enclosure = (await bench.Server.GetAsync($"/api/jobs/{job}"))
            .Json.GetProperty("enclosures")[0]
            .GetProperty("part")
            .GetProperty("id")
            .GetGuid();
        return (job, (await bench.Server.GetAsync($"/api/jobs/{job}/boards/{enclosure}")).Json);
    }
}
