using System.Security.Cryptography;
using System.Text;
using Lacet.Store;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>What is recorded: once, for good, judged, sealed.</summary>
public sealed partial class RecordTests
{
    [Fact]
    public async Task A_termination_is_kept_with_what_it_was_made_to()
    {
        await using var server = await RunningServer.StartAsync();
        var (status, item) = await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        Assert.Equal(HttpStatusCode.Created, status);
        Assert.Equal((1, "landed"), (item.GetProperty("sequence").GetInt64(), item.GetProperty("state").GetString()));
        Assert.Equal("pass", item.GetProperty("stripJudgement").GetString());
        Assert.Equal("pass", item.GetProperty("torqueJudgement").GetString());
        Assert.True(item.GetProperty("person").GetProperty("proved").GetBoolean());
        var recipe = item.GetProperty("termination").GetProperty("recipe");
        Assert.Equal(10, recipe.GetProperty("strip").GetProperty("target").GetProperty("value").GetDouble());
        Assert.Equal(
            "required",
            item.GetProperty("termination").GetProperty("houseRules").GetProperty("ferrulesOnFineStrands").GetString()
        );
    }

    [Fact]
    public async Task Sending_twice_stores_once()
    {
        await using var server = await RunningServer.StartAsync();
        var record = Requests.Termination(Requests.Typed());
        var (first, created) = await server.PostAsync("/api/records", record);
        server.Time.Advance(TimeSpan.FromMinutes(5));
        var (second, repeated) = await server.PostAsync("/api/records", record);
        Assert.Equal((HttpStatusCode.Created, HttpStatusCode.OK), (first, second));
        Assert.Equal(created.GetProperty("hash").GetString(), repeated.GetProperty("hash").GetString());
        Assert.Equal(1, await server.EventsAsync());
    }

    [Fact]
    public async Task Many_at_once_are_all_stored_in_one_chain()
    {
        await using var server = await RunningServer.StartAsync();
        var twice = Enumerable
            .Range(0, 20)
            .Select(_ => Requests.Termination(Requests.Typed()))
            .SelectMany(r => new[] { r, r });
        var answers = await Task.WhenAll(twice.Select(r => server.PostAsync("/api/records", r)));
        Assert.Equal(20, answers.Count(a => a.Status == HttpStatusCode.Created));
        Assert.Equal(20, answers.Count(a => a.Status == HttpStatusCode.OK));
        var (_, seal) = await server.GetAsync("/api/records/seal");
        Assert.True(seal.GetProperty("isWhole").GetBoolean());
        Assert.Equal(20, seal.GetProperty("events").GetInt64());
    }

    [Fact]
    public async Task Another_event_under_the_same_id_is_a_conflict()
    {
        await using var server = await RunningServer.StartAsync();
        var id = Guid.NewGuid();
        await server.PostAsync("/api/records", Requests.Termination(Requests.Typed(0.65), id));
        var (status, problem) = await server.PostAsync("/api/records", Requests.Termination(Requests.Typed(0.66), id));
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Contains("Nothing was stored", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        Assert.Equal(1, await server.EventsAsync());
    }

    [Fact]
    public async Task By_feel_is_recorded_and_found_wanting()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, item) = await server.PostAsync("/api/records", Requests.Termination(Requests.ByFeel));
        Assert.Equal("wanting", item.GetProperty("state").GetString());
        Assert.Equal("torque-unmeasured", item.GetProperty("findings")[0].GetProperty("check").GetString());
    }

    [Theory]
    [InlineData(0.92, 10.2, "long", "pass")]
    [InlineData(0.4, 10.2, "short", "pass")]
    [InlineData(0.65, 9.4, "pass", "short")]
    [InlineData(0.65, 12, "pass", "long")]
    public async Task What_lies_outside_its_window_is_judged_so(
        double torque,
        double strip,
        string torqueJudged,
        string stripJudged
    )
    {
        await using var server = await RunningServer.StartAsync();
        await server.PersonAsync("Lio Brandt");
        var (_, item) = await server.PostAsync(
            "/api/records",
            Requests.Termination(Requests.Typed(torque), strip: strip)
        );
        Assert.Equal(
            (torqueJudged, stripJudged),
            (item.GetProperty("torqueJudgement").GetString(), item.GetProperty("stripJudgement").GetString())
        );
        Assert.Equal("wanting", item.GetProperty("state").GetString());
    }

    [Fact]
    public async Task A_preset_tool_that_clicked_is_kept_with_its_setting()
    {
        await using var server = await RunningServer.StartAsync();
        var preset = new
        {
            method = "preset",
            value = 6.0,
            unit = "lbf·in",
            tool = "preset 3",
        };
        var (_, item) = await server.PostAsync("/api/records", Requests.Termination(preset));
        var tightening = item.GetProperty("termination").GetProperty("tightening");
        Assert.Equal(
            ("preset", "preset 3"),
            (tightening.GetProperty("method").GetString(), tightening.GetProperty("tool").GetString())
        );
        Assert.Equal("6 lbf·in", tightening.GetProperty("torque").GetProperty("imperial").GetString());
        Assert.Equal("landed", item.GetProperty("state").GetString());
    }

    [Fact]
    public async Task A_reading_is_what_the_tool_said_and_stays_simulated()
    {
        await using var server = await RunningServer.StartAsync();
        var reading = new ReadingRow(Guid.NewGuid(), "Stand-in driver", 0.7, Simulated: true);
        await server
            .Services.GetRequiredService<ReadingsTable>()
            .AddAsync(reading, TestContext.Current.CancellationToken);
        // The page claims another value and another tool; what was kept counts.
        var claimed = new
        {
            method = "reading",
            readingId = reading.Id,
            value = 0.6,
            unit = "N·m",
            tool = "real driver",
        };
        var (_, item) = await server.PostAsync("/api/records", Requests.Termination(claimed));
        var tightening = item.GetProperty("termination").GetProperty("tightening");
        Assert.True(tightening.GetProperty("simulated").GetBoolean());
        Assert.Equal(0.7, tightening.GetProperty("torque").GetProperty("value").GetDouble());
        Assert.Contains(item.GetProperty("findings").EnumerateArray(), f =>
            f.GetProperty("check").GetString() == "torque-simulated"
        );
        Assert.Contains(
            "simulated",
            await server.Client.GetStringAsync(new Uri("/api/records/export.csv", UriKind.Relative)),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "\"simulated\":true",
            await server.Client.GetStringAsync(new Uri("/api/records/export.json", UriKind.Relative)),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task What_is_not_tightened_is_recorded_as_seated_with_the_house_rules_as_they_were()
    {
        await using var server = await RunningServer.StartAsync();
        object Made(object tightening) =>
            new
            {
                id = Guid.NewGuid(),
                device = "test",
                deviceSequence = 1,
                claimedAt = RunningServer.Now,
                conductor = new { size = "2.5 mm²", build = "fine-stranded" },
                landing = new { kind = "push-in-block", stripDepthMm = 10 },
                houseRules = new { ferrulesOnFineStrands = "where-the-maker-asks" },
                measuredStripMm = 10.5,
                tightening,
            };
        var (refused, problem) = await server.PostAsync("/api/records", Made(Requests.Typed()));
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "tightening.method"),
            (refused, problem.GetProperty("field").GetString())
        );
        var (status, item) = await server.PostAsync("/api/records", Made(new { method = "seated" }));
        Assert.Equal((HttpStatusCode.Created, "landed"), (status, item.GetProperty("state").GetString()));
        var made = item.GetProperty("termination");
        Assert.Equal(
            "where-the-maker-asks",
            made.GetProperty("houseRules").GetProperty("ferrulesOnFineStrands").GetString()
        );
        Assert.Equal("straight", made.GetProperty("recipe").GetProperty("preparation").GetProperty("kind").GetString());
    }

    [Fact]
    public async Task A_ferrule_that_the_kit_s_label_chose_is_recorded_as_it_was()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, item) = await server.PostAsync(
            "/api/records",
            new
            {
                id = Guid.NewGuid(),
                device = "test",
                deviceSequence = 1,
                claimedAt = RunningServer.Now,
                conductor = new { size = "22 AWG", build = "fine-stranded" },
                landing = new
                {
                    kind = "push-in-block",
                    leastMm2 = 0.2,
                    mostMm2 = 2.5,
                    stripDepthMm = 10,
                    ferrule = "required",
                },
                ferruleLabelMm2 = 0.5,
                tightening = new { method = "seated" },
            }
        );
        Assert.Equal(
            0.5,
            item.GetProperty("termination")
                .GetProperty("recipe")
                .GetProperty("ferrule")
                .GetProperty("size")
                .GetProperty("value")
                .GetDouble()
        );
    }
}
