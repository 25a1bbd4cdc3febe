using System.Globalization;
using System.Text;
using CsvHelper;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests.Import;

public sealed partial class WireListTests
{
    [Theory]
    [InlineData("14", "14 AWG")]
    [InlineData("#14", "14 AWG")]
    [InlineData("14AWG", "14 AWG")]
    [InlineData("1/0", "1/0 AWG")]
    [InlineData("2,5", "2.5 mm²")]
    [InlineData("2.5mm²", "2.5 mm²")]
    [InlineData("2x0.75", "0.75 mm²")]
    [InlineData("3G1,5", "1.5 mm²")]
    [InlineData("250 kcmil", "250 kcmil")]
    public void A_size_is_read_as_it_is_written(string cell, string size) =>
        Assert.Equal(size, One(("Wire", "1"), ("From", "X1:1"), ("Size", cell)).Wire!.Conductor!.Size.Name);

    [Theory]
    [InlineData("AWG", "4", "4 AWG")]
    [InlineData("mm2", "4", "4 mm²")]
    [InlineData("mm2", "14 AWG", "14 AWG")]
    [InlineData("mm2", "4 fine", "4 mm²")]
    [InlineData("Size", "4 fine", "4 AWG")]
    public void A_bare_size_takes_the_unit_of_its_column(string heading, string cell, string size) =>
        Assert.Equal(size, One(("Wire", "1"), ("From", "X1:1"), (heading, cell)).Wire!.Conductor!.Size.Name);

    [Fact]
    public void A_bare_number_among_both_systems_is_asked_about_and_follows_the_answer()
    {
        string[] sizes = ["14 AWG", "2.5", "10"];
        var asked = Read(NoAnswers, ["Wire", "From", "Size"], [.. sizes.Select((s, i) => new[] { $"{i}", "X1:1", s })]);
        Assert.Equal("10 AWG", asked.Rows[2].Wire!.Conductor!.Size.Name);
        Assert.Equal(1, Assert.Single(asked.Questions, q => q.Id == "size-system").Rows);
        var answered = Read(
            new(StringComparer.Ordinal) { ["size-system"] = "mm2" },
            ["Wire", "From", "Size"],
            [.. sizes.Select((s, i) => new[] { $"{i}", "X1:1", s })]
        );
        Assert.Equal("10 mm²", answered.Rows[2].Wire!.Conductor!.Size.Name);
    }

    [Theory]
    [InlineData("4", null, true)] // nothing tells which it is
    [InlineData("4", "14 AWG", false)] // a list of gauges
    [InlineData("4", "2.5 mm²", false)] // a list of mm²
    [InlineData("14", null, false)] // no metric size is called so
    public void A_bare_number_is_asked_about_where_nothing_tells_what_it_is(string size, string? beside, bool asked)
    {
        var list = Read(
            NoAnswers,
            ["Wire", "From", "Size"],
            beside is null
                ?
                [
                    ["1", "X1:1", size],
                ]
                :
                [
                    ["1", "X1:1", size],
                    ["2", "X1:2", beside],
                ]
        );
        Assert.Equal(asked, list.Questions.Any(q => q.Id == "size-system"));
    }

    [Theory]
    [InlineData("Length", "3.2 m", 3200)]
    [InlineData("Length", "3,2 m", 3200)]
    [InlineData("Length", "3,2", 3200)]
    [InlineData("Length", "12 ft", 3657.6)]
    [InlineData("Length", "12' 6\"", 3810)]
    [InlineData("Length", "12’ 6”", 3810)]
    [InlineData("Length", "12-6", 3810)]
    [InlineData("Length", "320 cm", 3200)]
    [InlineData("Length (ft)", "10", 3048)]
    [InlineData("Length (m)", "10", 10000)]
    [InlineData("Length (mm)", "850", 850)]
    public void A_length_is_read_as_it_is_written(string heading, string cell, double mm) => // 1 ft = 304.8 mm, by definition
        Assert.Equal(mm, One(("Wire", "1"), ("From", "X1:1"), (heading, cell)).Wire!.Length!.Value.Millimetres, 3);

    [Theory]
    [InlineData("20", 20)]
    [InlineData("20 A", 20)]
    [InlineData("C16", 16)]
    [InlineData("2P20A", 20)]
    [InlineData("20A/1P", 20)]
    public void A_breaker_is_read_as_it_is_written(string cell, double amps) =>
        Assert.Equal(amps, One(("Wire", "1"), ("From", "X1:1"), ("Circuit", "5"), ("Breaker", cell)).Wire!.BreakerAmps);

    [Theory]
    [InlineData("Size", "fat", "size")]
    [InlineData("Size", "2.6 mm2", "beside it are 2.5 and 4")]
    [InlineData("Colour", "mauve", "no colour")]
    [InlineData("Length", "far", "no length")]
    [InlineData("Breaker", "big", "no number of amperes")]
    [InlineData("Ferrule", "maybe", "no ferrule")]
    [InlineData("From type", "flange", "no landing that is known")]
    public void What_is_wrong_is_said_by_column_with_what_would_be_right(string heading, string cell, string says)
    {
        var row = One(("Wire", "1"), ("From", "X1:1"), (heading, cell));
        Assert.Null(row.Wire);
        Assert.Contains(says, Assert.Single(row.Problems).Says, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("hot", WireFunction.Line)]
    [InlineData("L2", WireFunction.Line)]
    [InlineData("GND", WireFunction.Earth)]
    [InlineData("pe", WireFunction.Earth)]
    [InlineData("neut", WireFunction.Neutral)]
    [InlineData("switch leg", WireFunction.Switched)]
    [InlineData("+24 V", WireFunction.ControlPlus)]
    [InlineData("0V", WireFunction.ControlMinus)]
    [InlineData("traveler", WireFunction.Traveller)]
    [InlineData("high-speed", WireFunction.HighSpeed)]
    [InlineData("drain", WireFunction.Shield)]
    public void A_function_is_read_as_it_is_called(string cell, WireFunction function) =>
        Assert.Equal(function, One(("Wire", "1"), ("From", "X1:1"), ("Function", cell)).Wire!.Function);

    [Fact]
    public void Every_function_that_is_shown_is_read_again() =>
        Assert.All(Enum.GetValues<WireFunction>(), f => Assert.Equal(f, WireListReader.ReadFunction(f.Say())));

    [Theory]
    [InlineData("120", 120)]
    [InlineData("24 VDC", 24)]
    [InlineData("230 V AC", 230)]
    public void Volts_are_read_as_they_are_written(string cell, double volts) =>
        Assert.Equal(volts, One(("Wire", "1"), ("From", "X1:1"), ("Circuit", "5"), ("Volts", cell)).Wire!.Volts);

    [Theory]
    [InlineData("Breaker", "0")]
    [InlineData("Breaker", "-20")]
    [InlineData("Volts", "mains")]
    [InlineData("Load", "0 A")]
    public void Nothing_is_no_current_and_no_voltage(string heading, string cell) =>
        Assert.Contains(
            "is no number of",
            Assert.Single(One(("Wire", "1"), ("From", "X1:1"), (heading, cell)).Problems).Says,
            StringComparison.Ordinal
        );

    [Theory]
    [InlineData("2.5", 2.5, null, false)]
    [InlineData("2,5/8", 2.5, 8.0, false)]
    [InlineData("ferrule 1.5 mm² x 10 mm", 1.5, 10.0, false)]
    [InlineData("none", null, null, true)]
    [InlineData("bare", null, null, true)]
    [InlineData("yes", null, null, false)]
    public void A_ferrule_is_read_as_it_is_written(string cell, double? size, double? pin, bool bare)
    {
        var wire = One(("Wire", "1"), ("From", "X1:1"), ("Ferrule", cell)).Wire!;
        Assert.Equal((size, pin, bare), (wire.Ferrule?.SizeMm2, wire.Ferrule?.Pin?.Millimetres, wire.SaidBare));
    }

    [Theory]
    [InlineData("-")]
    [InlineData("n/a")]
    [InlineData("SPARE")]
    [InlineData("—")]
    public void Nowhere_is_no_place(string cell)
    {
        var wire = One(("Wire", "1"), ("From", "X1:1"), ("To", cell)).Wire!;
        Assert.Null(wire.To);
        Assert.NotNull(wire.From);
    }

    [Theory]
    [InlineData("THHN stranded", Core.Conductors.Build.Stranded)]
    [InlineData("Fine stranded", Core.Conductors.Build.FineStranded)]
    [InlineData("solid, copper", Core.Conductors.Build.Solid)]
    [InlineData("H07V-K", Core.Conductors.Build.FineStranded)] // HD 361, from memory
    public void A_type_is_read_for_its_build(string type, Core.Conductors.Build build) =>
        Assert.Equal(
            build,
            One(("Wire", "1"), ("From", "X1:1"), ("Size", "14"), ("Type", type)).Wire!.Conductor!.Build
        );

    [Fact]
    public void Every_wrong_cell_of_a_row_is_told_at_once()
    {
        var row = One(("Wire", "1"), ("From", "X1:1"), ("Size", "fat"), ("Colour", "mauve"), ("Length", "far"));
        Assert.Equal(
            [ColumnMeaning.Size, ColumnMeaning.Colour, ColumnMeaning.Length],
            row.Problems.Select(p => p.Column!.Value)
        );
    }

    [Fact]
    public void A_long_cell_is_shown_short()
    {
        var says = Assert.Single(One(("Wire", "1"), ("From", "X1:1"), ("Colour", new string('q', 400))).Problems).Says;
        Assert.True(says.Length < 120, says);
        Assert.Contains(
            "at most 200",
            Assert.Single(One(("Wire", "1"), ("From", new string('q', 201))).Problems).Says,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_cell_that_our_own_export_made_harmless_is_read_as_it_was() =>
        Assert.Equal("-24V", One(("Wire", "'-24V"), ("From", "X1:1")).Wire!.Name);
}
