using System.Globalization;
using System.Text.RegularExpressions;

namespace Lacet.Core.Tests.Quantities;

/// <summary>How numbers are said: fractions of an inch, decimals, and window ends that never leave the window.</summary>
public sealed partial class SentenceTests
{
    private static readonly Gen<Window<Length>> Windows =
        from least in Gen.Double[0.5, 60]
        from below in Gen.Double[0.02, 5]
        from above in Gen.Double[0.02, 5]
        select new Window<Length>(new(least + below), new(least), new(least + below + above));

    [Theory]
    [InlineData(19.05, "3/4 in")]
    [InlineData(25.4, "1 in")]
    [InlineData(38.1, "1 1/2 in")]
    [InlineData(9.525, "3/8 in")]
    [InlineData(10.2, "13/32 in")]
    [InlineData(2.8, "1/8 in")]
    [InlineData(0.8, "1/32 in")]
    public void A_length_alone_is_said_to_the_nearest_thirty_second(double mm, string inches) =>
        Assert.Equal(inches, new Length(mm).Read().Imperial);

    [Theory]
    [InlineData(10, 9, 11, "3/8 in", "3/8 in", "13/32 in")]
    [InlineData(18.12, 16.53, 20.59, "11/16 in", "21/32 in", "25/32 in")]
    [InlineData(10, 10, 11, "13/32 in", "13/32 in", "13/32 in")]
    [InlineData(5, 4, 6, "3/16 in", "3/16 in", "7/32 in")]
    public void Targets_to_a_sixteenth_and_ends_to_a_thirty_second_inward(
        double target, double least, double most, string saidTarget, string saidLeast, string saidMost)
    {
        var window = new Window<Length>(new(target), new(least), new(most));
        Assert.Equal(saidTarget, window.Read(WindowPart.Target).Imperial);
        Assert.Equal(saidLeast, window.Read(WindowPart.Least).Imperial);
        Assert.Equal(saidMost, window.Read(WindowPart.Most).Imperial);
    }

    [Fact]
    public void Every_sentence_of_a_window_read_back_lies_inside_it() => Windows.Sample(window =>
    {
        foreach (var part in Enum.GetValues<WindowPart>())
        {
            var said = window.Read(part);
            Assert.Equal(Judgement.Pass, window.Judge(new(Metric(said.Metric))));
            Assert.Equal(Judgement.Pass, window.Judge(Length.FromInches(Inches(said.Imperial))));
        }
    });

    [Fact]
    public void A_sentence_is_never_far_from_the_number() => Windows.Sample(window =>
    {
        var said = window.Read(WindowPart.Target);
        Assert.InRange(Metric(said.Metric) - window.Target.Millimetres, -0.11, 0.11);
        Assert.InRange(Length.FromInches(Inches(said.Imperial)).Millimetres - window.Target.Millimetres, -0.9, 0.9);
    });

    [Theory]
    [InlineData(9, 14, TorqueUnit.InchPound, "1.02 N·m", "9 lbf·in", "1.58 N·m", "14 lbf·in")]
    [InlineData(0.5, 0.8, TorqueUnit.NewtonMetre, "0.5 N·m", "4.5 lbf·in", "0.8 N·m", "7 lbf·in")]
    [InlineData(20, 25, TorqueUnit.NewtonMetre, "20 N·m", "14.8 lbf·ft", "25 N·m", "18.4 lbf·ft")]
    [InlineData(150, 180, TorqueUnit.InchPound, "17 N·m", "12.5 lbf·ft", "20.3 N·m", "15 lbf·ft")]
    public void Torque_ends_round_inward_and_turn_to_feet_at_a_hundred_inch_pounds(
        double least, double most, TorqueUnit unit, string leastMetric, string leastImperial, string mostMetric, string mostImperial)
    {
        var window = TorqueMarking.OfRange(least, most, unit).Window(HouseRules.Default);
        var (low, high) = (window.Read(WindowPart.Least), window.Read(WindowPart.Most));
        Assert.Equal((leastMetric, leastImperial), (low.Metric, low.Imperial));
        Assert.Equal((mostMetric, mostImperial), (high.Metric, high.Imperial));
    }

    [Fact]
    public void Torque_sentences_read_back_lie_inside_the_window() => Gen.Select(Gen.Double[0.2, 30], Gen.Double[0.03, 0.5]).Sample((target, part) =>
    {
        var window = new Window<Torque>(new(target), new(target * (1 - part)), new(target * (1 + part)));
        foreach (var at in Enum.GetValues<WindowPart>())
        {
            var said = window.Read(at);
            Assert.Equal(Judgement.Pass, window.Judge(new(Metric(said.Metric))));
            var unit = said.Imperial.EndsWith("lbf·ft", StringComparison.Ordinal) ? TorqueUnit.FootPound : TorqueUnit.InchPound;
            Assert.Equal(Judgement.Pass, window.Judge(Torque.From(Metric(said.Imperial), unit)));
        }
    });

    [Fact]
    public void A_sentence_follows_the_unit_that_leads()
    {
        var window = new Window<Length>(new(10), new(9), new(11));
        FormattableString sentence = $"Strip {window:target}. {window:range} passes.";
        Assert.Equal("Strip 10 mm (3/8 in). 9 to 11 mm (3/8 to 13/32 in) passes.", sentence.ToString(UnitLead.Metric));
        Assert.Equal("Strip 3/8 in (10 mm). 3/8 to 13/32 in (9 to 11 mm) passes.", sentence.ToString(UnitLead.Imperial));
    }

    [Fact]
    public void A_window_must_hold_its_target() =>
        Assert.Throws<ArgumentException>(() => new Window<Length>(new(12), new(9), new(11)));

    [Theory]
    [InlineData(8.9, Judgement.Short)]
    [InlineData(9, Judgement.Pass)]
    [InlineData(11, Judgement.Pass)]
    [InlineData(11.1, Judgement.Long)]
    public void The_ends_of_a_window_pass(double measured, Judgement judged) =>
        Assert.Equal(judged, new Window<Length>(new(10), new(9), new(11)).Judge(new(measured)));

    [Theory]
    [InlineData(2.5, "2.5 mm²", "14 AWG")]
    [InlineData(4, "4 mm²", "12 AWG")]
    [InlineData(50, "50 mm²", "1/0 AWG")]
    [InlineData(120, "120 mm²", "250 kcmil")]
    public void An_area_is_said_beside_the_nearest_stocked_gauge(double mm2, string metric, string imperial)
    {
        var said = new Area(mm2).Read();
        Assert.Equal((metric, imperial), (said.Metric, said.Imperial));
    }

    private static double Metric(string said) => double.Parse(said[..said.LastIndexOf(' ')], CultureInfo.InvariantCulture);

    private static double Inches(string said)
    {
        var match = Fraction().Match(said);
        double Part(string name) => match.Groups[name].Success ? double.Parse(match.Groups[name].Value, CultureInfo.InvariantCulture) : 0;
        Assert.True(match.Success, said);
        return Part("whole") + (match.Groups["over"].Success ? Part("over") / Part("under") : 0);
    }

    [GeneratedRegex(@"^(?:(?<whole>[\d.]+)(?: |$))?(?:(?<over>\d+)/(?<under>\d+) )?in$", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Fraction();
}
