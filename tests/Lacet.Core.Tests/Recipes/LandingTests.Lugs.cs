using Lacet.Core.Checks.End;
using Lacet.Core.Ferrules;
using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Recipes;

public sealed partial class LandingTests
{
    /// <summary>Red 22 to 16 AWG, blue 16 to 14, yellow 12 to 10.</summary>
    [Theory]
    [InlineData("22", "red")]
    [InlineData("18", "red")]
    [InlineData("16", "red")]
    [InlineData("14", "blue")]
    [InlineData("12", "yellow")]
    [InlineData("10", "yellow")]
    public void A_ring_is_chosen_by_its_printed_range(string size, string colour)
    {
        var recipe = Ends.Recipe(Ends.Wire(size, Build.Stranded), new Stud(5, null, RingShape.Fork, null));
        Assert.Equal(PreparationKind.Fork, recipe.Preparation.Kind);
        Assert.Contains($"{colour} sleeve, printed", Ends.Read(recipe.Preparation.Detail), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("8")]
    [InlineData("24")]
    public void Beyond_the_ranges_of_rings_it_is_a_stop(string size) =>
        Assert.Equal(Verdict.Stop, Ends.Recipe(Ends.Wire(size, Build.Stranded), new Stud(5, null, null, null)).Verdict);

    /// <summary>13 mm at 6 AWG to 30 mm at 250 kcmil.</summary>
    [Theory]
    [InlineData("6", 13)]
    [InlineData("250 kcmil", 30)]
    public void A_set_screw_lug_s_barrel_is_typical_for_the_wire(string size, double depth) =>
        Assert.Equal(
            depth,
            Ends.Recipe(
                Ends.Wire(size, Build.Stranded),
                new SetScrewLug(null, null, null, 2, 130, null, null)
            ).Strip!.Value.Target.Millimetres
        );

    [Fact]
    public void A_crimped_lug_shows_2_mm_before_its_barrel() =>
        Assert.Equal(
            22,
            Ends.Recipe(
                Ends.Wire("1/0", Build.Stranded),
                new CrimpedLug(null, 20, null)
            ).Strip!.Value.Target.Millimetres
        );

    [Theory]
    [InlineData(Material.Copper, "once")]
    [InlineData(Material.Aluminium, "3 times")]
    public void Aluminium_takes_more_crimps_and_a_compound(Material material, string times)
    {
        var recipe = Ends.Recipe(
            Ends.Wire("1/0", Build.Stranded, material: material),
            new CrimpedLug(null, null, null, new HashSet<Material> { Material.Copper, Material.Aluminium })
        );
        Assert.Contains(times, Ends.Read(recipe.Preparation.Detail), StringComparison.Ordinal);
        Assert.Equal(
            material == Material.Aluminium,
            recipe.Steps.Any(s =>
                s.Id == "brush-aluminium"
                && Ends.Read(s.HoldPoint!).Contains("coated at once", StringComparison.Ordinal)
            )
        );
    }

    [Fact]
    [Trait("Advice", "3.7")]
    public void Lugs_lose_no_strands_and_other_landings_as_many_as_their_class_allows()
    {
        var lug = Ends.Recipe(
            Ends.Wire("12", Build.Stranded),
            new SetScrewLug(null, null, null, null, null, null, null)
        );
        Assert.Contains("No strand", Strip(lug), StringComparison.Ordinal);
        Assert.Contains(
            "At most 1 of 7",
            Strip(Ends.Recipe(Ends.Wire("12", Build.Stranded), Ends.Block())),
            StringComparison.Ordinal
        );

        static string Strip(Recipe recipe) => Ends.Read(recipe.Steps.Single(s => s.Id == "strip").HoldPoint!);
    }
}
