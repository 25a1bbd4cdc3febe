using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

/// <summary>Splices over HTTP: assessed, chosen from the Shelf, by hand, in a box, in a job.</summary>
public sealed class SpliceApiTests
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

    [Fact]
    public async Task The_Shelf_s_connectors_are_ranked_and_a_combination_of_one_s_own_is_kept_there()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, ranked) = await server.PostAsync("/api/splices/choose", Request("lever", place: "wet"));
        var fits = ranked
            .EnumerateArray()
            .Select(r => (Code: r.GetProperty("code").GetString(), Fits: r.GetProperty("fits").GetBoolean()))
            .ToList();
        Assert.Equal("GT-4", fits[0].Code);
        Assert.True(fits.TakeWhile(f => f.Fits).Count() is >= 2 and var some && !fits.Skip(some).Any(f => f.Fits));
        Assert.All(ranked.EnumerateArray(), r => Assert.NotEqual(0, r.GetProperty("why").GetArrayLength()));
        // What ships is typical, and passes for no sheet's value.
        Assert.All(ranked.EnumerateArray(), r =>
            Assert.False(r.GetProperty("connector").TryGetProperty("stripMm", out _))
        );

        var (_, person) = await server.PostAsync("/api/people", new { name = "Mara Quist" });
        var (made, item) = await server.PostAsync(
            "/api/shelf",
            new
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
            }
        );
        Assert.True(made == HttpStatusCode.OK, item.ToString());
        var (_, after) = await server.PostAsync("/api/splices/choose", Request("lever"));
        Assert.Equal(
            ("MY-1", 12.0),
            (
                after[0].GetProperty("code").GetString(),
                after[0].GetProperty("connector").GetProperty("stripMm").GetDouble()
            )
        );
        Assert.Contains(
            "combination on its sheet",
            after[0].GetProperty("why")[0].GetString(),
            StringComparison.Ordinal
        );
    }

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

    /// <summary>NEC 110.3(B), from memory: a connector is good for what its sheet lists.</summary>
    [Theory]
    [InlineData(2, 0, true)]
    [InlineData(2, 1, true)]
    [InlineData(3, 0, false)]
    [InlineData(0, 1, false)]
    public async Task Where_combinations_are_listed_only_they_fit(int fourteens, int twelves, bool fits)
    {
        await using var server = await RunningServer.StartAsync();
        var (_, joint) = await server.PostAsync(
            "/api/splices/assess",
            new
            {
                conductors = Enumerable
                    .Repeat(new { size = "14", build = "solid" }, fourteens)
                    .Concat(Enumerable.Repeat(new { size = "12", build = "solid" }, twelves)),
                connector = new
                {
                    kind = "twist-on",
                    leastMm2 = 1,
                    mostMm2 = 100,
                    combinations = new object[]
                    {
                        new { of = new[] { new { count = 2, size = "14" } } },
                        new { of = new[] { new { count = 1, size = "12 AWG" }, new { count = 2, size = "14" } } },
                    },
                },
            }
        );
        Assert.Equal(
            fits,
            !joint
                .GetProperty("findings")
                .EnumerateArray()
                .Any(f => f.GetProperty("check").GetString() == "splice-not-listed")
        );
        Assert.Equal(
            fits,
            joint
                .GetProperty("reasons")
                .EnumerateArray()
                .Any(r => r.GetProperty("rule").GetString() == "splice-filling")
        );
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

    [Fact]
    public async Task Every_kind_has_a_usual_connector_and_each_is_drawn()
    {
        await using var server = await RunningServer.StartAsync();
        var (_, usual) = await server.GetAsync("/api/splices/connectors");
        // A lever is what is meant where nobody says the kind.
        var kinds = usual
            .EnumerateArray()
            .Select(c => c.TryGetProperty("kind", out var kind) ? kind.GetString()! : "lever")
            .ToList();
        Assert.Equal(
            ["crimp-sleeve-tube", "lever", "none", "push-in", "sealed-twist-on", "solder", "twist-on"],
            kinds.Order(StringComparer.Ordinal)
        );
        foreach (var kind in kinds)
        {
            var (status, joint) = await server.PostAsync("/api/splices/assess", Request(kind));
            Assert.Equal(HttpStatusCode.OK, status);
            var scene = joint.GetProperty("scene");
            Assert.Contains("3 × 14 AWG", scene.GetProperty("says").GetString(), StringComparison.Ordinal);
            Assert.True(scene.GetProperty("box").GetProperty("right").GetDouble() > 10);
        }
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
