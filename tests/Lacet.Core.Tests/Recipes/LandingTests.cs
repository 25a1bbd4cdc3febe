using Lacet.Core.Checks.End;
using Lacet.Core.Ferrules;
using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Recipes;

/// <summary>
/// Every other kind of landing: what the trade does there. Lengths and torques are common practice, from memory, unless
/// another source is named.
/// </summary>
public sealed partial class LandingTests
{
    private static readonly Landing[] Kinds =
    [
        Ends.Screw(),
        new BackWireClamp(new(), null),
        new BackStab(new()),
        new LeverClamp(new()),
        Ends.Block(),
        new SpringCageBlock(new()),
        new PushInBlock(new()),
        new DeepPushIn(new()),
        new InsulationDisplacement(null, null, null, null),
        new Stud(null, null, null, null),
        new SetScrewLug(null, null, null, null, null, null, null),
        new CrimpedLug(null, null, null),
        new PlugScrew(null, null, null),
        new SolderLug(null),
    ];

    private static Recipe Fine(string size, Landing landing, HouseRules? rules = null) =>
        Ends.Recipe(Ends.Wire(size, Build.FineStranded), landing, rules);

    private static string Land(Recipe recipe) => Ends.Read(recipe.Steps.First(s => s.Operation == Operation.Land).Text);

    [Fact]
    public void There_are_fourteen_kinds_and_no_two_are_landed_or_undone_alike()
    {
        var recipes = Kinds
            .Select(k =>
                Ends.Recipe(
                    k is BackStab ? Ends.Wire("14")
                        : k is InsulationDisplacement ? Ends.Wire("1 mm²")
                        : Ends.Wire("14", Build.Stranded),
                    k
                )
            )
            .ToList();
        Assert.Equal(14, Kinds.Select(k => k.Kind).Distinct().Count());
        Assert.All(recipes, r => Assert.NotEqual(Verdict.Stop, r.Verdict));
        Assert.Equal(14, recipes.Select(Land).Distinct().Count());
        Assert.Equal(14, recipes.Select(r => Ends.Read(r.Undo!)).Distinct().Count());
    }

    [Theory]
    [InlineData("spring-cage-block", 10, 12.7)]
    [InlineData("deep-push-in", 12.7, 19.05)]
    [InlineData("lever", 11, 11)]
    [InlineData("push-in-block", 9, 11)]
    public void Without_a_printed_depth_the_usual_strip_passes(string kind, double least, double most)
    {
        var landing = Kinds.Single(k => k.Kind == kind);
        var strip = Ends.Recipe(Ends.Wire("2.5 mm²"), landing).Strip!.Value;
        // Half a millimetre for the inch that people round to.
        Assert.Equal(Judgement.Pass, strip.Judge(new(least + 0.5)));
        Assert.Equal(Judgement.Pass, strip.Judge(new(most - 0.5)));
        Assert.Contains(Ends.Recipe(Ends.Wire("2.5 mm²"), landing).Reasons, r =>
            r is { Rule: "strip-depth", Trust: Trust.Generic }
        );
    }

    [Fact]
    public void A_printed_depth_rules() =>
        Assert.Equal(
            new Window<Length>(new(9), new(8), new(10)),
            Ends.Recipe(Ends.Wire("2.5 mm²"), new SpringCageBlock(new(0.2, 4, new Length(9)))).Strip
        );

    [Theory]
    [InlineData("back-wire-clamp", 12, 18)]
    [InlineData("plug-screw", 10, 14)]
    [InlineData("binding-screw", 9, 14)]
    public void Without_a_marking_a_device_gets_its_usual_torque(string kind, double least, double most)
    {
        var landing = kind == "binding-screw" ? Ends.UnmarkedScrew() : Kinds.Single(k => k.Kind == kind);
        var torque = Ends.Torque(landing);
        Assert.Equal(
            (least, most),
            (Math.Round(torque.Window.Least.InchPounds, 6), Math.Round(torque.Window.Most.InchPounds, 6))
        );
        Assert.Equal(Trust.CommonPractice, torque.Trust);
        // Said once, beside the reading that it is about.
        var recipe = Ends.Recipe(Ends.Wire("14", Build.Stranded), landing);
        Assert.Single(recipe.ReadOff, r => r is { Reading: ReadingName.Tighten, What: "the torque" });
        Assert.DoesNotContain(recipe.Findings, f => f.Check == "torque-not-marked");
        Assert.DoesNotContain(recipe.Cautions, c => Ends.Read(c).Contains("marking", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("back-stab", "Spring")]
    [InlineData("lever", "Lever")]
    [InlineData("insulation-displacement", "Pivot")]
    [InlineData("solder-lug", "Solder")]
    public void Where_nothing_is_tightened_the_third_reading_says_what_holds(string kind, string says)
    {
        var recipe = Ends.Recipe(
            kind == "insulation-displacement" ? Ends.Wire("1 mm²") : Ends.Wire("14"),
            Kinds.Single(k => k.Kind == kind)
        );
        Assert.Null(recipe.Torque);
        Assert.Equal(says, Ends.Read(recipe.Holding!.Headline));
    }

    /// <summary>UL 498 (from memory): solid copper 14 AWG, 15 A.</summary>
    [Theory]
    [InlineData("12", Build.Solid)]
    [InlineData("14", Build.Stranded)]
    [InlineData("14", Build.FineStranded)]
    public void A_back_stab_hole_takes_14_AWG_solid_only(string size, Build build) =>
        Assert.Equal(Verdict.Stop, Ends.Recipe(Ends.Wire(size, build), new BackStab(new())).Verdict);

    [Fact]
    public void A_push_in_block_is_entered_three_ways()
    {
        var block = new PushInBlock(new());
        Assert.Contains("Push the pin in", Land(Fine("2.5 mm²", block)), StringComparison.Ordinal);
        Assert.Contains(
            "Press the release",
            Land(Fine("2.5 mm²", new PushInBlock(new(Ferrule: FerruleAcceptance.Unnecessary)))),
            StringComparison.Ordinal
        );
        Assert.Contains("no tool", Land(Ends.Recipe(Ends.Wire("2.5 mm²"), block)), StringComparison.Ordinal);
    }

    [Fact]
    public void Where_a_push_in_block_says_nothing_both_practices_are_named() =>
        Assert.Contains(Fine("2.5 mm²", new PushInBlock(new())).Cautions, c =>
            Ends.Read(c).Contains("some forbid one", StringComparison.Ordinal)
        );

    [Theory]
    [InlineData(FerruleAcceptance.Required, PreparationKind.Ferrule)]
    [InlineData(FerruleAcceptance.Allowed, PreparationKind.Ferrule)]
    [InlineData(FerruleAcceptance.Unnecessary, PreparationKind.Straight)]
    [InlineData(FerruleAcceptance.Forbidden, PreparationKind.Straight)]
    public void What_a_landing_says_about_ferrules_decides(FerruleAcceptance says, PreparationKind preparation) =>
        Assert.Equal(preparation, Fine("2.5 mm²", new PushInBlock(new(Ferrule: says))).Preparation.Kind);

    [Fact]
    public void A_deep_throat_takes_no_ferrule_and_swallows_the_insulation()
    {
        var recipe = Fine("4 mm²", new DeepPushIn(new()));
        Assert.Null(recipe.Ferrule);
        Assert.Equal(PreparationKind.Twisted, recipe.Preparation.Kind);
        // Twisted by a step of its own, its depth marked before it is pushed.
        Assert.Equal(
            ["strip", "twist", "mark-depth", "look-in", "land-straight"],
            recipe.Steps.Select(s => s.Id).SkipWhile(s => s != "strip").Take(5)
        );
        Assert.Contains(
            "insulation goes in too",
            Ends.Read(recipe.Steps.Single(s => s.Id == "mark-depth").Text),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain(
            "lay",
            Ends.Read(recipe.Steps.Single(s => s.Id == "strip").Text),
            StringComparison.Ordinal
        );
        Assert.Contains(recipe.Cautions, c => Ends.Read(c).Contains("locks in", StringComparison.Ordinal));
    }

    [Fact]
    public void Displaced_insulation_is_not_stripped()
    {
        var recipe = Ends.Recipe(Ends.Wire("1 mm²"), new InsulationDisplacement(0.5, 1.5, 2, 3));
        Assert.Equal(0, recipe.Strip!.Value.Most.Millimetres);
        Assert.DoesNotContain(recipe.Steps, s => s.Operation == Operation.Strip);
    }

    [Fact]
    public void In_a_plug_the_jacket_comes_first_and_the_earth_is_left_longest()
    {
        var recipe = Fine("16", new PlugScrew(null, null, null));
        Assert.Equal(
            ["prove-dead", "slide-on-first", "strip-jacket", "strip", "twist"],
            recipe.Steps.Take(5).Select(s => s.Id)
        );
        Assert.Contains("Unplug", Ends.Read(recipe.Steps[0].Text), StringComparison.Ordinal);
        Assert.Equal("strip-jacket", recipe.Steps.First(s => s.Operation == Operation.Strip).Id);
        Assert.Contains(recipe.Cautions, c =>
            Ends.Read(c).Contains("earth conductor is left longest", StringComparison.Ordinal)
        );
        Assert.Equal(PreparationKind.Hook, recipe.Preparation.Kind);
        Assert.Equal(PreparationKind.Twisted, Fine("16", new PlugScrew(null, PlugGrip.Clamp, null)).Preparation.Kind);
    }

    [Fact]
    public void Solder_is_the_only_landing_that_takes_tinned_strands() =>
        Assert.Equal(
            ["solder-lug"],
            Kinds
                .Where(k => k is not BackStab and not InsulationDisplacement)
                .Where(k =>
                    RecipeBook
                        .For(
                            new EndAtHand(Ends.Wire("14", Build.Stranded), k, HouseRules.Default)
                            {
                                Condition = EndCondition.Tinned,
                            }
                        )
                        .Verdict != Verdict.Stop
                )
                .Select(k => k.Kind)
        );

    [Fact]
    public void Two_fine_wires_get_one_twin()
    {
        var end = new EndAtHand(
            Ends.Wire("1 mm²", Build.FineStranded),
            new ScrewClampBlock(new(0.5, 4, new Length(10), FerruleAcceptance.Allowed), null) { TakesTwo = true },
            HouseRules.Default
        )
        {
            Second = Ends.Wire("1 mm²", Build.FineStranded),
        };
        var ferrule = RecipeBook.For(end).Ferrule!;
        Assert.Equal(
            (true, 1, 10, 13),
            (ferrule.Twin, ferrule.Size.SquareMillimetres, ferrule.Pin.Millimetres, ferrule.Strip.Target.Millimetres)
        );
    }

    [Fact]
    public void The_kit_s_own_label_overrides_the_area()
    {
        var end = new EndAtHand(Ends.Wire("22", Build.FineStranded), Ends.Block(0.2), HouseRules.Default)
        {
            FerruleLabelMm2 = 0.5,
        };
        var recipe = RecipeBook.For(end);
        Assert.Equal(0.5, recipe.Ferrule!.Size.SquareMillimetres);
        Assert.Contains(recipe.Reasons, r => r is { Rule: "ferrule-size", Trust: Trust.Maker });
        Assert.Throws<ImpossibleInputException>(() => RecipeBook.For(end with { FerruleLabelMm2 = 0.6 }));
        Assert.Throws<ImpossibleInputException>(() =>
            RecipeBook.For(
                end with
                {
                    Conductor = Ends.Wire("12", Build.Stranded),
                    Landing = Ends.Block(ferrule: FerruleAcceptance.Required),
                }
            )
        );
    }

    [Theory]
    [InlineData(CrimpShape.Hexagonal, Severity.Note)]
    [InlineData(CrimpShape.AlternatingFlats, Severity.Fix)]
    public void A_crimp_s_shape_is_held_against_the_opening(CrimpShape shape, Severity severity) =>
        Assert.Contains(
            EndChecks.Judge(
                new EndPlan(
                    new EndAtHand(Ends.Wire("2.5 mm²", Build.FineStranded), Ends.Block(), HouseRules.Default)
                    {
                        CrimpShape = shape,
                    }
                )
            ),
            f => f.Check == "weak-crimp-shape" && f.Severity == severity
        );
}
