using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Recipes;

/// <summary>The recipe of a hook under a binding screw.</summary>
public sealed class BindingScrewTests
{
    [Fact]
    public void A_marked_receptacle_and_a_14_AWG_solid_wire_go()
    {
        var recipe = Ends.Recipe(Ends.Wire("14"), Ends.Screw());
        Assert.Equal(Verdict.Go, recipe.Verdict);
        Assert.Equal(PreparationKind.Hook, recipe.Preparation.Kind);
        Assert.Equal(270, recipe.Preparation.Hook!.AngleTarget);
        Assert.Equal(Trust.Marking, recipe.Torque!.Trust);
        // Only a house that pigtails to clamps first has something to say.
        Assert.Equal(["receptacle-by-house-rule"], recipe.Findings.Select(f => f.Check));
        Assert.Empty(Ends.Recipe(Ends.Wire("14"), Ends.Screw(), HouseRules.Default with { ReceptacleWiring = ReceptacleWiring.HookOnScrew }).Findings);
    }

    [Fact]
    public void The_steps_follow_the_order_of_the_work() => Assert.Equal(
        [Operation.Check, Operation.Strip, Operation.Prepare, Operation.Land, Operation.Tighten, Operation.Check],
        Ends.Recipe(Ends.Wire("12"), Ends.Screw()).Steps.Select(s => s.Operation));

    [Fact]
    public void Every_step_has_a_hold_point() =>
        Assert.All(Ends.Recipe(Ends.Wire("12"), Ends.Screw()).Steps, s => Assert.NotNull(s.HoldPoint));

    [Fact]
    public void The_hook_lies_clockwise()
    {
        var recipe = Ends.Recipe(Ends.Wire("14"), Ends.Screw());
        Assert.Contains(recipe.Steps, s => s.Id == "bend-hook" && Ends.Read(s.Text).Contains("clockwise", StringComparison.Ordinal));
        Assert.Contains(recipe.Reasons, r => r.Rule == "hook-clockwise");
    }

    [Fact]
    public void Without_a_marking_the_verdict_is_caution_and_it_says_find_the_marking()
    {
        var recipe = Ends.Recipe(Ends.Wire("14"), Ends.UnmarkedScrew());
        Assert.Equal(Verdict.Caution, recipe.Verdict);
        Assert.Equal(Trust.CommonPractice, recipe.Torque!.Trust);
        Assert.Contains(recipe.Cautions, c => Ends.Read(c).StartsWith("Find the marking", StringComparison.Ordinal));
    }

    [Fact]
    public void A_screw_that_nobody_named_is_a_typical_one_and_says_so()
    {
        var recipe = Ends.Recipe(Ends.Wire("14"), new BindingScrew(null, Ends.Marked(14, 18)));
        Assert.Contains(recipe.Reasons, r => r is { Rule: "screw-size", Trust: Trust.Generic });
        Assert.Equal(Verdict.Caution, recipe.Verdict);
    }

    [Fact]
    public void Stranded_wire_is_twisted_first_and_never_tinned()
    {
        var recipe = Ends.Recipe(Ends.Wire("14", Build.Stranded), Ends.Screw());
        Assert.Contains(recipe.Steps, s => Ends.Read(s.Text).StartsWith("Twist the strands tight", StringComparison.Ordinal));
        Assert.Contains(recipe.Cautions, c => Ends.Read(c).Contains("never tin", StringComparison.Ordinal));
    }

    [Fact]
    public void Two_wires_under_one_screw_are_warned_of() => Assert.Contains(
        Ends.Recipe(Ends.Wire("14"), Ends.Screw()).Cautions, c => Ends.Read(c).Contains("110.14(A)", StringComparison.Ordinal));

    [Theory]
    [InlineData("8")]
    [InlineData("6 mm²")]
    [InlineData("250 kcmil")]
    public void A_wire_larger_than_10_AWG_stops(string size)
    {
        var recipe = Ends.Recipe(Ends.Wire(size), Ends.Screw());
        Assert.Equal(Verdict.Stop, recipe.Verdict);
        Assert.Equal("conductor-out-of-range", recipe.Findings.Single().Check);
    }

    [Theory]
    [InlineData("10")]
    [InlineData("4 mm²")]
    public void The_largest_that_goes(string size) => Assert.NotEqual(Verdict.Stop, Ends.Recipe(Ends.Wire(size), Ends.Screw("#10")).Verdict);

    [Fact]
    public void Changing_the_wire_changes_every_number()
    {
        var (thin, thick) = (Ends.Recipe(Ends.Wire("14"), Ends.Screw()), Ends.Recipe(Ends.Wire("12"), Ends.Screw()));
        Assert.True(thin.Strip!.Value.Target < thick.Strip!.Value.Target);
        Assert.True(thin.Preparation.Hook!.AngleMost > thick.Preparation.Hook!.AngleMost);
    }

    [Fact]
    public void An_eye_is_offered_beside_the_hook() =>
        Assert.Contains("eye", Ends.Read(Ends.Recipe(Ends.Wire("14"), Ends.Screw()).Alternatives[0].Text), StringComparison.Ordinal);

    [Fact]
    public void Marked_for_aluminium_it_takes_aluminium() => Assert.NotEqual(
        Verdict.Stop,
        Ends.Recipe(Ends.Wire("12", material: Material.Aluminium), Ends.Screw("#8", null, Material.Copper, Material.Aluminium)).Verdict);
}
