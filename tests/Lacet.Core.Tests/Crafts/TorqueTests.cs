using Lacet.Core.Torques;

namespace Lacet.Core.Tests.Crafts;

/// <summary>Torque: order of trust, tolerance, fallbacks, and whether a tool suits.</summary>
public sealed class TorqueTests
{
    [Fact]
    public void A_marked_range_is_aimed_at_in_its_middle()
    {
        var choice = Ends.Torque(Ends.Screw(torque: Ends.Marked(14, 18)));
        Assert.Equal(Trust.Marking, choice.Trust);
        Assert.Equal(16, choice.Window.Target.InchPounds, 1e-9);
        Assert.Equal(14, choice.Window.Least.InchPounds, 1e-9);
        Assert.Equal(18, choice.Window.Most.InchPounds, 1e-9);
    }

    [Theory]
    [InlineData(0.10, 1.8, 2.2)]
    [InlineData(0.06, 1.88, 2.12)]
    public void A_single_value_has_the_tolerance_of_the_house_rule(double tolerance, double least, double most)
    {
        var rules = HouseRules.Default with { SingleValueTolerance = tolerance };
        var window = TorqueMarking.OfTarget(2, TorqueUnit.NewtonMetre).Window(rules);
        Assert.Equal(
            (least, most),
            (Math.Round(window.Least.NewtonMetres, 9), Math.Round(window.Most.NewtonMetres, 9))
        );
    }

    /// <summary>Receptacle screws: 9 to 14 lbf·in, 12 usual (common practice).</summary>
    [Fact]
    public void Without_a_marking_a_receptacle_screw_gets_what_is_usual_and_says_so()
    {
        var choice = Ends.Torque(Ends.UnmarkedScrew());
        Assert.Equal(Trust.CommonPractice, choice.Trust);
        Assert.Equal(12, choice.Window.Target.InchPounds, 1e-9);
        Assert.Contains("Find the marking", Ends.Read(choice.Reason.Text), StringComparison.Ordinal);
    }

    /// <summary>
    /// Blocks to 2.5 and 4 mm²: 0.5 to 0.8 N·m (common practice), where IEC 60947-1 tests an M3 screw at 0.5.
    /// </summary>
    [Theory]
    [InlineData(2.5, 0.5, 0.8)]
    [InlineData(4, 0.5, 0.8)]
    [InlineData(6, 0.8, 1.28)]
    [InlineData(10, 1.2, 1.92)]
    [InlineData(16, 2.0, 3.2)]
    [InlineData(35, 3.0, 4.8)]
    [InlineData(95, 10, 16)]
    public void Without_a_marking_a_block_gets_its_usual_screw_s_test_torque(double most, double leastNm, double mostNm)
    {
        var window = Ends.Torque(Ends.Block(0.5, most, marked: false)).Window;
        Assert.Equal(leastNm, window.Least.NewtonMetres, 1e-9);
        Assert.Equal(mostNm, window.Most.NewtonMetres, 1e-9);
    }

    [Fact]
    public void A_larger_block_never_asks_for_less() =>
        Gen.Select(Gen.Double[0.5, 120], Gen.Double[0.5, 120])
            .Sample(
                (a, b) =>
                {
                    double Torque(double most) =>
                        Ends.Torque(Ends.Block(0.5, most, marked: false)).Window.Target.NewtonMetres;
                    Assert.True(Torque(Math.Min(a, b)) <= Torque(Math.Max(a, b)));
                }
            );

    /// <summary>20 % to 100 % of the scale (ISO 6789-1, from memory).</summary>
    [Theory]
    [Trait("Advice", "3.5")]
    [InlineData(0.59, "below")]
    [InlineData(0.6, null)]
    [InlineData(3, null)]
    [InlineData(3.01, "above")]
    public void A_tool_is_used_between_a_fifth_and_all_of_its_scale(double target, string? says)
    {
        var problem = ToolFitness.Problem(new Torque(3), new Torque(target));
        Assert.Equal(says is null, problem is null);
        if (says is not null)
        {
            Assert.Contains(says, Ends.Read(problem!), StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData(0)]
    [InlineData(-5)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    [InlineData(1000)]
    public void A_torque_that_cannot_be_is_refused(double value) =>
        Assert.Throws<ImpossibleInputException>(() => TorqueMarking.OfTarget(value, TorqueUnit.NewtonMetre));

    [Fact]
    public void A_range_the_wrong_way_round_is_refused() =>
        Assert.Equal(
            "landing.torqueMarking.least",
            Assert.Throws<ImpossibleInputException>(() => Ends.Marked(18, 14)).Field
        );

    [Theory]
    [InlineData("N·m", TorqueUnit.NewtonMetre)]
    [InlineData("Nm", TorqueUnit.NewtonMetre)]
    [InlineData("lbf·in", TorqueUnit.InchPound)]
    [InlineData("lbf-in", TorqueUnit.InchPound)]
    [InlineData("lbf ft", TorqueUnit.FootPound)]
    public void A_unit_is_read_as_it_is_printed(string text, TorqueUnit unit) =>
        Assert.Equal(unit, TorqueUnits.Read(text, "unit"));

    [Theory]
    [InlineData("kgf·cm")]
    [InlineData(null)]
    public void Other_units_are_refused(string? text) =>
        Assert.Throws<ImpossibleInputException>(() => TorqueUnits.Read(text, "unit"));
}
