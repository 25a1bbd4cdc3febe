using System.Net;
using System.Text.Json;

namespace Lacet.Web.Tests;

/// <summary>The network of a job, asked over HTTP.</summary>
public sealed class NetworkApiTests(JobPlacesTests.Fixture fixture) : IClassFixture<JobPlacesTests.Fixture>
{
    private RunningServer Server => fixture.Server;

    private async Task<JsonElement> Read(string address)
    {
        var (status, json) = await Server.GetAsync($"/api/jobs/{fixture.Job}/{address}");
        Assert.Equal(HttpStatusCode.OK, status);
        return json;
    }

    private async Task<(string Enclosure, string Landing, string Device)> BreakerAsync()
    {
        var (_, job) = await Server.GetAsync($"/api/jobs/{fixture.Job}");
        string IdOf(string parts, string name) =>
            job.GetProperty(parts)
                .EnumerateArray()
                .Select(p => p.GetProperty("part"))
                .First(p => p.GetProperty("name").GetString() == name)
                .GetProperty("id")
                .GetString()!;
        var panel = IdOf("enclosures", "LP");
        var landings = await Read($"landings?enclosure={panel}&q=Q3:1");
        var landing = landings.GetProperty("items")[0].GetProperty("landing").GetProperty("id").GetString()!;
        return (IdOf("enclosures", "WR3"), landing, IdOf("devices", "Q3"));
    }

    [Fact]
    public async Task A_landing_is_traced_a_breaker_opened_and_an_enclosure_s_sources_named()
    {
        var (box, landing, device) = await BreakerAsync();
        var trace = await Read($"trace?landing={landing}&contacts=true");
        Assert.Equal("a line", trace.GetProperty("potentials")[0].GetString());
        Assert.Equal(device, trace.GetProperty("opens").GetString());
        Assert.Contains(trace.GetProperty("reached").EnumerateArray(), r =>
            r.GetProperty("name").GetString() == "WR3/R5 brass 1"
        );
        var far = trace
            .GetProperty("reached")
            .EnumerateArray()
            .First(r => r.GetProperty("name").GetString() == "WR3/R5 brass 1");
        var back = await Read($"trace?landing={far.GetProperty("landingId").GetString()}&contacts=true");
        var feed = back.GetProperty("feeds")[0];
        Assert.Equal("Q3", feed.GetProperty("breaker").GetString());
        Assert.Equal("LP/Q3:1", feed.GetProperty("way")[0].GetProperty("says").GetString());
        Assert.Equal("m", feed.GetProperty("length").GetProperty("unit").GetString());
        Assert.Contains("is lost on the way", feed.GetProperty("drop").GetString(), StringComparison.Ordinal);
        Assert.Contains("NEC", feed.GetProperty("source").GetString(), StringComparison.Ordinal);
        var opened = await Read($"opened?device={device}");
        // Both halves of a shared neutral are in that box, each on its breaker, and their handles are tied.
        Assert.Equal("Q4", opened.GetProperty("with")[0].GetString());
        Assert.Equal(
            ["WR3/R5 brass 1", "WR3/R6 brass 1"],
            opened.GetProperty("dead").EnumerateArray().Select(d => d.GetProperty("name").GetString())
        );
        Assert.Equal(0, opened.GetProperty("live").GetArrayLength());
        var sources = await Read($"sources?enclosure={box}");
        Assert.Equal(
            ["LP/Q3", "LP/Q4"],
            sources.GetProperty("breakers").EnumerateArray().Select(b => b.GetProperty("name").GetString())
        );
        Assert.Equal(0, sources.GetProperty("unfed").GetArrayLength());
        Assert.Equal(0, sources.GetProperty("out").GetArrayLength());
    }

    [Fact]
    public async Task A_panel_has_its_directory_and_says_what_stays_live()
    {
        var (_, whole) = await Server.GetAsync($"/api/jobs/{fixture.Job}");
        var panel = whole
            .GetProperty("enclosures")
            .EnumerateArray()
            .Select(e => e.GetProperty("part"))
            .Single(e => e.GetProperty("name").GetString() == "LP")
            .GetProperty("id")
            .GetString();
        var lines = (await Read($"directory?enclosure={panel}"))
            .GetProperty("breakers")
            .EnumerateArray()
            .ToDictionary(l => l.GetProperty("name").GetString()!, StringComparer.Ordinal);
        var third = lines["Q3"];
        Assert.Equal(15, third.GetProperty("ratingAmps").GetDouble());
        Assert.Equal("Q4", third.GetProperty("with")[0].GetString());
        Assert.Equal("3", third.GetProperty("circuits")[0].GetString());
        Assert.Equal("WR3", third.GetProperty("feeds")[0].GetProperty("enclosure").GetString());
        Assert.Equal("R5, receptacle", third.GetProperty("feeds")[0].GetProperty("devices")[0].GetString());
        // Their feed comes by the panel’s bus, which no wire of the job is.
        Assert.Contains(
            "Q3",
            (await Read($"sources?enclosure={panel}")).GetProperty("unfed").EnumerateArray().Select(n => n.GetString())
        );
    }

    /// <summary>What the demo’s breakers protect: 14 AWG at most at 15 A (NEC 240.4(D), from memory).</summary>
    [Fact]
    public async Task Each_circuit_has_its_weakest_conductor()
    {
        var (_, whole) = await Server.GetAsync($"/api/jobs/{fixture.Job}");
        var third = whole
            .GetProperty("circuits")
            .EnumerateArray()
            .Select(c => c.GetProperty("part"))
            .Single(c => c.GetProperty("name").GetString() == "3")
            .GetProperty("id")
            .GetString();
        var weakest = (await Read("circuits/weakest"))
            .EnumerateArray()
            .Single(w => w.GetProperty("circuitId").GetString() == third);
        Assert.Equal(15, weakest.GetProperty("breaker").GetDouble());
        Assert.StartsWith("14 AWG", weakest.GetProperty("conductor").GetString(), StringComparison.Ordinal);
        var (status, _) = await Server.GetAsync($"/api/jobs/{Guid.NewGuid()}/circuits/weakest");
        Assert.Equal(HttpStatusCode.NotFound, status);
    }

    /// <summary>Every wire of the job is in one network, page by page, and the earth is one of them.</summary>
    [Fact]
    public async Task The_networks_of_a_job_are_listed_in_pages()
    {
        var (wires, earths) = (new List<string>(), 0);
        for (int? offset = 0; offset is not null; )
        {
            var page = await Read($"networks?offset={offset}&limit=7");
            foreach (var network in page.GetProperty("networks").EnumerateArray())
            {
                wires.AddRange(network.GetProperty("wireIds").EnumerateArray().Select(w => w.GetString()!));
                earths += network.GetProperty("potentials").EnumerateArray().Any(p => p.GetString() == "the earth")
                    ? 1
                    : 0;
            }

            offset =
                page.GetProperty("next").ValueKind == JsonValueKind.Null ? null : page.GetProperty("next").GetInt32();
        }

        Assert.Equal(wires.Count, wires.Distinct(StringComparer.Ordinal).Count());
        Assert.InRange(wires.Count, 110, 160);
        Assert.InRange(earths, 1, 10);
    }

    [Theory]
    [InlineData("networks?limit=0", HttpStatusCode.UnprocessableEntity)]
    [InlineData("trace?landing=00000000-0000-4000-8000-000000000000", HttpStatusCode.NotFound)]
    [InlineData("opened?device=00000000-0000-4000-8000-000000000000", HttpStatusCode.NotFound)]
    [InlineData("sources?enclosure=00000000-0000-4000-8000-000000000000", HttpStatusCode.NotFound)]
    [InlineData("directory?enclosure=00000000-0000-4000-8000-000000000000", HttpStatusCode.NotFound)]
    [InlineData("trace?landing=nonsense", HttpStatusCode.BadRequest)]
    public async Task What_is_not_there_is_said_to_be_not_there(string address, HttpStatusCode expected)
    {
        var (status, _) = await Server.GetAsync($"/api/jobs/{fixture.Job}/{address}");
        Assert.Equal(expected, status);
    }
}
