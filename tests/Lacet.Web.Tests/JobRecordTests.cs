namespace Lacet.Web.Tests;

/// <summary>What is recorded at the ends of a job.</summary>
public sealed class JobRecordTests
{
    [Fact]
    public async Task An_end_is_landed_checked_signed_by_another_and_tells_when_its_plan_changes()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                fromLanding = "spring cage",
                to = "DCP/X1:2",
                toLanding = "spring cage",
                size = "14",
            }
        );
        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        async Task<HttpStatusCode> Record(string kind, Guid person) =>
            (await bench.RecordAsync(job, wire, kind, person)).Status;
        async Task<string> State() =>
            string.Join(
                ' ',
                (await bench.WiresAsync(job))
                    .Single()
                    .GetProperty("a")
                    .EnumerateObject()
                    .Select(p => p.Value.ToString())
            );
        Assert.Equal("ready False", await State());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record("check", bench.Bo));
        Assert.Equal(HttpStatusCode.Created, await Record("termination", bench.Ada));
        Assert.Equal("landed False", await State());
        Assert.Equal(HttpStatusCode.Created, await Record("check", bench.Bo));
        Assert.Equal("checked False", await State());
        Assert.Equal(HttpStatusCode.Forbidden, await Record("sign-off", bench.Ada));
        Assert.Equal(HttpStatusCode.Created, await Record("sign-off", bench.Bo));
        Assert.Equal("signed False", await State());
        await bench.TypeAsync(
            job,
            new
            {
                wireId = wire,
                version = 1,
                size = "12",
            }
        );
        Assert.Equal("signed True", await State());
        Assert.Equal(
            "signed",
            (await bench.Server.GetAsync("/api/jobs"))
                .Json.GetProperty("items")[0]
                .GetProperty("summary")
                .GetProperty("lace")[0]
                .GetProperty("state")
                .GetString()
        );

        // What something is recorded at is retired, not taken out.
        await bench.CommandAsync(job, new { remove = wire, version = 2 });
        Assert.Empty(await bench.WiresAsync(job));
        var exported = await bench.Server.Client.GetStringAsync(
            new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative)
        );
        Assert.Contains("\"retired\": true", exported, StringComparison.Ordinal);
    }

    [Fact]
    public async Task At_an_end_of_a_job_wire_and_landing_are_the_job_s()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                size = "14",
            }
        );
        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        async Task<HttpStatusCode> Record(object? conductor) =>
            (
                await bench.Server.PostAsync(
                    "/api/records",
                    new
                    {
                        id = Guid.NewGuid(),
                        device = "t",
                        deviceSequence = 1,
                        claimedAt = RunningServer.Now,
                        subject = new
                        {
                            jobId = job,
                            wireId = wire,
                            side = "a",
                        },
                        conductor,
                        tightening = new { method = "seated" },
                    }
                )
            ).Status;
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record(new { size = "14", build = "solid" }));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record(null));
    }

    [Fact]
    public async Task The_board_shows_how_far_an_end_is_and_who_landed_it()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await WireAsync(bench);
        Assert.Equal(("ready", null), await OnBoardAsync(bench, job));
        await bench.RecordAsync(job, wire, "termination", bench.Ada);
        Assert.Equal(("landed", "Ada"), await OnBoardAsync(bench, job));
        await bench.RecordAsync(job, wire, "check", bench.Bo);
        await bench.RecordAsync(job, wire, "sign-off", bench.Bo);
        // Signed by another, it is still hers.
        Assert.Equal(("signed", "Ada"), await OnBoardAsync(bench, job));
    }

    [Theory]
    [InlineData("size", "12", true)]
    [InlineData("fromLanding", "push-in", false)] // a landing that was described is not described anew by a list
    [InlineData("from", "DCP/X1:2", false)] // another slot of the same kind: what was done still fits it
    [InlineData("colour", "red", false)]
    [InlineData("length", "3 m", false)]
    public async Task An_end_is_to_an_older_plan_where_its_wire_or_landing_is_another(
        string cell,
        string text,
        bool older
    )
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await WireAsync(bench);
        await bench.TypeAsync(
            job,
            new
            {
                name = "2",
                from = "DCP/X1:2",
                fromLanding = "spring cage",
            }
        );
        await bench.RecordAsync(job, wire, "termination", bench.Ada);
        await bench.TypeAsync(
            job,
            new Dictionary<string, object>(StringComparer.Ordinal)
            {
                ["wireId"] = wire,
                ["version"] = 1,
                ["from"] = "DCP/X1:1",
                [cell] = text,
            }
        );
        var row = (await bench.WiresAsync(job)).First(w => JobBench.Id(w) == wire);
        Assert.Equal(older, row.GetProperty("a").GetProperty("olderPlan").GetBoolean());
        Assert.Equal("landed", row.GetProperty("a").GetProperty("state").GetString());
    }

    [Fact]
    public async Task A_record_that_is_taken_back_leaves_the_end_as_it_was()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await WireAsync(bench);
        var landed = Guid.NewGuid();
        await bench.RecordAsync(job, wire, "termination", bench.Ada, landed);
        Assert.Equal("landed", (await OnBoardAsync(bench, job)).State);
        Assert.Equal(
            HttpStatusCode.Created,
            (await bench.Server.PostAsync("/api/records", Requests.Withdrawal(landed))).Status
        );
        Assert.Equal(("ready", null), await OnBoardAsync(bench, job));
        // Nothing is lost of it: both stand in the log.
        Assert.Equal(2, await bench.Server.EventsAsync());
    }

    [Theory]
    [InlineData("check")]
    [InlineData("sign-off")]
    public async Task What_is_not_landed_is_neither_checked_nor_signed(string kind)
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await WireAsync(bench);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.RecordAsync(job, wire, kind, bench.Bo)).Status);
        Assert.Equal(0, await bench.Server.EventsAsync());
    }

    [Fact]
    public async Task An_end_that_is_not_in_the_job_takes_no_record()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await WireAsync(bench);
        Assert.NotEqual(
            HttpStatusCode.Created,
            (await bench.RecordAsync(job, Guid.NewGuid(), "termination", bench.Ada)).Status
        );
        Assert.NotEqual(
            HttpStatusCode.Created,
            (await bench.RecordAsync(Guid.NewGuid(), wire, "termination", bench.Ada)).Status
        );
        Assert.Equal(0, await bench.Server.EventsAsync());
    }

    private static async Task<(Guid Job, Guid Wire)> WireAsync(JobBench bench)
    {
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                fromLanding = "spring cage",
                to = "DCP/X1:3",
                toLanding = "spring cage",
                size = "14",
            }
        );
        return (job, JobBench.Id((await bench.WiresAsync(job)).Single()));
    }

    private static async Task<(string? State, string? By)> OnBoardAsync(JobBench bench, Guid job)
    {
        var enclosure = (await bench.Server.GetAsync($"/api/jobs/{job}"))
            .Json.GetProperty("enclosures")[0]
            .GetProperty("part")
            .GetProperty("id")
            .GetGuid();
        var (_, board) = await bench.Server.GetAsync($"/api/jobs/{job}/boards/{enclosure}");
        var stub = board
            .GetProperty("rails")
            .EnumerateArray()
            .SelectMany(r => r.GetProperty("devices").EnumerateArray())
            .SelectMany(d => d.GetProperty("slots").EnumerateArray())
            .Single(s => s.GetProperty("name").GetString() == "X1:1")
            .GetProperty("stubs")[0];
        return (stub.GetProperty("state").GetString(), stub.TryGetProperty("by", out var by) ? by.GetString() : null);
    }
}
