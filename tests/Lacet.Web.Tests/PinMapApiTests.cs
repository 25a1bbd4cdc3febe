using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

/// <summary>Pin maps and cords over HTTP: stateless, as parts of a job, as CSV.</summary>
public sealed partial class PinMapApiTests
{
    private static object Map(bool keySeen = true) =>
        new
        {
            name = "Fan",
            pinCount = 6,
            keySeen,
            speeds = 2,
            fed = new[] { "low-speed" },
            pins = new object[]
            {
                new
                {
                    pin = 1,
                    function = "low-speed",
                    terminal = "T1",
                    colour = "=blue",
                    ohms = 0.3,
                },
                new
                {
                    pin = 2,
                    function = "high-speed",
                    terminal = "T2",
                    isOpen = true,
                },
                new
                {
                    pin = 4,
                    function = "common",
                    terminal = "T4",
                },
                new
                {
                    pin = 6,
                    function = "earth",
                    terminal = "PE",
                },
            },
        };

    [Fact]
    public async Task A_map_is_checked_and_tested_only_once_its_key_was_seen()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, blind) = await server.PostAsync("/api/pin-maps/check", Map(keySeen: false));
        Assert.Contains(
            "pin-key-not-seen",
            blind.GetProperty("findings").EnumerateArray().Select(f => f.GetProperty("check").GetString())
        );
        Assert.Empty(blind.GetProperty("steps").EnumerateArray());
        var (status, seen) = await server.PostAsync("/api/pin-maps/check", Map());
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            ["pin-open", "pin-other-speed-live", "pin-unsaid"],
            seen.GetProperty("findings").EnumerateArray().Select(f => f.GetProperty("check").GetString())
        );
        Assert.Equal(
            [true, false, null, null],
            seen.GetProperty("steps")
                .EnumerateArray()
                .Select(s =>
                    s.GetProperty("passed").ValueKind == JsonValueKind.Null
                        ? (bool?)null
                        : s.GetProperty("passed").GetBoolean()
                )
        );
        Assert.Equal(6, seen.GetProperty("keyBelow").GetProperty("pins").GetArrayLength());
    }

    [Fact]
    public async Task What_is_written_as_csv_is_read_back()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, written) = await server.PostAsync("/api/pin-maps/write", Map());
        var text = written.GetProperty("text").GetString()!;
        Assert.StartsWith("pin,function,terminal,colour,ohms", text, StringComparison.OrdinalIgnoreCase);
        // A spreadsheet takes no name for a formula.
        Assert.DoesNotContain(",=blue", text, StringComparison.Ordinal);
        var (_, pins) = await server.PostAsync("/api/pin-maps/read", new { text });
        Assert.Equal(
            ["1 low-speed T1 0.3 False", "2 high-speed T2  True", "4 common T4  False", "6 earth PE  False"],
            pins.EnumerateArray()
                .Select(p =>
                    $"{p.GetProperty("pin")} {p.GetProperty("function")} {p.GetProperty("terminal")} {p.GetProperty("ohms")} {p.GetProperty("isOpen").GetBoolean()}"
                )
        );
    }

    [Theory]
    [InlineData("", "names the columns")]
    [InlineData("pin,function,terminal\n", "no pin below")]
    [InlineData("pin;function;terminal\n1;low speed;T1\nx;common;T2", "Row 3: “x”")]
    [InlineData("pin,function,terminal\n1,sideways,T1", "Row 2: “sideways”")]
    [InlineData("pin,function,terminal,colour,ohms\n1,common,T1,,lots", "Row 2: “lots”")]
    public async Task A_text_that_is_no_map_is_told_by_its_row(string text, string says)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, problem) = await server.PostAsync("/api/pin-maps/read", new { text });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(says, problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Maps_and_cords_are_parts_of_a_job_changed_undone_exported_and_taken_in_again()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (map, cord) = (Guid.NewGuid(), Guid.NewGuid());
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "pin-map",
                    id = map,
                    map = Map(),
                },
            }
        );
        var (_, done) = await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "cord",
                    id = cord,
                    name = "projector",
                    seen = new[] { "patched" },
                },
            }
        );
        Assert.Equal("Added cord projector.", done.GetProperty("says").GetString());
        var overview = (await bench.Server.GetAsync($"/api/jobs/{job}")).Json;
        Assert.Equal(
            "Fan",
            overview.GetProperty("pinMaps")[0].GetProperty("part").GetProperty("map").GetProperty("name").GetString()
        );
        Assert.Equal(
            "patched",
            overview.GetProperty("cords")[0].GetProperty("part").GetProperty("seen")[0].GetString()
        );
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{done.GetProperty("commandId").GetGuid()}/undo",
            new { }
        );
        Assert.Empty((await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("cords").EnumerateArray());

        var exported = JsonNode.Parse(
            await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative))
        )!;
        Assert.Equal("T1", exported["pinMaps"]![0]!["map"]!["pins"]![0]!["terminal"]!.GetValue<string>());
        var other = Guid.NewGuid();
        exported["job"]!["id"] = other;
        Assert.Equal(
            HttpStatusCode.Created,
            (
                await bench.SendAsync(
                    $"/api/jobs/document",
                    System.Text.Encoding.UTF8.GetBytes(exported.ToJsonString())
                )
            ).Status
        );
        Assert.Single((await bench.Server.GetAsync($"/api/jobs/{other}")).Json.GetProperty("pinMaps").EnumerateArray());
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await bench.CommandAsync(
                    job,
                    new
                    {
                        put = new
                        {
                            part = "pin-map",
                            id = Guid.NewGuid(),
                            map = new
                            {
                                name = "",
                                pinCount = 6,
                                pins = Array.Empty<object>(),
                            },
                        },
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task What_is_wrong_with_a_map_or_a_cord_is_among_the_findings_and_a_note_of_it_can_be_accepted()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var map = Guid.NewGuid();
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "pin-map",
                    id = map,
                    map = Map(),
                },
            }
        );
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "cord",
                    id = Guid.NewGuid(),
                    name = "projector",
                    seen = new[] { "patched" },
                },
            }
        );
        var found = (await bench.FindingsAsync(job)).ToList();
        Assert.Equal(
            ["cord-unfit", "pin-open", "pin-other-speed-live", "pin-unsaid"],
            found.Select(f => f.GetProperty("check").GetString()).Order(StringComparer.Ordinal)
        );
        var note = found.Single(f => f.GetProperty("check").GetString() == "pin-other-speed-live");
        Assert.Equal(
            ("pin-map", "pin map Fan", map),
            (
                note.GetProperty("about").GetProperty("scope").GetString(),
                note.GetProperty("about").GetProperty("name").GetString(),
                note.GetProperty("about").GetProperty("keptId").GetGuid()
            )
        );
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/findings/accept",
            new
            {
                id = Guid.NewGuid(),
                key = note.GetProperty("key").GetString(),
                reason = "insulated",
            }
        );
        Assert.Equal(
            3,
            (await bench.Server.GetAsync($"/api/jobs/{job}/findings?accepted=false"))
                .Json.GetProperty("items")
                .GetArrayLength()
        );
    }
}
