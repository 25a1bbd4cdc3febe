using Lacet.Exchange.Import;

namespace Lacet.Exchange.Tests.Import;

/// <summary>Where a wire ends, as people write it. IEC 81346: = function, + location, - product, from memory.</summary>
public sealed class PlaceTextTests
{
    [Theory]
    [InlineData("X1:5", null, "X1", "X1:5")]
    [InlineData("DCP/X1:5", "DCP", "X1", "X1:5")]
    [InlineData("LP / Q1:2", "LP", "Q1", "Q1:2")]
    [InlineData("+DCP-X1:5", "DCP", "X1", "X1:5")]
    [InlineData("+DCP-X1", "DCP", "X1", "X1")]
    [InlineData("=A1+DCP-X1:5", "DCP", "X1", "X1:5")]
    [InlineData("=A1-X1+DCP:5", "DCP", "X1", "X1:5")]
    [InlineData("+S1-K3:A1", "S1", "K3", "K3:A1")]
    [InlineData("-X1:5", null, "X1", "X1:5")]
    [InlineData("-A1-K1:13", null, "A1-K1", "A1-K1:13")]
    [InlineData("TB1-12", null, "TB1", "TB1:12")]
    [InlineData("X1.5", null, "X1", "X1:5")]
    [InlineData("J4-3", null, "J4", "J4:3")]
    [InlineData("K1 A1", null, "K1", "K1:A1")]
    [InlineData("TB1/5", null, "TB1", "TB1:5")]
    [InlineData("TB1(5)", null, "TB1", "TB1:5")]
    [InlineData("PLC1-I0.1", null, "PLC1", "PLC1:I0.1")]
    [InlineData("MCC/TB1-5", "MCC", "TB1", "TB1:5")]
    [InlineData("X1:PE", null, "X1", "X1:PE")]
    [InlineData("K1:A1:2", null, "K1:A1", "K1:A1:2")]
    [InlineData("stud", null, null, "stud")]
    [InlineData("X1:", null, null, "X1:")]
    [InlineData("/X1", null, null, "/X1")]
    [InlineData("R1 brass 1", null, null, "R1 brass 1")]
    public void A_place_is_read_as_it_is_written(string cell, string? enclosure, string? device, string name)
    {
        var end = PlaceText.Read(cell, null);
        Assert.Equal((enclosure, device, name), (end.Enclosure, end.Device, end.Name));
    }

    [Theory]
    [InlineData("TB1", "12", null, null, "TB1", "TB1:12")]
    [InlineData("TB1", "12", "MCC", "MCC", "TB1", "TB1:12")]
    [InlineData("DCP/X1", "5", null, "DCP", "X1", "X1:5")]
    [InlineData("=A1+S1-X1", "3", null, "S1", "X1", "X1:3")]
    [InlineData("-K3", ":A1", "+S1", "+S1", "K3", "K3:A1")]
    [InlineData("K3", null, null, null, null, "K3")]
    [InlineData(null, "X1:5", null, null, "X1", "X1:5")]
    [InlineData("X1", "X1:5", null, null, "X1", "X1:5")]
    public void Device_and_terminal_may_have_columns_of_their_own(
        string? device,
        string? terminal,
        string? column,
        string? enclosure,
        string? of,
        string name
    )
    {
        var end = PlaceText.Read(device, terminal, column);
        Assert.Equal((enclosure, of, name), (end.Enclosure, end.Device, end.Name));
    }

    [Theory]
    [InlineData("X1:1..4", 4, "X1:1", "X1:4")]
    [InlineData("TB1-10...12", 3, "TB1-10", "TB1-12")]
    [InlineData("X1:5", 1, "X1:5", "X1:5")]
    [InlineData("X1:5..2", 1, "X1:5..2", "X1:5..2")]
    [InlineData("X1:1..9999", 1, "X1:1..9999", "X1:1..9999")]
    public void A_range_is_its_places(string cell, int count, string first, string last)
    {
        var places = PlaceText.Range(cell);
        Assert.Equal((count, first, last), (places.Count, places[0], places[^1]));
    }

    [Fact]
    public void The_enclosure_in_a_place_goes_before_the_one_in_its_column()
    {
        Assert.Equal("LP", PlaceText.Read("LP/X1:5", "DCP").Enclosure);
        Assert.Equal("DCP", PlaceText.Read("X1:5", " DCP ").Enclosure);
        Assert.Null(PlaceText.Read("X1:5", " ").Enclosure);
    }
}
