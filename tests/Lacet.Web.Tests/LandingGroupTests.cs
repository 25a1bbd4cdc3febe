namespace Lacet.Web.Tests;

/// <summary>What landings are is asked once for all devices whose names begin alike, and remembered for the next.</summary>
public sealed class LandingGroupTests
{
    private const string List =
        "Wire,From,To,Size\r\n1,TB1:1,K1:A1,18 AWG\r\n2,TB1:2,K1:A2,18 AWG\r\n3,TB2:1,K2:A1,18 AWG\r\n4,stud,K2:A2,18 AWG\r\n";

    [Fact]
    public async Task A_group_is_said_once_judged_then_undone_and_offered_for_the_next_job()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await ImportAsync(bench, "Dome");
        Assert.Equal(["K: K1, K2 (4)", "TB: TB1, TB2 (3)", "STUD: stud (1)"], await GroupsAsync(bench, job));
        var before = await NotKnownAsync(bench, job);
        Assert.True(before > 0);

        var (status, done) = await SayAsync(bench, job, Guid.NewGuid(), "TB");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(["K: K1, K2 (4)", "STUD: stud (1)"], await GroupsAsync(bench, job));
        Assert.True(await NotKnownAsync(bench, job) < before);

        var next = (await bench.Server.GetAsync($"/api/jobs/{await ImportAsync(bench, "Pier")}/landing-groups")).Json;
        var strip = next.EnumerateArray().Single(g => g.GetProperty("prefix").GetString() == "TB");
        Assert.Equal("spring-cage-block", strip.GetProperty("before").GetProperty("kind").GetString());
        Assert.Contains("spring", strip.GetProperty("beforeSays").GetString(), StringComparison.Ordinal);

        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{done.GetProperty("commandId").GetGuid()}/undo",
            new { id = Guid.NewGuid() }
        );
        Assert.Equal(3, (await GroupsAsync(bench, job)).Count);
    }

    [Fact]
    public async Task A_group_is_said_once_however_often_it_is_sent_and_a_refusal_changes_nothing()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await ImportAsync(bench, "Dome");
        var command = Guid.NewGuid();
        var first = await SayAsync(bench, job, command, "TB");
        var again = await SayAsync(bench, job, command, "TB");
        Assert.Equal((first.Status, first.Json.GetRawText()), (again.Status, again.Json.GetRawText()));

        var (gone, problem) = await SayAsync(bench, job, Guid.NewGuid(), "TB");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, gone);
        Assert.Contains("no such landings", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        Assert.Equal(2, (await GroupsAsync(bench, job)).Count);
        Assert.Equal(HttpStatusCode.NotFound, (await SayAsync(bench, Guid.NewGuid(), Guid.NewGuid(), "TB")).Status);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.GetAsync($"/api/jobs/{Guid.NewGuid()}/landing-groups")).Status
        );
    }

    private static async Task<Guid> ImportAsync(JobBench bench, string name)
    {
        var (_, taken) = await bench.AcceptAsync(await bench.PreviewAsync(List), new { jobName = name });
        return taken.GetProperty("jobId").GetGuid();
    }

    private static Task<(HttpStatusCode Status, JsonElement Json)> SayAsync(
        JobBench bench,
        Guid job,
        Guid command,
        string prefix
    ) =>
        bench.Server.PostAsync(
            $"/api/jobs/{job}/landing-groups",
            new
            {
                id = command,
                prefix,
                landing = new { kind = "spring-cage-block" },
            }
        );

    private static async Task<IReadOnlyList<string>> GroupsAsync(JobBench bench, Guid job) =>
        [
            .. (await bench.Server.GetAsync($"/api/jobs/{job}/landing-groups"))
                .Json.EnumerateArray()
                .Select(g =>
                    $"{g.GetProperty("prefix").GetString()}: {string.Join(", ", g.GetProperty("devices").EnumerateArray().Select(d => d.GetString()))} ({g.GetProperty("landings").GetInt32()})"
                ),
        ];

    private static async Task<int> NotKnownAsync(JobBench bench, Guid job) =>
        (await bench.FindingsAsync(job)).Count(f => f.GetProperty("check").GetString() == "landing-not-known");
}
