using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

/// <summary>Ends that something is wrong with, over HTTP: assessed, recorded, spent, set aside, taken back.</summary>
public sealed partial class ReworkTests
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
