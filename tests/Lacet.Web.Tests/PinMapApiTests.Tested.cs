using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

public sealed partial class PinMapApiTests
{
    [Fact]
    public async Task What_was_measured_on_a_map_is_recorded_as_the_job_has_it_and_taken_back()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var map = Guid.NewGuid();
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "continuity"), await TestAsync(bench, job, map));
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "pin-map",
                    id = map,
                    map = Map(keySeen: false),
                },
            }
        );
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "continuity"), await TestAsync(bench, job, map));
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
                version = 1,
            }
        );
        Assert.Equal((HttpStatusCode.Created, null), await TestAsync(bench, job, map));
        var item = (await bench.Server.GetAsync("/api/records")).Json.GetProperty("items")[0];
        Assert.Equal(
            ("continuity", "wanting", job),
            (
                item.GetProperty("kind").GetString(),
                item.GetProperty("state").GetString(),
                item.GetProperty("subject").GetProperty("job").GetGuid()
            )
        );
        Assert.Equal(
            ["1 T1 0.3 True", "2 T2  False"],
            item.GetProperty("continuity")
                .GetProperty("readings")
                .EnumerateArray()
                .Select(r =>
                    $"{r.GetProperty("pin")} {r.GetProperty("terminal")} {r.GetProperty("ohms")} {r.GetProperty("isWhole").GetBoolean()}"
                )
        );
        Assert.Equal(
            HttpStatusCode.Created,
            (await bench.Server.PostAsync("/api/records", Requests.Withdrawal(item.GetProperty("id").GetGuid()))).Status
        );
        Assert.Equal(
            "withdrawn",
            (await bench.Server.GetAsync("/api/records")).Json.GetProperty("items")[1].GetProperty("state").GetString()
        );
        Assert.True((await bench.Server.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
    }

    [Fact]
    public async Task An_event_of_another_kind_that_names_a_map_by_the_way_says_nothing_of_it()
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
        var (status, _) = await bench.Server.PostAsync(
            "/api/records",
            new
            {
                id = Guid.NewGuid(),
                device = "t",
                deviceSequence = 1,
                claimedAt = RunningServer.Now,
                kind = "termination",
                conductor = new { size = "14", build = "solid" },
                landing = new { kind = "lever" },
                tightening = new { method = "seated" },
                continuity = new { jobId = job, pinMapId = map },
            }
        );
        Assert.Equal(HttpStatusCode.Created, status);
        var item = (await bench.Server.GetAsync("/api/records")).Json.GetProperty("items")[0];
        Assert.Equal(
            (JsonValueKind.Null, JsonValueKind.Null),
            (item.GetProperty("continuity").ValueKind, item.GetProperty("subject").GetProperty("job").ValueKind)
        );
    }

    private static async Task<(HttpStatusCode, string?)> TestAsync(JobBench bench, Guid job, Guid map)
    {
        var (status, said) = await bench.Server.PostAsync(
            "/api/records",
            new
            {
                id = Guid.NewGuid(),
                device = "t",
                deviceSequence = 1,
                claimedAt = RunningServer.Now,
                kind = "continuity",
                continuity = new { jobId = job, pinMapId = map },
            }
        );
        return (status, status == HttpStatusCode.Created ? null : said.GetProperty("field").GetString());
    }
}
