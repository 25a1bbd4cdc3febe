using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Crafts;

public sealed partial class SpliceTests
{
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
}
