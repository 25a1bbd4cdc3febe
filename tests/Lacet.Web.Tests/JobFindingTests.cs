namespace Lacet.Web.Tests;

/// <summary>Findings over HTTP: listed, accepted, back again.</summary>
public sealed partial class JobFindingTests
{
    [Fact]
    public async Task A_finding_is_accepted_with_a_reason_and_comes_back_when_what_it_rests_on_changes()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await TypeWhiteLineAsync(bench, job);
        async Task<string[]> HarmsAsync() =>
            [
                .. (await bench.Server.GetAsync($"/api/jobs/{job}/findings"))
                    .Json.GetProperty("harms")
                    .EnumerateArray()
                    .Select(h => $"{h.GetProperty("harm").GetString()} {h.GetProperty("fixes").GetInt32()}"),
            ];
        Assert.Equal(["shock 1"], await HarmsAsync());
        var finding = Assert.Single(await bench.FindingsAsync(job));
        Assert.Equal("colour-against-function", finding.GetProperty("check").GetString());
        var accept = new
        {
            id = Guid.NewGuid(),
            key = finding.GetProperty("key").GetString(),
            reason = "re-marked at both ends",
        };
        Assert.Equal(
            HttpStatusCode.OK,
            (await bench.Server.PostAsync($"/api/jobs/{job}/findings/accept", accept)).Status
        );
        // What is accepted is open no more.
        Assert.Empty(await HarmsAsync());
        var accepted = Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted");
        Assert.Equal(
            ("Ada", "re-marked at both ends"),
            (accepted.GetProperty("person").GetString(), accepted.GetProperty("reason").GetString())
        );

        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        await bench.TypeAsync(
            job,
            new
            {
                wireId = wire,
                version = 1,
                size = "12",
            }
        );
        Assert.Equal(
            JsonValueKind.Object,
            Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted").ValueKind
        );
        await bench.TypeAsync(
            job,
            new
            {
                wireId = wire,
                version = 2,
                colour = "grey",
            }
        );
        Assert.Equal(
            JsonValueKind.Null,
            Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted").ValueKind
        );
    }

    /// <summary>Neither the finding nor the job as a file, nor what was changed, keeps a name that was erased.</summary>
    [Fact]
    public async Task Who_accepted_a_finding_is_forgotten_with_their_name()
    {
        await using var bench = await JobBench.StartAsync();
        var server = bench.Server;
        var job = await bench.JobAsync();
        await server.PersonAsync("Zelda Quince");
        await TypeWhiteLineAsync(bench, job);
        var key = Assert.Single(await bench.FindingsAsync(job)).GetProperty("key").GetString();
        var command = Guid.NewGuid();
        await server.PostAsync(
            $"/api/jobs/{job}/findings/accept",
            new
            {
                id = command,
                key,
                reason = "re-marked",
            }
        );
        var zelda = (await server.GetAsync("/api/session")).Json.GetProperty("person").GetProperty("id").GetGuid();
        await server.PersonAsync("Ada");
        using (await server.Client.DeleteAsync(new Uri($"/api/people/{zelda}/name", UriKind.Relative))) { }

        var accepted = Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted");
        Assert.Equal("erased", accepted.GetProperty("person").GetString());
        foreach (var address in new[] { "export/job.json", $"commands/{command}/changes", "commands", "findings" })
        {
            var text = await server.Client.GetStringAsync(new Uri($"/api/jobs/{job}/{address}", UriKind.Relative));
            Assert.DoesNotContain("Zelda", text, StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task A_stop_is_never_accepted()
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
                colour = "green",
                function = "line",
                circuit = "C8",
            }
        );
        var key = Assert.Single(await bench.FindingsAsync(job)).GetProperty("key").GetString();
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/findings/accept",
                    new
                    {
                        id = Guid.NewGuid(),
                        key,
                        reason = "it is fine",
                    }
                )
            ).Status
        );
    }

    /// <summary>
    /// One wire whose colour says neutral and whose function says line; one with nothing at its other end; one too
    /// large.
    /// </summary>
    private static readonly object[] Doubtful =
    [
        new
        {
            name = "1",
            from = "DCP/X1:1",
            fromLanding = "spring cage",
            to = "DCP/X1:2",
            toLanding = "spring cage",
            size = "14",
            colour = "white",
            function = "line",
            circuit = "C8",
        },
        new
        {
            name = "2",
            from = "DCP/X1:3",
            fromLanding = "spring cage",
            size = "14",
            colour = "black",
            function = "line",
            circuit = "C7",
        },
        new
        {
            name = "3",
            from = "DCP/X1:4",
            fromLanding = "spring cage",
            to = "DCP/X1:5",
            toLanding = "spring cage",
            size = "1/0",
            colour = "black",
            function = "line",
            circuit = "C9",
        },
    ];

    [Fact]
    public async Task An_end_that_a_finding_is_about_is_drawn_and_one_that_nobody_knows_is_not()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, Doubtful);
        var wires = (await bench.WiresAsync(job)).ToDictionary(
            w => w.GetProperty("wire").GetProperty("name").GetString()!,
            JobBench.Id
        );
        var (status, drawn) = await bench.Server.GetAsync($"/api/jobs/{job}/findings/section?wire={wires["1"]}&side=a");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.NotEmpty(drawn.GetProperty("scene").GetProperty("parts").EnumerateArray());
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.GetAsync($"/api/jobs/{job}/findings/section?wire={wires["2"]}&side=b")).Status
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.Server.GetAsync($"/api/jobs/{job}/findings/section?wire={wires["1"]}&side=left")).Status
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.GetAsync($"/api/jobs/{Guid.NewGuid()}/findings")).Status
        );
    }

    [Theory]
    [InlineData("", HttpStatusCode.UnprocessableEntity)]
    [InlineData("re-marked", HttpStatusCode.OK)]
    public async Task An_acceptance_needs_a_reason(string reason, HttpStatusCode status)
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, Doubtful[0]);
        var key = Assert.Single(await bench.FindingsAsync(job)).GetProperty("key").GetString();
        Assert.Equal(
            status,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/findings/accept",
                    new
                    {
                        id = Guid.NewGuid(),
                        key,
                        reason,
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task An_acceptance_is_of_a_finding_that_is_there()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, Doubtful[0]);
        var key = Assert.Single(await bench.FindingsAsync(job)).GetProperty("key").GetString();
        async Task<HttpStatusCode> Accept(string? of) =>
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/findings/accept",
                    new
                    {
                        id = Guid.NewGuid(),
                        key = of,
                        reason = "so",
                    }
                )
            ).Status;
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Accept("end:nowhere#none"));
        Assert.Equal(HttpStatusCode.OK, await Accept(key));
        var accepted = (await bench.Server.GetAsync($"/api/jobs/{job}/findings?accepted=true")).Json;
        Assert.Single(accepted.GetProperty("items").EnumerateArray());
        Assert.Equal(
            (0, 1),
            (
                accepted.GetProperty("groups")[0].GetProperty("open").GetInt32(),
                accepted.GetProperty("groups")[0].GetProperty("accepted").GetInt32()
            )
        );
        Assert.Empty(
            (await bench.Server.GetAsync($"/api/jobs/{job}/findings?accepted=false"))
                .Json.GetProperty("items")
                .EnumerateArray()
        );
    }

    /// <summary>A wire with one thing to put right.</summary>
    private static Task TypeWhiteLineAsync(JobBench bench, Guid job) => bench.TypeAsync(job, Doubtful[0]);
}
