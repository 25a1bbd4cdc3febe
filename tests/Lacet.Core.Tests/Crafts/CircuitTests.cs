using Lacet.Core.Circuits;

namespace Lacet.Core.Tests.Crafts;

/// <summary>Circuits against the tables of the code; all recalled from memory, the tables named beside each.</summary>
public sealed class CircuitTests
{
    /// <summary>NEC chapter 9 table 8, uncoated copper at 75 °C, Ω/kft solid; 1 % is what rounding and lay leave open.</summary>
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
        Assert.Equal(ohmsPerKft, VoltageDrop.Ohms(Ends.Wire(size, Build.Stranded), new Length(304_800))!.Value, ohmsPerKft * 0.015);

    /// <summary>Worked by hand: 12 AWG, 100 ft, 16 A, 120 V: 2 × 100 × 1.93/1000 × 16 = 6.18 V, 5.15 %.</summary>
    [Fact]
    public void Drop_with_one_phase_goes_there_and_back() =>
        Assert.Equal(5.15, VoltageDrop.Percent(VoltageDrop.Ohms(Ends.Wire("12"), new Length(30_480))!.Value, 16, 120, 1), 0.03);

    /// <summary>Worked by hand: the same ohms with three phases at 208 V: √3 × 0.193 × 16 / 208 = 2.6 %.</summary>
    [Fact]
    public void Drop_with_three_phases_is_less() =>
        Assert.Equal(2.6, VoltageDrop.Percent(VoltageDrop.Ohms(Ends.Wire("12"), new Length(30_480))!.Value, 16, 208, 3), 0.05);

    [Fact]
    public void Aluminium_in_metric_sizes_has_no_table_here() => Assert.Null(VoltageDrop.Ohms(Ends.Wire("2.5 mm²", material: Material.Aluminium), new Length(1000)));

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
    public void More_together_never_carry_more() => Gen.Int[1, 60].Sample(n =>
        Ampacity.Together(Ends.Wire("8", Build.Stranded), 75, n + 1)!.Amps <= Ampacity.Together(Ends.Wire("8", Build.Stranded), 75, n)!.Amps);

    [Fact]
    public void A_receptacle_without_a_table_has_no_load() => Assert.Null(ReceptacleRatings.PluggedLoad(50));
}
