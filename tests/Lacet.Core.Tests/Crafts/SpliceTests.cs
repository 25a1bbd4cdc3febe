using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Crafts;

/// <summary>Joints in connectors: what fits, how it is made, what is chosen, and the box that it goes into.</summary>
public sealed class SpliceTests
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

    /// <summary>Areas of gauges by ASTM B258: 14 AWG 2.081, 12 AWG 3.309, 10 AWG 5.261 mm².</summary>
    [Theory]
    [InlineData(ConnectorKind.TwistOn, 4, "12", true)] // 13.24 of 13.5 together
    [InlineData(ConnectorKind.TwistOn, 5, "12", false)] // 16.5
    [InlineData(ConnectorKind.TwistOn, 6, "14", true)]
    [InlineData(ConnectorKind.TwistOn, 7, "14", false)] // seven of six
    [InlineData(ConnectorKind.TwistOn, 1, "10", false)] // one of two
    [InlineData(ConnectorKind.Lever, 5, "12", true)] // each 3.3 of 4
    [InlineData(ConnectorKind.Lever, 2, "10", false)] // each 5.3 of 4
    [InlineData(ConnectorKind.PushIn, 8, "14", true)]
    [InlineData(ConnectorKind.PushIn, 2, "12", false)]
    [InlineData(ConnectorKind.CrimpSleeveTube, 4, "10", true)] // 21.04 of 21: a name’s own area passes its name
    public void Without_a_list_area_and_count_are_held_against_least_and_most(
        ConnectorKind kind,
        int count,
        string size,
        bool fits
    ) => Assert.Equal(fits, SpliceFit.Of(Join(kind, count, size)).Fits);

    /// <summary>NEC 110.14(B), 250.8, 400.13 (from memory).</summary>
    [Theory]
    [InlineData(ConnectorKind.Lever, SplicePlace.Wet, "splice-not-sealed", Severity.Stop)]
    [InlineData(ConnectorKind.TwistOn, SplicePlace.Buried, "splice-not-sealed", Severity.Stop)]
    [InlineData(ConnectorKind.Solder, SplicePlace.Wet, "splice-not-sealed", Severity.Stop)]
    [InlineData(ConnectorKind.PushIn, SplicePlace.Damp, "splice-not-sealed", Severity.Fix)]
    [InlineData(ConnectorKind.None, SplicePlace.Dry, "bare-twist", Severity.Stop)]
    public void Water_and_a_bare_twist_are_found(
        ConnectorKind kind,
        SplicePlace place,
        string check,
        Severity severity
    ) =>
        Assert.Equal(
            severity,
            SpliceFit.Of(Join(kind, 2, place: place)).Findings.Single(f => f.Check == check).Severity
        );

    [Theory]
    [InlineData(ConnectorKind.CrimpSleeveTube, SplicePlace.Buried)]
    [InlineData(ConnectorKind.SealedTwistOn, SplicePlace.Wet)]
    [InlineData(ConnectorKind.Lever, SplicePlace.Dry)]
    public void What_is_sealed_or_dry_is_not(ConnectorKind kind, SplicePlace place) =>
        Assert.Empty(SpliceFit.Of(Join(kind, 2, place: place)).Findings);

    [Theory]
    [InlineData("16", true, Severity.Stop)]
    [InlineData("14", false, Severity.Stop)]
    [InlineData("14", true, Severity.Fix)]
    public void A_cord_is_spliced_by_nobody_but_for_the_one_lawful_repair(
        string size,
        bool hardService,
        Severity severity
    ) =>
        Assert.Equal(
            severity,
            SpliceFit
                .Of(
                    Join(ConnectorKind.Lever, 2, size, build: Build.FineStranded) with
                    {
                        InCord = true,
                        HardService = hardService,
                    }
                )
                .Findings.Single(f => f.Check == "splice-in-cord")
                .Severity
        );

    [Fact]
    public void An_earth_may_not_depend_on_solder_and_metals_are_not_mixed()
    {
        Assert.Contains("earth-by-solder", Checks(Join(ConnectorKind.Solder, 2) with { IsEarth = true }));
        SpliceJoin mixed = new(
            [Ends.Wire("12"), Ends.Wire("12", material: Material.Aluminium)],
            ConnectorRow.All[ConnectorKind.TwistOn].Usual,
            SplicePlace.Dry
        );
        Assert.Contains("mixed-metals-in-splice", Checks(mixed));
        Assert.DoesNotContain(
            "mixed-metals-in-splice",
            Checks(mixed with { Connector = mixed.Connector with { TakesBothMetals = true } })
        );
    }

    /// <summary>NEC 400.22 (from memory): the ribbed conductor is the neutral.</summary>
    [Fact]
    public void Of_twin_cable_ribbed_goes_to_ribbed_and_smooth_to_smooth()
    {
        var two = Join(ConnectorKind.Lever, 2);
        Assert.Contains("splice-twin-crossed", Checks(two with { Sides = [CableSide.Ribbed, CableSide.Smooth] }));
        foreach (var side in new[] { CableSide.Ribbed, CableSide.Smooth })
        {
            var recipe = SpliceRecipe.Of(two with { Sides = [side, side] }, Rules);
            Assert.Empty(recipe.Findings);
            Assert.Contains(recipe.Steps, s => s.Id == "sides");
        }

        Assert.DoesNotContain(SpliceRecipe.Of(two, Rules).Steps, s => s.Id == "sides");
    }

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
            s => s.Text.ToString(UnitLead.Imperial).Contains("3/8 in", StringComparison.Ordinal)
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

    /// <summary>
    /// NEC 300.14 (from memory): six inches free; each time anew costs the strip and about 10 mm (common practice).
    /// </summary>
    [Fact]
    [Trait("Advice", "1.20")]
    public void A_pigtail_is_six_inches_free_what_both_ends_strip_and_spare_for_making_it_anew()
    {
        var plan = SplicePigtail.Of(new(38.1), new(19));
        Assert.Equal(152.4 + 38.1 + 19 + (2 * 29), plan.Length.Millimetres, 9);
        Assert.Equal(58, plan.Spare.Millimetres, 9);
        Assert.Equal(152.4 + 38.1, SplicePigtail.Of(new(38.1), null, 0).Length.Millimetres, 9);
        Assert.Throws<ImpossibleInputException>(() => SplicePigtail.Of(new(38.1), null, 11));
    }

    /// <summary>
    /// A worked example as handbooks have it (NEC 314.16, from memory): a box with a duplex receptacle, two 14/2 cables
    /// with earths, clamps inside: 4 conductors, 1 for the clamps, 2 for the yoke, 1 for the earths: 8 of 2.00 in³, 16
    /// in³.
    /// </summary>
    [Fact]
    [Trait("Advice", "4.19")]
    public void A_box_with_a_receptacle_and_two_cables_needs_sixteen_cubic_inches()
    {
        BoxContents contents = new([Counted(4, "14")], [Counted(2, "14")])
        {
            InnerClamps = true,
            Yokes = [ConductorSize.Parse("14")],
            Pigtails = 3,
        };
        Assert.Equal(16, BoxFill.Of(contents, null).Needed, 9);
        Assert.Null(BoxFill.Of(contents, null).Fits);
        Assert.True(BoxFill.Of(contents, 16).Fits);
        Assert.False(BoxFill.Of(contents, 15.8).Fits);
        // The same on 12 AWG: 8 of 2.25.
        Assert.Equal(
            18,
            BoxFill
                .Of(
                    new([Counted(4, "12")], [Counted(2, "12")])
                    {
                        InnerClamps = true,
                        Yokes = [ConductorSize.Parse("12")],
                    },
                    null
                )
                .Needed,
            9
        );
    }

    /// <summary>
    /// NEC 314.16(B)(2), (4), (5) (from memory): the largest conductor counts; up to four earths are one, each more a
    /// quarter.
    /// </summary>
    [Fact]
    public void Clamps_and_earths_count_by_the_largest_and_a_fifth_earth_a_quarter()
    {
        Assert.Equal(
            (2 * 2) + 2.25 + 2.25,
            BoxFill.Of(new([Counted(2, "14"), Counted(1, "12")], []) { InnerClamps = true }, null).Needed,
            9
        );
        double Earths(int count) => BoxFill.Of(new([], [Counted(count, "12")]), null).Needed;
        Assert.Equal([2.25, 2.25, 2.25 * 1.25, 2.25 * 1.5], new[] { 1, 4, 5, 6 }.Select(Earths));
        Assert.Equal(2 * 1.75, BoxFill.Of(new([Counted(1, "16")], []) { Studs = 1 }, null).Needed, 9);
        // One allowance for each kind of fitting, however many there are of it (314.16(B)(3)).
        Assert.Equal(2 * 1.75, BoxFill.Of(new([Counted(1, "16")], []) { Studs = 3 }, null).Needed, 9);
        Assert.Equal(3 * 1.75, BoxFill.Of(new([Counted(1, "16")], []) { Studs = 1, Hickeys = 2 }, null).Needed, 9);
        // A metric size counts as the next larger gauge, and that is said.
        var metric = BoxFill.Of(new([Counted(2, "2.5 mm²")], []), 4);
        Assert.Equal((4.5, "2 × 2.5 mm², counted as 12 AWG"), (metric.Needed, metric.Shares[0].What));
        Assert.Contains(
            "too full. Take a box such as device, 3 × 2 in, 1 1/2 in deep (7.5 in³)",
            Ends.Read(metric.Says),
            StringComparison.Ordinal
        );
        Assert.Throws<ImpossibleInputException>(() => BoxFill.Of(new([Counted(1, "4")], []), null));
        Assert.Throws<ImpossibleInputException>(() => BoxFill.Of(new([Counted(1, "14")], []), 0));
    }

    [Fact]
    public void One_thing_more_in_a_box_never_needs_less() =>
        Gen.Select(Gen.Int[0, 9].Array[7], Gen.Int[0, 6], Gen.Int[0, 6], Gen.Bool)
            .Sample(
                (counts, more, earths, clamps) =>
                {
                    string[] sizes = ["18", "16", "14", "12", "10", "8", "6"];
                    BoxContents Of(int extra) =>
                        new(
                            [.. sizes.Select((s, i) => Counted(counts[i] + (i == more ? extra : 0), s))],
                            [Counted(earths, "12")]
                        )
                        {
                            InnerClamps = clamps,
                        };
                    Assert.True(BoxFill.Of(Of(1), null).Needed > BoxFill.Of(Of(0), null).Needed);
                }
            );

    private static CountedSize Counted(int count, string size) => new(count, ConductorSize.Parse(size));
}
