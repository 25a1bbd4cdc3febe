namespace Lacet.Web.Tests;

/// <summary>Surveys over HTTP: what is there, what it needs, and the job for it.</summary>
public sealed class SurveyApiTests
{
    [Fact]
    public async Task Three_devices_are_surveyed_counted_and_put_right_in_a_job()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync("survey");
        var (status, _) = await bench.Server.PostAsync(
            $"/api/jobs/{job}/survey",
            new
            {
                id = Guid.NewGuid(),
                devices = new object[]
                {
                    new { name = "Hall 1", wiring = "back-stab" },
                    new
                    {
                        name = "Hall 2",
                        wiring = "side-screw",
                        doubled = true,
                        polarity = "reversed",
                    },
                    new
                    {
                        name = "Hall 3",
                        wiring = "clamp",
                        condition = "scorched",
                    },
                    new { name = "Hall 4", wiring = "clamp" },
                },
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var (_, survey) = await bench.Server.GetAsync($"/api/jobs/{job}/survey");
        var counts = survey
            .GetProperty("counts")
            .EnumerateArray()
            .ToDictionary(c => c.GetProperty("check").GetString()!, c => c.GetProperty("devices").GetInt32());
        Assert.Equal(
            (1, 1, 1, 1),
            (
                counts["back-stab-by-house-rule"],
                counts["two-conductors"],
                counts["reversed-polarity"],
                counts["loose-or-scorched"]
            )
        );
        Assert.Equal(
            3,
            survey
                .GetProperty("devices")
                .EnumerateArray()
                .Count(d => d.GetProperty("remedy").ValueKind != JsonValueKind.Null)
        );
        var (made, taken) = await bench.Server.PostAsync($"/api/jobs/{job}/survey/job", new { name = "Put right" });
        Assert.Equal(HttpStatusCode.Created, made);
        var remedy = taken.GetProperty("id").GetGuid();
        Assert.DoesNotContain(await bench.FindingsAsync(remedy), f => f.GetProperty("severity").GetString() != "note");
        Assert.Contains(
            "about",
            (await bench.Server.GetAsync($"/api/jobs/{remedy}"))
                .Json.GetProperty("title")
                .GetProperty("note")
                .GetString()!,
            StringComparison.OrdinalIgnoreCase
        );
    }

    [Fact]
    public async Task Only_a_survey_is_surveyed()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/survey",
                    new { id = Guid.NewGuid(), devices = new[] { new { name = "1" } } }
                )
            ).Status
        );
    }

    public static TheoryData<string, object, string> Impossible =>
        new()
        {
            { "no survey device", new { name = "1", type = "breaker" }, "receptacles" },
            { "a breaker of nothing", new { name = "1", breakerAmps = 0 }, "breaker" },
            { "a metre of bare metal", new { name = "1", bareShowingMm = 1000 }, "Bare metal" },
            { "no name", new { name = " " }, "name" },
        };

    [Theory]
    [MemberData(nameof(Impossible))]
    public async Task A_device_that_cannot_be_is_refused_in_a_sentence_and_nothing_is_kept(
        string what,
        object device,
        string says
    )
    {
        Assert.NotEmpty(what);
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync("survey");
        var (status, problem) = await SurveyAsync(bench, job, new { name = "Hall" }, device);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(says, problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        Assert.Empty(
            (await bench.Server.GetAsync($"/api/jobs/{job}/survey")).Json.GetProperty("devices").EnumerateArray()
        );
    }

    [Fact]
    public async Task A_device_is_surveyed_once_under_its_name_and_is_undone_like_any_change()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync("survey");
        var (_, done) = await SurveyAsync(bench, job, new { name = "Hall", wiring = "back-stab" });
        Assert.Equal("Surveyed Hall.", done.GetProperty("says").GetString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await SurveyAsync(bench, job, new { name = "hall" })).Status);
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{done.GetProperty("commandId").GetGuid()}/undo",
            new { }
        );
        Assert.Empty(
            (await bench.Server.GetAsync($"/api/jobs/{job}/survey")).Json.GetProperty("devices").EnumerateArray()
        );
    }

    [Fact]
    public async Task Where_nothing_is_wrong_there_is_nothing_to_put_right()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync("survey");
        await SurveyAsync(bench, job, new { name = "Hall", wiring = "clamp" });
        var (_, survey) = await bench.Server.GetAsync($"/api/jobs/{job}/survey");
        Assert.Equal(0, survey.GetProperty("minutes").GetDouble());
        Assert.Empty(survey.GetProperty("parts").EnumerateArray());
        var (status, problem) = await bench.Server.PostAsync($"/api/jobs/{job}/survey/job", new { name = "Put right" });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(
            "Nothing is to be put right",
            problem.GetProperty("detail").GetString(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task The_job_that_puts_it_right_is_made_once_and_keeps_the_survey_s_house_rules()
    {
        await using var bench = await JobBench.StartAsync();
        var job = Guid.NewGuid();
        await bench.Server.PostAsync(
            "/api/jobs",
            new
            {
                id = job,
                name = "House",
                purpose = "survey",
                houseRules = new { receptacleWiring = "hook-on-screw" },
            }
        );
        await SurveyAsync(
            bench,
            job,
            new
            {
                name = "Hall",
                wiring = "back-stab",
                circuit = "4",
            },
            new
            {
                name = "Attic",
                wiring = "back-stab",
                circuit = "4",
            }
        );
        var id = Guid.NewGuid();
        Assert.Equal(
            HttpStatusCode.Created,
            (await bench.Server.PostAsync($"/api/jobs/{job}/survey/job", new { id, name = "Put right" })).Status
        );
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await bench.Server.PostAsync($"/api/jobs/{job}/survey/job", new { id, name = "Put right" })).Status
        );
        var (_, overview) = await bench.Server.GetAsync($"/api/jobs/{id}");
        Assert.Equal(
            "hook-on-screw",
            overview.GetProperty("title").GetProperty("houseRules").GetProperty("receptacleWiring").GetString()
        );
        // Both devices are on one circuit, and it is one there too.
        Assert.Equal(
            "4",
            Assert
                .Single(overview.GetProperty("circuits").EnumerateArray())
                .GetProperty("part")
                .GetProperty("name")
                .GetString()
        );
        Assert.Equal(
            ["Attic", "Hall"],
            overview
                .GetProperty("devices")
                .EnumerateArray()
                .Select(d => d.GetProperty("part").GetProperty("name").GetString())
                .Order(StringComparer.Ordinal)
        );
        var (_, landings) = await bench.Server.GetAsync($"/api/jobs/{id}/landings");
        Assert.All(
            landings
                .GetProperty("items")
                .EnumerateArray()
                .Where(l => l.GetProperty("landing").GetProperty("identity").GetString() == "brass"),
            l =>
                Assert.Equal(
                    "binding-screw",
                    l.GetProperty("landing").GetProperty("landing").GetProperty("kind").GetString()
                )
        );
    }

    private static Task<(HttpStatusCode Status, JsonElement Json)> SurveyAsync(
        JobBench bench,
        Guid job,
        params object[] devices
    ) => bench.Server.PostAsync($"/api/jobs/{job}/survey", new { id = Guid.NewGuid(), devices });
}
