using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Crafts;

/// <summary>What holds for any joint, any hand splice and any box, whatever is in it.</summary>
public sealed partial class SpliceLawTests
{
    private static readonly Gen<SpliceConnector> Connectors =
        from kind in Gen.Enum<ConnectorKind>()
        from least in Gen.Int[1, 3]
        from more in Gen.Int[0, 5]
        from small in Gen.Double[0.2, 4]
        from span in Gen.Double[0, 20]
        from both in Gen.Bool
        from wet in Gen.Bool
        from strip in Gen.Int[0, 20]
        from listed in Gen.Bool
        select new SpliceConnector("connector", least, least + more, small, small + span, both)
        {
            Kind = kind,
            IsListedWet = wet,
            Strip = strip >= 5 ? new Length(strip) : null,
            Combinations = listed
                ?
                [
                    [new(2, ConductorSize.Parse("14"))],
                    [new(1, ConductorSize.Parse("12")), new(2, ConductorSize.Parse("14"))],
                ]
                : [],
        };

    private static readonly Gen<Conductor> Small = Gen.Select(
        Pick("18", "16", "14", "12", "10", "1.5 mm²", "2.5 mm²"),
        Gen.Enum<Build>(),
        Gen.Enum<Material>(),
        (size, build, metal) => Ends.Wire(size, build, material: metal)
    );

    private static readonly Gen<SpliceJoin> Joins =
        from connector in Connectors
        from ends in Small.List[1, 8]
        from place in Gen.Enum<SplicePlace>()
        from cord in Gen.Bool
        from earth in Gen.Bool
        from sides in Gen.Enum<CableSide>().List[0, 4]
        select new SpliceJoin(ends, connector, place)
        {
            InCord = cord,
            IsEarth = earth,
            Sides = sides,
        };

    private static readonly Gen<HouseRules> Rules = Gen.Select(
        Gen.Enum<PigtailStrip>(),
        Gen.Enum<TwistBeforeConnector>(),
        Gen.Enum<WetSplice>(),
        (pigtail, twist, wet) =>
            HouseRules.Default with
            {
                PigtailStrip = pigtail,
                TwistBeforeConnector = twist,
                WetSplice = wet,
            }
    );

    private static List<(string, Severity)> Found(SpliceJoin join) =>
        [.. SpliceFit.Of(join).Findings.Select(f => (f.Check, f.Severity))];

    [Fact]
    public void In_whatever_order_the_ends_lie_in_the_hand_the_same_is_found() =>
        Joins.Sample(join =>
            Assert.Equal(
                Found(join),
                Found(join with { Conductors = [.. join.Conductors.Reverse()], Sides = [.. join.Sides.Reverse()] })
            )
        );

    [Fact]
    public void One_end_more_never_makes_an_overfilled_connector_fit() =>
        Gen.Select(Joins, Small)
            .Sample(
                (join, more) =>
                {
                    var (before, after) = (Found(join), Found(join with { Conductors = [.. join.Conductors, more] }));
                    Assert.True(
                        !before.Contains(("splice-overfilled", Severity.Stop))
                            || after.Contains(("splice-overfilled", Severity.Stop))
                    );
                }
            );

    [Fact]
    public void A_wetter_place_never_finds_less() =>
        Joins.Sample(join =>
        {
            int Wrong(SplicePlace place) => Found(join with { Place = place }).Count;
            Assert.True(
                Wrong(SplicePlace.Dry) <= Wrong(SplicePlace.Damp) && Wrong(SplicePlace.Damp) <= Wrong(SplicePlace.Wet)
            );
            Assert.Equal(Wrong(SplicePlace.Wet), Wrong(SplicePlace.Buried));
            // What is sealed is as good in the wet as in the dry.
            Assert.True(!join.Connector.IsSealed || Wrong(SplicePlace.Dry) == Wrong(SplicePlace.Wet));
        });

    [Fact]
    public void A_connector_that_says_more_is_good_for_both_metals_and_the_wet_never_fits_less() =>
        Joins.Sample(join =>
        {
            var better = join with { Connector = join.Connector with { TakesBothMetals = true, IsListedWet = true } };
            Assert.True(SpliceFit.Of(better).Fits || !SpliceFit.Of(join).Fits);
        });

    [Fact]
    public void Every_sentence_is_one_in_either_unit() =>
        Gen.Select(Joins, Rules)
            .Sample(
                (join, rules) =>
                {
                    var recipe = SpliceRecipe.Of(join, rules);
                    var sentences = recipe
                        .Steps.Select(s => s.Text)
                        .Concat(recipe.Findings.SelectMany(f => new[] { f.Says, f.Do }))
                        .Concat(recipe.Reasons.Select(r => r.Text))
                        .Concat(recipe.PullsApart)
                        .Concat(recipe.Cautions)
                        .Concat(new[] { recipe.Seal }.OfType<FormattableString>());
                    foreach (var sentence in sentences)
                    {
                        Assert.EndsWith(".", sentence.ToString(ReaderFormat.Metric), StringComparison.Ordinal);
                        Assert.EndsWith(".", sentence.ToString(ReaderFormat.Imperial), StringComparison.Ordinal);
                    }
                }
            );

    [Fact]
    public void Steps_begin_with_proving_dead_and_what_is_trimmed_is_never_longer_than_what_is_stripped() =>
        Gen.Select(Joins, Rules)
            .Sample(
                (join, rules) =>
                {
                    var recipe = SpliceRecipe.Of(join, rules);
                    if (recipe.Verdict == Verdict.Stop)
                    {
                        return;
                    }

                    Assert.Equal("prove-dead", recipe.Steps[0].Id);
                    Assert.Equal(
                        recipe.Steps.Count,
                        recipe.Steps.Select(s => s.Id).Distinct(StringComparer.Ordinal).Count()
                    );
                    Assert.True(
                        recipe.Strip!.Value.Least <= recipe.Strip.Value.Target
                            && recipe.Strip.Value.Target <= recipe.Strip.Value.Most
                    );
                    Assert.True(
                        recipe.Trim is null
                            || join.Connector.Strip is not null
                            || recipe.Trim <= recipe.Strip.Value.Most
                    );
                    // Nobody trims what no trim is named for.
                    Assert.Equal(recipe.Trim is not null, recipe.Steps.Any(s => s.Id == "trim"));
                    Assert.Equal(join.Connector.Kind == ConnectorKind.CrimpSleeveTube, recipe.Tube is not null);
                    // A hand never tugs harder than a sample holds.
                    Assert.True(recipe.Tug is null || recipe.Tug.Value.Newtons <= recipe.PullOut!.Value.Newtons);
                }
            );

    [Fact]
    public void Ranking_loses_no_connector_and_puts_none_that_fits_behind_one_that_does_not() =>
        Gen.Select(Joins, Connectors.List[0, 8], Rules)
            .Sample(
                (join, shelf, rules) =>
                {
                    var ranked = RankedConnector.Rank(join, shelf, rules);
                    Assert.Equal(shelf.Count, ranked.Count);
                    Assert.All(shelf, c => Assert.Contains(ranked, r => ReferenceEquals(r.Connector, c)));
                    Assert.Equal(ranked.OrderByDescending(r => r.Fits).Select(r => r.Fits), ranked.Select(r => r.Fits));
                    Assert.All(ranked, r =>
                        Assert.Equal(SpliceFit.Of(join with { Connector = r.Connector }).Fits, r.Fits)
                    );
                    Assert.All(ranked, r => Assert.NotEmpty(r.Why));
                    Assert.All(ranked, r => Assert.True(r.Length.Millimetres > 0 && r.Width.Millimetres > 0));
                }
            );

    [Fact]
    public void The_connector_is_drawn_as_large_as_the_room_it_is_said_to_take() =>
        Gen.Select(Joins, Rules)
            .Sample(
                (join, rules) =>
                {
                    if (join.Connector.Kind is ConnectorKind.Solder or ConnectorKind.None)
                    {
                        return;
                    }

                    var (scene, room) = (SpliceDrawing.Of(join, rules), SpliceRecipe.RoomOf(join, rules));
                    var body = scene
                        .Parts.Where(p => p.Id is "body" or "cap" or "tube" or "tube-cap")
                        .Select(p => p.Box)
                        .Aggregate((a, b) => a.With(b));
                    Assert.Equal(room.Length.Millimetres, body.Width, 6);
                    Assert.Equal(room.Width.Millimetres, body.Height, 6);
                }
            );

    [Fact]
    public void A_connector_equals_itself_written_anew_and_no_other() =>
        Connectors.Sample(connector =>
        {
            var same = connector with { Combinations = [.. connector.Combinations.Select(c => c.ToList())] };
            Assert.Equal(connector, same);
            Assert.Equal(connector.GetHashCode(), same.GetHashCode());
            Assert.NotEqual(connector, connector with { MostCount = connector.MostCount + 1 });
            Assert.NotEqual(
                connector,
                connector with
                {
                    Combinations = [.. connector.Combinations, [new(9, ConductorSize.Parse("10"))]],
                }
            );
        });
}
