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
        Assert.Empty(
            Ends.Recipe(
                Ends.Wire("14"),
                Ends.Screw(),
                HouseRules.Default with
                {
                    ReceptacleWiring = ReceptacleWiring.HookOnScrew,
                }
            ).Findings
        );
    }

    [Fact]
    public void The_steps_follow_the_order_of_the_work() =>
        Assert.Equal(
            ["prove-dead", "strip", "bend-hook", "land-hook", "tighten", "witness-mark", "check", "dress"],
            Ends.Recipe(Ends.Wire("12"), Ends.Screw()).Steps.Select(s => s.Id)
        );

    [Fact]
    public void Every_step_has_a_hold_point() =>
        Assert.All(Ends.Recipe(Ends.Wire("12"), Ends.Screw()).Steps, s => Assert.NotNull(s.HoldPoint));

    [Fact]
    public void The_hook_lies_clockwise()
    {
        var recipe = Ends.Recipe(Ends.Wire("14"), Ends.Screw());
        Assert.Contains(recipe.Steps, s =>
            s.Id == "bend-hook" && Ends.Read(s.Text).Contains("clockwise", StringComparison.Ordinal)
        );
        Assert.Contains(recipe.Reasons, r => r.Rule == "hook-clockwise");
    }

    [Fact]
    [Trait("Advice", "2.5")]
    public void Without_a_marking_the_verdict_is_go_but_read_it_off_and_it_says_where()
    {
        var recipe = Ends.Recipe(Ends.Wire("14"), Ends.UnmarkedScrew());
        Assert.Equal(Verdict.Read, recipe.Verdict);
        Assert.Equal(Trust.CommonPractice, recipe.Torque!.Trust);
        Assert.Equal(
            [new ReadOff(ReadingName.Tighten, "the torque", "on the strap, the box or the sheet")],
            recipe.ReadOff
        );
    }

    [Fact]
    public void A_screw_that_nobody_named_is_a_typical_one_and_says_so()
    {
        var recipe = Ends.Recipe(Ends.Wire("14"), new BindingScrew(null, Ends.Marked(14, 18)));
        Assert.Contains(recipe.Reasons, r => r is { Rule: "screw-size", Trust: Trust.Generic });
        Assert.Equal(Verdict.Read, recipe.Verdict);
    }

    [Fact]
    public void Stranded_wire_is_twisted_first_and_never_tinned()
    {
        var recipe = Ends.Recipe(Ends.Wire("14", Build.Stranded), Ends.Screw());
        Assert.Contains(recipe.Steps, s =>
            Ends.Read(s.Text).StartsWith("Twist the strands tight", StringComparison.Ordinal)
        );
        Assert.Contains(recipe.Cautions, c => Ends.Read(c).Contains("never tin", StringComparison.Ordinal));
    }

    [Fact]
    public void Two_wires_under_one_screw_are_warned_of() =>
        Assert.Contains(Ends.Recipe(Ends.Wire("14"), Ends.Screw()).Cautions, c =>
            Ends.Read(c).Contains("110.14(A)", StringComparison.Ordinal)
        );

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
    public void The_largest_that_goes(string size) =>
        Assert.NotEqual(Verdict.Stop, Ends.Recipe(Ends.Wire(size), Ends.Screw("#10")).Verdict);

    [Fact]
    public void Changing_the_wire_changes_every_number()
    {
        var (thin, thick) = (Ends.Recipe(Ends.Wire("14"), Ends.Screw()), Ends.Recipe(Ends.Wire("12"), Ends.Screw()));
        Assert.True(thin.Strip!.Value.Target < thick.Strip!.Value.Target);
        Assert.True(thin.Preparation.Hook!.AngleMost > thick.Preparation.Hook!.AngleMost);
    }

    [Fact]
    [Trait("Advice", "4.5")]
    public void An_eye_is_offered_beside_the_hook() =>
        Assert.Contains(
            "eye",
            Ends.Read(Ends.Recipe(Ends.Wire("14"), Ends.Screw()).Alternatives[0].Text),
            StringComparison.Ordinal
        );

    [Fact]
    [Trait("Advice", "1.8")]
    public void Only_a_screw_marked_CO_ALR_takes_aluminium()
    {
        // NEC 404.14(C), 406.3(C), from memory: AL or CU-AL does not pass on a receptacle's or switch's screw.
        var screw = Ends.Screw("#8", null, Material.Copper, Material.Aluminium);
        var wire = Ends.Wire("12", material: Material.Aluminium);
        var stop = Ends.Recipe(wire, screw);
        Assert.Equal(Verdict.Stop, stop.Verdict);
        Assert.Contains("do not twist", Ends.Read(stop.Findings[0].Do), StringComparison.Ordinal);
        var recipe = Ends.Recipe(wire, screw with { IsCoAlr = true });
        Assert.NotEqual(Verdict.Stop, recipe.Verdict);
        Assert.Contains(recipe.Steps, s => s.Id == "brush-aluminium");
        Assert.DoesNotContain("opper hardens", Ends.Read(recipe.Undo!), StringComparison.Ordinal);
        Assert.DoesNotContain(recipe.Alternatives, a =>
            Ends.Read(a.Text).Contains("twist clockwise", StringComparison.Ordinal)
        );
        Assert.NotEqual(Verdict.Stop, Ends.Recipe(wire, screw with { On = ScrewOn.ControlDevice }).Verdict);
    }

    [Theory]
    [Trait("Advice", "2.4")]
    [Trait("Advice", "4.1")]
    [InlineData(ScrewOn.Receptacle, "Ground-fault", true)]
    [InlineData(ScrewOn.Switch, "breaks the line", true)]
    [InlineData(ScrewOn.Lampholder, "screw of the shell", true)]
    [InlineData(ScrewOn.ControlDevice, "diagram’s numbers", false)]
    public void What_a_screw_is_on_decides_its_cautions(ScrewOn on, string says, bool colours)
    {
        var cautions = Ends.Recipe(Ends.Wire("14"), Ends.Screw() with { On = on }).Cautions.Select(Ends.Read).ToList();
        Assert.Contains(cautions, c => c.Contains(says, StringComparison.Ordinal));
        Assert.Equal(on == ScrewOn.Receptacle, cautions.Exists(c => c.Contains("tabs", StringComparison.Ordinal)));
        Assert.Equal(colours, cautions.Exists(c => c.Contains("to brass", StringComparison.Ordinal)));
    }
}
