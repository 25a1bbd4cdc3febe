using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

public sealed partial class ReworkTests
{
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
                    Requests.Withdrawal(progress.GetProperty("lastRecord").GetGuid())
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
}
