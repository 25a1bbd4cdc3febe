namespace Lacet.Web.Tests;

public sealed partial class JobCommandTests
{
    [Fact]
    public async Task What_is_undone_comes_back_with_a_version_of_its_own()
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
        await bench.TypeAsync(
            job,
            new
            {
                wireId = wire,
                version = 1,
                colour = "red",
            }
        );
        // Nothing is taken out unseen: without its version, or with an older one, it stays.
        Assert.Equal(HttpStatusCode.Conflict, (await bench.CommandAsync(job, new { remove = wire })).Status);
        Assert.Equal(
            HttpStatusCode.Conflict,
            (await bench.CommandAsync(job, new { remove = wire, version = 1 })).Status
        );
        Assert.Single(await bench.WiresAsync(job));
        var (_, removed) = await bench.CommandAsync(job, new { remove = wire, version = 2 });
        Assert.Empty(await bench.WiresAsync(job));
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{removed.GetProperty("commandId").GetGuid()}/undo",
            new { }
        );
        var back = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("red", 3),
            (back.GetProperty("wire").GetProperty("colour").GetString(), back.GetProperty("version").GetInt64())
        );
        // Whoever still holds what it was before it was taken out is told.
        Assert.Equal(
            HttpStatusCode.Conflict,
            (
                await bench.TypeAsync(
                    job,
                    new
                    {
                        wireId = wire,
                        version = 1,
                        colour = "blue",
                    }
                )
            ).Status
        );
        var (_, history) = await bench.Server.GetAsync($"/api/jobs/{job}/commands");
        Assert.Equal(
            ["Undid: Deleted wire 1.", "Deleted wire 1.", "Changed wire 1.", "Added wire 1.", "Made Dome."],
            history.GetProperty("items").EnumerateArray().Select(c => c.GetProperty("says").GetString())
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/commands/{removed.GetProperty("commandId").GetGuid()}/undo",
                    new { }
                )
            ).Status
        );
    }

    [Fact]
    public async Task Changes_of_one_wire_are_undone_one_after_another_and_done_again()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var commands = new Stack<Guid>();
        async Task<string?> Colour() =>
            (await bench.WiresAsync(job))
                .Select(w => w.GetProperty("wire").GetProperty("colour").GetString())
                .SingleOrDefault();
        commands.Push(
            Command(
                await bench.TypeAsync(
                    job,
                    new
                    {
                        name = "1",
                        from = "DCP/X1:1",
                        colour = "black",
                    }
                )
            )
        );
        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        foreach (var (colour, version) in new[] { ("red", 1), ("blue", 2), ("grey", 3) })
        {
            commands.Push(
                Command(
                    await bench.TypeAsync(
                        job,
                        new
                        {
                            wireId = wire,
                            version,
                            colour,
                        }
                    )
                )
            );
        }

        Guid undone = default;
        foreach (var colour in new[] { "blue", "red", "black", null })
        {
            var done = await Undo(commands.Pop());
            Assert.Equal(HttpStatusCode.OK, done.Status);
            undone = Command(done);
            Assert.Equal(colour, await Colour());
        }

        // An undo is a change like any other, and is undone like one.
        Assert.Equal(HttpStatusCode.OK, (await Undo(undone)).Status);
        Assert.Equal("black", await Colour());

        Task<(HttpStatusCode Status, JsonElement Json)> Undo(Guid command) =>
            bench.Server.PostAsync($"/api/jobs/{job}/commands/{command}/undo", new { });
        static Guid Command((HttpStatusCode Status, JsonElement Json) done) =>
            done.Json.GetProperty("commandId").GetGuid();
    }

    [Fact]
    public async Task What_somebody_changed_since_is_not_undone_over_their_head()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                colour = "black",
            }
        );
        var wire = JobBench.Id((await bench.WiresAsync(job)).Single());
        var (_, red) = await bench.TypeAsync(
            job,
            new
            {
                wireId = wire,
                version = 1,
                colour = "red",
            }
        );
        await bench.TypeAsync(
            job,
            new
            {
                wireId = wire,
                version = 2,
                size = "12",
            }
        );
        var (status, problem) = await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{red.GetProperty("commandId").GetGuid()}/undo",
            new { }
        );
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Contains("Nothing was changed", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        var row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(
            ("12 AWG", "red", 3),
            (
                row.GetProperty("size").GetString(),
                row.GetProperty("wire").GetProperty("colour").GetString(),
                row.GetProperty("version").GetInt64()
            )
        );
    }
}
