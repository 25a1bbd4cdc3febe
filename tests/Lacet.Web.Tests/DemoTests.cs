using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Tests.Jobs;
using Lacet.Exchange.Jobs;

namespace Lacet.Web.Tests;

/// <summary>The demo's jobs: one to believe, one of everything that is found, and a survey.</summary>
public sealed class DemoTests
{
    /// <summary>No screw of the table is smaller than a wire that it takes.</summary>
    private static readonly string[] NeverInAJob = ["wire-too-thick-for-screw"];

    /// <summary>What only a record with its windows shows.</summary>
    private static readonly string[] OnlyRecorded =
    [
        "strip-out-of-window",
        "torque-out-of-window",
        "torque-unmeasured",
        "torque-simulated",
    ];

    [Fact]
    [Trait("Advice", "5.1")]
    public void The_gallery_shows_every_check_that_a_job_can_raise()
    {
        var (_, judged) = Judge("gallery");
        string[] all =
        [
            .. EndChecks.Planned.Select(c => c.Id),
            .. EndChecks.Made.Select(c => c.Id),
            .. JobChecks.Ends.Select(c => c.Id),
            .. JobChecks.Wires.Select(c => c.Id),
            .. JobChecks.Landings.Select(c => c.Id),
            .. JobChecks.Joined.Select(c => c.Id),
            .. JobChecks.Devices.Select(c => c.Id),
            .. JobChecks.Circuits.Select(c => c.Id),
            .. JobChecks.Runs.Select(c => c.Id),
            .. JobChecks.Cords.Select(c => c.Id),
            .. JobChecks.Cables.Select(c => c.Id),
            .. JobChecks.PinMaps.Select(c => c.Id),
            .. JobChecks.Enclosures.Select(c => c.Id),
        ];
        Assert.Empty(
            all.Except(NeverInAJob, StringComparer.Ordinal)
                .Except(OnlyRecorded, StringComparer.Ordinal)
                .Except(judged.Findings.Select(f => f.Finding.Check), StringComparer.Ordinal)
        );
    }

    /// <summary>
    /// A job that one would believe: one supply, boxes that hold what they hold, six to ten mistakes of every severity.
    /// </summary>
    [Fact]
    [Trait("Advice", "5.1")]
    public void The_dome_is_mostly_right()
    {
        var (document, judged) = Judge("dome");
        Assert.InRange(document.Wires.Count, 110, 160);
        Assert.InRange(judged.Count(Severity.Stop) + judged.Count(Severity.Fix), 6, 10);
        Assert.All([Severity.Stop, Severity.Fix, Severity.Note], s => Assert.NotEqual(0, judged.Count(s)));
        // 208Y/120 V and the 24 V of its control, and nothing else.
        Assert.Equal([24d, 120, 208], document.Circuits.Select(c => c.Volts!.Value).Distinct().Order());
        Assert.DoesNotContain(judged.Findings, f =>
            f.Finding.Check is "box-overfilled" or "legs-from-several-breakers" or "circuits-mixed"
        );
        Assert.True(document.Wires.Select(w => w.Length).Distinct().Count() > 30);
    }

    [Fact]
    [Trait("Advice", "5.1")]
    public void The_keeper_s_house_is_a_survey_of_a_dozen_devices_whose_wires_are_as_somebody_saw_them()
    {
        var (document, judged) = Judge("house");
        Assert.Equal(("survey", 12), (document.Job.Purpose.ToString().ToLowerInvariant(), document.Devices.Count));
        Assert.Contains(document.Wires, w => w.Conductor is null);
        Assert.Contains(judged.Findings, f => f.Finding.Check == "terminal-overloaded");
    }

    /// <summary>
    /// No remedy of any of the demo's jobs brings a new finding, or changes a wire's circuit, function or conductor, or
    /// what feeds a device.
    /// </summary>
    [Theory]
    [Trait("Advice", "1.4")]
    [InlineData("dome")]
    [InlineData("gallery")]
    [InlineData("house")]
    public void Every_remedy_of_a_demo_job_is_safe(string name) =>
        Assert.InRange(RemedyLaw.Holds(Judge(name).Judged), 1, 200);

    private static (JobDocument Document, JudgedJob Judged) Judge(string name)
    {
        var document = JobDocument.Read(File.ReadAllBytes(Repository.Of("demo", $"{name}.job.json")));
        return (document, new JudgedJob(new Job(document.Job, document.Parts())));
    }

    /// <summary>
    /// Begun and cut short, whether at a file that is missing or killed, the demo is loaded whole at the next start.
    /// </summary>
    [Theory]
    [InlineData("gallery.job.json")]
    [InlineData("dome.job.json")]
    [InlineData("bench-records.json")]
    public async Task Loading_that_was_cut_short_is_finished_at_the_next_start(string missing)
    {
        var part = Directory.CreateTempSubdirectory("lacet-demo-").FullName;
        foreach (var file in Directory.EnumerateFiles(Repository.Of("demo")).Where(f => Path.GetFileName(f) != missing))
        {
            File.Copy(file, Path.Combine(part, Path.GetFileName(file)));
        }

        var folder = Directory.CreateTempSubdirectory("lacet-test-").FullName;
        await Assert.ThrowsAnyAsync<IOException>(() => RunningServer.StartAsync(folder, demo: part));
        await using var whole = await RunningServer.StartAsync(demo: Repository.Of("demo"));
        await using var again = await RunningServer.StartAsync(folder, demo: Repository.Of("demo"));
        Assert.Equal(await whole.EventsAsync(), await again.EventsAsync());
        static async Task<IEnumerable<string>> Jobs(RunningServer of) =>
            (await of.GetAsync("/api/jobs"))
                .Json.GetProperty("items")
                .EnumerateArray()
                .Select(j => $"{j.GetProperty("id")} {j.GetProperty("summary")}")
                .Order(StringComparer.Ordinal);
        Assert.Equal(await Jobs(whole), await Jobs(again));
        Assert.False(File.Exists(Path.Combine(folder, "demo.loading")));
    }

    [Fact]
    public async Task It_opens_on_its_job_with_ends_landed_checked_signed_and_one_to_an_older_plan()
    {
        await using var server = await RunningServer.StartAsync(demo: Repository.Of("demo"));
        using var root = await server.Client.GetAsync(
            new Uri("/", UriKind.Relative),
            HttpCompletionOption.ResponseHeadersRead,
            TestContext.Current.CancellationToken
        );
        Assert.Contains("/jobs/", root.RequestMessage!.RequestUri!.AbsolutePath, StringComparison.Ordinal);
        var (_, jobs) = await server.GetAsync("/api/jobs");
        Assert.Equal(
            ["Dome refit", "Fault gallery", "Keeper’s house"],
            jobs.GetProperty("items")
                .EnumerateArray()
                .Select(j => j.GetProperty("summary").GetProperty("name").GetString())
                .Order(StringComparer.Ordinal)
        );
        var dome = jobs.GetProperty("items")
            .EnumerateArray()
            .Single(j => j.GetProperty("summary").GetProperty("name").GetString() == "Dome refit");
        Assert.Contains(
            dome.GetProperty("id").GetString()!,
            root.RequestMessage.RequestUri.AbsolutePath,
            StringComparison.Ordinal
        );
        var summary = dome.GetProperty("summary");
        var states = summary
            .GetProperty("lace")
            .EnumerateArray()
            .Select(r => r.GetProperty("state").GetString())
            .Distinct();
        Assert.Equal(
            ["checked", "landed", "parked", "planned", "ready", "rejected", "signed"],
            states.Order(StringComparer.Ordinal)
        );
        var (_, wires) = await server.GetAsync($"/api/jobs/{dome.GetProperty("id").GetGuid()}/wires?q=112");
        Assert.True(wires.GetProperty("items")[0].GetProperty("a").GetProperty("olderPlan").GetBoolean());
        var (_, job) = await server.GetAsync($"/api/jobs/{dome.GetProperty("id").GetGuid()}");
        Assert.Equal(3, job.GetProperty("cords").GetArrayLength());
        var (_, fan) = await server.PostAsync(
            "/api/pin-maps/check",
            System.Text.Json.Nodes.JsonNode.Parse(
                job.GetProperty("pinMaps")[0].GetProperty("part").GetProperty("map").GetRawText()
            )!
        );
        Assert.Equal(
            ["pin-other-speed-live", "pin-unsaid"],
            fan.GetProperty("findings").EnumerateArray().Select(f => f.GetProperty("check").GetString())
        );
        Assert.True((await server.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
    }
}
