using System.Text;

namespace Lacet.Web.Tests;

/// <summary>Jobs over HTTP: made, listed, put away, sent out and taken in.</summary>
public sealed class JobTests
{
    [Fact]
    public async Task A_job_is_made_once_listed_put_away_and_taken_out_again()
    {
        await using var bench = await JobBench.StartAsync();
        var id = Guid.NewGuid();
        var body = new { id, personId = bench.Ada, name = "Dome" };
        Assert.Equal(HttpStatusCode.Created, (await bench.Server.PostAsync("/api/jobs", body)).Status);
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.PostAsync("/api/jobs", body)).Status);
        Assert.Equal(HttpStatusCode.Conflict, (await bench.Server.PostAsync("/api/jobs", new { id, personId = bench.Ada, name = "Other" })).Status);
        Assert.Equal(["Dome"], await bench.NamesAsync());
        await bench.DeleteAsync($"/api/jobs/{id}");
        Assert.Empty(await bench.NamesAsync());
        Assert.Equal(HttpStatusCode.NotFound, (await bench.Server.GetAsync($"/api/jobs/{id}")).Status);
        await bench.Server.PostAsync($"/api/jobs/{id}/restore", new { });
        Assert.Equal(["Dome"], await bench.NamesAsync());
    }

    [Theory]
    [InlineData("", HttpStatusCode.UnprocessableEntity)]
    [InlineData("x", HttpStatusCode.Created)]
    public async Task A_job_needs_a_name(string name, HttpStatusCode status)
    {
        await using var bench = await JobBench.StartAsync();
        Assert.Equal(status, (await bench.Server.PostAsync("/api/jobs", new { personId = bench.Ada, name })).Status);
    }

    [Fact]
    public async Task A_job_is_its_maker_s_by_house_rules_and_nobody_else_s()
    {
        await using var bench = await JobBench.StartAsync();
        var (_, made) = await bench.Server.PostAsync("/api/jobs", new { personId = bench.Ada, name = "Dome", houseRules = new { region = "iec" } });
        Assert.Equal("iec", made.GetProperty("title").GetProperty("houseRules").GetProperty("region").GetString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.Server.PostAsync("/api/jobs", new { personId = Guid.NewGuid(), name = "Dome" })).Status);
    }

    [Fact]
    public async Task A_job_goes_out_and_comes_in_elsewhere_the_same()
    {
        await using var bench = await JobBench.StartAsync();
        var job = (await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List), new { jobName = "Panel" })).Json.GetProperty("jobId").GetGuid();
        var bytes = await bench.Server.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative));
        Assert.Equal(HttpStatusCode.Conflict, (await bench.SendAsync($"/api/jobs/document?personId={bench.Ada}", bytes)).Status);
        await using var elsewhere = await JobBench.StartAsync();
        Assert.Equal(HttpStatusCode.Created, (await elsewhere.SendAsync($"/api/jobs/document?personId={elsewhere.Ada}", bytes)).Status);
        Assert.Equal(bytes, await elsewhere.Server.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative)));
        Assert.StartsWith("Wire,", Encoding.UTF8.GetString((await elsewhere.Server.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export/wires.csv", UriKind.Relative)))[3..]), StringComparison.Ordinal);
        Assert.Equal((byte)'P', (await elsewhere.Server.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export/wires.xlsx", UriKind.Relative)))[0]);
    }
}
