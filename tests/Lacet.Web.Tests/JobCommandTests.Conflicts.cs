namespace Lacet.Web.Tests;

public sealed partial class JobCommandTests
{
    [Fact]
    public async Task Two_people_who_change_the_same_wire_get_a_clear_conflict_and_neither_is_lost()
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
        var wire = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.TypeAsync(
                    job,
                    new
                    {
                        wireId = JobBench.Id(wire),
                        version = 1,
                        colour = "red",
                    }
                )
            ).Status
        );
        var (status, problem) = await bench.TypeAsync(
            job,
            new
            {
                wireId = JobBench.Id(wire),
                version = 1,
                colour = "blue",
            }
        );
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Equal(
            ("red", 2),
            (problem.GetProperty("now").GetProperty("colour").GetString(), problem.GetProperty("version").GetInt64())
        );
        Assert.Equal(
            "red",
            (await bench.WiresAsync(job)).Single().GetProperty("wire").GetProperty("colour").GetString()
        );
    }

    [Fact]
    public async Task A_bulk_change_is_all_or_none_and_sent_twice_changes_once()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (_, overview) = await bench.Server.GetAsync($"/api/jobs/{job}");
        Assert.Equal(JsonValueKind.Array, overview.GetProperty("circuits").ValueKind);
        var circuit = Guid.NewGuid();
        object Put(Guid id, string name) =>
            new
            {
                put = new
                {
                    part = "circuit",
                    id,
                    name,
                    ocpdAmps = 15,
                },
            };
        var bad = await bench.CommandAsync(job, Put(circuit, "1"), Put(Guid.NewGuid(), "1"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, bad.Status);
        Assert.Empty((await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits").EnumerateArray());

        var command = new { id = Guid.NewGuid(), changes = new[] { Put(circuit, "1"), Put(Guid.NewGuid(), "2") } };
        var first = await bench.Server.PostAsync($"/api/jobs/{job}/commands", command);
        var second = await bench.Server.PostAsync($"/api/jobs/{job}/commands", command);
        Assert.Equal((HttpStatusCode.OK, HttpStatusCode.OK), (first.Status, second.Status));
        Assert.Equal(first.Json.GetProperty("sequence").GetInt64(), second.Json.GetProperty("sequence").GetInt64());
        Assert.Equal(
            2,
            (await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits").GetArrayLength()
        );
    }

    /// <summary>
    /// A page that heard no answer sends again: putting in, changing and taking out are each answered as the first
    /// time.
    /// </summary>
    [Fact]
    public async Task A_change_that_is_sent_again_is_answered_as_the_first_time()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var circuit = Guid.NewGuid();
        object Put(double amps) =>
            new
            {
                part = "circuit",
                id = circuit,
                name = "1",
                ocpdAmps = amps,
            };
        foreach (
            var change in new object[]
            {
                new { put = Put(15) },
                new { put = Put(20), version = 1 },
                new { remove = circuit, version = 2 },
            }
        )
        {
            var command = new { id = Guid.NewGuid(), changes = new[] { change } };
            var (first, again) = (
                await bench.Server.PostAsync($"/api/jobs/{job}/commands", command),
                await bench.Server.PostAsync($"/api/jobs/{job}/commands", command)
            );
            Assert.Equal((HttpStatusCode.OK, HttpStatusCode.OK), (first.Status, again.Status));
            Assert.Equal(first.Json.GetRawText(), again.Json.GetRawText());
        }

        Assert.Empty((await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits").EnumerateArray());
    }

    [Fact]
    public async Task An_id_with_other_changes_or_in_another_job_is_a_conflict_and_stores_nothing()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, other, id, circuit) = (
            await bench.JobAsync(),
            await bench.JobAsync(),
            Guid.NewGuid(),
            Guid.NewGuid()
        );
        Task<(HttpStatusCode Status, JsonElement Json)> Send(Guid to, string name) =>
            bench.Server.PostAsync(
                $"/api/jobs/{to}/commands",
                new
                {
                    id,
                    changes = new[]
                    {
                        new
                        {
                            put = new
                            {
                                part = "circuit",
                                id = circuit,
                                name,
                            },
                        },
                    },
                }
            );
        Assert.Equal(HttpStatusCode.OK, (await Send(job, "1")).Status);
        foreach (var (to, name) in new[] { (job, "2"), (other, "1") })
        {
            var (status, problem) = await Send(to, name);
            Assert.Equal(HttpStatusCode.Conflict, status);
            Assert.Contains(
                "is that of another change already",
                problem.GetProperty("detail").GetString(),
                StringComparison.Ordinal
            );
        }

        Assert.Equal(
            "1",
            (await bench.Server.GetAsync($"/api/jobs/{job}"))
                .Json.GetProperty("circuits")[0]
                .GetProperty("part")
                .GetProperty("name")
                .GetString()
        );
        Assert.Empty((await bench.Server.GetAsync($"/api/jobs/{other}")).Json.GetProperty("circuits").EnumerateArray());
    }
}
