using Lacet.Core.Recipes;

namespace Lacet.Core.Tests.Recipes;

/// <summary>
/// Numbers that are read off a landing: what cannot be is refused by field with a sentence, what is given rules.
/// </summary>
public sealed class GivenDataTests
{
    private static readonly Dictionary<string, Func<double, Landing>> Fields = new(StringComparer.Ordinal)
    {
        ["landing.leastMm2"] = v => new LeverClamp(new(LeastMm2: v, MostMm2: 400)),
        ["landing.mostMm2"] = v => new SpringCageBlock(new(LeastMm2: 0.05, MostMm2: v)),
        ["landing.stripDepthMm"] = v => new PushInBlock(new(StripDepth: new Length(v))),
        ["landing.insulationLeastMm"] = v => new InsulationDisplacement(null, null, v, 20),
        ["landing.insulationMostMm"] = v => new InsulationDisplacement(null, null, 0.5, v),
        ["landing.studDiameterMm"] = v => new Stud(v, null, null, null),
        ["landing.barrelDepthMm"] = v => new CrimpedLug(null, v, null),
        ["landing.boltDiameterIn"] = v => new CrimpedLug(v, null, null),
        ["landing.acrossFlatsIn"] = v => new SetScrewLug(LugDrive.HexSocket, v, null, null, null, null, null),
        ["landing.slotWidthIn"] = v => new SetScrewLug(
            LugDrive.Slotted,
            null,
            new(v, 0.2, smallerThanNumber10: false),
            null,
            null,
            null,
            null
        ),
        ["landing.slotLengthIn"] = v => new SetScrewLug(
            LugDrive.Slotted,
            null,
            new(0.05, v, smallerThanNumber10: false),
            null,
            null,
            null,
            null
        ),
        ["landing.holeMm"] = v => new SolderLug(v),
    };

    [Theory]
    [InlineData("landing.leastMm2", 0.5, 0, 401)]
    [InlineData("landing.mostMm2", 4, 0, 401)]
    [InlineData("landing.stripDepthMm", 3, 2.9, 60.1)]
    [InlineData("landing.insulationLeastMm", 0.5, 0.4, 20.1)]
    [InlineData("landing.insulationMostMm", 20, 0.4, 20.1)]
    [InlineData("landing.studDiameterMm", 16, 1.9, 16.1)]
    [InlineData("landing.barrelDepthMm", 60, 2.9, 60.1)]
    [InlineData("landing.boltDiameterIn", 1, 0.15, 1.1)]
    [InlineData("landing.acrossFlatsIn", 0.125, 0.11, 0.6)]
    [InlineData("landing.slotWidthIn", 0.047, 0.009, 0.21)]
    [InlineData("landing.slotLengthIn", 1, 0.04, 1.1)]
    [InlineData("landing.holeMm", 0.8, 0.7, 6.1)]
    public void A_number_has_bounds(string field, double good, double low, double high)
    {
        Assert.NotNull(Fields[field](good));
        foreach (var bad in new[] { low, high, double.NaN, -1 })
        {
            var refused = Assert.Throws<ImpossibleInputException>(() => Fields[field](bad));
            Assert.Equal(field, refused.Field);
            Assert.EndsWith(".", refused.Message, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void A_range_the_wrong_way_round_is_refused()
    {
        Assert.Equal(
            "landing.leastMm2",
            Assert.Throws<ImpossibleInputException>(() => new PushInBlock(new(4, 2))).Field
        );
        Assert.Equal(
            "landing.leastMm2",
            Assert.Throws<ImpossibleInputException>(() => new SetScrewLug(null, null, null, 4, 2, null, null)).Field
        );
        Assert.Equal(
            "landing.insulationLeastMm",
            Assert.Throws<ImpossibleInputException>(() => new InsulationDisplacement(null, null, 3, 2)).Field
        );
    }

    [Theory]
    [InlineData(10.0, null, 10, 10)]
    [InlineData(null, 0.1, 0.1, 0.1)]
    [InlineData(1.0, null, 1, 4)]
    [InlineData(null, 2.5, 0.25, 2.5)]
    public void An_end_of_a_range_that_is_not_given_gives_way(
        double? least,
        double? most,
        double gotLeast,
        double gotMost
    )
    {
        var block = new PushInBlock(new(least, most));
        Assert.Equal((gotLeast, gotMost), (block.LeastMm2, block.MostMm2));
        Assert.False(block.RangeIsGiven);
    }

    [Theory]
    [InlineData(Trust.Marking, Verdict.Go, "printed data")]
    [InlineData(Trust.Maker, Verdict.Go, "sheet")]
    [InlineData(Trust.Generic, Verdict.Read, "Shelf")]
    public void The_trust_of_the_data_goes_into_the_readings(Trust trust, Verdict verdict, string source)
    {
        var block = Ends.Block() with { DataTrust = trust };
        var recipe = Ends.Recipe(Ends.Wire("2.5 mm²"), block);
        Assert.Equal(verdict, recipe.Verdict);
        Assert.Equal(trust, recipe.Torque!.Trust);
        Assert.Contains(recipe.Reasons, r =>
            r.Rule == "strip-depth" && r.Trust == trust && r.Source.Contains(source, StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("binding-screw", false)]
    [InlineData("back-wire-clamp", true)]
    public void A_back_wire_clamp_has_two_holes_and_a_screw_takes_one(string kind, bool two)
    {
        Landing landing = kind == "binding-screw" ? Ends.Screw() : new BackWireClamp(new(), null);
        Assert.Equal(two, landing.TakesTwo);
    }

    /// <summary>A lug's barrel, where nobody measured it, is deeper for a thicker wire (generic).</summary>
    [Fact]
    public void A_thicker_wire_s_lug_is_never_shallower()
    {
        var sizes = ConductorSize
            .Stocked.Where(s => s.Area.SquareMillimetres is >= 2.1 and <= 127)
            .OrderBy(s => s.Area.SquareMillimetres)
            .ToList();
        foreach (
            var landing in new Landing[]
            {
                new SetScrewLug(null, null, null, 2, 130, null, null),
                new CrimpedLug(null, null, null),
            }
        )
        {
            var strips = sizes
                .Select(s =>
                    Ends.Recipe(
                        Conductor.Of(s, Build.Stranded, Material.Copper),
                        landing
                    ).Strip!.Value.Target.Millimetres
                )
                .ToList();
            Assert.Equal(strips.Order(), strips);
        }
    }

    [Fact]
    public void Every_sentence_reads_in_inches_first_too() =>
        Generators.AtHand.Sample(
            end =>
            {
                var recipe = RecipeBook.For(end);
                var sentences = recipe
                    .Steps.Select(s => s.Text)
                    .Concat(recipe.Steps.Select(s => s.HoldPoint).OfType<FormattableString>())
                    .Append(recipe.Preparation.Detail);
                foreach (var sentence in sentences.Select(s => s.ToString(ReaderFormat.Imperial)))
                {
                    Assert.DoesNotContain("System.", sentence, StringComparison.Ordinal);
                    Assert.DoesNotMatch(@"\{|\}|  ", sentence);
                }
            },
            iter: 1500
        );
}
