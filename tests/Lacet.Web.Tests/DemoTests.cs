using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Exchange.Jobs;

namespace Lacet.Web.Tests;

/// <summary>The demo's job: most of it right, and every kind of finding in it.</summary>
public sealed class DemoTests
{
    /// <summary>No screw of the table is smaller than a wire that it takes.</summary>
    private static readonly string[] NeverInAJob = ["wire-too-thick-for-screw"];

    /// <summary>What only a record with its windows shows.</summary>
    private static readonly string[] OnlyRecorded = ["strip-out-of-window", "torque-out-of-window", "torque-unmeasured", "torque-simulated"];

    [Fact]
    public void It_shows_every_check_that_a_job_can_raise()
    {
        var document = JobDocument.Read(File.ReadAllBytes(Repository.Of("demo", "dome.job.json")));
        var judged = new JudgedJob(new Job(document.Job.Read(), document.Parts().Select(p => p.Read())));
        string[] all =
        [
            .. EndChecks.Planned.Select(c => c.Id), .. EndChecks.Made.Select(c => c.Id), .. JobChecks.Ends.Select(c => c.Id), .. JobChecks.Wires.Select(c => c.Id),
            .. JobChecks.Landings.Select(c => c.Id), .. JobChecks.Devices.Select(c => c.Id), .. JobChecks.Circuits.Select(c => c.Id), .. JobChecks.Runs.Select(c => c.Id), .. JobChecks.Cords.Select(c => c.Id), .. JobChecks.Enclosures.Select(c => c.Id),
        ];
        Assert.Empty(all.Except(NeverInAJob, StringComparer.Ordinal).Except(OnlyRecorded, StringComparer.Ordinal).Except(judged.Findings.Select(f => f.Finding.Check), StringComparer.Ordinal));
        // Some is wrong on purpose, and most is right.
        Assert.InRange(document.Wires.Count, 130, 160);
        Assert.True(judged.Findings.Count() < document.Wires.Count);
    }

    [Fact]
    public async Task It_opens_on_its_job_with_ends_landed_checked_signed_and_one_to_an_older_plan()
    {
        await using var server = await RunningServer.StartAsync(demo: Repository.Of("demo"));
        using var root = await server.Client.GetAsync(new Uri("/", UriKind.Relative), HttpCompletionOption.ResponseHeadersRead, TestContext.Current.CancellationToken);
        Assert.Contains("/jobs/", root.RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
        var (_, jobs) = await server.GetAsync("/api/jobs");
        var summary = jobs.GetProperty("items")[0].GetProperty("summary");
        var states = summary.GetProperty("lace").EnumerateArray().Select(r => r.GetProperty("state").GetString()).Distinct();
        Assert.Equal(["checked", "landed", "parked", "planned", "ready", "rejected", "signed"], states.Order(StringComparer.Ordinal));
        var (_, wires) = await server.GetAsync($"/api/jobs/{jobs.GetProperty("items")[0].GetProperty("id").GetGuid()}/wires?q=112");
        Assert.True(wires.GetProperty("items")[0].GetProperty("a").GetProperty("olderPlan").GetBoolean());
        var (_, job) = await server.GetAsync($"/api/jobs/{jobs.GetProperty("items")[0].GetProperty("id").GetGuid()}");
        Assert.Equal(3, job.GetProperty("cords").GetArrayLength());
        var (_, fan) = await server.PostAsync("/api/pin-maps/check", System.Text.Json.Nodes.JsonNode.Parse(job.GetProperty("pinMaps")[0].GetProperty("part").GetProperty("map").GetRawText())!);
        Assert.Equal(["pin-other-speed-live"], fan.GetProperty("findings").EnumerateArray().Select(f => f.GetProperty("check").GetString()));
        Assert.True((await server.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
    }
}
