namespace Lacet.Web.Tests;

public sealed partial class JobFindingTests
{
    [Fact]
    public async Task Findings_are_asked_for_by_severity_by_check_by_wire_and_in_pages()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, Doubtful);
        var all = await bench.FindingsAsync(job);
        async Task<List<JsonElement>> Asked(string query) =>
            [
                .. (await bench.Server.GetAsync($"/api/jobs/{job}/findings?{query}"))
                    .Json.GetProperty("items")
                    .EnumerateArray(),
            ];
        foreach (var severity in new[] { "stop", "fix", "note" })
        {
            Assert.Equal(
                all.Count(f => f.GetProperty("severity").GetString() == severity),
                (await Asked($"severity={severity}")).Count
            );
        }

        Assert.All(await Asked("check=conductor-out-of-range"), f =>
            Assert.Equal("conductor-out-of-range", f.GetProperty("check").GetString())
        );
        var wires = (await bench.WiresAsync(job)).ToDictionary(
            w => w.GetProperty("wire").GetProperty("name").GetString()!,
            JobBench.Id
        );
        Assert.All(await Asked($"wire={wires["3"]}"), f =>
            Assert.Contains("3", f.GetProperty("about").GetProperty("name").GetString(), StringComparison.Ordinal)
        );
        Assert.Equal(
            "colour-against-function",
            Assert.Single(await Asked($"wire={wires["1"]}")).GetProperty("check").GetString()
        );

        var paged = new List<string?>();
        for (var offset = 0; offset < all.Count; offset += 2)
        {
            paged.AddRange((await Asked($"offset={offset}&limit=2")).Select(f => f.GetProperty("key").GetString()));
        }

        Assert.Equal(all.Select(f => f.GetProperty("key").GetString()), paged);
        // Worst first, and counted by check.
        var severities = all.Select(f => f.GetProperty("severity").GetString()).ToList();
        Assert.Equal(severities.OrderBy(s => Array.IndexOf(["stop", "fix", "note"], s)), severities);
    }

    [Theory]
    [InlineData("severity=dreadful")]
    [InlineData("limit=0")]
    [InlineData("limit=1001")]
    [InlineData("lead=cubits")]
    public async Task A_question_that_makes_no_sense_is_refused(string query)
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (status, problem) = await bench.Server.GetAsync($"/api/jobs/{job}/findings?{query}");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.EndsWith(".", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }
}
