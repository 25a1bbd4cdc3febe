using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

/// <summary>Cords over HTTP: stateless, each answer with its why, each refusal with its field.</summary>
public sealed class CordApiTests
{
    [Theory]
    [InlineData(200, 9, 300)]
    [InlineData(300, 6, 300)]
    public async Task A_long_cord_is_drawn_as_far_as_cords_are_reckoned(double lengthM, int drawn, double furthest)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, by) = await server.PostAsync(
            "/api/cords/size",
            new
            {
                amps = 1,
                volts = 120,
                lengthM,
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var at = by.GetProperty("drops").EnumerateArray().Select(d => d.GetProperty("lengthM").GetDouble()).ToList();
        Assert.Equal((drawn, lengthM, furthest), (at.Count, at[5], at[^1]));
    }

    [Fact]
    public async Task A_cord_is_sized_by_watts_or_by_amperes()
    {
        await using var server = await RunningServer.StartAsync();
        var (status, by) = await server.PostAsync(
            "/api/cords/size",
            new
            {
                amps = 12.5,
                volts = 120,
                lengthM = 10,
                loadedConductors = 2,
                use = "appliance",
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            ("14 AWG", "5-20"),
            (by.GetProperty("size").GetString(), by.GetProperty("plug").GetProperty("name").GetString())
        );
        Assert.Equal(6, by.GetProperty("cords").GetArrayLength());
        // The drop grows with the length: at twice the length, twice as much (Ohm's law).
        double At(int i) =>
            by.GetProperty("drops")[i]
                .GetProperty("sizes")
                .EnumerateArray()
                .Single(s => s.GetProperty("size").GetString() == "14 AWG")
                .GetProperty("percent")
                .GetDouble();
        Assert.Equal(2 * At(5), At(11), 0.01);
        Assert.Equal(3, by.GetProperty("dropAdvised").GetDouble());
        var (_, watts) = await server.PostAsync(
            "/api/cords/size",
            new
            {
                watts = 1500,
                volts = 120,
                lengthM = 10,
                use = "appliance",
            }
        );
        Assert.Equal(by.GetProperty("cords").GetRawText(), watts.GetProperty("cords").GetRawText());
        Assert.Contains(
            "10 m (32.8 ft)",
            by.GetProperty("reasons")
                .EnumerateArray()
                .Single(r => r.GetProperty("rule").GetString() == "cord-drop")
                .GetProperty("text")
                .GetString(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task What_is_seen_leads_to_a_verdict_with_what_both_ways_cost()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, signs) = await server.GetAsync("/api/cords/signs");
        var (_, triage) = await server.PostAsync(
            "/api/cords/triage",
            new
            {
                seen = new[] { "jacket-pulled-out" },
                rule = "refit-plug",
                prices = new
                {
                    plug = 9,
                    cord = 20,
                    refitMinutes = 30,
                    replaceMinutes = 10,
                    anHour = 60,
                },
            }
        );
        Assert.Equal(
            ("refit-plug", 39, 30),
            (
                triage.GetProperty("verdict").GetString(),
                triage.GetProperty("refit").GetProperty("cost").GetDouble(),
                triage.GetProperty("replace").GetProperty("cost").GetDouble()
            )
        );
        Assert.Contains("moulded", triage.GetProperty("school").GetString(), StringComparison.Ordinal);
        Assert.Contains("jacket-pulled-out", signs.EnumerateArray().Select(s => s.GetProperty("cue").GetString()));
        var (_, drawing) = await server.GetAsync("/api/cords/drawing");
        Assert.Equal(6, drawing.GetProperty("spots").GetArrayLength());
    }

    [Fact]
    public async Task Which_is_which_is_told_or_metered()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, sure) = await server.PostAsync(
            "/api/cords/identify",
            new { conductors = new object[] { new { cues = new[] { "ribbed" } }, new { cues = new[] { "smooth" } } } }
        );
        Assert.Equal(
            ["neutral", "line"],
            sure.GetProperty("conductors").EnumerateArray().Select(c => c.GetProperty("role").GetString())
        );
        Assert.Empty(sure.GetProperty("meter").EnumerateArray());
        var (_, meter) = await server.PostAsync(
            "/api/cords/identify",
            new
            {
                conductors = new object[] { new { colour = "blue" }, new { colour = "white" } },
                region = "north-america",
            }
        );
        Assert.Equal("meter-it", meter.GetProperty("conductors")[0].GetProperty("certainty").GetString());
        Assert.NotEmpty(meter.GetProperty("meter").EnumerateArray());
    }

    [Fact]
    public async Task A_plug_is_planned_and_an_open_case_reckoned()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, plug) = await server.PostAsync(
            "/api/cords/refit",
            new
            {
                conductor = new { size = "16", build = "fine-stranded" },
                lineMm = 22,
                neutralMm = 22,
                earthMm = 30,
            }
        );
        Assert.Equal(3, plug.GetProperty("terminals").GetArrayLength());
        Assert.Equal(
            plug.GetProperty("jacketOff").GetProperty("value").GetDouble(),
            plug.GetProperty("terminals")[2].GetProperty("length").GetProperty("value").GetDouble()
        );
        Assert.NotEmpty(plug.GetProperty("section").GetProperty("parts").EnumerateArray());
        var (_, open) = await server.PostAsync(
            "/api/cords/case",
            new
            {
                volts = 120,
                lineNanofarads = 4.7,
                neutralNanofarads = 4.7,
            }
        );
        Assert.Equal(60, open.GetProperty("caseVolts").GetDouble(), 9);
    }

    [Theory]
    [InlineData("size", "{\"amps\":5,\"watts\":5,\"volts\":120,\"lengthM\":3}", "amps")]
    [InlineData("size", "{\"amps\":5,\"volts\":120,\"lengthM\":-3}", "lengthM")]
    [InlineData("identify", "{\"conductors\":[{\"colour\":\"plaid\"},{}]}", "conductors[0].colour")]
    [InlineData("identify", "{\"conductors\":[{}]}", "conductors")]
    [InlineData("triage", "{\"seen\":[],\"prices\":{\"plug\":-1}}", "prices.plug")]
    [InlineData(
        "refit",
        "{\"conductor\":{\"size\":\"16\",\"build\":\"fine-stranded\"},\"lineMm\":2,\"neutralMm\":22}",
        "lineMm"
    )]
    [InlineData(
        "refit",
        "{\"conductor\":{\"size\":\"4\",\"build\":\"stranded\"},\"lineMm\":22,\"neutralMm\":22}",
        "conductor"
    )]
    [InlineData("case", "{\"volts\":-1}", "volts")]
    public async Task What_cannot_be_is_said_in_a_sentence(string what, string request, string field)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, problem) = await server.PostAsync($"/api/cords/{what}", JsonNode.Parse(request)!);
        Assert.Equal((HttpStatusCode.UnprocessableEntity, field), (status, problem.GetProperty("field").GetString()));
    }
}
