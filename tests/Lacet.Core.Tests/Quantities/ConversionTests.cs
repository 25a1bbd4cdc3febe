namespace Lacet.Core.Tests.Quantities;

/// <summary>Gauges and conversions against GNU units.</summary>
public sealed class ConversionTests
{
    /// <summary>Seven figures: what GNU units prints.</summary>
    private const double Relative = 1e-6;

    public static TheoryData<int> Gauges => [28, 20, 18, 14, 12, 10, 6, 1, 0, -3];

    [Fact]
    public void What_stands_in_for_GNU_units_is_what_it_says()
    {
        foreach (var (from, to) in SecondOpinion.Questions)
        {
            Close(SecondOpinion.Convert(from, to), SecondOpinion.Remembered(from, to));
        }
    }

    [Theory]
    [MemberData(nameof(Gauges))]
    public void A_gauge_has_the_diameter_of_its_law(int n) =>
        Close(SecondOpinion.Convert($"wiregauge({n})", "mm"), WireGauge.DiameterOf(n).Millimetres);

    [Fact]
    public void A_thousand_circular_mils_are_half_a_square_millimetre() =>
        Close(SecondOpinion.Convert("1000 circularmil", "mm^2"), WireGauge.SquareMillimetresPerKcmil);

    [Fact]
    public void Two_hundred_and_fifty_kcmil() =>
        Close(
            SecondOpinion.Convert("250000 circularmil", "mm^2"),
            ConductorSize.Parse("250 kcmil").Area.SquareMillimetres
        );

    [Fact]
    public void Inch_pounds() =>
        Close(SecondOpinion.Convert("14 lbf inch", "N m"), Torque.From(14, TorqueUnit.InchPound).NewtonMetres);

    [Fact]
    public void Foot_pounds() =>
        Close(SecondOpinion.Convert("1 lbf ft", "N m"), Torque.From(1, TorqueUnit.FootPound).NewtonMetres);

    [Fact]
    public void Inches() => Close(SecondOpinion.Convert("3|4 inch", "mm"), Length.FromInches(0.75).Millimetres);

    [Fact]
    public void A_bigger_gauge_number_is_a_smaller_wire()
    {
        for (var n = -2; n <= 40; n++)
        {
            Assert.True(WireGauge.AreaOf(n).SquareMillimetres < WireGauge.AreaOf(n - 1).SquareMillimetres);
        }
    }

    [Fact]
    public void Ten_gauges_are_about_ten_times_the_area_and_six_double_the_diameter()
    {
        // Rules of thumb of every handbook: three sizes double the area, six the diameter, ten make ten times the area.
        Assert.Equal(2, WireGauge.AreaOf(11).SquareMillimetres / WireGauge.AreaOf(14).SquareMillimetres, 0.01);
        Assert.Equal(2, WireGauge.DiameterOf(8).Millimetres / WireGauge.DiameterOf(14).Millimetres, 0.01);
        Assert.Equal(10.2, WireGauge.AreaOf(4).SquareMillimetres / WireGauge.AreaOf(14).SquareMillimetres, 0.1);
    }

    private static void Close(double expected, double actual) =>
        Assert.Equal(expected, actual, Math.Abs(expected) * Relative);
}
