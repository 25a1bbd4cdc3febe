using System.Security.Cryptography;
using System.Text;
using Lacet.Store;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>What is recorded: once, for good, judged, sealed.</summary>
public sealed class RecordTests
{
    [Fact]
    public async Task A_termination_is_kept_with_what_it_was_made_to()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
        var (status, item) = await server.PostAsync("/api/records", Requests.Termination(person, Requests.Typed()));
        Assert.Equal(HttpStatusCode.Created, status);
        Assert.Equal((1, "landed"), (item.GetProperty("sequence").GetInt64(), item.GetProperty("state").GetString()));
        Assert.Equal("pass", item.GetProperty("stripJudgement").GetString());
        Assert.Equal("pass", item.GetProperty("torqueJudgement").GetString());
        Assert.False(item.GetProperty("person").GetProperty("proved").GetBoolean());
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
        var record = Requests.Termination(await server.PersonAsync("Ines Okafor"), Requests.Typed());
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
        var person = await server.PersonAsync("Ines Okafor");
        var twice = Enumerable
            .Range(0, 20)
            .Select(_ => Requests.Termination(person, Requests.Typed()))
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
        var (person, id) = (await server.PersonAsync("Ines Okafor"), Guid.NewGuid());
        await server.PostAsync("/api/records", Requests.Termination(person, Requests.Typed(0.65), id));
        var (status, problem) = await server.PostAsync(
            "/api/records",
            Requests.Termination(person, Requests.Typed(0.66), id)
        );
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Contains("Nothing was stored", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        Assert.Equal(1, await server.EventsAsync());
    }

    [Fact]
    public async Task By_feel_is_recorded_and_found_wanting()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, item) = await server.PostAsync(
            "/api/records",
            Requests.Termination(await server.PersonAsync("Lio Brandt"), Requests.ByFeel)
        );
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
        var person = await server.PersonAsync("Lio Brandt");
        var (_, item) = await server.PostAsync(
            "/api/records",
            Requests.Termination(person, Requests.Typed(torque), strip: strip)
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
        var (_, item) = await server.PostAsync(
            "/api/records",
            Requests.Termination(await server.PersonAsync("Tomasz Varga"), preset)
        );
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
        var (_, item) = await server.PostAsync(
            "/api/records",
            Requests.Termination(await server.PersonAsync("Ines Okafor"), claimed)
        );
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
    public async Task Taking_back_is_a_new_event_and_the_old_one_stays()
    {
        await using var server = await RunningServer.StartAsync();
        var (person, id) = (await server.PersonAsync("Ines Okafor"), Guid.NewGuid());
        await server.PostAsync("/api/records", Requests.Termination(person, Requests.Typed(), id));
        var (status, _) = await server.PostAsync("/api/records", Requests.Withdrawal(person, id));
        Assert.Equal(HttpStatusCode.Created, status);
        var (_, page) = await server.GetAsync("/api/records");
        Assert.Equal(2, page.GetProperty("total").GetInt64());
        Assert.Equal("withdrawn", page.GetProperty("items")[1].GetProperty("state").GetString());
        var (again, problem) = await server.PostAsync("/api/records", Requests.Withdrawal(person, id));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, again);
        Assert.Contains("taken back already", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_withdrawal_sent_twice_stores_once()
    {
        await using var server = await RunningServer.StartAsync();
        var (person, id) = (await server.PersonAsync("Ines Okafor"), Guid.NewGuid());
        await server.PostAsync("/api/records", Requests.Termination(person, Requests.Typed(), id));
        var withdrawal = Requests.Withdrawal(person, id);
        await server.PostAsync("/api/records", withdrawal);
        Assert.Equal(HttpStatusCode.OK, (await server.PostAsync("/api/records", withdrawal)).Status);
        Assert.Equal(2, await server.EventsAsync());
    }

    [Fact]
    public async Task What_cannot_be_recorded_is_refused_by_field_and_nothing_is_stored()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
        var bad = new (object Record, string Field)[]
        {
            (Requests.Termination(Guid.NewGuid(), Requests.Typed()), "personId"),
            (Requests.Termination(person, Requests.Typed(-1)), "tightening.value"),
            (Requests.Termination(person, Requests.Typed(500)), "tightening.value"),
            (
                Requests.Termination(
                    person,
                    new
                    {
                        method = "preset",
                        value = 0.6,
                        unit = "N·m",
                    }
                ),
                "tightening.tool"
            ),
            (
                Requests.Termination(
                    person,
                    new
                    {
                        method = "reading",
                        value = 0.6,
                        unit = "ells",
                        tool = "t",
                    }
                ),
                "tightening.unit"
            ),
            (
                Requests.Termination(person, new { method = "reading", readingId = Guid.NewGuid() }),
                "tightening.readingId"
            ),
            (Requests.Termination(person, new { method = "by-guess" }), "tightening.method"),
            (Requests.Termination(person, new { method = "seated" }), "tightening.method"),
            (Requests.Termination(person, Requests.Typed(), strip: -4), "measuredStripMm"),
            (Requests.Termination(person, Requests.Typed(), size: "16 mm²"), "landing"),
            (Requests.Termination(person, Requests.Typed(), size: "lots"), "conductor.size"),
            (Requests.Withdrawal(person, Guid.NewGuid()), "corrects"),
        };
        foreach (var (record, field) in bad)
        {
            var (status, problem) = await server.PostAsync("/api/records", record);
            Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
            Assert.Equal(field, problem.GetProperty("field").GetString());
        }

        Assert.Equal(0, await server.EventsAsync());
    }

    [Fact]
    public async Task What_is_not_tightened_is_recorded_as_seated_with_the_house_rules_as_they_were()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
        object Made(object tightening) =>
            new
            {
                id = Guid.NewGuid(),
                device = "test",
                deviceSequence = 1,
                personId = person,
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
                personId = await server.PersonAsync("Ines Okafor"),
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

    /// <summary>It refuses nothing and blames nobody; whoever reads the Log is told.</summary>
    [Fact]
    public async Task A_clock_that_is_ahead_or_goes_backwards_is_noted_in_the_event()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
        async Task<string?[]> OddAsync(int sequence, DateTimeOffset claimed)
        {
            var record = new
            {
                id = Guid.NewGuid(),
                device = "tablet",
                deviceSequence = sequence,
                personId = person,
                claimedAt = claimed,
                conductor = new { size = "12 AWG", build = "solid" },
                landing = new { kind = "binding-screw" },
                tightening = Requests.Typed(),
            };
            var (status, item) = await server.PostAsync("/api/records", record);
            Assert.Equal(HttpStatusCode.Created, status);
            return [.. item.GetProperty("clock").EnumerateArray().Select(c => c.GetString())];
        }

        Assert.Empty(await OddAsync(1, RunningServer.Now));
        Assert.Equal(["ahead"], await OddAsync(2, RunningServer.Now.AddYears(80)));
        Assert.Equal(["backwards"], await OddAsync(3, RunningServer.Now));
        // One that was made before and arrives late is no clock that went backwards.
        Assert.Empty(await OddAsync(2, RunningServer.Now.AddDays(-1)));
        server.Time.AdjustTime(RunningServer.Now.AddDays(-3));
        Assert.Equal(["ahead", "server-backwards"], await OddAsync(4, RunningServer.Now.AddHours(1)));
        Assert.True((await server.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
    }

    [Fact]
    public async Task The_log_pages_newest_first()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
        for (var i = 0; i < 5; i++)
        {
            await server.PostAsync("/api/records", Requests.Termination(person, Requests.Typed()));
        }

        var seen = new List<long>();
        long? before = null;
        do
        {
            var (_, page) = await server.GetAsync($"/api/records?limit=2{(before is null ? "" : $"&before={before}")}");
            seen.AddRange(page.GetProperty("items").EnumerateArray().Select(i => i.GetProperty("sequence").GetInt64()));
            before = page.GetProperty("next") is { ValueKind: JsonValueKind.Number } next ? next.GetInt64() : null;
        } while (before is not null);

        Assert.Equal([5, 4, 3, 2, 1], seen);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await server.GetAsync("/api/records?limit=5000")).Status);
        Assert.Equal(HttpStatusCode.BadRequest, (await server.GetAsync("/api/records?limit=all")).Status);
    }

    [Fact]
    public async Task Events_can_be_neither_changed_nor_deleted_and_forgery_breaks_the_seal()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
        for (var i = 0; i < 3; i++)
        {
            await server.PostAsync("/api/records", Requests.Termination(person, Requests.Typed()));
        }

        await using var database = new SqliteConnection(
            $"Data Source={Path.Combine(server.Folder, LacetDatabase.FileName)}"
        );
        await database.OpenAsync(TestContext.Current.CancellationToken);
        void Run(string sql)
        {
            using var command = database.CreateCommand();
            command.CommandText = sql;
            command.ExecuteNonQuery();
        }

        const string Forge =
            "UPDATE event SET bytes = CAST(replace(CAST(bytes AS TEXT), '0.65', '0.75') AS BLOB) WHERE sequence = 2";
        Assert.Contains(
            "never changed",
            Assert.Throws<SqliteException>(() => Run(Forge)).Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "never deleted",
            Assert.Throws<SqliteException>(() => Run("DELETE FROM event")).Message,
            StringComparison.Ordinal
        );
        Run("DROP TRIGGER event_no_update");
        Run(Forge);
        var (_, seal) = await server.GetAsync("/api/records/seal");
        Assert.False(seal.GetProperty("isWhole").GetBoolean());
        Assert.Equal(2, seal.GetProperty("brokenAt").GetInt64());
        Assert.Contains("Event 2 was changed", seal.GetProperty("says").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_JSON_export_can_be_checked_without_Lacet()
    {
        await using var server = await RunningServer.StartAsync();
        var person = await server.PersonAsync("Ines Okafor");
        for (var i = 0; i < 4; i++)
        {
            await server.PostAsync("/api/records", Requests.Termination(person, Requests.Typed(0.6 + (i * 0.02))));
        }

        var export = JsonSerializer.Deserialize<JsonElement>(
            await server.Client.GetStringAsync(new Uri("/api/records/export.json", UriKind.Relative))
        );
        var previous = new string('0', 64);
        foreach (var entry in export.GetProperty("events").EnumerateArray())
        {
            Assert.Equal(previous, entry.GetProperty("event").GetProperty("previous").GetString());
            previous = Convert.ToHexStringLower(
                SHA256.HashData(Encoding.UTF8.GetBytes(entry.GetProperty("event").GetRawText()))
            );
            Assert.Equal(previous, entry.GetProperty("hash").GetString());
        }

        Assert.Equal(previous, export.GetProperty("head").GetString());
        Assert.Equal("Ines Okafor", export.GetProperty("people")[0].GetProperty("name").GetString());
        Assert.DoesNotContain("Ines", export.GetProperty("events").GetRawText(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_name_that_begins_like_a_formula_is_harmless_in_the_CSV()
    {
        await using var server = await RunningServer.StartAsync();
        await server.PostAsync(
            "/api/records",
            Requests.Termination(await server.PersonAsync("=HYPERLINK(1)"), Requests.Typed())
        );
        var csv = await server.Client.GetStringAsync(new Uri("/api/records/export.csv", UriKind.Relative));
        Assert.DoesNotContain(",=HYPERLINK", csv, StringComparison.Ordinal);
        Assert.DoesNotContain(",\"=HYPERLINK", csv, StringComparison.Ordinal);
        Assert.Contains("HYPERLINK(1)", csv, StringComparison.Ordinal);
        Assert.Equal(2, csv.TrimEnd().Split("\r\n").Length);
    }

    [Theory]
    [InlineData("")]
    [InlineData("   ")]
    [InlineData("a\u0000b")]
    public async Task A_name_that_is_none_is_refused(string name)
    {
        await using var server = await RunningServer.StartAsync();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await server.PostAsync("/api/people", new { name })).Status);
    }

    [Fact]
    public async Task The_same_name_is_the_same_person()
    {
        await using var server = await RunningServer.StartAsync();
        Assert.Equal(await server.PersonAsync("Ines Okafor"), await server.PersonAsync("  Ines   Okafor "));
    }
}
