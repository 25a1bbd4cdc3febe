namespace Lacet.Web.Tests;

public sealed partial class JobCommandTests
{
    [Fact]
    public async Task A_change_shows_each_part_as_it_was_and_as_it_became_with_its_wire_to_be_drawn()
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
        var row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(JsonValueKind.Null, row.GetProperty("hue").ValueKind);
        await bench.TypeAsync(
            job,
            new
            {
                wireId = JobBench.Id(row),
                version = 1,
                colour = "green/yellow",
            }
        );
        row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(("green", "yellow"), (row.GetProperty("hue").GetString(), row.GetProperty("stripe").GetString()));
        var history = (await bench.Server.GetAsync($"/api/jobs/{job}/commands")).Json.GetProperty("items");
        var command = history[0].GetProperty("id").GetGuid();
        var (_, answer) = await bench.Server.GetAsync($"/api/jobs/{job}/commands/{command}/changes");
        Assert.Equal(1, answer.GetProperty("parts").GetInt32());
        var change = answer.GetProperty("changes")[0];
        Assert.Equal(JsonValueKind.Null, change.GetProperty("before").GetProperty("colour").ValueKind);
        Assert.Equal("green, yellow stripe", change.GetProperty("after").GetProperty("colour").GetString());
        var (before, after) = (change.GetProperty("wireBefore"), change.GetProperty("wireAfter"));
        Assert.Equal(
            (JsonValueKind.Null, "green", "DCP/X1:1"),
            (
                before.GetProperty("hue").ValueKind,
                after.GetProperty("hue").GetString(),
                after.GetProperty("from").GetString()
            )
        );

        // Where a wire was added it was not there before; a change of another job is none of this one.
        var first = history.EnumerateArray().Last(c => c.GetProperty("parts").GetInt32() > 1);
        var (_, added) = await bench.Server.GetAsync(
            $"/api/jobs/{job}/commands/{first.GetProperty("id").GetGuid()}/changes?limit=1"
        );
        Assert.True(added.GetProperty("parts").GetInt32() > added.GetProperty("changes").GetArrayLength());
        var (missing, _) = await bench.Server.GetAsync($"/api/jobs/{Guid.NewGuid()}/commands/{command}/changes");
        Assert.Equal(HttpStatusCode.NotFound, missing);

        // Who was last at it stands on the job's card.
        var card = (await bench.Server.GetAsync("/api/jobs")).Json.GetProperty("items")[0];
        Assert.Equal("Ada", card.GetProperty("changedBy").GetString());
    }
}
