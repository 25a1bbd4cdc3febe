using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

public sealed partial class SpliceApiTests
{
    [Fact]
    public async Task A_box_is_added_up_and_a_pigtail_planned()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, box) = await server.PostAsync(
            "/api/boxes/fill",
            new
            {
                volumeIn3 = 16,
                conductors = new[] { new { count = 4, size = "14" } },
                earths = new[] { new { count = 2, size = "14" } },
                yokes = new[] { "14" },
                innerClamps = true,
            }
        );
        Assert.Equal((16.0, true), (box.GetProperty("needed").GetDouble(), box.GetProperty("fits").GetBoolean()));
        var (_, pigtail) = await server.PostAsync(
            "/api/splices/pigtail",
            new
            {
                together = 2,
                landingStripMm = 19,
                reworks = 0,
            }
        );
        Assert.Equal(
            (3, 209.5),
            (
                pigtail.GetProperty("endsInTheSplice").GetInt32(),
                Math.Round(pigtail.GetProperty("length").GetProperty("value").GetDouble(), 2)
            )
        );
    }

    [Fact]
    public async Task A_splice_of_a_job_is_drawn_at_its_end_plans_its_pigtails_and_is_among_the_findings()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (box, joint, screw) = (Guid.NewGuid(), Guid.NewGuid(), Guid.NewGuid());
        object Wire(Guid id, string name, object b) =>
            new
            {
                put = new
                {
                    part = "wire",
                    id,
                    name,
                    conductor = new { size = "14", build = "solid" },
                    function = "line",
                    lengthMm = 150,
                    a = new { id = Guid.NewGuid(), landingId = joint },
                    b,
                },
            };
        var pigtail = Guid.NewGuid();
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "enclosure",
                    id = box,
                    name = "B",
                    form = "box",
                    place = "wet",
                    volumeIn3 = 18,
                },
            },
            new
            {
                put = new
                {
                    part = "landing",
                    id = joint,
                    enclosureId = box,
                    name = "J",
                    splice = new
                    {
                        name = "levers",
                        leastCount = 2,
                        mostCount = 3,
                        leastMm2 = 0.2,
                        mostMm2 = 4,
                    },
                },
            },
            new
            {
                put = new
                {
                    part = "landing",
                    id = screw,
                    enclosureId = box,
                    name = "S",
                    landing = new { kind = "binding-screw", screw = "#8" },
                },
            },
            Wire(pigtail, "1", new { id = Guid.NewGuid(), landingId = screw }),
            Wire(Guid.NewGuid(), "2", new { id = Guid.NewGuid(), elsewhere = true })
        );
        var splice = (await bench.Server.GetAsync($"/api/jobs/{job}/wires/{pigtail}/ends/a")).Json.GetProperty(
            "splice"
        );
        Assert.Equal(("J", 2), (splice.GetProperty("name").GetString(), splice.GetProperty("ends").GetArrayLength()));
        Assert.Equal("stop", splice.GetProperty("joint").GetProperty("verdict").GetString());
        var planned = splice.GetProperty("pigtails").EnumerateArray().Single();
        Assert.Equal(
            ("1", "S", true),
            (
                planned.GetProperty("wire").GetString(),
                planned.GetProperty("to").GetString(),
                planned.GetProperty("isShort").GetBoolean()
            )
        );
        Assert.Contains(
            "splice-not-sealed",
            (await bench.FindingsAsync(job)).Select(f => f.GetProperty("check").GetString())
        );
        // Sealed, nothing is found of it any more.
        await bench.CommandAsync(
            job,
            new
            {
                put = new
                {
                    part = "landing",
                    id = joint,
                    enclosureId = box,
                    name = "J",
                    splice = new
                    {
                        name = "tube",
                        kind = "crimp-sleeve-tube",
                        leastCount = 2,
                        mostCount = 4,
                        leastMm2 = 1.3,
                        mostMm2 = 9,
                    },
                },
                version = 1,
            }
        );
        Assert.DoesNotContain(
            "splice-not-sealed",
            (await bench.FindingsAsync(job)).Select(f => f.GetProperty("check").GetString())
        );
    }

    [Fact]
    public async Task A_box_that_is_too_full_is_found_by_its_name_and_goes_with_a_deeper_one()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (box, joint) = (Guid.NewGuid(), Guid.NewGuid());
        object Box(double volume) =>
            new
            {
                part = "enclosure",
                id = box,
                name = "WR9",
                form = "box",
                volumeIn3 = volume,
            };
        await bench.CommandAsync(
            job,
            new { put = Box(5) },
            new
            {
                put = new
                {
                    part = "landing",
                    id = joint,
                    enclosureId = box,
                    name = "J",
                    splice = new
                    {
                        name = "levers",
                        leastCount = 2,
                        mostCount = 5,
                        leastMm2 = 0.2,
                        mostMm2 = 4,
                    },
                },
            }
        );
        await bench.CommandAsync(
            job,
            [
                .. Enumerable
                    .Range(1, 3)
                    .Select(i => new
                    {
                        put = new
                        {
                            part = "wire",
                            id = Guid.NewGuid(),
                            order = i,
                            name = $"{i}",
                            conductor = new { size = "14", build = "solid" },
                            function = "line",
                            a = new { id = Guid.NewGuid(), landingId = joint },
                            b = new { id = Guid.NewGuid(), elsewhere = true },
                        },
                    }),
            ]
        );
        var found = (await bench.FindingsAsync(job)).Single(f =>
            f.GetProperty("check").GetString() == "box-overfilled"
        );
        // NEC 314.16(B), from memory: three of 2.00 in³.
        Assert.Contains("needs 6 in³", found.GetProperty("says").GetString(), StringComparison.Ordinal);
        var about = found.GetProperty("about");
        Assert.Equal(
            ("enclosure", "WR9", box, joint),
            (
                about.GetProperty("scope").GetString(),
                about.GetProperty("name").GetString(),
                about.GetProperty("keptId").GetGuid(),
                about.GetProperty("landingId").GetGuid()
            )
        );
        await bench.CommandAsync(job, new { put = Box(6), version = 1 });
        Assert.DoesNotContain(
            "box-overfilled",
            (await bench.FindingsAsync(job)).Select(f => f.GetProperty("check").GetString())
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.CommandAsync(job, new { put = Box(-6), version = 2 })).Status
        );
    }
}
