using Lacet.Core.Checks.End;
using Lacet.Core.Ferrules;
using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Recipes;

public sealed partial class LandingTests
{
    /// <summary>
    /// NEC 310.16 and 110.14(C), 240.4(B) and (D), 240.6(A), from memory: 12 AWG 20 A at 60 °C, 25 A at 75 °C, breaker
    /// 20 A in both; an ampacity that is no standard rating has the next one, but not where receptacles for plugged
    /// loads are fed.
    /// </summary>
    [Theory]
    [InlineData("12", null, 20, false, true)]
    [InlineData("12", 75, 25, false, false)]
    [InlineData("6", null, 55, true, true)]
    [InlineData("6", null, 60, false, true)]
    [InlineData("6", null, 60, true, false)]
    [InlineData("6", null, 70, false, false)]
    [InlineData("3", null, 90, false, true)]
    [InlineData("2", null, 100, false, true)]
    [InlineData("6", 75, 70, false, true)]
    [InlineData("6", 90, 80, false, false)]
    [InlineData("4/0", 75, 250, false, true)]
    [InlineData("250 kcmil", 75, 300, false, true)]
    [InlineData("1/0", null, 150, false, true)]
    [InlineData("1/0", null, 175, false, false)]
    public void A_terminal_s_temperature_limits_the_circuit(
        string size,
        int? temperature,
        double amps,
        bool receptacles,
        bool passes
    )
    {
        var lug = new SetScrewLug(LugDrive.Hex, null, null, 2, 130, 13, null) { TemperatureC = temperature };
        var end = new EndAtHand(Ends.Wire(size, Build.Stranded), lug, HouseRules.Default)
        {
            CircuitAmps = amps,
            FeedsReceptacles = receptacles,
        };
        Assert.Equal(passes, RecipeBook.For(end).Verdict != Verdict.Stop);
    }

    /// <summary>
    /// The same of aluminium: 4 AWG on 60 A, 1/0 on 125, 2/0 on 150 (NEC 310.16, 240.4(B), from memory).
    /// </summary>
    [Theory]
    [Trait("Advice", "2.2")]
    [InlineData("4", null, 60)]
    [InlineData("1/0", 75, 125)]
    [InlineData("2/0", 75, 150)]
    public void The_next_standard_breaker_protects_aluminium_too(string size, int? temperature, double amps)
    {
        var lug = new SetScrewLug(
            LugDrive.Hex,
            null,
            null,
            2,
            130,
            13,
            null,
            new HashSet<Material> { Material.Copper, Material.Aluminium }
        )
        {
            TemperatureC = temperature,
        };
        Assert.NotEqual(
            Verdict.Stop,
            RecipeBook
                .For(
                    new(Ends.Wire(size, Build.Stranded, material: Material.Aluminium), lug, HouseRules.Default)
                    {
                        CircuitAmps = amps,
                    }
                )
                .Verdict
        );
    }

    [Fact]
    public void A_size_without_a_table_is_said_to_be_not_judged() =>
        Assert.Contains(
            RecipeBook
                .For(
                    new EndAtHand(Ends.Wire("22", Build.Stranded), Ends.Block(0.2), HouseRules.Default)
                    {
                        CircuitAmps = 3,
                    }
                )
                .Findings,
            f => Ends.Read(f.Says).StartsWith("Not judged", StringComparison.Ordinal)
        );
}
