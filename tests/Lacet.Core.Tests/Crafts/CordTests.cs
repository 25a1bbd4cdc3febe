using Lacet.Core.Circuits;
using Lacet.Core.Cords;
using Lacet.Core.Drawings;
using Lacet.Core.Planning;
using Lacet.Core.Reference;

namespace Lacet.Core.Tests.Crafts;

/// <summary>
/// Cords: how thick, whether fit, which conductor is which, how a plug goes on, where an open case stands.
/// </summary>
public sealed class CordTests
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

    private static readonly CordPlace[] Sound = Enum.GetValues<CordPlace>();

    /// <summary>Nobody keeps a cord that nobody looked at: each of the six places is asked.</summary>
    [Fact]
    [Trait("Advice", "1.16")]
    public void Nothing_ticked_is_no_verdict_before_each_place_was_looked_at()
    {
        var blank = CordTriage.Of([], [], DamagedCord.RefitPlug, true, new());
        Assert.Equal((CordVerdict.LookFirst, 6), (blank.Verdict, blank.NotLookedAt.Count));
        var half = CordTriage.Of([], Sound[..5], DamagedCord.RefitPlug, true, new());
        Assert.Equal((CordVerdict.LookFirst, CordPlace.Entry), (half.Verdict, half.NotLookedAt.Single()));
        // Something wrong says that somebody looked there, and there only.
        Assert.Equal(5, CordTriage.Of([CordCue.PrintGone], [], DamagedCord.RefitPlug, true, new()).NotLookedAt.Count);
    }

    [Fact]
    [Trait("Advice", "1.16")]
    public void A_scorched_suppressor_asks_for_a_suppressor_and_why_it_failed_not_for_a_cord()
    {
        var sign = CordTriage.Of([CordCue.SuppressorScorched], Sound, DamagedCord.ReplaceWithMouldedCord, true, new());
        Assert.Equal(CordVerdict.PutRight, sign.Verdict);
        Assert.Contains("same rating", sign.Signs[0].Do, StringComparison.Ordinal);
        Assert.Contains("why", sign.Signs[0].Do, StringComparison.Ordinal);
    }

    /// <summary>Common practice (from memory): rejected at once.</summary>
    [Theory]
    [InlineData(CordCue.EarthPinGone)]
    [InlineData(CordCue.Patched)]
    [InlineData(CordCue.BareOrCrushed)]
    [InlineData(CordCue.BladesScorched)]
    public void Some_cords_are_scrapped_whatever_the_school(CordCue cue) =>
        Assert.All(new[] { DamagedCord.RefitPlug, DamagedCord.ReplaceWithMouldedCord }, rule =>
            Assert.Equal(
                CordVerdict.ScrapNow,
                CordTriage.Of([cue, CordCue.PrintGone], Sound, rule, true, new()).Verdict
            )
        );

    [Theory]
    [InlineData(DamagedCord.ReplaceWithMouldedCord, true, CordVerdict.ReplaceCord)]
    [InlineData(DamagedCord.ReplaceWithMouldedCord, false, CordVerdict.RefitPlug)]
    [InlineData(DamagedCord.RefitPlug, true, CordVerdict.RefitPlug)]
    public void Where_a_plug_would_do_the_school_decides(DamagedCord rule, bool toBeHad, CordVerdict verdict)
    {
        var triage = CordTriage.Of([CordCue.JacketPulledOut], Sound, rule, toBeHad, new());
        Assert.Equal(verdict, triage.Verdict);
        Assert.NotNull(triage.School);
        Assert.Null(CordTriage.Of([CordCue.Aged], Sound, rule, toBeHad, new()).School);
    }

    [Fact]
    public void A_sound_cord_is_kept_and_ticking_more_never_makes_it_better()
    {
        Assert.Equal(CordVerdict.Keep, CordTriage.Of([], Sound, DamagedCord.RefitPlug, true, new()).Verdict);
        Gen.Select(Gen.Enum<CordCue>().List[0, 6], Gen.Enum<CordCue>())
            .Sample(
                (seen, more) =>
                    Assert.True(
                        CordTriage.Of([.. seen, more], Sound, DamagedCord.RefitPlug, true, new()).Verdict
                            >= CordTriage.Of(seen, Sound, DamagedCord.RefitPlug, true, new()).Verdict
                    )
            );
    }

    [Fact]
    public void Both_ways_are_reckoned_with_the_prices_that_are_given()
    {
        var triage = CordTriage.Of(
            [],
            Sound,
            DamagedCord.RefitPlug,
            true,
            new(Plug: 10, Cord: 20, RefitMinutes: 30, ReplaceMinutes: 6, AnHour: 50)
        );
        Assert.Equal((35, 25), (triage.Refit.Cost, triage.Replace.Cost));
        Assert.Throws<ImpossibleInputException>(() =>
            CordTriage.Of([], Sound, DamagedCord.RefitPlug, true, new(Plug: -1))
        );
    }

    [Fact]
    public void Every_cue_is_asked_once_and_has_its_place_on_the_drawing()
    {
        Assert.Equal(Enum.GetValues<CordCue>(), CordSign.All.Select(s => s.Cue).Order());
        var drawing = CordDrawing.Of();
        Assert.Equal(Enum.GetValues<CordPlace>(), drawing.Spots.Select(s => s.Place).Order());
        Assert.All(drawing.Spots, s =>
            Assert.True(
                s.X > drawing.Scene.Box.Left
                    && s.X < drawing.Scene.Box.Right
                    && s.Y > drawing.Scene.Box.Top
                    && s.Y < drawing.Scene.Box.Bottom
            )
        );
    }

    /// <summary>
    /// NEMA WD 6, 5-15 (from memory): blades 1/2 in apart, the neutral’s the wider, the earth pin 0.468 in below them.
    /// With the pin below and the blades towards the eye the neutral is on the right.
    /// </summary>
    [Theory]
    [InlineData(2)]
    [InlineData(3)]
    public void The_plug_that_is_metered_is_drawn_to_scale_as_it_is_held(int conductors)
    {
        var scene = MeterDrawing.Of(conductors);
        var (line, neutral) = (
            scene.Parts.Single(p => p.Id == "blade-line").Box,
            scene.Parts.Single(p => p.Id == "blade-neutral").Box
        );
        Assert.Equal(12.7, ((neutral.Left + neutral.Right) / 2) - ((line.Left + line.Right) / 2), 6);
        Assert.True(neutral.Height > line.Height);
        Assert.Equal(conductors, scene.Parts.Count(p => p.Id.StartsWith("bare-", StringComparison.Ordinal)));
        var pin = scene.Parts.SingleOrDefault(p => p.Id == "blade-earth");
        Assert.Equal(conductors == 3, pin is not null);
        Assert.Equal(0.468 * 25.4, pin is null ? 0.468 * 25.4 : (pin.Box.Top + pin.Box.Bottom) / 2, 0.05);
        Assert.Throws<ImpossibleInputException>(() => MeterDrawing.Of(4));
    }

    /// <summary>NEC 200.6, 250.119, 400.22 and 400.23; IEC 60445 (from memory).</summary>
    [Theory]
    [InlineData(Region.NorthAmerica, "black", "white", "green")]
    [InlineData(Region.Iec, "brown", "blue", "green/yellow")]
    [InlineData(Region.Iec, "black", "blue", "green/yellow")]
    [InlineData(Region.NorthAmerica, "red", "grey", "bare")]
    public void Colours_of_a_region_are_sure_where_all_three_agree(
        Region region,
        string line,
        string neutral,
        string earth
    )
    {
        var identity = Identify(region, (line, []), (neutral, []), (earth, []));
        Assert.Equal([CordRole.Line, CordRole.Neutral, CordRole.Earth], identity.Conductors.Select(c => c.Role));
        Assert.All(identity.Conductors, c => Assert.Equal(Certainty.Sure, c.Certainty));
        Assert.Empty(identity.Meter);
    }

    [Fact]
    public void Blue_alone_is_never_trusted_here()
    {
        var identity = Identify(Region.NorthAmerica, ("blue", []), ("brown", []), ("green/yellow", []));
        Assert.Equal(Certainty.MeterIt, identity.Conductors[0].Certainty);
        Assert.Contains(identity.Conductors[0].Misleads, m => m.Contains("IEC", StringComparison.Ordinal));
        Assert.Equal(
            [CordRole.Neutral, CordRole.Line, CordRole.Earth, CordRole.Unknown],
            identity.Meter.Select(s => s.Role)
        );
        // The mirror of a receptacle, whose wide slot is on the left with the earth below (UL 498, from memory).
        Assert.StartsWith(
            "the right blade, the blades towards you and the earth pin below",
            identity.Meter[0].From,
            StringComparison.Ordinal
        );
        Assert.StartsWith("the left blade", identity.Meter[1].From, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(IdentityCue.Ribbed, IdentityCue.Smooth, Certainty.Sure)]
    [InlineData(IdentityCue.WideBlade, IdentityCue.NarrowBlade, Certainty.Sure)]
    [InlineData(IdentityCue.SilverScrew, IdentityCue.BrassScrew, Certainty.Sure)]
    [InlineData(IdentityCue.ConnectorNeutral, IdentityCue.ConnectorLine, Certainty.Sure)] // IEC 60320-1, from memory
    public void On_flat_cord_one_side_tells_the_other(IdentityCue neutral, IdentityCue line, Certainty certainty)
    {
        var identity = Identify(Region.NorthAmerica, (null, [neutral]), (null, [line]));
        Assert.Equal(
            [(CordRole.Neutral, certainty), (CordRole.Line, certainty)],
            identity.Conductors.Select(c => (c.Role, c.Certainty))
        );
        Assert.Empty(identity.Meter);
    }

    [Theory]
    [InlineData(null, IdentityCue.Printed, null, null)] // a single weak cue
    [InlineData(null, IdentityCue.Smooth, null, IdentityCue.Smooth)] // two smooth sides
    [InlineData("white", IdentityCue.BrassScrew, null, null)] // cues that disagree
    [InlineData("white", IdentityCue.Remarked, "black", null)] // a re-marked white
    [InlineData("white", null, "white", null)] // two that claim the same
    [InlineData(null, null, null, null)]
    public void What_disagrees_or_stands_alone_is_metered(
        string? one,
        IdentityCue? cue,
        string? other,
        IdentityCue? otherCue
    )
    {
        var identity = Identify(Region.NorthAmerica, (one, Some(cue)), (other, Some(otherCue)));
        Assert.Equal(Certainty.MeterIt, identity.Conductors[0].Certainty);
        Assert.NotEmpty(identity.Meter);
        static IdentityCue[] Some(IdentityCue? of) => of is { } c ? [c] : [];
    }

    [Fact]
    public void More_than_three_conductors_are_no_cord_of_this_kind() =>
        Assert.Throws<ImpossibleInputException>(() =>
            Identify(Region.Iec, ("brown", []), ("blue", []), ("black", []), ("grey", []))
        );

    [Fact]
    [Trait("Advice", "4.10")]
    public void In_a_plug_the_earth_is_the_longest_and_the_insulation_ends_at_the_screw_s_head()
    {
        var wire = Ends.Wire("16", Build.FineStranded);
        var plan = PlugRefit.Of(wire, null, 22, 20, 18, HouseRules.Default);
        var (line, neutral, earth) = (plan.Terminals[0], plan.Terminals[1], plan.Terminals[2]);
        // 22 mm, less 1/4 in of jacket inside the clamp (NEC 314.17(C)), less half the head of a #6 screw, 6.9 mm (from
        // memory).
        Assert.Equal(22 - 6.35 - 3.45, line.Insulated.Millimetres, 0.01);
        Assert.Equal(line.Insulated + plan.Strip.Target, line.Length);
        Assert.Equal(2, line.Length.Millimetres - neutral.Length.Millimetres, 9);
        // Even where its screw is the nearest.
        Assert.Equal(10, earth.Length.Millimetres - line.Length.Millimetres, 9);
        Assert.Equal(earth.Length, plan.JacketOff);
        var drawn = CordEndDrawing.Of(plan, wire);
        Assert.Equal(plan.JacketOff.Millimetres, drawn.Dimensions.Single(d => d.Id == "jacket-off").ToX, 9);
        Assert.Equal(2, PlugRefit.Of(wire, null, 22, 20, null, HouseRules.Default).Terminals.Count);
        // Under a plate the end stays straight.
        Assert.Contains(PlugRefit.Of(wire, null, 22, 20, 18, HouseRules.Default, PlugGrip.Clamp).Steps, s =>
            Ends.Read(s).StartsWith("Push each straight under its plate", StringComparison.Ordinal)
        );
        Assert.Throws<ImpossibleInputException>(() => PlugRefit.Of(wire, null, 3, 20, null, HouseRules.Default));
    }

    /// <summary>Common practice (from memory): 35 W or more, and the relief before the strip.</summary>
    [Fact]
    public void A_soldered_entry_begins_with_the_relief_and_asks_for_an_iron_that_is_hot_enough()
    {
        var steps = SolderedEntry
            .Steps(Ends.Wire("18", Build.FineStranded))
            .Select(s => s.ToString(UnitLead.Metric))
            .ToList();
        Assert.True(
            steps.FindIndex(s => s.Contains("relief", StringComparison.Ordinal))
                < steps.FindIndex(s => s.StartsWith("Strip", StringComparison.Ordinal))
        );
        Assert.Equal(
            (35, 60),
            (
                SolderedEntry.IronWatts(Ends.Wire("18", Build.FineStranded)),
                SolderedEntry.IronWatts(Ends.Wire("14", Build.FineStranded))
            )
        );
    }

    /// <summary>
    /// Two equal capacitors are a divider: half the line. By Kirchhoff's current law, solved another way in the test.
    /// </summary>
    [Theory]
    [InlineData(120, 4.7, 4.7)]
    [InlineData(120, 2.2, 4.7)]
    [InlineData(230, 10, 1)]
    public void An_open_case_stands_where_the_filter_s_capacitors_meet(double volts, double line, double neutral)
    {
        var found = CaseVoltage.Of(volts, 60, line, neutral, earthed: false, reversed: false);
        // What flows in through the one flows out through the other: (U − V)·ω·C1 = V·ω·C2.
        Assert.Equal((volts - found.CaseVolts) * line, found.CaseVolts * neutral, 6);
        if (line == neutral)
        {
            Assert.Equal(volts / 2, found.CaseVolts, 9);
            Assert.Equal(0, found.BetweenCasesVolts, 9);
        }

        Assert.Equal(volts * 2 * Math.PI * 60 * line * 1e-6, found.TouchMilliamps, 9);
    }

    [Fact]
    public void With_one_capacitor_gone_the_case_is_live_one_way_round_and_two_such_shock_between_them()
    {
        Assert.Equal(120, CaseVoltage.Of(120, 60, 4.7, 0, false, false).CaseVolts);
        Assert.Equal(0, CaseVoltage.Of(120, 60, 4.7, 0, false, reversed: true).CaseVolts);
        Assert.Equal(120, CaseVoltage.Of(120, 60, 4.7, 0, false, false).BetweenCasesVolts);
        var whole = CaseVoltage.Of(120, 60, 4.7, 0, earthed: true, reversed: false);
        Assert.Equal((0, 0, 0), (whole.CaseVolts, whole.TouchMilliamps, whole.BetweenCasesVolts));
        Assert.StartsWith("With its earth whole", whole.Says, StringComparison.Ordinal);
        Assert.StartsWith(
            "With one capacitor gone",
            CaseVoltage.Of(120, 60, 4.7, 0, false, false).Says,
            StringComparison.Ordinal
        );
        Assert.StartsWith(
            "The two capacitors share",
            CaseVoltage.Of(120, 60, 4.7, 4.7, false, false).Says,
            StringComparison.Ordinal
        );
        Assert.StartsWith(
            "The two capacitors divide",
            CaseVoltage.Of(120, 60, 4.7, 1, false, false).Says,
            StringComparison.Ordinal
        );
        Assert.StartsWith("Never cut or lift an earth", whole.Caution, StringComparison.Ordinal);
        Assert.Throws<ImpossibleInputException>(() => CaseVoltage.Of(120, 60, -1, 0, false, false));
    }

    private static CordIdentity Identify(Region region, params (string? Colour, IdentityCue[] Cues)[] seen) =>
        CordIdentity.Of(
            [
                .. seen.Select(s => new SeenConductor(
                    s.Colour is { } text && InsulationColour.TryParse(text, out var colour) ? colour : null,
                    s.Cues
                )),
            ],
            region
        );
}
