using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

/// <summary>Splices over HTTP: assessed, chosen from the Shelf, by hand, in a box, in a job.</summary>
public sealed partial class SpliceApiTests
{
    private static JsonNode Request(string kind, int count = 3, string size = "14", string place = "dry") =>
        JsonNode.Parse(
            JsonSerializer.Serialize(
                new
                {
                    conductors = Enumerable.Repeat(new { size, build = "solid" }, count),
                    connector = new { kind, combinations = Array.Empty<object>() },
                    place,
                    inCord = false,
                }
            )
        )!;

    [Fact]
    public async Task A_joint_is_assessed_with_strip_trim_steps_seal_findings_reasons_and_its_drawing()
    {
        await using var server = await RunningServer.StartAsync();
        var (status, joint) = await server.PostAsync(
            "/api/splices/assess",
            Request("crimp-sleeve-tube", 5, place: "buried")
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            ("read", "the larger tube and sleeve"),
            (joint.GetProperty("verdict").GetString(), joint.GetProperty("tube").GetString())
        );
        Assert.Contains("9.5 mm", joint.GetProperty("seal").GetString(), StringComparison.Ordinal);
        Assert.Equal(
            ["prove-dead", "slide-on-first", "strip", "feed", "twist", "crimp", "trim", "seal", "cap", "tug", "stow"],
            joint.GetProperty("steps").EnumerateArray().Select(s => s.GetProperty("id").GetString())
        );
        Assert.True(joint.GetProperty("scene").GetProperty("parts").GetArrayLength() > 10);
        var (_, wet) = await server.PostAsync("/api/splices/assess", Request("lever", place: "wet"));
        Assert.Equal(
            ("stop", JsonValueKind.Null),
            (wet.GetProperty("verdict").GetString(), wet.GetProperty("strip").ValueKind)
        );
        Assert.Equal("splice-not-sealed", wet.GetProperty("findings")[0].GetProperty("check").GetString());
    }

    /// <summary>All kinds in one answer are what each of them is by itself.</summary>
    [Fact]
    public async Task Ends_in_each_kind_of_connector_are_what_they_are_one_by_one()
    {
        await using var server = await RunningServer.StartAsync();
        var request = Request("lever", 2);
        var (status, kinds) = await server.PostAsync("/api/splices/kinds", request);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(Enum.GetValues<Lacet.Core.Splices.ConnectorKind>().Length, kinds.GetArrayLength());
        foreach (var kind in kinds.EnumerateArray())
        {
            request["connector"]!["kind"] = kind.GetProperty("kind").GetString();
            var (_, alone) = await server.PostAsync("/api/splices/assess", request);
            Assert.Equal(alone.GetProperty("verdict").GetString(), kind.GetProperty("verdict").GetString());
            Assert.True(JsonElement.DeepEquals(alone.GetProperty("scene"), kind.GetProperty("scene")));
        }

        var (_, forms) = await server.GetAsync("/api/splices/hand");
        Assert.Equal(
            ["in-line", "tap"],
            forms
                .EnumerateArray()
                .Where(f => f.GetProperty("hasOpenTurns").GetBoolean())
                .Select(f => f.GetProperty("form").GetString())
        );
    }

    [Theory]
    [InlineData("""{"conductors":[],"connector":{"kind":"lever"}}""", "/api/splices/assess", "conductors")]
    [InlineData(
        """{"conductors":[{"size":"fat","build":"solid"}],"connector":{"kind":"lever"}}""",
        "/api/splices/assess",
        "conductor.size"
    )]
    [InlineData(
        """{"conductors":[{"size":"14","build":"solid"}],"connector":{"kind":"lever","leastCount":5,"mostCount":2}}""",
        "/api/splices/assess",
        "connector.mostCount"
    )]
    [InlineData(
        """{"conductors":[{"size":"14","build":"solid"}],"connector":{"kind":"twist-on","combinations":[{"of":[{"count":2,"size":"huge"}]}]}}""",
        "/api/splices/assess",
        "connector.combinations"
    )]
    [InlineData("""{"form":"face-to-face","conductor":{"size":"14","build":"solid"}}""", "/api/splices/hand", "form")]
    [InlineData(
        """{"form":"in-line","conductor":{"size":"2/0","build":"solid"}}""",
        "/api/splices/hand",
        "conductor.size"
    )]
    [InlineData(
        """{"form":"tap","conductor":{"size":"14","build":"solid"},"turns":{"open":0,"tight":0}}""",
        "/api/splices/hand",
        "turns"
    )]
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
        foreach (
            var (form, build) in new[]
            {
                ("pigtail-2", "solid"),
                ("pigtail-3", "solid"),
                ("pigtail-4", "solid"),
                ("in-line", "solid"),
                ("tap", "solid"),
                ("face-to-face", "stranded"),
                ("stranded-tee", "stranded"),
                ("stranded-to-solid", "stranded"),
            }
        )
        {
            var (status, splice) = await server.PostAsync(
                "/api/splices/hand",
                new
                {
                    form,
                    conductor = new { size = "14", build },
                    turns = new { open = 4, tight = 4 },
                }
            );
            Assert.Equal(HttpStatusCode.OK, status);
            Assert.True(splice.GetProperty("wires").GetArrayLength() >= 2);
            Assert.True(splice.GetProperty("tape").GetArrayLength() >= 3);
            Assert.Contains(
                "bare twist is not finished",
                splice.GetProperty("notFinished").GetString(),
                StringComparison.Ordinal
            );
            Assert.True(splice.GetProperty("scene").GetProperty("dimensions").GetArrayLength() >= 1);
        }
    }

    [Theory]
    [InlineData("metric", "38.1 mm (1 1/2 in)")]
    [InlineData("imperial", "1 1/2 in (38.1 mm)")]
    public async Task Sentences_lead_with_the_unit_that_is_asked_for(string lead, string says)
    {
        await using var server = await RunningServer.StartAsync();
        var request = Request("twist-on").AsObject();
        request["lead"] = lead;
        var (_, joint) = await server.PostAsync("/api/splices/assess", request);
        Assert.Contains(joint.GetProperty("steps").EnumerateArray(), s =>
            s.GetProperty("text").GetString()!.Contains(says, StringComparison.Ordinal)
        );
        var (_, hand) = await server.PostAsync(
            "/api/splices/hand",
            new
            {
                form = "pigtail-2",
                conductor = new { size = "14", build = "solid" },
                turns = new { open = 0, tight = 3 },
                lead,
            }
        );
        Assert.Contains(says, hand.GetProperty("steps")[0].GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_house_rules_say_how_a_twist_is_stripped_and_what_joins_in_the_wet()
    {
        await using var server = await RunningServer.StartAsync();
        var request = Request("twist-on").AsObject();
        request["houseRules"] = JsonNode.Parse("""{"pigtailStrip":"three-inches-for-learners"}""");
        var (_, joint) = await server.PostAsync("/api/splices/assess", request);
        Assert.Equal(76.2, joint.GetProperty("strip").GetProperty("target").GetProperty("value").GetDouble(), 3);
        var wet = Request("sealed-twist-on", place: "wet").AsObject();
        async Task<bool> NotesAsync() =>
            (await server.PostAsync("/api/splices/assess", wet.DeepClone()))
                .Json.GetProperty("findings")
                .EnumerateArray()
                .Any(f => f.GetProperty("check").GetString() == "wet-splice-by-house-rule");
        Assert.True(await NotesAsync());
        wet["houseRules"] = JsonNode.Parse("""{"wetSplice":"sealed-twist-on"}""");
        Assert.False(await NotesAsync());
    }
}
