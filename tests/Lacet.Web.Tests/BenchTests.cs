namespace Lacet.Web.Tests;

/// <summary>The Bench over HTTP: the documented names, and what bad input meets.</summary>
public sealed partial class BenchTests(BenchTests.Fixture fixture) : IClassFixture<BenchTests.Fixture>
{
    private RunningServer Server => fixture.Server;

    [Fact]
    public async Task A_recipe_has_the_documented_names()
    {
        var (status, recipe) = await Server.PostAsync("/api/bench/recipe", Requests.Receptacle);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal("go", recipe.GetProperty("verdict").GetString());
        var target = recipe.GetProperty("strip").GetProperty("target");
        Assert.Equal(18.12, target.GetProperty("value").GetDouble(), 0.01);
        Assert.Equal(
            ("mm", "18.1 mm", "about 11/16 in"),
            (Text(target, "unit"), Text(target, "metric"), Text(target, "imperial"))
        );
        var preparation = recipe.GetProperty("preparation");
        Assert.Equal(("hook", "clockwise"), (Text(preparation, "kind"), Text(preparation, "direction")));
        var angle = preparation.GetProperty("angleDegrees");
        Assert.Equal((270, 240), (angle.GetProperty("target").GetDouble(), angle.GetProperty("least").GetDouble()));
        Assert.Equal(298, angle.GetProperty("most").GetDouble(), 0.5);
        Assert.Equal(JsonValueKind.Null, recipe.GetProperty("ferrule").ValueKind);
        var torque = recipe.GetProperty("torque");
        Assert.Equal(
            ("marking", "9 lbf·in", "14 lbf·in"),
            (
                Text(torque, "trust"),
                Text(torque.GetProperty("least"), "imperial"),
                Text(torque.GetProperty("most"), "imperial")
            )
        );
        Assert.All(recipe.GetProperty("steps").EnumerateArray(), step =>
            Assert.Contains(Text(step, "operation"), new[] { "strip", "prepare", "crimp", "land", "tighten", "check" })
        );
        Assert.All(recipe.GetProperty("reasons").EnumerateArray(), reason => Assert.NotEmpty(Text(reason, "source")!));
        Assert.Equal(JsonValueKind.Array, recipe.GetProperty("tools").ValueKind);
        Assert.Equal(JsonValueKind.Array, recipe.GetProperty("cautions").ValueKind);
    }

    [Fact]
    public async Task A_ferrule_has_the_documented_names()
    {
        var (_, recipe) = await Server.PostAsync("/api/bench/recipe", Requests.Block);
        var ferrule = recipe.GetProperty("ferrule");
        Assert.Equal(2.5, ferrule.GetProperty("size").GetProperty("value").GetDouble());
        Assert.Equal(8, ferrule.GetProperty("pin").GetProperty("value").GetDouble());
        Assert.Equal(
            ("blue", "DIN 46228-4"),
            (Text(ferrule.GetProperty("colour"), "name"), Text(ferrule.GetProperty("colour"), "series"))
        );
        Assert.Equal("standard", Text(ferrule, "collar"));
        Assert.False(ferrule.GetProperty("twin").GetBoolean());
        Assert.Equal(10, recipe.GetProperty("strip").GetProperty("target").GetProperty("value").GetDouble());
        // ±10 % of a single value.
        Assert.Equal(0.54, recipe.GetProperty("torque").GetProperty("least").GetProperty("value").GetDouble(), 1e-9);
    }

    [Fact]
    public async Task A_stop_has_no_strip_and_no_torque_and_says_why()
    {
        var (status, recipe) = await Server.PostAsync(
            "/api/bench/recipe",
            Requests
                .Receptacle.Replace("14 AWG", "6 AWG", StringComparison.Ordinal)
                .Replace("2.8", "6", StringComparison.Ordinal)
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal("stop", Text(recipe, "verdict"));
        Assert.Equal(JsonValueKind.Null, recipe.GetProperty("strip").ValueKind);
        Assert.Equal(JsonValueKind.Null, recipe.GetProperty("torque").ValueKind);
        var finding = recipe.GetProperty("findings")[0];
        Assert.Equal(("conductor-out-of-range", "stop"), (Text(finding, "check"), Text(finding, "severity")));
        Assert.NotEmpty(Text(finding, "do")!);
    }

    [Fact]
    public async Task The_kind_may_stand_anywhere_in_the_landing()
    {
        var (status, _) = await Server.PostAsync(
            "/api/bench/recipe",
            """{"landing":{"screw":"#8","kind":"binding-screw"},"conductor":{"build":"solid","size":"14"}}"""
        );
        Assert.Equal(HttpStatusCode.OK, status);
    }

    [Fact]
    public async Task Sentences_follow_the_unit_that_leads()
    {
        var imperial = Requests.Receptacle.TrimEnd()[..^1] + ", \"lead\": \"imperial\" }";
        var (_, recipe) = await Server.PostAsync("/api/bench/recipe", imperial);
        // A window that a rule in inches cannot show leads in millimetres for everybody.
        Assert.StartsWith(
            "Strip 18.1 mm (about 11/16 in)",
            Text(recipe.GetProperty("steps")[1], "text"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_section_is_drawn_in_millimetres_and_follows_the_wire()
    {
        static double Bare(JsonElement scene) =>
            scene
                .GetProperty("parts")
                .EnumerateArray()
                .Single(p => Text(p, "id") == "stripped-bare")
                .GetProperty("box")
                .GetProperty("width")
                .GetDouble();
        var (_, thin) = await Server.PostAsync("/api/bench/section", Requests.Receptacle);
        var (_, thick) = await Server.PostAsync(
            "/api/bench/section",
            Requests.Receptacle.Replace("14 AWG", "12 AWG", StringComparison.Ordinal)
        );
        Assert.Equal(18.12, Bare(thin), 0.01);
        Assert.True(Bare(thick) > Bare(thin) + 0.5);
    }

    [Fact]
    public async Task A_measured_strip_is_drawn_as_it_is()
    {
        var (_, scene) = await Server.PostAsync(
            "/api/bench/section",
            Requests.Receptacle.TrimEnd()[..^1] + ", \"measuredStripMm\": 25 }"
        );
        Assert.Contains(scene.GetProperty("parts").EnumerateArray(), p => Text(p, "kind") == "bare-showing");
    }

    [Fact]
    public async Task A_typed_wire_is_read_part_by_part_and_what_is_not_understood_is_said()
    {
        var (_, read) = await Server.PostAsync("/api/conductors/read", """{"text":"#12 WHT THHN"}""");
        Assert.Equal(
            ("12 AWG", "solid", "THHN"),
            (
                Text(read.GetProperty("conductor"), "size"),
                Text(read.GetProperty("conductor"), "build"),
                Text(read.GetProperty("conductor"), "designation")
            )
        );
        Assert.Equal("white", Text(read.GetProperty("colour"), "base"));
        Assert.Equal(
            ["size 0+3", "colour 4+3", "designation 8+4"],
            read.GetProperty("parts")
                .EnumerateArray()
                .Select(p => $"{Text(p, "kind")} {p.GetProperty("start")}+{p.GetProperty("length")}")
        );
        var (status, unknown) = await Server.PostAsync("/api/conductors/read", """{"text":"2.5 spaghetti"}""");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(JsonValueKind.Null, unknown.GetProperty("conductor").ValueKind);
        Assert.Contains("“spaghetti” is not understood", Text(unknown, "problem"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("solid")]
    [InlineData("stranded")]
    [InlineData("fine-stranded")]
    public async Task The_rack_holds_every_stocked_size_drawn(string build)
    {
        var (_, rack) = await Server.GetAsync($"/api/conductors?build={build}");
        Assert.Equal(38, rack.GetArrayLength());
        Assert.All(rack.EnumerateArray(), size =>
            Assert.NotEmpty(size.GetProperty("section").GetProperty("parts").EnumerateArray())
        );
    }

    [Fact]
    public async Task The_starters_are_six_pairs_that_go()
    {
        var (_, starters) = await Server.GetAsync("/api/bench/starters");
        Assert.Equal(6, starters.GetArrayLength());
        foreach (var pair in starters.EnumerateArray())
        {
            var (_, recipe) = await Server.PostAsync("/api/bench/recipe", pair.GetRawText());
            Assert.Equal("go", Text(recipe, "verdict"));
        }
    }

    [Fact]
    public async Task Every_sample_landing_can_be_asked_about()
    {
        var (_, kinds) = await Server.GetAsync("/api/landings");
        Assert.Equal(14, kinds.GetArrayLength());
        foreach (var sample in kinds.EnumerateArray().SelectMany(k => k.GetProperty("samples").EnumerateArray()))
        {
            foreach (var address in new[] { "/api/bench/recipe", "/api/bench/section" })
            {
                var (status, _) = await Server.PostAsync(
                    address,
                    $$"""{"conductor":{"size":"2.5 mm²","build":"solid"},"landing":{{sample.GetProperty("landing").GetRawText()}}}"""
                );
                Assert.Equal(HttpStatusCode.OK, status);
            }
        }
    }

    [Fact]
    public async Task Two_conductors_are_asked_about_together()
    {
        const string Two =
            """{"conductors":[{"size":"1 mm²","build":"fine-stranded"},{"size":"1 mm²","build":"fine-stranded"}],"landing":{"kind":"screw-clamp-block","leastMm2":0.5,"mostMm2":4,"stripDepthMm":10,"takesTwo":true}}""";
        var (_, recipe) = await Server.PostAsync("/api/bench/recipe", Two);
        Assert.True(recipe.GetProperty("ferrule").GetProperty("twin").GetBoolean());
        var (_, refused) = await Server.PostAsync(
            "/api/bench/recipe",
            Two.Replace(",\"takesTwo\":true", "", StringComparison.Ordinal)
        );
        Assert.Equal("stop", Text(refused, "verdict"));
    }

    [Fact]
    public async Task House_rules_that_are_left_out_are_the_default()
    {
        const string Pair =
            """{"conductor":{"size":"2.5 mm²","build":"fine-stranded"},"landing":{"kind":"push-in-block"},"houseRules":{"ferrulesOnFineStrands":"where-the-maker-asks"}}""";
        var (_, recipe) = await Server.PostAsync("/api/bench/recipe", Pair);
        Assert.Equal("straight", Text(recipe.GetProperty("preparation"), "kind"));
        Assert.Equal("spring", Text(recipe.GetProperty("holding"), "fastening"));
        Assert.Equal(JsonValueKind.Null, recipe.GetProperty("torque").ValueKind);
    }

    [Fact]
    public async Task Every_option_of_every_house_rule_is_taken()
    {
        var (_, rules) = await Server.GetAsync("/api/house-rules");
        foreach (var rule in rules.EnumerateArray())
        {
            foreach (var option in rule.GetProperty("options").EnumerateArray())
            {
                var value = Text(option, "value")!;
                var json = double.TryParse(value, System.Globalization.CultureInfo.InvariantCulture, out _)
                    ? value
                    : $"\"{value}\"";
                var (status, _) = await Server.PostAsync(
                    "/api/bench/recipe",
                    $$$"""{"conductor":{"size":"14","build":"solid"},"landing":{"kind":"binding-screw"},"houseRules":{"{{{Text(rule, "id")}}}":{{{json}}} } }"""
                );
                Assert.Equal(HttpStatusCode.OK, status);
            }
        }
    }

    private static string? Text(JsonElement element, string name) => element.GetProperty(name).GetString();

    public sealed class Fixture : IAsyncLifetime
    {
        public RunningServer Server { get; private set; } = null!;

        public async ValueTask InitializeAsync() => Server = await RunningServer.StartAsync();

        public ValueTask DisposeAsync() => Server.DisposeAsync();
    }
}
