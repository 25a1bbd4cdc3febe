using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Crafts;

/// <summary>Joints in connectors: what fits, how it is made, what is chosen, and the box that it goes into.</summary>
public sealed partial class SpliceTests
{
    private static readonly HouseRules Rules = HouseRules.Default;

    private static SpliceJoin Join(
        ConnectorKind kind,
        int count,
        string size = "14",
        SplicePlace place = SplicePlace.Dry,
        Build build = Build.Solid
    ) => new([.. Enumerable.Range(0, count).Select(_ => Ends.Wire(size, build))], ConnectorRow.All[kind].Usual, place);

    private static IEnumerable<string> Checks(SpliceJoin join) => SpliceFit.Of(join).Findings.Select(f => f.Check);

    [Fact]
    public void Where_a_sheet_lists_combinations_it_is_good_for_these_and_no_others() =>
        Gen.Select(Gen.Int[0, 4], Gen.Int[0, 4])
            .Where((a, b) => a + b > 0)
            .Sample(
                (fourteens, twelves) =>
                {
                    var ends = Enumerable
                        .Repeat("14", fourteens)
                        .Concat(Enumerable.Repeat("12", twelves))
                        .Select(s => Ends.Wire(s))
                        .ToList();
                    var sheet = ConnectorRow.All[ConnectorKind.TwistOn].Usual with
                    {
                        // The order on the sheet is nobody’s business, and neither is what least and most say.
                        LeastMm2 = 100,
                        MostMm2 = 100,
                        Combinations =
                        [
                            [new(1, ConductorSize.Parse("12")), new(2, ConductorSize.Parse("14"))],
                            [new(3, ConductorSize.Parse("12"))],
                        ],
                    };
                    var fits = (fourteens, twelves) is (2, 1) or (0, 3);
                    Assert.Equal(fits, SpliceFit.Of(new(ends, sheet, SplicePlace.Dry)).Fits);
                }
            );

    /// <summary>
    /// Common practice: 11 mm for levers; 1 1/2 in, 3 in for learners, trimmed to 5/8 in; four in the small tube, 3/8
    /// in of grease left free.
    /// </summary>
    [Fact]
    public void A_joint_is_made_by_the_numbers_that_are_taught()
    {
        var lever = SpliceRecipe.Of(Join(ConnectorKind.Lever, 3), Rules);
        Assert.Equal((11.0, null), (lever.Strip!.Value.Target.Millimetres, lever.Trim));
        var twist = SpliceRecipe.Of(Join(ConnectorKind.TwistOn, 3), Rules);
        Assert.Equal(
            (38.1, 15.875),
            (Math.Round(twist.Strip!.Value.Target.Millimetres, 6), twist.Trim!.Value.Millimetres)
        );
        var learning = SpliceRecipe.Of(
            Join(ConnectorKind.TwistOn, 3),
            Rules with
            {
                PigtailStrip = PigtailStrip.ThreeInchesForLearners,
            }
        );
        Assert.Equal(76.2, learning.Strip!.Value.Target.Millimetres, 9);
        Assert.False(SpliceRecipe.Of(Join(ConnectorKind.CrimpSleeveTube, 4), Rules).Tube!.IsLarge);
        Assert.True(SpliceRecipe.Of(Join(ConnectorKind.CrimpSleeveTube, 5), Rules).Tube!.IsLarge);
        Assert.Equal(9.525, TubeChoice.GreaseFree.Millimetres, 9);
        Assert.Contains(
            SpliceRecipe.Of(Join(ConnectorKind.CrimpSleeveTube, 2, place: SplicePlace.Wet), Rules).Steps,
            s => s.Text.ToString(ReaderFormat.Imperial).Contains("3/8 in", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_sheet_s_strip_is_taken_and_what_is_twisted_first_is_trimmed_to_it()
    {
        var join = Join(ConnectorKind.TwistOn, 3);
        join = join with { Connector = join.Connector with { Strip = new(12) } };
        var twisted = SpliceRecipe.Of(join, Rules);
        Assert.Equal(
            (38.1, 12.0),
            (Math.Round(twisted.Strip!.Value.Target.Millimetres, 6), twisted.Trim!.Value.Millimetres)
        );
        var byTheSheet = SpliceRecipe.Of(
            join,
            Rules with
            {
                TwistBeforeConnector = TwistBeforeConnector.AsTheSheetSays,
            }
        );
        Assert.Equal((12.0, null), (byTheSheet.Strip!.Value.Target.Millimetres, byTheSheet.Trim));
        Assert.DoesNotContain(byTheSheet.Steps, s => s.Id == "twist");
    }

    /// <summary>
    /// IEC 60999-1 (from memory): 14 AWG 50 N, 12 AWG 60 N; a hand tugs with 60 N at most (common practice).
    /// </summary>
    [Theory]
    [InlineData("14", 50, 50)]
    [InlineData("12", 60, 60)]
    [InlineData("10", 80, 60)]
    public void The_thinnest_end_says_what_a_sample_holds_and_what_a_hand_tugs_with(
        string size,
        double sample,
        double tug
    )
    {
        var recipe = SpliceRecipe.Of(
            new([Ends.Wire("10"), Ends.Wire(size)], ConnectorRow.All[ConnectorKind.TwistOn].Usual, SplicePlace.Dry),
            Rules
        );
        Assert.Equal((sample, tug), (recipe.PullOut!.Value.Newtons, recipe.Tug!.Value.Newtons));
    }

    [Fact]
    public void A_stop_gives_no_strip_and_no_steps_and_says_why() =>
        Gen.Select(Gen.Enum<ConnectorKind>(), Gen.Enum<SplicePlace>(), Generators.Wires.List[1, 9], Gen.Bool)
            .Sample(
                (kind, place, ends, cord) =>
                {
                    var recipe = SpliceRecipe.Of(
                        new(ends, ConnectorRow.All[kind].Usual, place) { InCord = cord },
                        Rules
                    );
                    var stops = recipe.Findings.Any(f => f.Severity == Severity.Stop);
                    Assert.Equal(stops, recipe.Verdict == Verdict.Stop);
                    Assert.Equal(stops, recipe.Strip is null);
                    Assert.Equal(stops, recipe.Steps.Count == 0);
                    Assert.NotEmpty(recipe.PullsApart);
                    Assert.All(recipe.Findings, f => Assert.EndsWith(".", Ends.Read(f.Do), StringComparison.Ordinal));
                    Assert.Equal(
                        recipe
                            .Findings.Where(f => f.Check != "wet-splice-by-house-rule")
                            .Select(f => f.Severity)
                            .Order(),
                        recipe.Findings.Where(f => f.Check != "wet-splice-by-house-rule").Select(f => f.Severity)
                    );
                }
            );

    [Fact]
    public void Whatever_is_joined_is_drawn_with_every_end_and_its_bare_length_to_scale() =>
        Gen.Select(Gen.Enum<ConnectorKind>(), Generators.Wires.List[1, 9])
            .Sample(
                (kind, ends) =>
                {
                    SpliceJoin join = new(ends, ConnectorRow.All[kind].Usual, SplicePlace.Wet);
                    var scene = SpliceDrawing.Of(join, Rules);
                    Assert.Equal(
                        ends.Count,
                        scene.Parts.Count(p => p.Id.EndsWith("-insulation", StringComparison.Ordinal))
                    );
                    Assert.Equal(scene.Parts.Select(p => p.Id).Distinct().Count(), scene.Parts.Count);
                    Assert.All(scene.Dimensions, d => Assert.Equal(d.Label.Value, d.ToX - d.FromX, 0.01));
                    // Drawing and recipe say one length alike.
                    if (SpliceRecipe.Of(join, Rules) is { Strip: { } strip, Trim: null })
                    {
                        Assert.Equal(strip.Read(WindowPart.Target), scene.Dimensions.Single(d => d.Id == "bare").Label);
                    }
                }
            );

    [Fact]
    public void What_has_no_port_stands_outside_the_connector()
    {
        var scene = SpliceDrawing.Of(Join(ConnectorKind.Lever, 6), Rules);
        var body = scene.Parts.Single(p => p.Id == "body").Box;
        Assert.True(scene.Parts.Single(p => p.Id == "end-5-bare").Box.Bottom < body.Bottom);
        Assert.True(scene.Parts.Single(p => p.Id == "end-6-bare").Box.Top > body.Bottom);
    }

    [Fact]
    [Trait("Advice", "4.9")]
    public void The_best_connector_comes_first_and_the_others_say_why_they_do_not_fit()
    {
        SpliceConnector Of(ConnectorKind kind, string name) => ConnectorRow.All[kind].Usual with { Name = name };
        SpliceConnector[] shelf =
        [
            Of(ConnectorKind.PushIn, "push"),
            Of(ConnectorKind.SealedTwistOn, "sealant"),
            Of(ConnectorKind.Lever, "lever"),
            Of(ConnectorKind.CrimpSleeveTube, "tube"),
            Of(ConnectorKind.Lever, "small") with
            {
                MostCount = 2,
            },
        ];
        List<string> Ranked(SplicePlace place, HouseRules rules) =>
            [
                .. RankedConnector
                    .Rank(Join(ConnectorKind.Lever, 3, place: place), shelf, rules)
                    .Select(r => (r.Fits ? "" : "not ") + r.Connector.Name),
            ];
        Assert.Equal(["lever", "push", "tube", "sealant", "not small"], Ranked(SplicePlace.Dry, Rules));
        // In the wet only what is sealed, and the house rule’s way first.
        Assert.Equal(["tube", "sealant"], Ranked(SplicePlace.Wet, Rules).Take(2));
        Assert.Equal(
            ["sealant", "tube"],
            Ranked(SplicePlace.Wet, Rules with { WetSplice = WetSplice.SealedTwistOn }).Take(2)
        );
        Assert.Equal(3, Ranked(SplicePlace.Wet, Rules).Count(r => r.StartsWith("not ", StringComparison.Ordinal)));
        Assert.All(RankedConnector.Rank(Join(ConnectorKind.Lever, 3), shelf, Rules), r => Assert.NotEmpty(r.Why));
        // A listed combination goes before area and count.
        var listed = Of(ConnectorKind.PushIn, "listed") with
        {
            Combinations =
            [
                [new(3, ConductorSize.Parse("14"))],
            ],
        };
        Assert.Equal(
            "listed",
            RankedConnector.Rank(Join(ConnectorKind.Lever, 3), [.. shelf, listed], Rules)[0].Connector.Name
        );
    }
}
