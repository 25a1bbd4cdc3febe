using System.Net.Sockets;
using System.Text;
using Lacet.Devices;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>
/// Tools that connect: the protocol as docs/device-protocol.md has it, and the stand-in that speaks it.
/// </summary>
public sealed partial class DeviceTests
{
    private static CancellationToken Cancellation => TestContext.Current.CancellationToken;

    [Fact]
    public async Task A_tool_with_the_token_is_welcomed_and_listed()
    {
        await using var server = await RunningServer.StartAsync();
        using var tool = await Tool.ConnectAsync(server);
        await tool.SendAsync(tool.Hello());
        Assert.Equal("welcome", (await tool.ReceiveAsync()).GetProperty("type").GetString());
        var listed = await UntilAsync(server, tools => tools.GetArrayLength() == 1);
        Assert.Equal(
            ("Bench driver", false),
            (listed[0].GetProperty("name").GetString(), listed[0].GetProperty("simulated").GetBoolean())
        );
        Assert.Equal("2026-02-01", listed[0].GetProperty("calibratedOn").GetString());
        tool.Dispose();
        await UntilAsync(server, tools => tools.GetArrayLength() == 0);
    }

    [Theory]
    [InlineData("wrong token")]
    [InlineData("GET / HTTP/1.1")]
    [InlineData("{}")]
    [InlineData("""{"type":"reading","turn":"4d1d3cde-51e2-4a57-a3a9-9a4f5a0ecd12","torque":1}""")]
    [InlineData("no range")]
    [InlineData("other unit")]
    [InlineData("other protocol")]
    [InlineData("a line without end")]
    public async Task Any_other_first_line_closes_the_connection(string line)
    {
        await using var server = await RunningServer.StartAsync();
        using var tool = await Tool.ConnectAsync(server);
        await tool.SendAsync(
            line switch
            {
                "wrong token" => tool.Hello(token: new string('0', 32)),
                "no range" => tool.Hello(range: 0),
                "other unit" => tool.Hello(unit: "kg"),
                "other protocol" => tool.Hello(protocol: 2),
                "a line without end" => new string('x', 10_000),
                _ => line,
            }
        );
        Assert.True(await tool.IsClosedAsync());
        Assert.Equal(0, (await server.GetAsync("/api/devices")).Json.GetArrayLength());
    }

    [Fact]
    public async Task Readings_reach_an_open_page_and_a_peak_can_be_recorded()
    {
        await using var server = await RunningServer.StartAsync();
        await using var page = await OpenPage.OpenAsync(server);
        using var tool = await Tool.ConnectAsync(server);
        await tool.SendAsync(tool.Hello(unit: "lbf·in", range: 25));
        await tool.ReceiveAsync();
        var turn = Guid.NewGuid();
        await tool.SendAsync($$"""{"type":"reading","turn":"{{turn}}","torque":4}""");
        await tool.SendAsync($$"""{"turn":"{{turn}}","torque":6,"type":"peak"}""");
        var reading = await page.UntilAsync("reading");
        Assert.Equal("4 lbf·in", reading.GetProperty("torque").GetProperty("imperial").GetString());
        var peak = await page.UntilAsync("peak");
        Assert.False(peak.GetProperty("simulated").GetBoolean());
        var tightening = new { method = "reading", readingId = peak.GetProperty("readingId").GetGuid() };
        var (status, item) = await server.PostAsync("/api/records", Requests.Termination(tightening));
        Assert.Equal(HttpStatusCode.Created, status);
        var recorded = item.GetProperty("termination").GetProperty("tightening");
        Assert.Equal(
            ("6 lbf·in", "Bench driver"),
            (
                recorded.GetProperty("torque").GetProperty("imperial").GetString(),
                recorded.GetProperty("tool").GetString()
            )
        );
    }

    [Theory]
    [InlineData("""{"type":"reading","turn":"4d1d3cde-51e2-4a57-a3a9-9a4f5a0ecd12","torque":-1}""")]
    [InlineData("""{"type":"peak","turn":"4d1d3cde-51e2-4a57-a3a9-9a4f5a0ecd12","torque":1e308}""")]
    [InlineData("""{"type":"peak","turn":"4d1d3cde-51e2-4a57-a3a9-9a4f5a0ecd12","torque":100}""")]
    [InlineData("""{"type":"hello"}""")]
    [InlineData("garbage")]
    public async Task Nonsense_after_the_welcome_closes_the_connection(string line)
    {
        await using var server = await RunningServer.StartAsync();
        using var tool = await Tool.ConnectAsync(server);
        await tool.SendAsync(tool.Hello());
        await tool.ReceiveAsync();
        await tool.SendAsync(line);
        Assert.True(await tool.IsClosedAsync());
        var tightening = new { method = "reading", readingId = "4d1d3cde-51e2-4a57-a3a9-9a4f5a0ecd12" };
        var (status, _) = await server.PostAsync("/api/records", Requests.Termination(tightening));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
    }

    [Fact]
    public async Task A_real_tool_is_never_turned_from_the_page()
    {
        await using var server = await RunningServer.StartAsync();
        using var tool = await Tool.ConnectAsync(server);
        await tool.SendAsync(tool.Hello());
        await tool.ReceiveAsync();
        await UntilAsync(server, tools => tools.GetArrayLength() == 1);
        var (status, _) = await server.PostAsync("/api/devices/bench-1/hold", new { targetNm = 1.0 });
        Assert.Equal(HttpStatusCode.NotFound, status);
    }

    [Fact]
    public async Task The_stand_in_turns_while_it_is_held_twenty_times_a_second_and_says_it_is_simulated()
    {
        await using var server = await RunningServer.StartAsync(standIns: true, realTime: true);
        await using var page = await OpenPage.OpenAsync(server);
        await UntilAsync(server, tools => tools.GetArrayLength() == 1);
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await server.PostAsync("/api/devices/stand-in-1/hold", new { targetNm = 1.3 })).Status
        );
        var readings = new List<double>();
        while (readings.Count < 30)
        {
            var reading = await page.UntilAsync("reading");
            Assert.True(reading.GetProperty("simulated").GetBoolean());
            readings.Add(reading.GetProperty("torque").GetProperty("value").GetDouble());
        }

        await server.PostAsync("/api/devices/stand-in-1/release", "");
        var peak = await page.UntilAsync("peak");
        Assert.True(peak.GetProperty("simulated").GetBoolean());
        Assert.True(peak.GetProperty("torque").GetProperty("value").GetDouble() >= readings.Max() - 1e-3);
        // Run-down first: nearly free, then climbing.
        Assert.True(readings[0] < 0.1 && readings[^1] > 0.3, string.Join(' ', readings));
    }

    [Fact]
    public async Task Without_being_asked_for_there_is_no_stand_in()
    {
        await using var server = await RunningServer.StartAsync();
        Assert.Equal(0, (await server.GetAsync("/api/devices")).Json.GetArrayLength());
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await server.PostAsync("/api/devices/stand-in-1/hold", new { targetNm = 1.0 })).Status
        );
    }

    [Fact]
    public async Task A_driver_too_small_or_too_large_for_the_torque_is_told()
    {
        await using var server = await RunningServer.StartAsync(standIns: true, realTime: true);
        await UntilAsync(server, tools => tools.GetArrayLength() == 1);
        Assert.True(
            (await server.GetAsync("/api/devices/stand-in-1/fitness?targetNm=1")).Json.GetProperty("fits").GetBoolean()
        );
        var (_, large) = await server.GetAsync("/api/devices/stand-in-1/fitness?targetNm=5");
        Assert.Contains("Take a larger one", large.GetProperty("says").GetString(), StringComparison.Ordinal);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await server.GetAsync("/api/devices/stand-in-1/fitness?targetNm=-1")).Status
        );
    }

    [Fact]
    public async Task Whether_a_tool_is_a_stand_in_was_said_at_its_pairing()
    {
        await using var server = await RunningServer.StartAsync();
        using var boasts = await Tool.ConnectAsync(server);
        await boasts.SendAsync(boasts.Hello(id: "boasts"));
        await boasts.ReceiveAsync();
        using var standsIn = await Tool.ConnectAsync(server, "For trying out", standIn: true);
        await standsIn.SendAsync(standsIn.Hello(id: "bench-2"));
        await standsIn.ReceiveAsync();
        var tools = await UntilAsync(server, tools => tools.GetArrayLength() == 2);
        Assert.Equal(
            [("Bench driver", false), ("For trying out", true)],
            tools
                .EnumerateArray()
                .Select(t => (t.GetProperty("name").GetString(), t.GetProperty("simulated").GetBoolean()))
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await server.PostAsync("/api/devices/boasts/hold", new { targetNm = 1.0 })).Status
        );
    }

    [Fact]
    public async Task A_token_is_good_for_the_tool_that_came_with_it_first()
    {
        await using var server = await RunningServer.StartAsync();
        using var first = await Tool.ConnectAsync(server);
        await first.SendAsync(first.Hello());
        await first.ReceiveAsync();
        // Its token in another tool; and another token in a tool that says that it is the first.
        using var thief = await Tool.ComeAsync(server, first.Token);
        await thief.SendAsync(thief.Hello(id: "bench-2"));
        Assert.True(await thief.IsClosedAsync());
        using var twin = await Tool.ConnectAsync(server, "Double");
        await twin.SendAsync(twin.Hello());
        Assert.True(await twin.IsClosedAsync());
        // The first comes back over a new line, when it lost the old one.
        using var again = await Tool.ComeAsync(server, first.Token);
        await again.SendAsync(again.Hello());
        Assert.Equal("welcome", (await again.ReceiveAsync()).GetProperty("type").GetString());
        Assert.True(await first.IsClosedAsync());
        Assert.Equal(1, (await UntilAsync(server, tools => tools.GetArrayLength() == 1)).GetArrayLength());
    }

    [Fact]
    public async Task A_token_is_shown_once_kept_nowhere_and_taken_back()
    {
        await using var server = await RunningServer.StartAsync();
        using var tool = await Tool.ConnectAsync(server);
        await tool.SendAsync(tool.Hello());
        await tool.ReceiveAsync();
        var (_, listed) = await server.GetAsync("/api/tools");
        Assert.DoesNotContain(tool.Token, listed.GetRawText(), StringComparison.Ordinal);
        Assert.Equal(
            ("bench-1", true, false),
            (
                listed[0].GetProperty("serial").GetString(),
                listed[0].GetProperty("connected").GetBoolean(),
                listed[0].GetProperty("standIn").GetBoolean()
            )
        );
        foreach (var file in Directory.EnumerateFiles(server.Folder, "lacet.db*"))
        {
            await using var open = new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
            using var bytes = new MemoryStream();
            await open.CopyToAsync(bytes, Cancellation);
            Assert.Equal(-1, bytes.ToArray().AsSpan().IndexOf(Encoding.UTF8.GetBytes(tool.Token)));
        }

        var id = listed[0].GetProperty("id").GetGuid();
        Assert.Equal(HttpStatusCode.NoContent, (await server.DeleteAsync($"/api/tools/{id}")).Status);
        Assert.True(await tool.IsClosedAsync());
        using var later = await Tool.ComeAsync(server, tool.Token);
        await later.SendAsync(later.Hello());
        Assert.True(await later.IsClosedAsync());
        Assert.Equal(HttpStatusCode.NotFound, (await server.DeleteAsync($"/api/tools/{id}")).Status);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await server.PostAsync("/api/tools", new { name = "\u200b " })).Status
        );
    }

    private static async Task<JsonElement> UntilAsync(RunningServer server, Func<JsonElement, bool> holds)
    {
        for (var i = 0; i < 200; i++)
        {
            var (_, tools) = await server.GetAsync("/api/devices");
            if (holds(tools))
            {
                return tools;
            }

            await Task.Delay(25, Cancellation);
        }

        throw new TimeoutException("The tools did not come to be as expected.");
    }
}
