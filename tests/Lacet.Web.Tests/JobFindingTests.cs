namespace Lacet.Web.Tests;

/// <summary>Findings over HTTP: listed, accepted, back again.</summary>
public sealed class JobFindingTests
{
    [Fact]
    public async Task A_finding_is_accepted_with_a_reason_and_comes_back_when_what_it_rests_on_changes()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", fromLanding = "spring cage", to = "DCP/X1:2", toLanding = "spring cage", size = "14", colour = "white", function = "line" });
        var finding = Assert.Single(await bench.FindingsAsync(job));
        Assert.Equal("colour-against-function", finding.GetProperty("check").GetString());
        var accept = new { id = Guid.NewGuid(), personId = bench.Ada, key = finding.GetProperty("key").GetString(), reason = "re-marked at both ends" };
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.PostAsync($"/api/jobs/{job}/findings/accept", accept)).Status);
        var accepted = Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted");
        Assert.Equal(("Ada", "re-marked at both ends"), (accepted.GetProperty("person").GetString(), accepted.GetProperty("reason").GetString()));

        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        await bench.TypeAsync(job, new { wireId = wire, version = 1, size = "12" });
        Assert.Equal(JsonValueKind.Object, Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted").ValueKind);
        await bench.TypeAsync(job, new { wireId = wire, version = 2, colour = "grey" });
        Assert.Equal(JsonValueKind.Null, Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted").ValueKind);
    }

    [Fact]
    public async Task A_stop_is_never_accepted()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", fromLanding = "spring cage", to = "DCP/X1:2", toLanding = "spring cage", size = "14", colour = "green", function = "line" });
        var key = Assert.Single(await bench.FindingsAsync(job)).GetProperty("key").GetString();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.Server.PostAsync($"/api/jobs/{job}/findings/accept", new { id = Guid.NewGuid(), personId = bench.Ada, key, reason = "it is fine" })).Status);
    }
}
