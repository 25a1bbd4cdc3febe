namespace Lacet.Web.Tests;

public sealed partial class BoardTests
{
    [Fact]
    public async Task What_is_recorded_at_an_end_is_a_change_of_its_board()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X1:1",
                fromLanding = "push-in",
                to = "DCP/X2:1",
                toLanding = "push-in",
                size = "2,5 fine",
            },
            new
            {
                name = "2",
                from = "DCP/X3:1",
                fromLanding = "push-in",
                to = "DCP/X2:2",
                toLanding = "push-in",
                size = "2,5 fine",
            }
        );
        var enclosure = (await bench.Server.GetAsync($"/api/jobs/{job}"))
            .Json.GetProperty("enclosures")[0]
            .GetProperty("part")
            .GetProperty("id")
            .GetGuid();
        var mark = (await bench.Server.GetAsync($"/api/jobs/{job}/boards/{enclosure}"))
            .Json.GetProperty("mark")
            .GetString();
        await bench.RecordAsync(job, JobBench.Id((await bench.WiresAsync(job))[0]), "termination", bench.Ada);
        var (_, board) = await bench.Server.GetAsync($"/api/jobs/{job}/boards/{enclosure}?since={mark}");
        Assert.False(board.GetProperty("whole").GetBoolean());
        var stub = Devices(board)
            .Single(d => d.GetProperty("name").GetString() == "X1")
            .GetProperty("slots")[0]
            .GetProperty("stubs")[0];
        Assert.Equal("landed", stub.GetProperty("state").GetString());
        Assert.DoesNotContain("X3", Devices(board).Select(d => d.GetProperty("name").GetString()));
    }

    [Fact]
    public async Task What_was_found_about_a_device_as_a_whole_stands_on_the_device()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "BOX/R1:1",
                fromLanding = "receptacle 20 A, brass screw",
                size = "14 solid",
                function = "line",
                circuit = "5",
            }
        );
        var circuit = (await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits")[0];
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "circuit",
                    id = circuit.GetProperty("part").GetProperty("id").GetGuid(),
                    name = "5",
                    ocpdAmps = 15,
                },
                version = circuit.GetProperty("version").GetInt64(),
            }
        );
        var enclosure = (await bench.Server.GetAsync($"/api/jobs/{job}"))
            .Json.GetProperty("enclosures")
            .EnumerateArray()
            .Single(e => e.GetProperty("part").GetProperty("name").GetString() == "BOX");
        var (_, board) = await bench.Server.GetAsync(
            $"/api/jobs/{job}/boards/{enclosure.GetProperty("part").GetProperty("id").GetGuid()}"
        );
        var device = Assert.Single(
            board.GetProperty("rails").EnumerateArray().SelectMany(r => r.GetProperty("devices").EnumerateArray())
        );
        // NEC 210.21(B)(3): a 15 A circuit has 15 A receptacles only; from memory.
        Assert.Contains("receptacle-rating", device.GetProperty("checks").EnumerateArray().Select(c => c.GetString()));
        Assert.Equal("stop", device.GetProperty("worst").GetString());
    }
}
