using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

/// <summary>Ends that something is wrong with, over HTTP: assessed, recorded, spent, set aside, taken back.</summary>
public sealed class ReworkTests
{
    [Fact]
    public async Task An_end_is_assessed_without_a_job()
    {
        await using var bench = await JobBench.StartAsync();
        var (status, assessed) = await bench.Server.PostAsync(
            "/api/rework/assess",
            new
            {
                conductor = new { size = "12", build = "stranded" },
                strands = 7,
                damaged = 3,
                @class = "general",
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            ("cut-back", "14 AWG", 1),
            (
                assessed.GetProperty("verdict").GetString(),
                assessed.GetProperty("effective").GetProperty("lessThan").GetString(),
                assessed.GetProperty("allowed").GetInt32()
            )
        );
        Assert.Equal(7, assessed.GetProperty("section").GetProperty("parts").GetArrayLength() - 1);
        Assert.Contains(
            "3 of 7 strands are lost",
            assessed.GetProperty("faults")[0].GetProperty("says").GetString(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("{\"conductor\":{\"size\":\"12\",\"build\":\"stranded\"},\"strands\":7,\"damaged\":8}", "damaged")]
    [InlineData("{\"conductor\":{\"size\":\"12\",\"build\":\"stranded\"},\"strands\":0}", "strands")]
    [InlineData("{\"conductor\":{\"size\":\"fat\",\"build\":\"stranded\"},\"damaged\":1}", "conductor.size")]
    [InlineData("{\"conductor\":{\"size\":\"12\",\"build\":\"solid\"},\"stripMm\":-1}", "stripMm")]
    public async Task What_cannot_be_is_said_in_a_sentence(string request, string field)
    {
        await using var bench = await JobBench.StartAsync();
        var (status, problem) = await bench.Server.PostAsync("/api/rework/assess", JsonNode.Parse(request)!);
        Assert.Equal((HttpStatusCode.UnprocessableEntity, field), (status, problem.GetProperty("field").GetString()));
    }

    [Fact]
    public async Task A_rejected_end_is_recorded_and_what_was_cut_back_is_free_no_more()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 170);
        var address = $"/api/jobs/{job}/wires/{wire}/ends/a/rework";
        var (_, assessed) = await bench.Server.PostAsync(address, new { faults = new[] { "ring" } });
        var spent = assessed.GetProperty("spent").GetProperty("value").GetDouble();
        Assert.True(spent > 20);
        Assert.Equal(170 - spent, assessed.GetProperty("left").GetProperty("value").GetDouble(), 6);

        var id = Guid.NewGuid();
        Assert.Equal(
            HttpStatusCode.Created,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id)
        );
        Assert.Equal(("rejected", 170 - spent), await StandsAsync(bench, job));
        // Sent twice, it is spent once.
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id);
        Assert.Equal(("rejected", 170 - spent), await StandsAsync(bench, job));
        Assert.Contains(await bench.FindingsAsync(job), f => f.GetProperty("check").GetString() == "free-length-short");
        var pigtail = (await bench.Server.GetAsync($"/api/jobs/{job}/wires/{wire}/ends/a/remedies"))
            .Json.EnumerateArray()
            .Single(r => r.GetProperty("id").GetString() == "pigtail");
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/wires/{wire}/ends/a/remedies",
            new
            {
                id = Guid.NewGuid(),
                personId = bench.Ada,
                key = pigtail.GetProperty("key").GetString(),
            }
        );
        Assert.DoesNotContain(await bench.FindingsAsync(job), f =>
            f.GetProperty("check").GetString() == "free-length-short"
        );

        // In the Log, in words that a machine reads too.
        var item = (await bench.Server.GetAsync("/api/records")).Json.GetProperty("items")[0];
        Assert.Equal(
            ("rework", "rejected", "cut-back"),
            (
                item.GetProperty("kind").GetString(),
                item.GetProperty("state").GetString(),
                item.GetProperty("rework").GetProperty("verdict").GetString()
            )
        );
    }

    [Fact]
    public async Task A_rework_that_is_taken_back_gives_its_length_back_once_whatever_came_between()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 300);
        var (first, second) = (Guid.NewGuid(), Guid.NewGuid());
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: first);
        var spent = 300 - (await StandsAsync(bench, job)).Free!.Value;
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "nick" } }, id: second);
        Assert.Equal(300 - (2 * spent), (await StandsAsync(bench, job)).Free!.Value, 6);
        var withdrawal = Requests.Withdrawal(bench.Ada, first);
        await bench.Server.PostAsync("/api/records", withdrawal);
        await bench.Server.PostAsync("/api/records", withdrawal);
        Assert.Equal(300 - spent, (await StandsAsync(bench, job)).Free!.Value, 6);
        await bench.Server.PostAsync("/api/records", Requests.Withdrawal(bench.Ada, second));
        Assert.Equal(("ready", 300.0), await StandsAsync(bench, job));
    }

    /// <summary>“Nothing was stored” must be true of the job too.</summary>
    [Fact]
    public async Task A_record_that_is_refused_because_its_id_is_another_s_shortens_no_wire()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 300);
        var taken = Guid.NewGuid();
        Assert.Equal(HttpStatusCode.Created, await RecordAsync(bench, job, wire, "park", park: "unclear", id: taken));
        Assert.Equal(
            HttpStatusCode.Conflict,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: taken)
        );
        Assert.Equal(("parked", 300.0), await StandsAsync(bench, job));
        // And an id that a command of the job has already is no event's.
        var command = Guid.NewGuid();
        var row = (await bench.WiresAsync(job)).Single();
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands",
            new
            {
                id = command,
                personId = bench.Ada,
                changes = new[]
                {
                    new
                    {
                        put = JobBench.Part(row, w => w["run"] = "W1"),
                        version = row.GetProperty("version").GetInt64(),
                    },
                },
            }
        );
        Assert.Equal(
            HttpStatusCode.Conflict,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: command)
        );
        Assert.Equal((("parked", 300.0), 1L), (await StandsAsync(bench, job), await bench.Server.EventsAsync()));
    }

    /// <summary>
    /// The store refuses the second half of what a rework writes: then the first half is not there either.
    /// </summary>
    [Fact]
    public async Task An_event_and_the_length_it_spends_are_stored_together_or_not_at_all()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 300);
        var id = Guid.NewGuid();
        await SqlAsync(
            bench,
            "CREATE TRIGGER broken BEFORE INSERT ON job_change BEGIN SELECT RAISE(ABORT, 'the disk is full'); END"
        );
        Assert.Equal(
            HttpStatusCode.InternalServerError,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id)
        );
        Assert.Equal((("ready", 300.0), 0L), (await StandsAsync(bench, job), await bench.Server.EventsAsync()));
        await SqlAsync(bench, "DROP TRIGGER broken");
        Assert.Equal(
            HttpStatusCode.Created,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id)
        );
        var (state, free) = await StandsAsync(bench, job);
        Assert.Equal(("rejected", true, 1L), (state, free < 290, await bench.Server.EventsAsync()));

        // So is what it gives back when it is taken back.
        var withdrawal = Requests.Withdrawal(bench.Ada, id);
        await SqlAsync(
            bench,
            "CREATE TRIGGER broken BEFORE INSERT ON job_change BEGIN SELECT RAISE(ABORT, 'the disk is full'); END"
        );
        Assert.Equal(
            HttpStatusCode.InternalServerError,
            (await bench.Server.PostAsync("/api/records", withdrawal)).Status
        );
        Assert.Equal((state, free), await StandsAsync(bench, job));
        await SqlAsync(bench, "DROP TRIGGER broken");
        Assert.Equal(HttpStatusCode.Created, (await bench.Server.PostAsync("/api/records", withdrawal)).Status);
        Assert.Equal(("ready", 300.0), await StandsAsync(bench, job));
    }

    [Fact]
    public async Task A_rework_taken_back_four_times_at_once_gives_its_length_back_once()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 300);
        var id = Guid.NewGuid();
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id);
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 4)
                .Select(_ => bench.Server.PostAsync("/api/records", Requests.Withdrawal(bench.Ada, id)))
        );
        Assert.Equal(
            [
                HttpStatusCode.Created,
                HttpStatusCode.UnprocessableEntity,
                HttpStatusCode.UnprocessableEntity,
                HttpStatusCode.UnprocessableEntity,
            ],
            answers.Select(a => a.Status).Order()
        );
        Assert.Equal((("ready", 300.0), 2L), (await StandsAsync(bench, job), await bench.Server.EventsAsync()));
    }

    private static async Task SqlAsync(JobBench bench, string sql)
    {
        await using var connection = new Microsoft.Data.Sqlite.SqliteConnection(
            $"Data Source={Path.Combine(bench.Server.Folder, Store.LacetDatabase.FileName)}"
        );
        await connection.OpenAsync();
        await using var command = connection.CreateCommand();
        command.CommandText = sql;
        await command.ExecuteNonQueryAsync();
    }

    [Fact]
    public async Task What_was_wrong_when_it_was_looked_at_is_what_a_rework_begins_with()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench);
        var row = (await bench.WiresAsync(job))[0];
        var part = JsonNode.Parse(row.GetProperty("wire").GetRawText())!.AsObject();
        part["part"] = "wire";
        part["a"]!["found"] = JsonNode.Parse(
            """{"hook":"counter-clockwise","faults":["nick"],"strands":19,"strandsLost":4}"""
        );
        await bench.CommandAsync(job, new { put = part, version = row.GetProperty("version").GetInt64() });
        var found = (await bench.Server.GetAsync($"/api/jobs/{job}/wires/{wire}/ends/a")).Json.GetProperty("found");
        Assert.Equal(
            ["nick", "strands-cut", "wrong-way"],
            found.GetProperty("faults").EnumerateArray().Select(f => f.GetString())
        );
        Assert.Equal((19, 4), (found.GetProperty("strands").GetInt32(), found.GetProperty("damaged").GetInt32()));
        Assert.Contains(
            "spoiled-end",
            (await bench.FindingsAsync(job)).Select(f => f.GetProperty("check").GetString())
        );
    }

    [Fact]
    public async Task What_is_landed_anew_is_rejected_no_more_and_what_may_stay_changes_nothing()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench);
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "loose" } });
        Assert.Equal("ready", (await StandsAsync(bench, job)).State);
        await bench.RecordAsync(job, wire, "termination", bench.Ada);
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "strand-out" } });
        Assert.Equal("landed", (await StandsAsync(bench, job)).State);
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "wrong-way" } });
        Assert.Equal("rejected", (await StandsAsync(bench, job)).State);
        // Nobody checks or signs what is rejected.
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.RecordAsync(job, wire, "check", bench.Bo)).Status
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.RecordAsync(job, wire, "sign-off", bench.Bo)).Status
        );
        await bench.RecordAsync(job, wire, "termination", bench.Ada);
        Assert.Equal("landed", (await StandsAsync(bench, job)).State);
    }

    [Fact]
    public async Task An_end_is_set_aside_with_a_reason_and_taken_up_again()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench);
        Assert.Equal(HttpStatusCode.Created, await RecordAsync(bench, job, wire, "park", park: "waits-for-part"));
        var progress = (await bench.WiresAsync(job)).Single().GetProperty("a");
        Assert.Equal(
            ("parked", "waits-for-part"),
            (progress.GetProperty("state").GetString(), progress.GetProperty("park").GetString())
        );
        Assert.Equal(
            HttpStatusCode.Created,
            (
                await bench.Server.PostAsync(
                    "/api/records",
                    Requests.Withdrawal(bench.Ada, progress.GetProperty("lastRecord").GetGuid())
                )
            ).Status
        );
        Assert.Equal("ready", (await StandsAsync(bench, job)).State);
        await RecordAsync(bench, job, wire, "park", park: "no-access");
        await bench.RecordAsync(job, wire, "termination", bench.Ada);
        Assert.Equal("landed", (await StandsAsync(bench, job)).State);
    }

    [Fact]
    public async Task Nothing_is_rejected_for_nothing_nor_set_aside_without_a_reason()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await RecordAsync(bench, job, wire, "park"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await RecordAsync(bench, job, wire, "rework"));
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            await RecordAsync(bench, job, wire, "rework", new { damaged = 0 })
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            await RecordAsync(bench, job, wire, "rework", new { damaged = 9, strands = 7 })
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/wires/{Guid.NewGuid()}/ends/a/rework",
                    new { damaged = 1 }
                )
            ).Status
        );
        Assert.Equal(0, await bench.Server.EventsAsync());
    }

    [Fact]
    public async Task At_the_Bench_nothing_is_rejected_or_set_aside_since_there_is_no_end_to_come_back_to()
    {
        await using var bench = await JobBench.StartAsync();
        foreach (var kind in new[] { "rework", "park" })
        {
            var (status, problem) = await bench.Server.PostAsync(
                "/api/records",
                new
                {
                    id = Guid.NewGuid(),
                    device = "t",
                    deviceSequence = 1,
                    personId = bench.Ada,
                    claimedAt = RunningServer.Now,
                    kind,
                    rework = new { faults = new[] { "loose" } },
                    park = "unclear",
                }
            );
            Assert.Equal(
                (HttpStatusCode.UnprocessableEntity, "subject"),
                (status, problem.GetProperty("field").GetString())
            );
        }
    }

    [Fact]
    public async Task The_house_s_class_says_how_many_strands_may_be_lost_and_a_lug_allows_none()
    {
        await using var bench = await JobBench.StartAsync();
        async Task<string?> VerdictAsync(object more) =>
            (
                await bench.Server.PostAsync(
                    "/api/rework/assess",
                    JsonNode.Parse(JsonSerializer.Serialize(more))!.AsObject() is var request
                    && request.TryAdd("conductor", new JsonObject { ["size"] = "10", ["build"] = "stranded" })
                        ? request
                        : null!
                )
            )
                .Json.GetProperty("verdict")
                .GetString();
        Assert.Equal("accept", await VerdictAsync(new { strands = 19, damaged = 3 }));
        Assert.Equal(
            "cut-back",
            await VerdictAsync(
                new
                {
                    strands = 19,
                    damaged = 3,
                    @class = "critical",
                }
            )
        );
        Assert.Equal(
            "cut-back",
            await VerdictAsync(
                new
                {
                    strands = 19,
                    damaged = 1,
                    inLug = true,
                }
            )
        );
    }

    [Fact]
    public async Task Every_export_has_what_was_rejected_and_set_aside()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench);
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } });
        await RecordAsync(bench, job, wire, "park", park: "not-dead");
        var csv = await bench.Server.Client.GetStringAsync(new Uri("/api/records/export.csv", UriKind.Relative));
        Assert.Equal(
            [",rework,", ",park,"],
            csv.Split('\n')
                .Skip(1)
                .Where(r => r.Length > 1)
                .Select(r =>
                    r.Contains(",rework,", StringComparison.Ordinal) ? ",rework,"
                    : r.Contains(",park,", StringComparison.Ordinal) ? ",park,"
                    : r
                )
        );
        var json = JsonNode.Parse(
            await bench.Server.Client.GetStringAsync(new Uri("/api/records/export.json", UriKind.Relative))
        )!;
        Assert.Contains(
            "\"park\":\"not-dead\"",
            json["events"]![1]!["event"]!.ToJsonString(),
            StringComparison.Ordinal
        );
        // What is not one of them says nothing of it.
        Assert.DoesNotContain("\"park\"", json["events"]![0]!["event"]!.ToJsonString(), StringComparison.Ordinal);
        Assert.True((await bench.Server.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
    }

    [Theory]
    [InlineData("metric", "120 mm (4 3/4 in)")]
    [InlineData("imperial", "4 3/4 in (120 mm)")]
    public async Task Findings_are_told_in_the_reader_s_units(string lead, string says)
    {
        await using var bench = await JobBench.StartAsync();
        var (job, _) = await EndAsync(bench, freeMm: 120);
        var (_, page) = await bench.Server.GetAsync($"/api/jobs/{job}/findings?check=free-length-short&lead={lead}");
        Assert.Contains(
            says,
            Assert.Single(page.GetProperty("items").EnumerateArray()).GetProperty("says").GetString(),
            StringComparison.Ordinal
        );
    }

    private static async Task<HttpStatusCode> RecordAsync(
        JobBench bench,
        Guid job,
        Guid wire,
        string kind,
        object? rework = null,
        string? park = null,
        Guid? id = null
    ) =>
        (
            await bench.Server.PostAsync(
                "/api/records",
                new
                {
                    id = id ?? Guid.NewGuid(),
                    device = "t",
                    deviceSequence = 1,
                    personId = bench.Ada,
                    claimedAt = RunningServer.Now,
                    kind,
                    subject = new
                    {
                        jobId = job,
                        wireId = wire,
                        side = "a",
                    },
                    rework,
                    park,
                }
            )
        ).Status;

    private static async Task<(string? State, double? Free)> StandsAsync(JobBench bench, Guid job)
    {
        var row = (await bench.WiresAsync(job))[0];
        return (
            row.GetProperty("a").GetProperty("state").GetString(),
            row.GetProperty("wire").GetProperty("a").TryGetProperty("freeLengthMm", out var free)
                ? free.GetDouble()
                : null
        );
    }

    /// <summary>A wire under a screw in a box.</summary>
    private static async Task<(Guid Job, Guid Wire)> EndAsync(JobBench bench, double? freeMm = null)
    {
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "BOX/X1:1",
                fromLanding = "spring cage",
                to = "BOX/X1:2",
                toLanding = "spring cage",
                size = "14",
                colour = "black",
                function = "line",
                circuit = "5",
            }
        );
        var enclosure = (await bench.Server.GetAsync($"/api/jobs/{job}"))
            .Json.GetProperty("enclosures")
            .EnumerateArray()
            .Single(e => e.GetProperty("part").GetProperty("name").GetString() == "BOX");
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "enclosure",
                    id = enclosure.GetProperty("part").GetProperty("id").GetGuid(),
                    name = "BOX",
                    form = "box",
                    order = 1,
                },
                version = enclosure.GetProperty("version").GetInt64(),
            }
        );
        var row = (await bench.WiresAsync(job)).Single();
        if (freeMm is { } free)
        {
            await bench.CommandAsync(
                job,
                new { put = JobBench.Part(row, w => w["a"]!["freeLengthMm"] = free), version = 1 }
            );
        }

        return (job, JobBench.Id(row));
    }
}
