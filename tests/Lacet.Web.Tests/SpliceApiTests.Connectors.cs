using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

public sealed partial class SpliceApiTests
{
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

        var (made, item) = await server.PostAsync(
            "/api/shelf",
            new
            {
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
}
