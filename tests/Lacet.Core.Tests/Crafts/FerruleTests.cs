using Lacet.Core.Ferrules;

namespace Lacet.Core.Tests.Crafts;

/// <summary>Ferrules: size by area, pin by depth, collar by insulation.</summary>
public sealed class FerruleTests
{
    private static FerruleChoice? For(
        string size,
        double depth = 60,
        Build build = Build.FineStranded,
        double? od = null,
        HouseRules? rules = null
    ) => FerruleChoice.For(Ends.Wire(size, build, od), new Length(depth), rules ?? HouseRules.Default);

    /// <summary>The usual AWG to mm² pairs on ferrule packets (common practice).</summary>
    [Theory]
    [InlineData("24", 0.25)]
    [InlineData("22", 0.34)]
    [InlineData("20", 0.5)]
    [InlineData("18", 0.75)]
    [InlineData("16", 1.5)]
    [InlineData("14", 2.5)]
    [InlineData("12", 4)]
    [InlineData("10", 6)]
    [InlineData("8", 10)]
    [InlineData("6", 16)]
    [InlineData("4", 25)]
    [InlineData("2", 35)]
    [InlineData("1/0", 50)]
    [InlineData("4/0", 120)]
    [InlineData("250 kcmil", 120)]
    [InlineData("2.5 mm²", 2.5)]
    [InlineData("0.25 mm²", 0.25)]
    public void A_conductor_gets_its_usual_size(string size, double mm2) =>
        Assert.Equal(mm2, For(size)!.Size.SquareMillimetres);

    [Fact]
    public void Strands_enter_every_pin_that_is_chosen()
    {
        foreach (
            var size in ConductorSize.Stocked.Where(s =>
                s.PairedArea is >= 0.25 and <= 50 && s.Name is not ("28 AWG" or "26 AWG")
            )
        )
        {
            foreach (var build in new[] { Build.Stranded, Build.FineStranded })
            {
                var wire = Conductor.Of(size, build, Material.Copper);
                var ferrule = FerruleChoice.For(wire, new Length(60), HouseRules.Default)!;
                var bore = Reference.Retyped.Ferrules.Single(f => f.Mm2 == ferrule.Size.SquareMillimetres).Bore;
                Assert.True(bore is null || wire.Diameter.Millimetres <= bore, $"{wire} in {ferrule.Size}");
            }
        }
    }

    /// <summary>28 and 26 AWG have ferrules too, of 0.08 and 0.14 mm² (common practice, from memory).</summary>
    [Theory]
    [Trait("Advice", "4.18")]
    [InlineData("28", 0.08)]
    [InlineData("26", 0.14)]
    [InlineData("24", 0.25)]
    public void The_smallest_wires_have_ferrules_of_their_own(string size, double mm2) =>
        Assert.Equal(mm2, For(size)!.Size.SquareMillimetres);

    /// <summary>
    /// A sleeve without a collar is as long as its clamp is deep: a 25 mm sleeve in a clamp of 32 mm would let
    /// insulation in.
    /// </summary>
    [Theory]
    [Trait("Advice", "1.9")]
    [InlineData("70 mm²", 32)]
    [InlineData("95 mm²", 28)]
    public void A_sleeve_without_a_collar_is_as_long_as_the_clamp_is_deep(string size, double depth)
    {
        var recipe = Ends.Recipe(Ends.Wire(size, Build.FineStranded), Ends.Block(25, 120, depth));
        Assert.Equal((Collar.None, depth), (recipe.Ferrule!.Collar, recipe.Ferrule.Pin.Millimetres));
        Assert.Contains(
            "along its whole length",
            Ends.Read(recipe.Steps.Single(s => s.Id == "crimp-ferrule").Text),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "until the insulation meets the block",
            Ends.Read(recipe.Steps.Single(s => s.Id == "land-straight").Text),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain(recipe.Steps, s => Ends.Read(s.Text).Contains("collar", StringComparison.Ordinal));
        Assert.Contains(recipe.Tools, t => Ends.Read(t).StartsWith("hydraulic", StringComparison.Ordinal));
    }

    [Fact]
    public void A_solid_conductor_takes_none() => Assert.Null(For("14", build: Build.Solid));

    [Theory]
    [InlineData("2.5 mm²", 9, 8, true)]
    [InlineData("2.5 mm²", 12, 12, true)]
    [InlineData("2.5 mm²", 11.9, 8, true)]
    [InlineData("2.5 mm²", 40, 18, true)]
    [InlineData("1.5 mm²", 10, 10, true)]
    [InlineData("6 mm²", 10, 12, false)]
    [InlineData("1.5 mm²", 6, 8, false)]
    public void The_pin_is_the_longest_that_goes_in_whole(string size, double depth, double pin, bool fits)
    {
        var ferrule = For(size, depth)!;
        Assert.Equal((pin, fits), (ferrule.Pin.Millimetres, ferrule.PinFits));
    }

    /// <summary>Strip lengths on ferrule packets: pin and collar entry (common practice).</summary>
    [Theory]
    [InlineData("0.5 mm²", 8, 10)]
    [InlineData("2.5 mm²", 8, 10)]
    [InlineData("4 mm²", 10, 12)]
    [InlineData("6 mm²", 12, 14)]
    [InlineData("10 mm²", 12, 15)]
    [InlineData("16 mm²", 12, 15)]
    [InlineData("25 mm²", 16, 20)]
    [InlineData("35 mm²", 16, 20)]
    [InlineData("50 mm²", 20, 25)]
    [InlineData("95 mm²", 25, 25)]
    public void Strip_is_the_pin_and_the_collar_s_entry(string size, double depth, double strip)
    {
        var window = For(size, depth)!.Strip;
        Assert.Equal(strip, window.Target.Millimetres);
        Assert.Equal(strip, window.Least.Millimetres);
        Assert.Equal(strip + 1, window.Most.Millimetres);
    }

    [Theory]
    [InlineData(4.2, Collar.Standard)]
    [InlineData(4.3, Collar.Large)]
    public void Insulation_thicker_than_the_bore_takes_the_large_collar(double od, Collar collar) =>
        Assert.Equal(collar, For("2.5 mm²", od: od)!.Collar);

    [Fact]
    public void The_largest_sizes_have_no_collar_and_no_colour()
    {
        var ferrule = For("70 mm²")!;
        Assert.Equal((Collar.None, null), (ferrule.Collar, ferrule.Colour));
    }

    [Theory]
    [InlineData(FerruleColours.Din46228, "blue", "DIN 46228-4")]
    [InlineData(FerruleColours.French, "grey", "French practice")]
    [InlineData(FerruleColours.Other, "blue", "other common series")]
    public void The_colour_follows_the_series_of_the_kit(FerruleColours series, string colour, string said)
    {
        var ferrule = For("2.5 mm²", rules: HouseRules.Default with { FerruleColours = series })!;
        Assert.Equal((colour, said), (ferrule.Colour, FerruleChoice.Say(ferrule.Series)));
    }

    [Fact]
    public void Sizes_and_pins_never_fall_as_the_conductor_grows()
    {
        var metric = ConductorSize
            .Stocked.Where(s => s.System == SizeSystem.Metric)
            .Select(s =>
                FerruleChoice.For(
                    Conductor.Of(s, Build.FineStranded, Material.Copper),
                    new Length(12),
                    HouseRules.Default
                )!
            )
            .ToList();
        Assert.Equal(
            metric.Select(f => f.Size.SquareMillimetres).Order(),
            metric.Select(f => f.Size.SquareMillimetres)
        );
    }

    /// <summary>
    /// A pin crimped on its own size goes through the gauge that its size's opening must let in: IEC 60947-1 table 7,
    /// form B, mm across (from memory). Over its corners it may stand wider, which a round hole notices.
    /// </summary>
    [Theory]
    [Trait("Advice", "4.16")]
    [InlineData("1.5 mm²", 1.9)]
    [InlineData("2.5 mm²", 2.4)]
    [InlineData("4 mm²", 2.7)]
    [InlineData("6 mm²", 3.5)]
    [InlineData("10 mm²", 4.4)]
    [InlineData("16 mm²", 5.3)]
    [InlineData("25 mm²", 6.9)]
    [InlineData("35 mm²", 8.2)]
    public void A_crimped_pin_goes_through_the_gauge_of_its_size(string size, double gauge)
    {
        var wire = Ends.Wire(size, Build.FineStranded);
        var pin = CrimpedPin.Of(FerruleChoice.For(wire, new(12), HouseRules.Default)!, wire, CrimpShape.Square)!;
        Assert.InRange(pin.Flats.Millimetres, Math.Sqrt(wire.Size.Area.SquareMillimetres), gauge);
        Assert.True(pin.Corners > pin.Flats && pin.Collar > pin.Corners);
    }

    /// <summary>
    /// By hand: a 1.5 mm² pin of 1.7 mm bore and 0.15 mm wall has 0.87 mm² of its own; 2.37 mm² at 95 % is 1.58 mm
    /// square; its collar of 3.5 mm bore and 0.3 mm wall is 4.1 mm.
    /// </summary>
    [Fact]
    public void A_crimped_pin_is_as_thick_as_its_metal()
    {
        var wire = Ends.Wire("1.5 mm²", Build.FineStranded);
        var pin = CrimpedPin.Of(FerruleChoice.For(wire, new(12), HouseRules.Default)!, wire, null)!;
        Assert.Equal((1.58, 4.1), (Math.Round(pin.Flats.Millimetres, 2), Math.Round(pin.Collar!.Value.Millimetres, 2)));
    }

    [Fact]
    public void How_thick_a_twin_is_is_not_guessed() =>
        Assert.Null(
            CrimpedPin.Of(
                FerruleChoice.ForTwo(
                    Ends.Wire("1 mm²", Build.FineStranded),
                    Ends.Wire("1 mm²", Build.FineStranded),
                    new(12),
                    HouseRules.Default
                )!,
                Ends.Wire("1 mm²", Build.FineStranded),
                null
            )
        );
}
