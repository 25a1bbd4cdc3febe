namespace Lacet.Web.Tests;

/// <summary>What is recorded at the ends of a job.</summary>
public sealed class JobRecordTests
{
    [Fact]
    public async Task An_end_is_landed_checked_signed_by_another_and_tells_when_its_plan_changes()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", fromLanding = "spring cage", to = "DCP/X1:2", toLanding = "spring cage", size = "14" });
        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        var subject = new { jobId = job, wireId = wire, side = "a" };
        async Task<HttpStatusCode> Record(string kind, Guid person) => (await bench.Server.PostAsync("/api/records", new
        {
            id = Guid.NewGuid(),
            device = "t",
            deviceSequence = 1,
            personId = person,
            claimedAt = RunningServer.Now,
            kind,
            subject,
            tightening = kind == "termination" ? new { method = "seated" } : null,
        })).Status;
        async Task<string> State() => string.Join(' ', (await bench.WiresAsync(job)).Single().GetProperty("a").EnumerateObject().Select(p => p.Value.ToString()));
        Assert.Equal("ready False", await State());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record("check", bench.Bo));
        Assert.Equal(HttpStatusCode.Created, await Record("termination", bench.Ada));
        Assert.Equal("landed False", await State());
        Assert.Equal(HttpStatusCode.Created, await Record("check", bench.Ada));
        Assert.Equal("checked False", await State());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record("sign-off", bench.Ada));
        Assert.Equal(HttpStatusCode.Created, await Record("sign-off", bench.Bo));
        Assert.Equal("signed False", await State());
        await bench.TypeAsync(job, new { wireId = wire, version = 1, size = "12" });
        Assert.Equal("signed True", await State());
        Assert.Equal("signed", (await bench.Server.GetAsync("/api/jobs")).Json.GetProperty("items")[0].GetProperty("summary").GetProperty("lace")[0].GetProperty("state").GetString());

        // What something is recorded at is retired, not taken out.
        await bench.CommandAsync(job, new { remove = wire, version = 2 });
        Assert.Empty(await bench.WiresAsync(job));
        var exported = await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative));
        Assert.Contains("\"retired\": true", exported, StringComparison.Ordinal);
    }

    [Fact]
    public async Task At_an_end_of_a_job_wire_and_landing_are_the_job_s()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", size = "14" });
        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        async Task<HttpStatusCode> Record(object? conductor) => (await bench.Server.PostAsync("/api/records", new
        {
            id = Guid.NewGuid(),
            device = "t",
            deviceSequence = 1,
            personId = bench.Ada,
            claimedAt = RunningServer.Now,
            subject = new { jobId = job, wireId = wire, side = "a" },
            conductor,
            tightening = new { method = "seated" },
        })).Status;
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record(new { size = "14", build = "solid" }));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record(null));
    }
}
