namespace Lacet.Core.Tests.Conductors;

/// <summary>Sizes as people write them, and what is refused.</summary>
public sealed class SizeTests
{
    [Theory]
    [InlineData("14 AWG", "14 AWG")]
    [InlineData("14", "14 AWG")]
    [InlineData("#14", "14 AWG")]
    [InlineData("14AWG", "14 AWG")]
    [InlineData("awg 14", "14 AWG")]
    [InlineData("14 ga", "14 AWG")]
    [InlineData("No. 12", "12 AWG")]
    [InlineData("2/0", "2/0 AWG")]
    [InlineData("4/0 AWG", "4/0 AWG")]
    [InlineData("0", "1/0 AWG")]
    [InlineData("3", "3 AWG")]
    [InlineData("250 kcmil", "250 kcmil")]
    [InlineData("250 MCM", "250 kcmil")]
    [InlineData("250", "250 kcmil")]
    [InlineData("2.5 mm²", "2.5 mm²")]
    [InlineData("2.5mm2", "2.5 mm²")]
    [InlineData("2,5", "2.5 mm²")]
    [InlineData("2,50 mm²", "2.5 mm²")]
    [InlineData("0.75", "0.75 mm²")]
    [InlineData("6 mm2", "6 mm²")]
    [InlineData("16 sq mm", "16 mm²")]
    [InlineData("35", "35 mm²")]
    [InlineData("120", "120 mm²")]
    [InlineData(" 1.5 mm ", "1.5 mm²")]
    public void A_size_is_read_as_people_write_it(string text, string name) =>
        Assert.Equal(name, ConductorSize.Parse(text).Name);

    [Theory]
    [InlineData("30 AWG", "not a size that Lacet knows")]
    [InlineData("5/0", "is no conductor size")]
    [InlineData("300 kcmil", "not a size that Lacet knows")]
    [InlineData("2.0 mm²", "1.5 and 2.5 mm²")]
    [InlineData("7 mm²", "6 and 10 mm²")]
    [InlineData("0.1 mm²", "0.25 to 120 mm²")]
    [InlineData("500 mm²", "0.25 to 120 mm²")]
    [InlineData("-14", "is no conductor size")]
    [InlineData("", "is no conductor size")]
    [InlineData("fourteen", "is no conductor size")]
    [InlineData("14; DROP TABLE", "is no conductor size")]
    public void What_is_no_size_is_said_with_what_would_be_right(string text, string says)
    {
        Assert.False(ConductorSize.TryParse(text, out _, out var problem));
        Assert.Contains(says, problem, StringComparison.Ordinal);
        Assert.EndsWith(".", problem, StringComparison.Ordinal);
    }

    [Fact]
    public void A_megabyte_of_text_is_refused_in_one_short_sentence()
    {
        Assert.False(ConductorSize.TryParse(new string('9', 1_000_000), out _, out var problem));
        Assert.True(problem.Length < 120);
    }

    [Fact]
    public void Every_stocked_size_reads_back_from_its_name() =>
        Assert.All(ConductorSize.Stocked, size => Assert.Equal(size, ConductorSize.Parse(size.Name)));

    [Fact]
    public void The_rack_holds_what_the_trade_stocks()
    {
        var names = ConductorSize.Stocked.Select(s => s.Name).ToList();
        Assert.Equal(21, names.Count(n => !n.EndsWith("mm²", StringComparison.Ordinal)));
        Assert.Equal(17, names.Count(n => n.EndsWith("mm²", StringComparison.Ordinal)));
        Assert.Contains("28 AWG", names);
        Assert.Contains("250 kcmil", names);
        Assert.DoesNotContain("5 AWG", names);
    }

    /// <summary>The usual pairings of gauges with metric sizes (common practice).</summary>
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
    [InlineData("2/0", 70)]
    [InlineData("3/0", 95)]
    [InlineData("4/0", 120)]
    public void A_gauge_pairs_with_the_usual_metric_size(string gauge, double mm2) =>
        Assert.Equal(mm2, ConductorSize.Parse(gauge).PairedArea);

    [Theory]
    [InlineData("14 AWG", "14 AWG (2.08 mm²)")]
    [InlineData("2.5 mm²", "2.5 mm² (about 14 AWG)")]
    public void A_size_is_named_in_both_systems(string size, string both) =>
        Assert.Equal(both, ConductorSize.Parse(size).NameInBoth);
}
