using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Recipes;

/// <summary>The recipe of a bare or ferruled end in a screw-clamp block.</summary>
public sealed class ScrewClampBlockTests
{
    [Fact]
    public void Fine_strands_get_a_ferrule_matched_to_the_depth()
    {
        var recipe = Ends.Recipe(Ends.Wire("2.5 mm²", Build.FineStranded), Ends.Block());
        Assert.Equal(Verdict.Go, recipe.Verdict);
        Assert.Equal(PreparationKind.Ferrule, recipe.Preparation.Kind);
        Assert.Equal((2.5, 8), (recipe.Ferrule!.Size.SquareMillimetres, recipe.Ferrule.Pin.Millimetres));
        Assert.Equal(10, recipe.Strip!.Value.Target.Millimetres);
        Assert.Equal(
            [
                "prove-dead",
                "slide-on-first",
                "strip",
                "slide-ferrule",
                "crimp-ferrule",
                "look-in",
                "land-straight",
                "tighten",
                "witness-mark",
                "check",
                "dress",
            ],
            recipe.Steps.Select(s => s.Id)
        );
    }

    [Fact]
    public void Bare_it_strips_to_the_block_s_depth()
    {
        var recipe = Ends.Recipe(Ends.Wire("2.5 mm²"), Ends.Block());
        Assert.Equal(PreparationKind.Straight, recipe.Preparation.Kind);
        Assert.Equal(new Window<Length>(new(9), new(8), new(10)), recipe.Strip);
    }

    /// <summary>±1 mm up to 15 mm, ±1.5 mm over (common practice).</summary>
    [Theory]
    [InlineData(15, 14, 16)]
    [InlineData(15.5, 14, 17)]
    [InlineData(32, 30.5, 33.5)]
    public void A_deeper_block_has_a_wider_window(double depth, double least, double most)
    {
        var strip = Ends.Recipe(Ends.Wire("4 mm²"), Ends.Block(depth: depth)).Strip!.Value;
        Assert.Equal((least, most), (strip.Least.Millimetres, strip.Most.Millimetres));
    }

    [Fact]
    public void Both_ways_are_said_where_the_block_leaves_it_open()
    {
        var ferruled = Ends.Recipe(Ends.Wire("2.5 mm²", Build.FineStranded), Ends.Block());
        Assert.Equal(
            (PreparationKind.Straight, 9),
            (ferruled.Alternatives.Single().Kind, ferruled.Alternatives[0].Strip.Target.Millimetres)
        );
        var bare = Ends.Recipe(Ends.Wire("2.5 mm²", Build.Stranded), Ends.Block());
        Assert.Equal(
            (PreparationKind.Ferrule, 10),
            (bare.Alternatives.Single().Kind, bare.Alternatives[0].Strip.Target.Millimetres)
        );
    }

    [Theory]
    [InlineData(Build.FineStranded, FerruleAcceptance.Required, PreparationKind.Ferrule)]
    [InlineData(Build.Stranded, FerruleAcceptance.Required, PreparationKind.Ferrule)]
    [InlineData(Build.Solid, FerruleAcceptance.Required, PreparationKind.Straight)]
    [InlineData(Build.FineStranded, FerruleAcceptance.Allowed, PreparationKind.Ferrule)]
    [InlineData(Build.Stranded, FerruleAcceptance.Allowed, PreparationKind.Straight)]
    [InlineData(Build.FineStranded, FerruleAcceptance.Forbidden, PreparationKind.Straight)]
    public void The_block_decides_and_where_it_does_not_the_house_rule(
        Build build,
        FerruleAcceptance ferrule,
        PreparationKind kind
    ) => Assert.Equal(kind, Ends.Recipe(Ends.Wire("2.5 mm²", build), Ends.Block(ferrule: ferrule)).Preparation.Kind);

    [Fact]
    public void The_other_house_rule_lands_fine_strands_bare_and_says_what_that_asks()
    {
        var rules = HouseRules.Default with { FerrulesOnFineStrands = FerrulesOnFineStrands.WhereTheMakerAsks };
        var recipe = Ends.Recipe(Ends.Wire("2.5 mm²", Build.FineStranded), Ends.Block(), rules);
        Assert.Equal(PreparationKind.Straight, recipe.Preparation.Kind);
        Assert.Contains(recipe.Findings, f => f is { Check: "fine-strands-unsupported", Severity: Severity.Note });
        Assert.Equal(
            PreparationKind.Ferrule,
            Ends.Recipe(
                Ends.Wire("2.5 mm²", Build.FineStranded),
                Ends.Block(ferrule: FerruleAcceptance.Required),
                rules
            ).Preparation.Kind
        );
    }

    [Theory]
    [Trait("Advice", "1.1")]
    [InlineData(
        "6 mm²",
        "printed for 6 mm². Or a pigtail of 4 mm² or less, only where the circuit’s breaker allows one that small."
    )]
    [InlineData(
        "10",
        "printed for 10 AWG. Or a pigtail of 12 AWG or less, only where the circuit’s breaker allows one that small."
    )]
    [InlineData("0.34 mm²", "printed for 0.34 mm². Or splice on a pigtail of 0.5 mm² or more.")]
    [InlineData("28", "printed for 28 AWG. Or splice on a pigtail of 20 AWG or more.")]
    public void A_wire_out_of_range_stops_and_a_smaller_one_is_never_offered_without_its_breaker(
        string size,
        string says
    )
    {
        var recipe = Ends.Recipe(Ends.Wire(size), Ends.Block());
        Assert.Equal(Verdict.Stop, recipe.Verdict);
        Assert.EndsWith(says, Ends.Read(recipe.Findings[0].Do), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("20")]
    [InlineData("12")]
    [InlineData("0.5 mm²")]
    [InlineData("4 mm²")]
    public void The_ends_of_the_range_go_in(string size) =>
        Assert.NotEqual(Verdict.Stop, Ends.Recipe(Ends.Wire(size), Ends.Block()).Verdict);

    [Fact]
    public void What_the_block_does_not_say_is_typical_and_marked_so()
    {
        var recipe = Ends.Recipe(Ends.Wire("2.5 mm²"), new ScrewClampBlock(new(), null));
        Assert.Equal(Verdict.Read, recipe.Verdict);
        Assert.Equal([ReadingName.Strip, ReadingName.Tighten, ReadingName.Fit], recipe.ReadOff.Select(r => r.Reading));
        Assert.Equal(9, recipe.Strip!.Value.Target.Millimetres);
        Assert.Contains(recipe.Reasons, r => r is { Rule: "strip-depth", Trust: Trust.Generic });
        Assert.Contains(recipe.Reasons, r => r is { Rule: "size-range", Trust: Trust.Generic });
        Assert.Contains(recipe.Reasons, r => r is { Reading: ReadingName.Tighten, Trust: Trust.CommonPractice });
    }

    [Fact]
    public void A_colour_never_stands_without_its_size_and_series()
    {
        var recipe = Ends.Recipe(Ends.Wire("2.5 mm²", Build.FineStranded), Ends.Block());
        Assert.Contains(recipe.Cautions, c =>
            Ends.Read(c) is var said
            && said.Contains("blue means 2.5 mm² in DIN 46228-4 only", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_thick_insulation_asks_for_the_large_collar() =>
        Assert.Contains(Ends.Recipe(Ends.Wire("2.5 mm²", Build.FineStranded, od: 4.6), Ends.Block()).Reasons, r =>
            r.Rule == "ferrule-collar" && Ends.Read(r.Text).Contains("large-collar", StringComparison.Ordinal)
        );

    [Fact]
    public void A_knife_comes_with_its_caution() =>
        Assert.Contains(Ends.Recipe(Ends.Wire("35 mm²", Build.Stranded), Ends.Block(6, 35, 18)).Cautions, c =>
            Ends.Read(c).Contains("away from the body", StringComparison.Ordinal)
        );

    [Theory]
    [InlineData(-1.0, 4.0, 9.0, "landing.leastMm2")]
    [InlineData(0.5, 0.0, 9.0, "landing.mostMm2")]
    [InlineData(6.0, 4.0, 9.0, "landing.leastMm2")]
    [InlineData(0.5, 4.0, 2.0, "landing.stripDepthMm")]
    [InlineData(0.5, 4.0, 61.0, "landing.stripDepthMm")]
    [InlineData(0.5, 4.0, double.NaN, "landing.stripDepthMm")]
    public void Data_that_cannot_be_is_refused_by_name(double least, double most, double depth, string field) =>
        Assert.Equal(field, Assert.Throws<ImpossibleInputException>(() => Ends.Block(least, most, depth)).Field);
}
