namespace Lacet.Web.Tests;

/// <summary>What stands beside the recipe at the Bench: adapters, belts, cables.</summary>
public sealed class BenchToolTests(BenchTests.Fixture fixture) : IClassFixture<BenchTests.Fixture>
{
    private RunningServer Server => fixture.Server;

    [Fact]
    public async Task A_wrench_with_an_adapter_is_set_lower()
    {
        var (_, answer) = await Server.PostAsync(
            "/api/bench/wrench",
            new
            {
                targetNm = 10,
                leverMm = 200,
                adapterMm = 50,
            }
        );
        Assert.Equal(8, answer.GetProperty("setTo").GetProperty("value").GetDouble());
        Assert.Equal(0.8, answer.GetProperty("factor").GetDouble());
        Assert.Contains(
            "along a screwdriver’s axis needs no correction",
            answer.GetProperty("says").GetString(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("""{"targetNm":0,"leverMm":200,"adapterMm":50}""", 422, "targetNm")]
    [InlineData("""{"targetNm":5,"leverMm":1,"adapterMm":50}""", 422, "leverMm")]
    [InlineData("""{"targetNm":5,"leverMm":200}""", 400, "adapterMm")]
    public async Task A_wrench_that_cannot_be_is_refused(string body, int status, string field)
    {
        var (answered, problem) = await Server.PostAsync("/api/bench/wrench", body);
        Assert.Equal((status, field), ((int)answered, problem.GetProperty("field").GetString()));
    }

    [Fact]
    public async Task A_belted_tool_pays_from_a_count_at_one_s_own_prices()
    {
        var (_, usual) = await Server.PostAsync("/api/bench/belt", "{}");
        Assert.InRange(usual.GetProperty("count").GetInt32(), 1000, 4000);
        var (_, own) = await Server.PostAsync(
            "/api/bench/belt",
            """{"toolPrice":600,"hourlyWage":36,"looseSeconds":45,"beltedSeconds":15,"loosePrice":0.02,"beltedPrice":0.12}"""
        );
        Assert.Equal(3000, own.GetProperty("count").GetInt32());
        var (_, never) = await Server.PostAsync("/api/bench/belt", """{"beltedPrice":5}""");
        Assert.Equal(JsonValueKind.Null, never.GetProperty("count").ValueKind);
        Assert.Contains("never pays", never.GetProperty("says").GetString(), StringComparison.Ordinal);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await Server.PostAsync("/api/bench/belt", """{"hourlyWage":-1}""")).Status
        );
    }

    [Fact]
    public async Task A_cable_s_jacket_comes_first()
    {
        var (_, recipe) = await Server.PostAsync(
            "/api/bench/recipe",
            """{"conductor":{"size":"14","build":"solid"},"landing":{"kind":"binding-screw"},"entry":{"jacketOuterDiameterMm":8,"reachMm":60}}"""
        );
        // The gland goes on the cable first: it cannot be put on afterwards.
        Assert.Equal(
            ["feed-gland", "strip-cable-jacket"],
            recipe.GetProperty("steps").EnumerateArray().Skip(1).Take(2).Select(s => s.GetProperty("id").GetString())
        );
        Assert.Contains(
            "M16",
            recipe.GetProperty("steps")[1].GetProperty("text").GetString(),
            StringComparison.Ordinal
        );
        var (status, problem) = await Server.PostAsync(
            "/api/bench/recipe",
            """{"conductor":{"size":"14","build":"solid"},"landing":{"kind":"binding-screw"},"entry":{"jacketOuterDiameterMm":0,"reachMm":60}}"""
        );
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "entry.jacketOuterDiameterMm"),
            (status, problem.GetProperty("field").GetString())
        );
    }

    [Fact]
    public async Task What_a_hand_would_do_is_said_beside_the_torque_and_kept_out_of_records()
    {
        var (_, recipe) = await Server.PostAsync(
            "/api/bench/recipe",
            """{"conductor":{"size":"14","build":"solid"},"landing":{"kind":"binding-screw"}}"""
        );
        Assert.Equal(
            "8 lbf·in",
            recipe.GetProperty("torque").GetProperty("byHand").GetProperty("imperial").GetString()
        );
        await using var server = await RunningServer.StartAsync();
        var (_, item) = await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        var made = item.GetProperty("termination").GetProperty("recipe");
        Assert.False(made.GetProperty("torque").TryGetProperty("byHand", out _));
        Assert.False(made.GetProperty("ferrule").TryGetProperty("belted", out _));
    }

    [Theory]
    [InlineData("used-hook", "end-used-before")]
    [InlineData("ringed", "end-used-before")]
    public async Task How_an_end_is_found_is_asked_about(string condition, string check)
    {
        var (_, recipe) = await Server.PostAsync(
            "/api/bench/recipe",
            $$"""{"conductor":{"size":"14","build":"solid"},"landing":{"kind":"binding-screw"},"condition":"{{condition}}"}"""
        );
        Assert.Equal(
            ("stop", check),
            (
                recipe.GetProperty("verdict").GetString(),
                recipe.GetProperty("findings")[0].GetProperty("check").GetString()
            )
        );
    }
}
