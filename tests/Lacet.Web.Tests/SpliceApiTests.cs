using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

/// <summary>Splices over HTTP: assessed, chosen from the Shelf, by hand, in a box, in a job.</summary>
public sealed class SpliceApiTests
{
    private static JsonNode Request(string kind, int count = 3, string size = "14", string place = "dry") => JsonNode.Parse(JsonSerializer.Serialize(new
    {
        conductors = Enumerable.Repeat(new { size, build = "solid" }, count),
        connector = new { kind, combinations = Array.Empty<object>() },
        place,
        inCord = false,
    }))!;

    [Fact]
    public async Task A_joint_is_assessed_with_strip_trim_steps_seal_findings_reasons_and_its_drawing()
    {
        await using var server = await RunningServer.StartAsync();
        var (status, joint) = await server.PostAsync("/api/splices/assess", Request("crimp-sleeve-tube", 5, place: "buried"));
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(("caution", "the larger tube and sleeve"), (joint.GetProperty("verdict").GetString(), joint.GetProperty("tube").GetString()));
        Assert.Contains("9.5 mm", joint.GetProperty("seal").GetString(), StringComparison.Ordinal);
        Assert.Equal(["prove-dead", "strip", "feed", "twist", "crimp", "trim", "seal", "cap", "tug", "stow"], joint.GetProperty("steps").EnumerateArray().Select(s => s.GetProperty("id").GetString()));
        Assert.True(joint.GetProperty("scene").GetProperty("parts").GetArrayLength() > 10);
        var (_, wet) = await server.PostAsync("/api/splices/assess", Request("lever", place: "wet"));
        Assert.Equal(("stop", JsonValueKind.Null), (wet.GetProperty("verdict").GetString(), wet.GetProperty("strip").ValueKind));
        Assert.Equal("splice-not-sealed", wet.GetProperty("findings")[0].GetProperty("check").GetString());
    }

    [Theory]
    [InlineData("""{"conductors":[],"connector":{"kind":"lever"}}""", "/api/splices/assess", "conductors")]
    [InlineData("""{"conductors":[{"size":"fat","build":"solid"}],"connector":{"kind":"lever"}}""", "/api/splices/assess", "conductor.size")]
    [InlineData("""{"conductors":[{"size":"14","build":"solid"}],"connector":{"kind":"lever","leastConductors":5,"mostConductors":2}}""", "/api/splices/assess", "connector.mostConductors")]
    [InlineData("""{"conductors":[{"size":"14","build":"solid"}],"connector":{"kind":"twist-on","combinations":[{"of":[{"count":2,"size":"huge"}]}]}}""", "/api/splices/assess", "connector.combinations")]
    [InlineData("""{"form":"face-to-face","conductor":{"size":"14","build":"solid"}}""", "/api/splices/hand", "form")]
    [InlineData("""{"form":"in-line","conductor":{"size":"2/0","build":"solid"}}""", "/api/splices/hand", "conductor.size")]
    [InlineData("""{"form":"tap","conductor":{"size":"14","build":"solid"},"turns":{"open":0,"tight":0}}""", "/api/splices/hand", "turns")]
    [InlineData("""{"conductors":[{"count":2,"size":"2/0"}]}""", "/api/boxes/fill", "conductors")]
    [InlineData("""{"volumeIn3":-3}""", "/api/boxes/fill", "volumeIn3")]
    [InlineData("""{"reworks":99}""", "/api/splices/pigtail", "reworks")]
    [InlineData("""{"landingStripMm":900}""", "/api/splices/pigtail", "landingStripMm")]
    public async Task What_cannot_be_is_said_in_a_sentence(string request, string address, string field)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, problem) = await server.PostAsync(address, JsonNode.Parse(request)!);
        Assert.Equal((HttpStatusCode.UnprocessableEntity, field), (status, problem.GetProperty("field").GetString()));
        Assert.EndsWith(".", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_hand_splice_gives_what_to_bare_its_turns_its_tape_and_that_it_is_not_finished()
    {
        await using var server = await RunningServer.StartAsync();
        foreach (var (form, build) in new[] { ("pigtail-2", "solid"), ("pigtail-3", "solid"), ("pigtail-4", "solid"), ("in-line", "solid"), ("tap", "solid"), ("face-to-face", "stranded"), ("stranded-tee", "stranded"), ("stranded-to-solid", "stranded") })
        {
            var (status, splice) = await server.PostAsync("/api/splices/hand", new { form, conductor = new { size = "14", build }, turns = new { open = 4, tight = 4 } });
            Assert.Equal(HttpStatusCode.OK, status);
            Assert.True(splice.GetProperty("wires").GetArrayLength() >= 2);
            Assert.True(splice.GetProperty("tape").GetArrayLength() >= 3);
            Assert.Contains("bare twist is not finished", splice.GetProperty("notFinished").GetString(), StringComparison.Ordinal);
            Assert.True(splice.GetProperty("scene").GetProperty("dimensions").GetArrayLength() >= 1);
        }
    }

    [Fact]
    public async Task The_Shelf_s_connectors_are_ranked_and_a_combination_of_one_s_own_is_kept_there()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, ranked) = await server.PostAsync("/api/splices/choose", Request("lever", place: "wet"));
        var fits = ranked.EnumerateArray().Select(r => (Code: r.GetProperty("code").GetString(), Fits: r.GetProperty("fits").GetBoolean())).ToList();
        Assert.Equal("GT-4", fits[0].Code);
        Assert.True(fits.TakeWhile(f => f.Fits).Count() is >= 2 and var some && !fits.Skip(some).Any(f => f.Fits));
        Assert.All(ranked.EnumerateArray(), r => Assert.NotEqual(0, r.GetProperty("why").GetArrayLength()));

        var (_, person) = await server.PostAsync("/api/people", new { name = "Mara Quist" });
        var (made, item) = await server.PostAsync("/api/shelf", new
        {
            personId = person.GetProperty("id").GetGuid(),
            item = new
            {
                kind = "connector",
                code = "MY-1",
                name = "Mine",
                trust = "maker",
                type = "twist-on",
                leastCount = 2,
                mostCount = 4,
                leastMm2 = 1,
                mostMm2 = 9,
                stripMm = 12,
                combinations = new[] { new { of = new[] { new { count = 3, size = "14 AWG" } } } },
            },
        });
        Assert.True(made == HttpStatusCode.OK, item.ToString());
        var (_, after) = await server.PostAsync("/api/splices/choose", Request("lever"));
        Assert.Equal("MY-1", after[0].GetProperty("code").GetString());
        Assert.Contains("combination on its sheet", after[0].GetProperty("why")[0].GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_box_is_added_up_and_a_pigtail_planned()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, box) = await server.PostAsync("/api/boxes/fill", new { volumeIn3 = 16, conductors = new[] { new { count = 4, size = "14" } }, earths = new[] { new { count = 2, size = "14" } }, yokes = new[] { "14" }, innerClamps = true });
        Assert.Equal((16.0, true), (box.GetProperty("needed").GetDouble(), box.GetProperty("fits").GetBoolean()));
        var (_, pigtail) = await server.PostAsync("/api/splices/pigtail", new { together = 2, landingStripMm = 19, reworks = 0 });
        Assert.Equal((3, 209.5), (pigtail.GetProperty("endsInTheSplice").GetInt32(), Math.Round(pigtail.GetProperty("length").GetProperty("value").GetDouble(), 2)));
    }

    [Fact]
    public async Task A_splice_of_a_job_is_drawn_at_its_end_plans_its_pigtails_and_is_among_the_findings()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var (box, joint, screw) = (Guid.NewGuid(), Guid.NewGuid(), Guid.NewGuid());
        object Wire(Guid id, string name, object b) => new { put = new { part = "wire", id, name, conductor = new { size = "14", build = "solid" }, function = "line", lengthMm = 150, a = new { id = Guid.NewGuid(), landingId = joint }, b } };
        var pigtail = Guid.NewGuid();
        await bench.CommandAsync(
            job,
            new { put = new { part = "enclosure", id = box, name = "B", form = "box", place = "wet", volumeIn3 = 18 } },
            new { put = new { part = "landing", id = joint, enclosureId = box, name = "J", splice = new { name = "levers", leastCount = 2, mostCount = 3, leastMm2 = 0.2, mostMm2 = 4 } } },
            new { put = new { part = "landing", id = screw, enclosureId = box, name = "S", landing = new { kind = "binding-screw", screw = "#8" } } },
            Wire(pigtail, "1", new { id = Guid.NewGuid(), landingId = screw }),
            Wire(Guid.NewGuid(), "2", new { id = Guid.NewGuid(), elsewhere = true }));
        var splice = (await bench.Server.GetAsync($"/api/jobs/{job}/wires/{pigtail}/ends/a")).Json.GetProperty("splice");
        Assert.Equal(("J", 2), (splice.GetProperty("name").GetString(), splice.GetProperty("ends").GetArrayLength()));
        Assert.Equal("stop", splice.GetProperty("joint").GetProperty("verdict").GetString());
        var planned = splice.GetProperty("pigtails").EnumerateArray().Single();
        Assert.Equal(("1", "S", true), (planned.GetProperty("wire").GetString(), planned.GetProperty("to").GetString(), planned.GetProperty("isShort").GetBoolean()));
        Assert.Contains("splice-not-sealed", (await bench.FindingsAsync(job)).Select(f => f.GetProperty("check").GetString()));
        // Sealed, nothing is found of it any more.
        await bench.CommandAsync(job, new { put = new { part = "landing", id = joint, enclosureId = box, name = "J", splice = new { name = "tube", kind = "crimp-sleeve-tube", leastCount = 2, mostCount = 4, leastMm2 = 1.3, mostMm2 = 9 } }, version = 1 });
        Assert.DoesNotContain("splice-not-sealed", (await bench.FindingsAsync(job)).Select(f => f.GetProperty("check").GetString()));
    }
}
