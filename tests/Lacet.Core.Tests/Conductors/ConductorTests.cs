namespace Lacet.Core.Tests.Conductors;

/// <summary>Diameters, strands, resistance, insulation.</summary>
public sealed class ConductorTests
{
    /// <summary>
    /// NEC chapter 9 table 8, uncoated copper at 75 °C, Ω per 1000 ft, from memory. The table's own 75 °C and stranding
    /// leave about 1.5 % to the formula.
    /// </summary>
    [Theory]
    [InlineData("18", Build.Solid, 7.77)]
    [InlineData("18", Build.Stranded, 7.95)]
    [InlineData("16", Build.Solid, 4.89)]
    [InlineData("16", Build.Stranded, 4.99)]
    [InlineData("14", Build.Solid, 3.07)]
    [InlineData("14", Build.Stranded, 3.14)]
    [InlineData("12", Build.Solid, 1.93)]
    [InlineData("12", Build.Stranded, 1.98)]
    [InlineData("10", Build.Solid, 1.21)]
    [InlineData("10", Build.Stranded, 1.24)]
    [InlineData("8", Build.Solid, 0.764)]
    [InlineData("8", Build.Stranded, 0.778)]
    [InlineData("6", Build.Stranded, 0.491)]
    [InlineData("4", Build.Stranded, 0.308)]
    [InlineData("3", Build.Stranded, 0.245)]
    [InlineData("2", Build.Stranded, 0.194)]
    [InlineData("1", Build.Stranded, 0.154)]
    [InlineData("1/0", Build.Stranded, 0.122)]
    [InlineData("2/0", Build.Stranded, 0.0967)]
    [InlineData("3/0", Build.Stranded, 0.0766)]
    [InlineData("4/0", Build.Stranded, 0.0608)]
    public void Resistance_agrees_with_NEC_chapter_9_table_8(string gauge, Build build, double ohmPerThousandFeet)
    {
        var at20 = Ends.Wire(gauge, build).ResistanceOhmPerKm!.Value;
        var at75 = at20 * (1 + (0.00393 * (75 - 20)));
        Assert.Equal(ohmPerThousandFeet, at75 * 0.3048, ohmPerThousandFeet * 0.015);
    }

    [Fact]
    public void A_metric_size_has_the_resistance_of_its_standard_and_never_the_formula()
    {
        foreach (
            var size in ConductorSize.Stocked.Where(s =>
                s.System == SizeSystem.Metric && s.Area.SquareMillimetres >= 0.5
            )
        )
        {
            // IEC 60228's greatest resistance is above what the name would give: the true area is smaller than the
            // name.
            var wire = Conductor.Of(size, Build.Stranded, Material.Copper);
            Assert.True(wire.ResistanceOhmPerKm >= 17.241 / size.Area.SquareMillimetres, size.Name);
        }
    }

    [Fact]
    public void A_size_without_a_table_has_no_resistance()
    {
        Assert.Null(Ends.Wire("0.25 mm²").ResistanceOhmPerKm);
        Assert.Null(Ends.Wire("2.5 mm²", material: Material.Aluminium).ResistanceOhmPerKm);
    }

    [Fact]
    public void Aluminium_has_about_1_64_times_the_resistance_of_copper() =>
        Assert.Equal(
            28.264 / 17.241,
            Ends.Wire("4", material: Material.Aluminium).ResistanceOhmPerKm!.Value
                / Ends.Wire("4").ResistanceOhmPerKm!.Value,
            1e-9
        );

    /// <summary>NEC chapter 9 table 8, overall diameters of stranded conductors in inches, from memory.</summary>
    [Theory]
    [InlineData("14", 0.073)]
    [InlineData("12", 0.092)]
    [InlineData("10", 0.116)]
    [InlineData("8", 0.146)]
    [InlineData("6", 0.184)]
    [InlineData("4", 0.232)]
    [InlineData("2", 0.292)]
    [InlineData("1", 0.332)]
    [InlineData("1/0", 0.372)]
    [InlineData("4/0", 0.528)]
    [InlineData("250 kcmil", 0.575)]
    public void A_stranded_bundle_is_as_thick_as_NEC_chapter_9_table_8_has_it(string size, double inches) =>
        Assert.Equal(inches, Ends.Wire(size, Build.Stranded).Diameter.Millimetres / 25.4, inches * 0.012);

    [Fact]
    public void Strands_together_have_the_area_of_the_conductor()
    {
        foreach (var build in Enum.GetValues<Build>())
        {
            var wire = Ends.Wire("12", build);
            var together = wire.Strands * Math.PI / 4 * Math.Pow(wire.StrandDiameter.Millimetres, 2);
            Assert.Equal(wire.Size.Area.SquareMillimetres, together, 1e-9);
        }
    }

    /// <summary>
    /// ASTM B174 class K is made of 30 AWG strands: counts follow the area (within the lay's rounding).
    /// </summary>
    [Fact]
    public void Fine_strands_of_cord_are_30_AWG()
    {
        foreach (
            var size in ConductorSize.Stocked.Where(s =>
                s.System != SizeSystem.Metric && s.Area.SquareMillimetres > 0.8
            )
        )
        {
            var count = Conductor.Of(size, Build.FineStranded, Material.Copper).Strands;
            Assert.Equal(size.Area.SquareMillimetres / WireGauge.AreaOf(30).SquareMillimetres, count, count * 0.03);
        }
    }

    [Fact]
    public void A_stranded_wire_is_thicker_than_a_solid_one_of_the_same_size() =>
        Assert.All(ConductorSize.Stocked, size =>
            Assert.True(
                Conductor.Of(size, Build.Solid, Material.Copper).Diameter
                    < Conductor.Of(size, Build.Stranded, Material.Copper).Diameter
            )
        );

    [Fact]
    public void Typical_insulation_is_thicker_than_the_metal_in_every_build() =>
        Assert.All(ConductorSize.Stocked, size => Assert.All(Enum.GetValues<Build>(), build =>
            {
                var wire = Conductor.Of(size, build, Material.Copper);
                Assert.True(wire.InsulationOuterDiameter > wire.Diameter, wire.ToString());
                Assert.False(wire.InsulationIsGiven);
            }));

    [Theory]
    [InlineData(1.6)]
    [InlineData(0.5)]
    [InlineData(61)]
    public void Insulation_that_cannot_be_is_refused(double mm)
    {
        var refusal = Assert.Throws<ImpossibleInputException>(() => Ends.Wire("14", od: mm));
        Assert.Equal("conductor.insulationOuterDiameterMm", refusal.Field);
    }

    [Fact]
    public void An_odd_gauge_takes_the_insulation_of_the_next_larger() =>
        Assert.Equal(Ends.Wire("12").InsulationOuterDiameter, Ends.Wire("13").InsulationOuterDiameter);

    [Theory]
    [InlineData("14 sol cu", "14 AWG solid copper")]
    [InlineData("2.5 fine", "2.5 mm² fine-stranded copper")]
    [InlineData("#12 str", "12 AWG stranded copper")]
    [InlineData("2/0 al stranded", "2/0 AWG stranded aluminium")]
    [InlineData("cu solid 10 AWG", "10 AWG solid copper")]
    [InlineData("6mm2 flex", "6 mm² fine-stranded copper")]
    [InlineData("1,5 class 5", "1.5 mm² fine-stranded copper")]
    [InlineData("250 kcmil stranded aluminum", "250 kcmil stranded aluminium")]
    [InlineData("  14   SOL  ", "14 AWG solid copper")]
    public void A_typed_wire_is_read(string text, string wire) =>
        Assert.Equal(wire, WireText.ReadConductor(text, null).ToString());

    [Fact]
    public void What_is_left_out_stays_as_it_was()
    {
        var current = Ends.Wire("12", Build.Stranded, material: Material.Aluminium);
        Assert.Equal("10 AWG stranded aluminium", WireText.ReadConductor("10", current).ToString());
        Assert.Equal("12 AWG solid aluminium", WireText.ReadConductor("sol", current).ToString());
        Assert.Equal("12 AWG stranded copper", WireText.ReadConductor("cu", current).ToString());
    }

    /// <summary>Aluminium is made from 12 AWG up (NEC table 310.3(A), from memory), and not in cords or hook-up wire.</summary>
    [Theory]
    [InlineData("14", "14 AWG stranded copper")]
    [InlineData("22/4", "22 AWG stranded copper")]
    [InlineData("18 mtw", "18 AWG stranded copper MTW")]
    [InlineData("2.5 fine", "2.5 mm² fine-stranded copper")]
    [InlineData("2/0 xhhw", "2/0 AWG stranded copper XHHW")]
    [InlineData("2/0", "2/0 AWG stranded aluminium")]
    public void After_aluminium_only_a_bare_size_that_is_made_of_it_stays_so(string text, string wire) =>
        Assert.Equal(
            wire,
            WireText.ReadConductor(text, Ends.Wire("12", Build.Stranded, material: Material.Aluminium)).ToString()
        );

    /// <summary>Who says "with ground" means the sheathed cable of houses, which is solid up to 10 AWG (common practice).</summary>
    [Fact]
    public void A_cable_with_ground_is_solid_whatever_was_in_the_hand() =>
        Assert.Equal(
            "12 AWG solid copper",
            WireText.ReadConductor("12-2 w/g", Ends.Wire("10", Build.Stranded)).ToString()
        );

    [Fact]
    public void A_typed_insulation_is_taken_and_goes_with_its_size()
    {
        var measured = WireText.ReadConductor("14 sol od 3.1", null);
        Assert.Equal(3.1, measured.InsulationOuterDiameter.Millimetres);
        Assert.Equal(3.1, WireText.ReadConductor("stranded", measured).InsulationOuterDiameter.Millimetres);
        Assert.False(WireText.ReadConductor("12", measured).InsulationIsGiven);
    }

    [Theory]
    [InlineData("14 wibble", "“wibble” is not understood")]
    [InlineData("14 sol 12", "“12” is not understood")]
    [InlineData("14 sol fine", "“fine” is not understood")]
    [InlineData("", "Type a size")]
    [InlineData("solid", "Type the size too")]
    [InlineData("99 sol", "99 mm² is not a standard size")]
    public void What_is_not_understood_is_said(string text, string says)
    {
        var refusal = Assert.Throws<ImpossibleInputException>(() => WireText.ReadConductor(text, null));
        Assert.Contains(says, refusal.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void No_text_makes_it_fail_otherwise() =>
        Gen.String[Gen.Char.AlphaNumeric, 0, 60]
            .Sample(text =>
            {
                try
                {
                    WireText.ReadConductor(text, null);
                }
                catch (ImpossibleInputException refusal)
                {
                    Assert.NotEmpty(refusal.Message);
                }
            });
}
