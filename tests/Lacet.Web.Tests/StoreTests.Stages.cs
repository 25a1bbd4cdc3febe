using Lacet.Store;
using Lacet.Web.Hosting;

namespace Lacet.Web.Tests;

public sealed partial class StoreTests
{
    /// <summary>
    /// A data folder written by the first finished stage. Nobody may ever have to change what stands here.
    /// </summary>
    [Fact]
    public async Task The_first_stage_s_data_opens_with_the_same_states_and_a_whole_chain()
    {
        var folder = Copy("stage-1");
        await using var server = await RunningServer.StartAsync(folder);
        var (_, seal) = await server.GetAsync("/api/records/seal");
        Assert.True(seal.GetProperty("isWhole").GetBoolean());
        Assert.Equal(15, seal.GetProperty("events").GetInt64());
        Assert.Equal(
            (await File.ReadAllTextAsync(Path.Combine(folder, "head"), TestContext.Current.CancellationToken)).Trim(),
            seal.GetProperty("head").GetString()
        );
        var (_, page) = await server.GetAsync("/api/records?limit=200");
        var states = page.GetProperty("items")
            .EnumerateArray()
            .OrderBy(i => i.GetProperty("sequence").GetInt64())
            .Select(i => i.GetProperty("state").GetString());
        Assert.Equal(
            [
                "landed",
                "landed",
                "landed",
                "wanting",
                "landed",
                "landed",
                "withdrawn",
                "withdrawn",
                "landed",
                "wanting",
                "landed",
                "landed",
                "wanting",
                "landed",
                "landed",
            ],
            states
        );
    }

    /// <summary>
    /// The second stage's: events of every kind of landing, house rules, and a Shelf with an entry of its own.
    /// </summary>
    [Fact]
    public async Task The_second_stage_s_data_opens_with_the_same_states_a_whole_chain_and_its_shelf()
    {
        var folder = Copy("stage-2");
        await using var server = await RunningServer.StartAsync(folder);
        var (_, seal) = await server.GetAsync("/api/records/seal");
        Assert.True(seal.GetProperty("isWhole").GetBoolean());
        Assert.Equal(
            (await File.ReadAllTextAsync(Path.Combine(folder, "head"), TestContext.Current.CancellationToken)).Trim(),
            seal.GetProperty("head").GetString()
        );
        var (_, page) = await server.GetAsync("/api/records?limit=4");
        Assert.Equal(
            ["wanting", "landed", "landed", "landed"],
            page.GetProperty("items").EnumerateArray().Select(i => i.GetProperty("state").GetString())
        );
        var (_, shelf) = await server.GetAsync("/api/shelf/landing?q=DCP-X4");
        Assert.Equal("marking", shelf.GetProperty("items")[0].GetProperty("item").GetProperty("trust").GetString());
        Assert.Equal(
            20,
            (await server.GetAsync("/api/shelf/landing?limit=200")).Json.GetProperty("items").GetArrayLength() - 1
        );
        // A kind that came after it is there too.
        var (_, devices) = await server.GetAsync("/api/shelf/device");
        Assert.NotEqual(0, devices.GetProperty("items").GetArrayLength());
    }

    /// <summary>
    /// The third stage's: a job from a list, with ends landed, checked, signed and one whose plan was changed; and a
    /// survey.
    /// </summary>
    [Fact]
    public async Task The_third_stage_s_data_opens_with_the_same_jobs_states_and_findings()
    {
        var folder = Copy("stage-3");
        await using var server = await RunningServer.StartAsync(folder);
        var (_, seal) = await server.GetAsync("/api/records/seal");
        Assert.Equal(
            (await File.ReadAllTextAsync(Path.Combine(folder, "head"), TestContext.Current.CancellationToken)).Trim(),
            seal.GetProperty("head").GetString()
        );
        var (_, jobs) = await server.GetAsync("/api/jobs");
        Assert.Equal(
            ["House", "Workshop"],
            jobs.GetProperty("items")
                .EnumerateArray()
                .Select(j => j.GetProperty("summary").GetProperty("name").GetString())
        );
        var workshop = jobs.GetProperty("items")[1].GetProperty("id").GetGuid();
        // What the card shows was kept; opened, the job is judged anew, by the checks of today, over the same ends.
        var kept = jobs.GetProperty("items")[1].GetProperty("summary");
        var today = (await server.GetAsync($"/api/jobs/{workshop}")).Json.GetProperty("summary");
        Assert.Equal(
            (
                kept.GetProperty("wires").GetInt32(),
                kept.GetProperty("lace").EnumerateArray().Sum(r => r.GetProperty("ends").GetInt32())
            ),
            (
                today.GetProperty("wires").GetInt32(),
                today.GetProperty("lace").EnumerateArray().Sum(r => r.GetProperty("ends").GetInt32())
            )
        );
        var (_, wires) = await server.GetAsync($"/api/jobs/{workshop}/wires?limit=4");
        Assert.Equal(
            ["checked", "signed", "landed", "landed"],
            wires.GetProperty("items").EnumerateArray().Select(w => w.GetProperty("a").GetProperty("state").GetString())
        );
        Assert.True(wires.GetProperty("items")[2].GetProperty("a").GetProperty("olderPlan").GetBoolean());
        var (_, findings) = await server.GetAsync($"/api/jobs/{workshop}/findings?accepted=true");
        var accepted = findings.GetProperty("items")[0].GetProperty("accepted");
        Assert.Equal(
            ("re-marked", "Ines Okafor"),
            (accepted.GetProperty("reason").GetString(), accepted.GetProperty("person").GetString())
        );
    }

    /// <summary>
    /// The fourth stage's: an end rejected, one set aside, one looked at; a cord and a pin map with what was measured.
    /// </summary>
    [Fact]
    public async Task The_fourth_stage_s_data_opens_with_ends_rejected_and_set_aside_and_its_pin_map()
    {
        var folder = Copy("stage-4");
        await using var server = await RunningServer.StartAsync(folder);
        var (_, seal) = await server.GetAsync("/api/records/seal");
        Assert.Equal(
            (await File.ReadAllTextAsync(Path.Combine(folder, "head"), TestContext.Current.CancellationToken)).Trim(),
            seal.GetProperty("head").GetString()
        );
        var (_, page) = await server.GetAsync("/api/records");
        Assert.Equal(
            ["put-right", "parked", "rejected", "landed"],
            page.GetProperty("items").EnumerateArray().Select(i => i.GetProperty("state").GetString())
        );
        var job = (await server.GetAsync("/api/jobs")).Json.GetProperty("items")[0].GetProperty("id").GetGuid();
        var (_, wires) = await server.GetAsync($"/api/jobs/{job}/wires");
        Assert.Equal(
            [("rejected", "parked"), ("ready", "ready")],
            wires
                .GetProperty("items")
                .EnumerateArray()
                .Select(w =>
                    (
                        w.GetProperty("a").GetProperty("state").GetString(),
                        w.GetProperty("b").GetProperty("state").GetString()
                    )
                )
        );
        var (_, overview) = await server.GetAsync($"/api/jobs/{job}");
        Assert.Equal("heater", overview.GetProperty("cords")[0].GetProperty("part").GetProperty("name").GetString());
        var map = System.Text.Json.Nodes.JsonNode.Parse(
            overview.GetProperty("pinMaps")[0].GetProperty("part").GetProperty("map").GetRawText()
        )!;
        var (_, tested) = await server.PostAsync("/api/pin-maps/check", map);
        Assert.Equal(
            ["pin-open", "pin-unsaid"],
            tested.GetProperty("findings").EnumerateArray().Select(f => f.GetProperty("check").GetString())
        );
        Assert.Equal(
            [true, false, null],
            tested
                .GetProperty("steps")
                .EnumerateArray()
                .Select(s =>
                    s.GetProperty("passed").ValueKind == JsonValueKind.Null
                        ? (bool?)null
                        : s.GetProperty("passed").GetBoolean()
                )
        );
    }

    /// <summary>
    /// The fifth stage's: a joint with its sheet's combinations in a wet box of a volume, a test of a pin map, a rework
    /// taken back.
    /// </summary>
    [Fact]
    public async Task The_fifth_stage_s_data_opens_with_its_splice_and_the_test_of_its_pin_map()
    {
        var folder = Copy("stage-5");
        await using var server = await RunningServer.StartAsync(folder);
        var (_, seal) = await server.GetAsync("/api/records/seal");
        Assert.Equal(
            (await File.ReadAllTextAsync(Path.Combine(folder, "head"), TestContext.Current.CancellationToken)).Trim(),
            seal.GetProperty("head").GetString()
        );
        var (_, page) = await server.GetAsync("/api/records");
        Assert.Equal(
            ["withdrawn", "withdrawn", "wanting"],
            page.GetProperty("items").EnumerateArray().Select(i => i.GetProperty("state").GetString())
        );
        Assert.Equal(
            [true, true, false],
            page.GetProperty("items")[2]
                .GetProperty("continuity")
                .GetProperty("readings")
                .EnumerateArray()
                .Select(r => r.GetProperty("isWhole").GetBoolean())
        );
        var job = (await server.GetAsync("/api/jobs")).Json.GetProperty("items")[0].GetProperty("id").GetGuid();
        var wire = (await server.GetAsync($"/api/jobs/{job}/wires")).Json.GetProperty("items")[0].GetProperty("wire");
        Assert.Equal(300, wire.GetProperty("a").GetProperty("freeLengthMm").GetDouble(), 6);
        var splice = (
            await server.GetAsync($"/api/jobs/{job}/wires/{wire.GetProperty("id").GetGuid()}/ends/a")
        ).Json.GetProperty("splice");
        Assert.Equal(
            ("J", "go"),
            (splice.GetProperty("name").GetString(), splice.GetProperty("joint").GetProperty("verdict").GetString())
        );
        var (_, findings) = await server.GetAsync($"/api/jobs/{job}/findings");
        Assert.Equal(
            ["pin-open", "spoiled-end"],
            findings
                .GetProperty("items")
                .EnumerateArray()
                .Select(f => f.GetProperty("check").GetString())
                .Where(c => c is "pin-open" or "spoiled-end" or "box-overfilled")
                .Order(StringComparer.Ordinal)
        );
    }

    private static string Copy(string fixture)
    {
        var folder = Directory.CreateTempSubdirectory("lacet-test-").FullName;
        foreach (var file in Directory.EnumerateFiles(Path.Combine(AppContext.BaseDirectory, "Fixtures", fixture)))
        {
            File.Copy(file, Path.Combine(folder, Path.GetFileName(file)));
        }

        return folder;
    }
}
