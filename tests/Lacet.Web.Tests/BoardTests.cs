namespace Lacet.Web.Tests;

/// <summary>The board over HTTP: where everything stands, how far it is, what puts it right.</summary>
public sealed class BoardTests
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
    public async Task What_is_recorded_at_an_end_is_a_change_of_its_board()
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
                to = "DCP/X2:1",
                toLanding = "push-in",
                size = "2,5 fine",
            },
            new
            {
                name = "2",
                from = "DCP/X3:1",
                fromLanding = "push-in",
                to = "DCP/X2:2",
                toLanding = "push-in",
                size = "2,5 fine",
            }
        );
        var enclosure = (await bench.Server.GetAsync($"/api/jobs/{job}"))
            .Json.GetProperty("enclosures")[0]
            .GetProperty("part")
            .GetProperty("id")
            .GetGuid();
        var mark = (await bench.Server.GetAsync($"/api/jobs/{job}/boards/{enclosure}"))
            .Json.GetProperty("mark")
            .GetString();
        await bench.RecordAsync(job, JobBench.Id((await bench.WiresAsync(job))[0]), "termination", bench.Ada);
        var (_, board) = await bench.Server.GetAsync($"/api/jobs/{job}/boards/{enclosure}?since={mark}");
        Assert.False(board.GetProperty("whole").GetBoolean());
        var stub = Devices(board)
            .Single(d => d.GetProperty("name").GetString() == "X1")
            .GetProperty("slots")[0]
            .GetProperty("stubs")[0];
        Assert.Equal("landed", stub.GetProperty("state").GetString());
        Assert.DoesNotContain("X3", Devices(board).Select(d => d.GetProperty("name").GetString()));
    }

    [Fact]
    public async Task What_was_found_about_a_device_as_a_whole_stands_on_the_device()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "BOX/R1:1",
                fromLanding = "receptacle 20 A, brass screw",
                size = "14 solid",
                function = "line",
                circuit = "5",
            }
        );
        var circuit = (await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits")[0];
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "circuit",
                    id = circuit.GetProperty("part").GetProperty("id").GetGuid(),
                    name = "5",
                    ocpdAmps = 15,
                },
                version = circuit.GetProperty("version").GetInt64(),
            }
        );
        var enclosure = (await bench.Server.GetAsync($"/api/jobs/{job}"))
            .Json.GetProperty("enclosures")
            .EnumerateArray()
            .Single(e => e.GetProperty("part").GetProperty("name").GetString() == "BOX");
        var (_, board) = await bench.Server.GetAsync(
            $"/api/jobs/{job}/boards/{enclosure.GetProperty("part").GetProperty("id").GetGuid()}"
        );
        var device = Assert.Single(
            board.GetProperty("rails").EnumerateArray().SelectMany(r => r.GetProperty("devices").EnumerateArray())
        );
        // NEC 210.21(B)(3): a 15 A circuit has 15 A receptacles only; from memory.
        Assert.Contains("receptacle-rating", device.GetProperty("checks").EnumerateArray().Select(c => c.GetString()));
        Assert.Equal("stop", device.GetProperty("worst").GetString());
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
            new
            {
                id = Guid.NewGuid(),
                personId = bench.Ada,
                key = pigtail.GetProperty("key").GetString(),
            }
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
                    new
                    {
                        id = Guid.NewGuid(),
                        personId = bench.Ada,
                        key = pigtail.GetProperty("key").GetString(),
                    }
                )
            ).Status
        );
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{done.GetProperty("commandId").GetGuid()}/undo",
            new { personId = bench.Ada }
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
        await bench.Server.PostAsync(
            address,
            new
            {
                id = Guid.NewGuid(),
                personId = bench.Ada,
                key = remedy.GetProperty("key").GetString(),
            }
        );
        var wire = (await bench.WiresAsync(job)).Single().GetProperty("wire");
        Assert.Equal(
            (90, "W4"),
            (wire.GetProperty("a").GetProperty("pastOpeningMm").GetDouble(), wire.GetProperty("run").GetString())
        );
        Assert.False(wire.GetProperty("a").TryGetProperty("ferrule", out _));
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
                        personId = bench.Ada,
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
                personId = bench.Ada,
                line = "W10 wibble",
                enclosure = "DCP",
            }
        );
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "line"), (status, problem.GetProperty("field").GetString()));
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
                    personId = bench.Ada,
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
