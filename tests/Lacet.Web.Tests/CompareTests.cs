namespace Lacet.Web.Tests;

/// <summary>Landings side by side, and a wire that nobody knows, over HTTP.</summary>
public sealed class CompareTests(BenchTests.Fixture shared) : IClassFixture<BenchTests.Fixture>
{
    private static readonly object Wire = new { size = "14 AWG", build = "solid" };

    [Fact]
    [Trait("Advice", "4.15")]
    public async Task Landings_stand_side_by_side_each_with_all_that_it_asks_for()
    {
        var (status, compared) = await shared.Server.PostAsync(
            "/api/bench/compare",
            new
            {
                conductor = Wire,
                landings = new object[]
                {
                    new { kind = "binding-screw", screw = "#8" },
                    new { kind = "back-wire-clamp" },
                    new { kind = "back-stab" },
                    new { kind = "lever" },
                    new { kind = "crimped-lug" },
                },
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            ["binding-screw", "back-wire-clamp", "back-stab", "lever", "crimped-lug"],
            compared.EnumerateArray().Select(c => c.GetProperty("kind").GetString())
        );
        Assert.All(compared.EnumerateArray(), c =>
        {
            var stops = c.GetProperty("recipe").GetProperty("verdict").GetString() == "stop";
            Assert.Equal(stops, c.GetProperty("minutes").ValueKind == JsonValueKind.Null);
            Assert.Equal(stops, c.GetProperty("reopens").ValueKind == JsonValueKind.Null);
            Assert.NotEmpty(c.GetProperty("section").GetProperty("parts").EnumerateArray());
            Assert.NotEmpty(c.GetProperty("vibrationSays").GetString()!);
        });
        Assert.Equal(
            ["locks", "locks", "loosens", "holds", "locks"],
            compared.EnumerateArray().Select(c => c.GetProperty("vibration").GetString())
        );
    }

    [Fact]
    public async Task A_ferrule_is_among_what_it_needs()
    {
        var (_, compared) = await shared.Server.PostAsync(
            "/api/bench/compare",
            new
            {
                conductor = new { size = "2.5 mm²", build = "fine-stranded" },
                landings = new[] { new { kind = "screw-clamp-block" } },
            }
        );
        Assert.StartsWith("Ferrule 2.5", compared[0].GetProperty("needs")[0].GetString(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(7)]
    public async Task From_one_to_six_are_compared(int count)
    {
        var (status, problem) = await shared.Server.PostAsync(
            "/api/bench/compare",
            new { conductor = Wire, landings = Enumerable.Repeat(new { kind = "lever" }, count) }
        );
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "landings"),
            (status, problem.GetProperty("field").GetString())
        );
    }

    [Fact]
    public async Task A_wire_that_nobody_knows_is_told_by_what_is_seen_and_drawn()
    {
        var (status, answer) = await shared.Server.PostAsync(
            "/api/conductors/identify",
            new { strands = 50, strandDiameterMm = 0.25 }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var first = answer.GetProperty("candidates")[0];
        Assert.Equal(
            ("2.5 mm²", "fine-stranded"),
            (
                first.GetProperty("conductor").GetProperty("size").GetString(),
                first.GetProperty("conductor").GetProperty("build").GetString()
            )
        );
        Assert.NotEmpty(first.GetProperty("drawing").GetProperty("parts").EnumerateArray());
        var (refused, problem) = await shared.Server.PostAsync("/api/conductors/identify", "{}");
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "strands"),
            (refused, problem.GetProperty("field").GetString())
        );
        Assert.Equal(
            "stripperHole",
            (await shared.Server.PostAsync("/api/conductors/identify", new { stripperHole = "fat" }))
                .Json.GetProperty("field")
                .GetString()
        );
    }
}
