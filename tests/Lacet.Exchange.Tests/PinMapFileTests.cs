using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;
using Lacet.Exchange.Jobs;

namespace Lacet.Exchange.Tests;

/// <summary>Pins as a table: what is written is read back, whatever is in it.</summary>
public sealed class PinMapFileTests
{
    private static readonly Gen<string> Names = Gen.String[Gen.Char["abcXYZ019 ,;\"'=+-@\tüΩ"], 0, 12]
        .Select(s => s.Trim());

    private static readonly Gen<MappedPinDocument> Pins = Gen.Select(
        Gen.Int[1, 60],
        Gen.Enum<PinFunction>(),
        Names,
        Names,
        Gen.Int[0, 3000],
        (pin, function, terminal, colour, ohms) =>
            new MappedPinDocument(
                pin,
                function,
                terminal,
                colour,
                ohms is > 0 and < 2000 ? ohms / 1000.0 : null,
                ohms >= 2500
            )
            {
                Heard = ohms is >= 2000 and < 2500,
            }
    );

    [Fact]
    public void Whatever_is_written_is_read_back() =>
        Pins.List[1, 12]
            .Sample(pins => Assert.Equal(pins.Select(Told), PinMapFile.Read(PinMapFile.Write(pins)).Select(Told)));

    [Fact]
    public void No_cell_begins_with_what_a_spreadsheet_takes_for_a_formula() =>
        Gen.Select(Pins, Gen.Char["=+-@"])
            .Sample(
                (pin, first) =>
                {
                    var text = PinMapFile.Write([pin with { Terminal = $"{first}1+1", Colour = "" }]);
                    Assert.DoesNotContain($",{first}1+1", text, StringComparison.Ordinal);
                }
            );

    [Theory]
    [InlineData("PIN;FUNCTION;TERMINAL\n 1 ; Low Speed ; T1 \n2;HIGH SPEED;T2", 2)]
    [InlineData("pin\tfunction\tterminal\n1\tearth\tPE", 1)]
    [InlineData("terminal,pin,function,remark\nT1,1,line,whatever", 1)]
    public void Headings_may_be_in_any_case_and_order_and_any_separator_parts_them(string text, int count) =>
        Assert.Equal(count, PinMapFile.Read(text).Count);

    [Theory]
    [InlineData("pin,function,terminal\n1.5,line,T1", "Row 2")]
    [InlineData("pin,function,terminal\n-1,line,T1", "Row 2")]
    [InlineData("pin,function,terminal\n1,line,T1\n2,,T2", "Row 3")]
    [InlineData("pin,function,terminal,colour,ohms\n1,line,T1,,1e400x", "Row 2")]
    public void What_cannot_be_read_is_told_by_its_row(string text, string row) =>
        Assert.StartsWith(
            row,
            Assert.Throws<ImpossibleInputException>(() => PinMapFile.Read(text)).Message,
            StringComparison.Ordinal
        );

    [Fact]
    public void A_text_longer_than_any_map_is_refused() =>
        Assert.Throws<ImpossibleInputException>(() => PinMapFile.Read("pin,function\n" + new string('1', 300_000)));

    private static (int, PinFunction, string, string, double?, bool, bool) Told(MappedPinDocument pin) =>
        (pin.Pin, pin.Function, Bare(pin.Terminal), Bare(pin.Colour), pin.Ohms, pin.IsOpen, pin.Heard);

    // A name is kept from being a formula by one mark before it.
    private static string Bare(string name) => name.TrimStart('\'').Trim();
}
