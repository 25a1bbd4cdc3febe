using Lacet.Core.Circuits;
using Lacet.Core.Cords;
using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Reference;

namespace Lacet.Core.Tests.Crafts;

public sealed partial class CordTests
{
    /// <summary>NEC 400.5(A)(1), columns for three and two loaded conductors (from memory).</summary>
    [Theory]
    [InlineData("18 AWG", 7, 10)]
    [InlineData("16 AWG", 10, 13)]
    [InlineData("14 AWG", 15, 18)]
    [InlineData("12 AWG", 20, 25)]
    [InlineData("10 AWG", 25, 30)]
    [InlineData("8 AWG", 35, 40)]
    public void A_cord_carries_what_the_table_has(string size, double three, double two)
    {
        double Ampacity(int loaded) =>
            CordChoice.For(1, 120, new(1000), loaded, CordUse.Light).Cords.Single(c => c.Size.Name == size).Ampacity;
        Assert.Equal((three, two), (Ampacity(3), Ampacity(2)));
        // NEC 310.15(C)(1): four to six leave 80 % (from memory).
        Assert.Equal(three * 0.8, Ampacity(4), 9);
    }

    /// <summary>
    /// NEC chapter 9 table 8 (from memory), Ω a thousand feet at 75 °C, uncoated stranded copper; worked by hand:
    /// 2 × 50 ft × R × 12 A.
    /// </summary>
    [Theory]
    [InlineData("18 AWG", 7.95)]
    [InlineData("16 AWG", 4.99)]
    [InlineData("14 AWG", 3.14)]
    [InlineData("12 AWG", 1.98)]
    [InlineData("10 AWG", 1.24)]
    [InlineData("8 AWG", 0.778)]
    public void The_drop_is_the_handbook_s(string size, double ohmsPerKft)
    {
        var cord = CordChoice
            .For(12, 120, Length.FromInches(50 * 12), 2, CordUse.Appliance)
            .Cords.Single(c => c.Size.Name == size);
        var byHand = 2 * 50 * ohmsPerKft / 1000 * 12;
        Assert.Equal(byHand, cord.DropVolts, byHand * 0.01);
        Assert.Equal(byHand / 1.2, cord.DropPercent, byHand / 1.2 * 0.01);
        // All that is lost is heat in the cord.
        Assert.Equal(byHand * 12 / (50 * 0.3048), cord.LossWattsPerMetre, byHand * 0.01 * 12);
    }

    /// <summary>
    /// Three loaded conductors may be three phases, or two lines and a neutral: it is asked. Three phases: √3 × 50 ft ×
    /// R × 12 A, and three conductors that warm (NEC chapter 9 table 8, from memory).
    /// </summary>
    [Fact]
    public void With_three_phases_the_drop_is_by_the_root_of_three_and_three_conductors_warm()
    {
        var cord = CordChoice
            .For(12, 400, Length.FromInches(50 * 12), 3, CordUse.Motor, phases: 3)
            .Cords.Single(c => c.Size.Name == "12 AWG");
        var byHand = Math.Sqrt(3) * 50 * 1.98 / 1000 * 12;
        Assert.Equal(byHand, cord.DropVolts, byHand * 0.01);
        var heat = 3 * 12 * 12 * (50 * 1.98 / 1000) / (50 * 0.3048);
        Assert.Equal(heat, cord.LossWattsPerMetre, heat * 0.01);
        Assert.Equal(20, cord.Ampacity);
        Assert.True(CordChoice.For(12, 400, new(1000), 3, CordUse.Motor).AsksPhases);
        Assert.False(CordChoice.For(12, 400, new(1000), 3, CordUse.Motor, phases: 1).AsksPhases);
    }

    [Theory]
    [Trait("Advice", "1.17")]
    [InlineData(8, 3, CordUse.Light, "18 AWG")]
    [InlineData(8, 3, CordUse.Appliance, "16 AWG")] // common practice: the floor
    [InlineData(8, 3, CordUse.Motor, "16 AWG")]
    [InlineData(12.5, 3, CordUse.Appliance, "16 AWG")]
    [InlineData(12.5, 10, CordUse.Appliance, "14 AWG")] // by its drop
    [InlineData(15, 3, CordUse.Appliance, "14 AWG")] // by its ampacity
    [InlineData(12, 60, CordUse.Appliance, "8 AWG")] // 4 % and more: that is advice, and the thickest is taken
    [InlineData(12, 37.5, CordUse.Appliance, "10 AWG")] // 3.05 %: 3 % is advice
    [InlineData(41, 1, CordUse.Appliance, null)]
    public void The_least_cord_does_in_every_way(double amps, double metres, CordUse use, string? size)
    {
        var choice = CordChoice.For(amps, 120, new(metres * 1000), 2, use);
        Assert.Equal(size, choice.Least?.Size.Name);
        Assert.Contains(choice.Reasons, r => r.Rule == "cord-ampacity");
        Assert.Contains(choice.Reasons, r => r.Rule == "cord-drop");
        Assert.Equal(use != CordUse.Light, choice.Reasons.Any(r => r.Rule == "cord-floor"));
    }

    [Fact]
    public void A_thicker_cord_never_loses_more_and_a_longer_one_never_less() =>
        Gen.Select(Gen.Double[0.5, 30], Gen.Double[1, 100], Gen.Int[2, 6])
            .Sample(
                (amps, metres, loaded) =>
                {
                    var choice = CordChoice.For(amps, 120, new(metres * 1000), loaded, CordUse.Motor);
                    Assert.Equal(choice.Cords.OrderByDescending(c => c.DropVolts), choice.Cords);
                    var longer = CordChoice.For(amps, 120, new(metres * 2000), loaded, CordUse.Motor);
                    Assert.All(choice.Cords.Zip(longer.Cords), pair =>
                        Assert.Equal(pair.First.DropVolts * 2, pair.Second.DropVolts, 9)
                    );
                    Assert.True(
                        longer.Least is null
                            || choice.Least!.Size.Area.SquareMillimetres <= longer.Least.Size.Area.SquareMillimetres
                    );
                }
            );

    /// <summary>NEMA WD 6 and NEC 210.21(B)(2) (from memory): 12, 16 and 24 A on 15, 20 and 30 A.</summary>
    [Theory]
    [InlineData(12, 120, CordUse.Appliance, "5-15", null)]
    [InlineData(12.1, 120, CordUse.Appliance, "5-20", null)]
    [InlineData(24, 120, CordUse.Appliance, "L5-30", null)]
    [InlineData(5, 120, CordUse.Light, "5-15", "1-15")]
    [InlineData(10, 240, CordUse.Motor, "6-15", null)]
    [InlineData(20, 240, CordUse.Motor, "L6-30", null)]
    [InlineData(25, 120, CordUse.Appliance, null, null)]
    [InlineData(10, 400, CordUse.Motor, null, null)]
    public void The_plug_goes_by_current_and_voltage(
        double amps,
        double volts,
        CordUse use,
        string? name,
        string? twoBlade
    )
    {
        var plug = CordPlug.For(amps, volts, use, Region.NorthAmerica);
        Assert.Equal((name, twoBlade), (plug?.Name, plug?.TwoWire));
    }

    /// <summary>
    /// 1,500 W at 120 V are 12.5 A: sold with a 5-15, and by the table a 5-20. Both are said (common practice).
    /// </summary>
    [Fact]
    [Trait("Advice", "4.11")]
    public void What_a_load_is_sold_with_is_said_beside_what_the_table_has()
    {
        var choice = CordChoice.For(12.5, 120, new(3000), 2, CordUse.Appliance);
        Assert.Equal(("5-20", "5-15"), (choice.Plug!.Name, choice.Plug.SoldWith));
        var said = Ends.Read(choice.Reasons.Single(r => r.Rule == "cord-plug-sold").Text);
        Assert.Contains("5-15", said, StringComparison.Ordinal);
        Assert.Contains("5-20", said, StringComparison.Ordinal);
        Assert.Null(CordPlug.For(12, 120, CordUse.Appliance, Region.NorthAmerica)!.SoldWith);
    }

    /// <summary>
    /// 230 V: metric sizes, HD 516 (from memory), a floor of 0.75 mm² and 1 mm² over 6 A as IEC 60335-1 table 11 has
    /// it, plugs by CEE 7 and IEC 60309. IEC 60364-5-52 advises 5 % for what is not lighting.
    /// </summary>
    [Theory]
    [Trait("Advice", "4.11")]
    [InlineData(2, 230, 2, CordUse.Light, "0.5 mm²", "CEE 7/7", "CEE 7/16 to 2.5 A, else CEE 7/17")]
    [InlineData(2, 230, 2, CordUse.Appliance, "0.75 mm²", "CEE 7/7", null)]
    [InlineData(8, 230, 2, CordUse.Appliance, "1 mm²", "CEE 7/7", null)]
    [InlineData(16, 230, 2, CordUse.Appliance, "1.5 mm²", "CEE 7/7", null)]
    [InlineData(16, 230, 30, CordUse.Appliance, "2.5 mm²", "CEE 7/7", null)]
    [InlineData(20, 230, 2, CordUse.Motor, "2.5 mm²", "IEC 60309, blue, 32 A", null)]
    [InlineData(16, 400, 2, CordUse.Motor, "1.5 mm²", "IEC 60309, red, 16 A", null)]
    [InlineData(60, 230, 2, CordUse.Motor, null, null, null)]
    public void At_230_V_there_is_no_gauge_and_another_plug(
        double amps,
        double volts,
        double metres,
        CordUse use,
        string? size,
        string? plug,
        string? twoWire
    )
    {
        var choice = CordChoice.For(
            amps,
            volts,
            new(metres * 1000),
            volts > 300 ? 3 : 2,
            use,
            volts > 300 ? 3 : null,
            Region.Iec
        );
        Assert.Equal((size, plug, twoWire), (choice.Least?.Size.Name, choice.Plug?.Name, choice.Plug?.TwoWire));
        Assert.All(choice.Cords, c => Assert.Equal(SizeSystem.Metric, c.Size.System));
        Assert.DoesNotContain(choice.Reasons, r =>
            $"{Ends.Read(r.Text)} {r.Source}" is var said
            && (said.Contains("AWG", StringComparison.Ordinal) || said.Contains("NEC", StringComparison.Ordinal))
        );
        Assert.Equal(plug == "CEE 7/7" && amps > 10, choice.Reasons.Any(r => r.Rule == "cord-plug-hours"));
    }

    /// <summary>IEC 60228 class 5 at 20 °C, Ω/km, warmed to 75 °C (from memory), there and back by hand.</summary>
    [Theory]
    [InlineData("0.75 mm²", 26.0)]
    [InlineData("1.5 mm²", 13.3)]
    [InlineData("2.5 mm²", 7.98)]
    public void The_drop_in_metric_is_by_the_standard_s_resistance(string size, double ohmPerKm)
    {
        var cord = CordChoice
            .For(10, 230, new(20_000), 2, CordUse.Appliance, region: Region.Iec)
            .Cords.Single(c => c.Size.Name == size);
        Assert.Equal(2 * 0.02 * ohmPerKm * (1 + (0.00393 * 55)) * 10, cord.DropVolts, 3);
    }

    [Fact]
    public void More_than_three_loaded_in_metric_is_not_judged() =>
        Assert.Equal(
            "loadedConductors",
            Assert
                .Throws<ImpossibleInputException>(() =>
                    CordChoice.For(10, 230, new(5000), 4, CordUse.Appliance, region: Region.Iec)
                )
                .Field
        );

    /// <summary>NEC table 400.4 and EN 50525 (from memory).</summary>
    [Theory]
    [Trait("Advice", "4.11")]
    [InlineData(Region.NorthAmerica, CordDuty.Light, false, "18 AWG", "SPT-2 or SVT")]
    [InlineData(Region.NorthAmerica, CordDuty.Light, false, "14 AWG", "SJT or SJO")]
    [InlineData(Region.NorthAmerica, CordDuty.Light, true, "16 AWG", "SJTW or SJOOW")]
    [InlineData(Region.NorthAmerica, CordDuty.Ordinary, false, "8 AWG", "ST or SO")]
    [InlineData(Region.NorthAmerica, CordDuty.Heavy, true, "12 AWG", "STW or SOOW")]
    [InlineData(Region.Iec, CordDuty.Light, false, "0.75 mm²", "H03VV-F")]
    [InlineData(Region.Iec, CordDuty.Ordinary, false, "1.5 mm²", "H05VV-F")]
    [InlineData(Region.Iec, CordDuty.Ordinary, true, "1 mm²", "H05RN-F")]
    [InlineData(Region.Iec, CordDuty.Ordinary, true, "1.5 mm²", "H07RN-F")]
    public void A_jacket_goes_by_duty_place_and_size(
        Region region,
        CordDuty duty,
        bool outdoors,
        string size,
        string name
    ) => Assert.Equal(name, CordJacket.For(region, duty, outdoors, ConductorSize.Parse(size))!.Name);

    /// <summary>Common practice and IEC 60320-1, from memory: 10 ft are 3.05 m.</summary>
    [Theory]
    [Trait("Advice", "4.17")]
    [InlineData(3, 12, Region.NorthAmerica, "10 ft", "C13")]
    [InlineData(3.1, 16, Region.NorthAmerica, "15 ft", "C19")]
    [InlineData(31, 21, Region.NorthAmerica, null, null)]
    [InlineData(3, 2, Region.Iec, "3 m", "C5")]
    [InlineData(3.1, 10, Region.Iec, "5 m", "C13")]
    [InlineData(50, 16, Region.Iec, "50 m", "C19")]
    public void A_cord_is_bought_by_the_length_that_reaches_and_with_the_connector_of_its_inlet(
        double metres,
        double amps,
        Region region,
        string? length,
        string? connector
    ) =>
        Assert.Equal(
            (length, connector),
            (CordStock.Reaching(new(metres * 1000), region), CordStock.Connector(amps, region))
        );

    /// <summary>Nothing reaches a screen without its reason: each table’s use is a reason’s rule.</summary>
    [Theory]
    [InlineData("cord-jackets")]
    [InlineData("cord-lengths")]
    [InlineData("cord-connectors")]
    public void What_is_bought_has_its_reason(string table)
    {
        var why = CordStock
            .Why(
                CordJacket.For(Region.Iec, CordDuty.Ordinary, outdoors: false, ConductorSize.Parse("1 mm²")),
                new(3000),
                8,
                Region.Iec
            )
            .ToList();
        var reason = why.Single(r => r.Rule == TableUse.All[table].UsedBy.Single());
        Assert.EndsWith(".", Ends.Read(reason.Text), StringComparison.Ordinal);
        Assert.Contains("from memory", reason.Source, StringComparison.Ordinal);
    }

    [Fact]
    public void Whatever_is_asked_of_a_jacket_it_has_at_least_that() =>
        Gen.Select(Gen.Enum<Region>(), Gen.Enum<CordDuty>(), Gen.Bool, Pick(ConductorSize.Stocked))
            .Sample(
                (region, duty, outdoors, size) =>
                    Assert.True(
                        CordJacket.For(region, duty, outdoors, size) is not { } jacket
                            || (jacket.Duty >= duty && (jacket.Outdoors || !outdoors))
                    )
            );

    [Theory]
    [InlineData(0, 120, 1, 2, "amps")]
    [InlineData(5, 0, 1, 2, "volts")]
    [InlineData(5, 120, 0, 2, "lengthM")]
    [InlineData(5, 120, 1000, 2, "lengthM")]
    [InlineData(5, 120, 1, 1, "loadedConductors")]
    [InlineData(double.NaN, 120, 1, 2, "amps")]
    public void What_cannot_be_is_refused(double amps, double volts, double metres, int loaded, string field) =>
        Assert.Equal(
            field,
            Assert
                .Throws<ImpossibleInputException>(() =>
                    CordChoice.For(amps, volts, new(metres * 1000), loaded, CordUse.Light)
                )
                .Field
        );
}
