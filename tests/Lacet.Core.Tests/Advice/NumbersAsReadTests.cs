using Lacet.Core.Drawings;
using Lacet.Core.Pull;
using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Advice;

/// <summary>
/// Numbers as people read them: lines of docs/advice.md, 3. Common practice, from memory, unless a source is named.
/// </summary>
public sealed class NumbersAsReadTests
{
    [Theory]
    [Trait("Advice", "3.2")]
    [InlineData("14")]
    [InlineData("2.5 mm²")]
    [InlineData("8")]
    public void A_pin_and_its_nest_are_in_millimetres_for_everybody(string size)
    {
        var recipe = Ends.Recipe(Ends.Wire(size, Build.FineStranded), Ends.Block(0.5, 16, 12));
        var (slide, crimp) = (Imperial(recipe, "slide-ferrule"), Imperial(recipe, "crimp-ferrule"));
        Assert.Matches(@"pin \d+ mm", slide.Replace('\u202f', ' ').Replace('\u2009', ' '));
        Assert.Matches(@"^Crimp in the [\d.]+.mm²", crimp);
        Assert.DoesNotContain("in,", slide, StringComparison.Ordinal);
        Assert.DoesNotContain("/16", slide + crimp, StringComparison.Ordinal);
        var drawn = EndSection
            .Of(Ends.Wire(size, Build.FineStranded), Ends.Block(0.5, 16, 12), HouseRules.Default)
            .Dimensions.Single(d => d.Id == "pin")
            .Label;
        Assert.Equal(drawn.Metric, drawn.Imperial);
    }

    [Fact]
    [Trait("Advice", "3.5")]
    public void A_torque_tool_is_named_by_its_full_scale()
    {
        var tool = Ends.Recipe(Ends.Wire("14"), Ends.UnmarkedScrew())
            .Tools.Select(t => t.ToString(ReaderFormat.Imperial))
            .Single(t => t.StartsWith("torque", StringComparison.Ordinal));
        // 12 lbf·in is a fifth of 60.
        Assert.StartsWith(
            "torque screwdriver, full scale 12 to 60 lbf·in",
            tool.Replace('\u202f', ' ').Replace('\u2009', ' '),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "3.6")]
    public void A_tug_says_straight_back_and_no_more_and_a_clamp_is_pulled_harder()
    {
        Assert.StartsWith(
            "Tug it straight back, no more than",
            Imperial(Ends.Recipe(Ends.Wire("18", Build.Stranded), Ends.Block()), "check"),
            StringComparison.Ordinal
        );
        Assert.All(ConductorSize.Stocked, s =>
            Assert.True(PullTest.Tug(s) is not { } tug || PullTest.CordClamp.Newtons > tug.Newtons)
        );
        Assert.Contains(
            ((FormattableString)$"{PullTest.CordClamp}").ToString(ReaderFormat.Imperial),
            Imperial(Ends.Recipe(Ends.Wire("16", Build.FineStranded), new PlugScrew(null, null, null)), "check"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "3.7")]
    public void Nobody_counts_a_thousand_strands()
    {
        var fine = Ends.Recipe(
            Ends.Wire("1/0", Build.FineStranded),
            Ends.Block(10, 95, 30, FerruleAcceptance.Unnecessary)
        );
        Assert.Contains(
            "A few strands nicked or cut off pass, under 6 %; more, cut back.",
            Hold(fine, "strip"),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "No strand nicked or cut off.",
            Hold(Ends.Recipe(Ends.Wire("14", Build.Stranded), Ends.Screw()), "strip"),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "No strand nicked or cut off.",
            Hold(Ends.Recipe(Ends.Wire("1/0", Build.FineStranded), new CrimpedLug(0.375, 25, null)), "strip"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "3.8")]
    public void A_crimp_says_how_often_and_from_where()
    {
        static string Crimp(string size, Material material) =>
            Imperial(
                Ends.Recipe(
                    Ends.Wire(size, Build.Stranded, material: material),
                    new CrimpedLug(0.375, 30, null, new HashSet<Material> { Material.Copper, Material.Aluminium })
                ),
                "crimp-lug"
            );
        Assert.Equal("Crimp once, to the die’s stop; keep the lug square in the die.", Crimp("6", Material.Copper));
        Assert.Contains(
            "first next to the palm, then towards the wire; keep the lug square",
            Crimp("250 kcmil", Material.Aluminium),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "3.9")]
    public void A_hook_s_angle_is_held_before_it_is_closed_and_its_tip_after()
    {
        var recipe = Ends.Recipe(Ends.Wire("14"), Ends.Screw());
        Assert.EndsWith("before it is closed.", Hold(recipe, "bend-hook"), StringComparison.Ordinal);
        Assert.Contains(
            "The tip lies close to the wire, not on the insulation",
            Hold(recipe, "land-hook"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "3.10")]
    public void A_range_is_said_in_the_sizes_that_are_bought()
    {
        Assert.Contains(
            "it takes 14 AWG solid copper only",
            Ends.Read(Ends.Judge(Ends.Wire("12"), new BackStab(new()))[0].Says),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "takes 14 to 10 AWG",
            Ends.Read(Ends.Judge(Ends.Wire("8"), new BackWireClamp(new(2.08, 5.27), null))[0].Says),
            StringComparison.Ordinal
        );
    }

    private static string Imperial(Recipe recipe, string step) =>
        recipe.Steps.First(s => s.Id == step).Text.ToString(ReaderFormat.Imperial);

    private static string Hold(Recipe recipe, string step) =>
        Ends.Read(recipe.Steps.First(s => s.Id == step).HoldPoint!);
}
