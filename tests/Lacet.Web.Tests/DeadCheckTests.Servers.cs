namespace Lacet.Web.Tests;

/// <content>Over a restart, and with the stand-in meter.</content>
public sealed partial class DeadCheckTests
{
    [Fact]
    public async Task A_server_that_starts_anew_knows_whose_locks_hang()
    {
        var bench = await DeadBench.StartAsync();
        await bench.ProvedAsync();
        await bench.DisposeAsync();
        await using var again = await RunningServer.StartAsync(bench.Server.Folder, signedIn: false);
        var cleo = await again.PersonAsync("Cleo");
        await using var page = await OpenPage.OpenAsync(again, cleo);
        var told = (await page.UntilAsync("dead")).GetProperty("told");
        Assert.Equal(("dead", 2), (told.GetProperty("state").GetString(), told.GetProperty("people").GetArrayLength()));
        again.Time.Advance(TimeSpan.FromMinutes(31));
        await page.UntilAsync("dead", Is("lapsed"));
    }

    [Fact]
    public async Task The_stand_in_meter_shows_what_is_live_until_it_is_locked()
    {
        await using var server = await RunningServer.StartAsync(standIns: true, demo: Repository.Of("demo"));
        await server.PersonAsync("Ines Okafor");
        var jobs = (await server.GetAsync("/api/jobs")).Json.GetProperty("items").EnumerateArray();
        var job = jobs.First(j => j.GetProperty("summary").GetProperty("name").GetString() == "Dome refit")
            .GetProperty("id")
            .GetGuid();
        var panel = (await server.GetAsync($"/api/jobs/{job}"))
            .Json.GetProperty("enclosures")[0]
            .GetProperty("part")
            .GetProperty("id")
            .GetGuid();
        var address = $"/api/jobs/{job}/enclosures/{panel}/dead";
        var page = (await server.GetAsync(address)).Json;
        // Each pole of its three-phase breakers is a conductor of its own.
        var points = page.GetProperty("points").EnumerateArray().Select(p => p.GetProperty("name").GetString());
        Assert.Superset(Enumerable.Range(1, 6).Select(n => (string?)$"X2:{n}").ToHashSet(), points.ToHashSet());
        // And no more are measured than somebody would.
        Assert.InRange(page.GetProperty("pairs").GetArrayLength(), 40, 120);
        var first = page.GetProperty("points")
            .EnumerateArray()
            .First(p => p.GetProperty("carries").GetString() == "a line");
        var meter = $"{address}/meter?from={first.GetProperty("landingId").GetGuid()}";
        Assert.True((await server.GetAsync(meter)).Json.GetProperty("volts").GetDouble() > 100);
        var (status, _) = await server.PostAsync(
            address,
            new
            {
                id = Guid.NewGuid(),
                device = "t",
                deviceSequence = 1,
                claimedAt = server.Time.GetUtcNow(),
                deed = DeadBench.Isolation(),
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.True((await server.GetAsync(meter)).Json.GetProperty("volts").GetDouble() < 1);
    }
}
