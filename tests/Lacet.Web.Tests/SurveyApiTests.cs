namespace Lacet.Web.Tests;

/// <summary>Surveys over HTTP: what is there, what it needs, and the job for it.</summary>
public sealed class SurveyApiTests
{
    [Fact]
    public async Task Three_devices_are_surveyed_counted_and_put_right_in_a_job()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync("survey");
        var (status, _) = await bench.Server.PostAsync($"/api/jobs/{job}/survey", new
        {
            id = Guid.NewGuid(),
            personId = bench.Ada,
            devices = new object[]
            {
                new { name = "Hall 1", wiring = "back-stab" },
                new { name = "Hall 2", wiring = "side-screw", doubled = true, polarity = "reversed" },
                new { name = "Hall 3", wiring = "clamp", condition = "scorched" },
                new { name = "Hall 4", wiring = "clamp" },
            },
        });
        Assert.Equal(HttpStatusCode.OK, status);
        var (_, survey) = await bench.Server.GetAsync($"/api/jobs/{job}/survey");
        var counts = survey.GetProperty("counts").EnumerateArray().ToDictionary(c => c.GetProperty("check").GetString()!, c => c.GetProperty("devices").GetInt32());
        Assert.Equal((1, 1, 1, 1), (counts["back-stab-by-house-rule"], counts["two-conductors"], counts["reversed-polarity"], counts["loose-or-scorched"]));
        Assert.Equal(3, survey.GetProperty("devices").EnumerateArray().Count(d => d.GetProperty("remedy").ValueKind != JsonValueKind.Null));
        var (made, taken) = await bench.Server.PostAsync($"/api/jobs/{job}/survey/job", new { personId = bench.Ada, name = "Put right" });
        Assert.Equal(HttpStatusCode.Created, made);
        var remedy = taken.GetProperty("id").GetGuid();
        Assert.DoesNotContain(await bench.FindingsAsync(remedy), f => f.GetProperty("severity").GetString() != "note");
        Assert.Contains("about", (await bench.Server.GetAsync($"/api/jobs/{remedy}")).Json.GetProperty("title").GetProperty("note").GetString()!, StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public async Task Only_a_survey_is_surveyed()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.Server.PostAsync($"/api/jobs/{job}/survey", new { id = Guid.NewGuid(), personId = bench.Ada, devices = new[] { new { name = "1" } } })).Status);
    }
}
