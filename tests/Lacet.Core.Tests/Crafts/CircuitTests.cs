using Lacet.Core.Circuits;

namespace Lacet.Core.Tests.Crafts;

/// <summary>Circuits against the tables of the code; all recalled from memory, the tables named beside each.</summary>
public sealed class CircuitTests
{
    /// <summary>
    /// NEC chapter 9 table 8, uncoated copper at 75 °C, Ω/kft solid; 1 % is what rounding and lay leave open.
    /// </summary>
    [Theory]
    [InlineData("18", 7.77)]
    [InlineData("16", 4.89)]
    [InlineData("14", 3.07)]
    [InlineData("12", 1.93)]
    [InlineData("10", 1.21)]
    [InlineData("8", 0.764)]
    public void Resistance_when_warm_is_the_table_s(string size, double ohmsPerKft) =>
        Assert.Equal(ohmsPerKft, VoltageDrop.Ohms(Ends.Wire(size), new Length(304_800))!.Value, ohmsPerKft * 0.01);

    /// <summary>Stranded, the same table.</summary>
    [Theory]
    [InlineData("6", 0.491)]
    [InlineData("2", 0.194)]
    [InlineData("1/0", 0.122)]
    [InlineData("4/0", 0.0608)]
    public void Resistance_of_strands_is_the_table_s(string size, double ohmsPerKft) =>
        Assert.Equal(
            ohmsPerKft,
            VoltageDrop.Ohms(Ends.Wire(size, Build.Stranded), new Length(304_800))!.Value,
            ohmsPerKft * 0.015
        );

    /// <summary>Worked by hand: 12 AWG, 100 ft, 16 A, 120 V: 2 × 100 × 1.93/1000 × 16 = 6.18 V, 5.15 %.</summary>
    [Fact]
    public void Drop_with_one_phase_goes_there_and_back() =>
        Assert.Equal(
            5.15,
            VoltageDrop.Percent(VoltageDrop.Ohms(Ends.Wire("12"), new Length(30_480))!.Value, 16, 120, 1),
            0.03
        );

    /// <summary>Worked by hand: the same ohms with three phases at 208 V: √3 × 0.193 × 16 / 208 = 2.6 %.</summary>
    [Fact]
    public void Drop_with_three_phases_is_less() =>
        Assert.Equal(
            2.6,
            VoltageDrop.Percent(VoltageDrop.Ohms(Ends.Wire("12"), new Length(30_480))!.Value, 16, 208, 3),
            0.05
        );

    [Fact]
    public void Aluminium_in_metric_sizes_has_no_table_here() =>
        Assert.Null(VoltageDrop.Ohms(Ends.Wire("2.5 mm²", material: Material.Aluminium), new Length(1000)));

    /// <summary>NEC 310.15(C)(1) on the 90 °C column of 310.16, never more than the terminal's own.</summary>
    [Theory]
    [InlineData("12", 3, 20)] // 30 × 1 is held by the terminal's 60 °C column
    [InlineData("12", 6, 20)] // 30 × 0.8 = 24
    [InlineData("12", 9, 20)] // 30 × 0.7 = 21
    [InlineData("12", 10, 15)] // 30 × 0.5
    [InlineData("10", 20, 20)] // 40 × 0.5
    [InlineData("10", 21, 18)] // 40 × 0.45
    [InlineData("10", 41, 14)] // 40 × 0.35
    public void Loaded_conductors_together_carry_less(string size, int count, double amps) =>
        Assert.Equal(amps, Ampacity.Together(Ends.Wire(size), null, count)!.Amps, 6);

    [Fact]
    public void More_together_never_carry_more() =>
        Gen.Int[1, 60]
            .Sample(n =>
                Ampacity.Together(Ends.Wire("8", Build.Stranded), 75, n + 1)!.Amps
                <= Ampacity.Together(Ends.Wire("8", Build.Stranded), 75, n)!.Amps
            );

    [Fact]
    public void A_receptacle_without_a_table_has_no_load() => Assert.Null(ReceptacleRatings.PluggedLoad(50));

    /// <summary>
    /// NEC 310.16 with 110.14(C): copper at the terminal's own column, and the small-conductor limit of 240.4(D).
    /// </summary>
    [Theory]
    [InlineData("14", null, 15, 15)]
    [InlineData("14", 75, 20, 15)]
    [InlineData("12", 75, 25, 20)]
    [InlineData("10", 75, 35, 30)]
    [InlineData("8", null, 40, 40)]
    [InlineData("8", 75, 50, 50)]
    [InlineData("6", 90, 65, 70)] // 90 °C is for derating only; 65 A is no standard rating, so the next (240.4(B))
    [InlineData("1", null, 110, 110)]
    [InlineData("1/0", null, 150, 150)] // over 1 AWG: 75 °C unmarked
    [InlineData("4/0", null, 230, 250)]
    public void Copper_carries_what_its_terminals_allow(string size, int? terminal, double amps, double breaker)
    {
        var ampacity = Ampacity.For(Ends.Wire(size, Build.Stranded), terminal)!;
        Assert.Equal((amps, breaker), (ampacity.Amps, ampacity.Breaker));
        Assert.Contains("310.16", ampacity.Source, StringComparison.Ordinal);
    }

    /// <summary>The same tables, aluminium.</summary>
    [Theory]
    [InlineData("12", null, 15, 15)]
    [InlineData("10", 75, 30, 25)]
    [InlineData("6", 75, 50, 50)]
    [InlineData("2/0", null, 135, 150)]
    public void Aluminium_carries_less(string size, int? terminal, double amps, double breaker)
    {
        var ampacity = Ampacity.For(Ends.Wire(size, Build.Stranded, material: Material.Aluminium), terminal)!;
        Assert.Equal((amps, breaker), (ampacity.Amps, ampacity.Breaker));
    }

    /// <summary>IEC 60204-1, PVC, method B1, 40 °C.</summary>
    [Theory]
    [InlineData("0.75 mm²", 8.6)]
    [InlineData("2.5 mm²", 18.3)]
    [InlineData("16 mm²", 59)]
    [InlineData("120 mm²", 208)]
    public void Machine_wiring_in_metric_has_a_table_of_its_own(string size, double amps) =>
        Assert.Equal(amps, Ampacity.For(Ends.Wire(size, Build.FineStranded), null)!.Amps);

    [Theory]
    [InlineData("0.5 mm²", Material.Copper)]
    [InlineData("2.5 mm²", Material.Aluminium)]
    [InlineData("22", Material.Copper)]
    [InlineData("14", Material.Aluminium)]
    public void What_no_table_has_is_not_judged(string size, Material material) =>
        Assert.Null(Ampacity.For(Ends.Wire(size, Build.Stranded, material: material), null));

    [Fact]
    public void A_larger_conductor_never_carries_less() =>
        Assert.All(new[] { Material.Copper, Material.Aluminium }, material =>
        {
            string[] sizes = ["12", "10", "8", "6", "4", "3", "2", "1", "1/0", "2/0", "3/0", "4/0", "250 kcmil"];
            var amps = sizes
                .Select(s => Ampacity.For(Ends.Wire(s, Build.Stranded, material: material), 75)!.Amps)
                .ToList();
            Assert.Equal(amps.Order(), amps);
        });

    /// <summary>
    /// NEC 210.21(B)(2) and (3): what a circuit of two or more receptacles may have, and what is plugged into one.
    /// </summary>
    [Theory]
    [InlineData(15, new double[] { 15 }, 12.0)]
    [InlineData(20, new double[] { 15, 20 }, 16.0)]
    [InlineData(30, new double[] { 30 }, 24.0)]
    [InlineData(40, new double[] { 40, 50 }, null)]
    [InlineData(50, new double[] { 50 }, null)]
    public void Receptacles_of_a_circuit(double circuit, double[] allowed, double? plugged)
    {
        Assert.Equal(allowed, ReceptacleRatings.For(circuit)!.Allowed);
        Assert.Equal(plugged, ReceptacleRatings.PluggedLoad(circuit));
    }

    [Fact]
    public void The_drop_grows_with_length_and_load_and_falls_with_voltage() =>
        Gen.Select(Gen.Double[1, 500], Gen.Double[0.1, 30], Gen.Double[12, 480])
            .Sample(
                (metres, amps, volts) =>
                {
                    var ohms = VoltageDrop.Ohms(Ends.Wire("12"), new Length(metres * 1000))!.Value;
                    var drop = VoltageDrop.Percent(ohms, amps, volts, 1);
                    Assert.Equal(drop * 2, VoltageDrop.Percent(ohms, amps * 2, volts, 1), drop * 1e-9);
                    Assert.Equal(drop / 2, VoltageDrop.Percent(ohms, amps, volts * 2, 1), drop * 1e-9);
                    // Three phases carry the same current with √3/2 of the drop of one, for the same voltage between
                    // wires.
                    Assert.Equal(drop * Math.Sqrt(3) / 2, VoltageDrop.Percent(ohms, amps, volts, 3), drop * 1e-9);
                }
            );
}
