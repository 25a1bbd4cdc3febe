using System.Globalization;
using System.Text.RegularExpressions;

namespace Lacet.Core.Tests.Quantities;

/// <summary>
/// How numbers are said: fractions of an inch, decimals, and window ends that never leave the window.
/// </summary>
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
    [InlineData(10.2, "3/8 in")]
    [InlineData(3.2, "1/8 in")]
    [InlineData(2.8, "2.8 mm")]
    [InlineData(0.4, "0.4 mm")]
    public void A_length_alone_is_said_to_the_nearest_sixteenth_and_what_a_rule_cannot_show_in_millimetres(
        double mm,
        string inches
    ) => Assert.Equal(inches, new Length(mm).Read().Imperial);

    /// <summary>
    /// Where a window is narrower than 1/8 in, millimetres lead and the fraction is said once, of the target, as
    /// "about".
    /// </summary>
    [Theory]
    [Trait("Advice", "3.1")]
    [InlineData(10, 9, 11, "about 3/8 in", "9 mm", "11 mm", UnitSystem.Metric)]
    [InlineData(10, 10, 11, "about 3/8 in", "10 mm", "11 mm", UnitSystem.Metric)]
    [InlineData(2, 1, 3, "2 mm", "1 mm", "3 mm", UnitSystem.Metric)]
    [InlineData(18.12, 16.53, 20.59, "about 11/16 in", "16.6 mm", "20.5 mm", UnitSystem.Metric)] // in sixteenths the target would be said as its least
    [InlineData(25.4, 20, 30, "1 in", "13/16 in", "1 1/8 in", null)]
    [InlineData(38.1, 34.9, 41.3, "1 1/2 in", "1 3/8 in", "1 5/8 in", null)]
    public void A_window_is_said_in_sixteenths_inward_or_in_millimetres(
        double target,
        double least,
        double most,
        string saidTarget,
        string saidLeast,
        string saidMost,
        UnitSystem? leads
    )
    {
        var window = new Window<Length>(new(target), new(least), new(most));
        Assert.Equal(saidTarget, window.Read(WindowPart.Target).Imperial);
        Assert.Equal(saidLeast, window.Read(WindowPart.Least).Imperial);
        Assert.Equal(saidMost, window.Read(WindowPart.Most).Imperial);
        Assert.All(Enum.GetValues<WindowPart>(), part => Assert.Equal(leads, window.Read(part).Leads));
    }

    [Fact]
    public void Every_sentence_of_a_window_read_back_lies_inside_it() =>
        Windows.Sample(window =>
        {
            foreach (var part in Enum.GetValues<WindowPart>())
            {
                var said = window.Read(part);
                Assert.Equal(Judgement.Pass, window.Judge(new(Metric(said.Metric))));
                // "About" says that it is not worked to.
                Assert.True(
                    said.Imperial.StartsWith("about ", StringComparison.Ordinal)
                        || said.Imperial == said.Metric
                        || window.Judge(Length.FromInches(Inches(said.Imperial))) == Judgement.Pass
                );
            }
        });

    [Fact]
    [Trait("Advice", "3.1")]
    public void A_target_is_never_said_as_a_limit_that_it_is_not() =>
        Windows.Sample(window =>
        {
            var said = Enum.GetValues<WindowPart>().ToDictionary(p => p, p => window.Read(p));
            foreach (
                var (limit, apart) in new[]
                {
                    (WindowPart.Least, window.Target - window.Least),
                    (WindowPart.Most, window.Most - window.Target),
                }
            )
            {
                Assert.True(
                    apart.Millimetres < 0.002
                        || (
                            said[WindowPart.Target].Metric != said[limit].Metric
                            && said[WindowPart.Target].Imperial != said[limit].Imperial
                        )
                );
            }
        });

    [Fact]
    public void A_sentence_is_never_far_from_the_number() =>
        Windows.Sample(window =>
        {
            var said = window.Read(WindowPart.Target);
            Assert.InRange(Metric(said.Metric) - window.Target.Millimetres, -0.11, 0.11);
            if (said.Imperial.EndsWith("in", StringComparison.Ordinal))
            {
                Assert.InRange(
                    Length.FromInches(Inches(said.Imperial.Replace("about ", "", StringComparison.Ordinal))).Millimetres
                        - window.Target.Millimetres,
                    -0.9,
                    0.9
                );
            }
        });

    [Theory]
    [Trait("Advice", "3.1")]
    [InlineData(213, "215 mm (8 1/2 in)")]
    [InlineData(152.4, "155 mm (6 in)")]
    [InlineData(40.2, "45 mm (1 3/4 in)")]
    public void A_length_to_cut_is_rounded_up(double mm, string says) =>
        Assert.Equal(says, FormattableString.Invariant($"{new Length(mm):cut}"));

    [Fact]
    public void A_most_is_rounded_down_and_a_least_up()
    {
        // 13 lbf are 57.8 N: asked for at least, 58.
        Assert.Equal("57 N (13 lbf)", new Force(57.83).Read().ToString(ReaderFormat.Metric));
        Assert.Equal("58 N (13 lbf)", Force.FromPounds(13).ReadLeast().ToString(ReaderFormat.Metric));
    }

    /// <summary>
    /// What is written and read again is judged as it was: 14 lbf·in stays 14, and reaching it passes.
    /// </summary>
    [Fact]
    [Trait("Advice", "3.3")]
    public void A_torque_is_judged_and_said_in_the_unit_of_its_marking()
    {
        var window = TorqueMarking.OfRange(14, 18, TorqueUnit.InchPound).Window(HouseRules.Default);
        Assert.Equal("14 lbf·in (1.59 N·m)", window.Read(WindowPart.Least).ToString(ReaderFormat.Metric));
        var again = new Window<Torque>(
            new(window.Read(WindowPart.Target).Value),
            new(Math.Round(window.Least.NewtonMetres, 4)),
            new(window.Read(WindowPart.Most).Value)
        );
        Assert.Equal("14 lbf·in", again.Read(WindowPart.Least).Imperial);
        Assert.Equal(Judgement.Pass, again.Judge(Torque.From(14, TorqueUnit.InchPound)));
        Assert.Equal(
            "0.5 to 0.8 N·m (4.5 to 7 lbf·in)",
            TorqueMarking
                .OfRange(0.5, 0.8, TorqueUnit.NewtonMetre)
                .Window(HouseRules.Default)
                .ToString("range", ReaderFormat.Imperial)
        );
    }

    [Theory]
    [Trait("Advice", "3.4")]
    [InlineData(9, 14, TorqueUnit.InchPound, "1.02 N·m", "9 lbf·in", "1.58 N·m", "14 lbf·in")]
    [InlineData(0.5, 0.8, TorqueUnit.NewtonMetre, "0.5 N·m", "4.5 lbf·in", "0.8 N·m", "7 lbf·in")]
    [InlineData(20, 25, TorqueUnit.NewtonMetre, "20 N·m", "177.1 lbf·in", "25 N·m", "221.2 lbf·in")]
    [InlineData(150, 180, TorqueUnit.InchPound, "17 N·m", "150 lbf·in", "20.3 N·m", "180 lbf·in")]
    [InlineData(28, 32, TorqueUnit.NewtonMetre, "28 N·m", "20.7 lbf·ft", "32 N·m", "23.6 lbf·ft")]
    [InlineData(6, 7, TorqueUnit.FootPound, "8.14 N·m", "6 lbf·ft", "9.49 N·m", "7 lbf·ft")]
    public void Torque_ends_round_inward_and_turn_to_feet_over_two_hundred_and_fifty_inch_pounds_or_as_marked(
        double least,
        double most,
        TorqueUnit unit,
        string leastMetric,
        string leastImperial,
        string mostMetric,
        string mostImperial
    )
    {
        var window = TorqueMarking.OfRange(least, most, unit).Window(HouseRules.Default);
        var (low, high) = (window.Read(WindowPart.Least), window.Read(WindowPart.Most));
        Assert.Equal((leastMetric, leastImperial), (low.Metric, low.Imperial));
        Assert.Equal((mostMetric, mostImperial), (high.Metric, high.Imperial));
    }

    [Fact]
    public void Torque_sentences_read_back_lie_inside_the_window() =>
        Gen.Select(Gen.Double[0.2, 30], Gen.Double[0.03, 0.5])
            .Sample(
                (target, part) =>
                {
                    var window = new Window<Torque>(new(target), new(target * (1 - part)), new(target * (1 + part)));
                    foreach (var at in Enum.GetValues<WindowPart>())
                    {
                        var said = window.Read(at);
                        Assert.Equal(Judgement.Pass, window.Judge(new(Metric(said.Metric))));
                        var unit = said.Imperial.EndsWith("lbf·ft", StringComparison.Ordinal)
                            ? TorqueUnit.FootPound
                            : TorqueUnit.InchPound;
                        Assert.Equal(Judgement.Pass, window.Judge(Torque.From(Metric(said.Imperial), unit)));
                    }
                }
            );

    [Fact]
    public void A_sentence_follows_the_unit_that_leads_where_the_reader_may_choose()
    {
        var wide = new Window<Length>(new(25.4), new(20), new(30));
        FormattableString sentence = $"Strip {wide:target}. {wide:range} passes.";
        Assert.Equal(
            "Strip 25.4 mm (1 in). 20 to 30 mm (13/16 to 1 1/8 in) passes.",
            sentence.ToString(ReaderFormat.Metric)
        );
        Assert.Equal(
            "Strip 1 in (25.4 mm). 13/16 to 1 1/8 in (20 to 30 mm) passes.",
            sentence.ToString(ReaderFormat.Imperial)
        );
        var narrow = new Window<Length>(new(10), new(9), new(11));
        FormattableString same = $"Strip {narrow:target}. {narrow:range} passes.";
        Assert.All(new[] { ReaderFormat.Metric, ReaderFormat.Imperial }, lead =>
            Assert.Equal("Strip 10 mm (about 3/8 in). 9 to 11 mm passes.", same.ToString(lead))
        );
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

    private static double Metric(string said) =>
        double.Parse(said[..said.LastIndexOf(' ')], CultureInfo.InvariantCulture);

    private static double Inches(string said)
    {
        var match = Fraction().Match(said);
        double Part(string name) =>
            match.Groups[name].Success ? double.Parse(match.Groups[name].Value, CultureInfo.InvariantCulture) : 0;
        Assert.True(match.Success, said);
        return Part("whole") + (match.Groups["over"].Success ? Part("over") / Part("under") : 0);
    }

    [GeneratedRegex(
        @"^(?:(?<whole>[\d.]+)(?: |$))?(?:(?<over>\d+)/(?<under>\d+) )?in$",
        RegexOptions.ExplicitCapture,
        1000
    )]
    private static partial Regex Fraction();
}
