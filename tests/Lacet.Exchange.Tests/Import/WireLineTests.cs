using Lacet.Core.Quantities;
using Lacet.Exchange.Import;

namespace Lacet.Exchange.Tests.Import;

/// <summary>A wire in one line, however it is dictated.</summary>
public sealed class WireLineTests
{
    [Theory]
    [InlineData(
        "W7 X1:5 X2:3 2.5 fine black line",
        "Wire=W7 From=X1:5 To=X2:3 Size=2.5 fine Colour=black Function=line"
    )]
    [InlineData("W7 X1:5 X2:3 2,5 BK", "Wire=W7 From=X1:5 To=X2:3 Size=2,5 Colour=BK")]
    [InlineData(
        "12 from X1:5 to X2:3, 14 AWG, solid, white, neutral",
        "Wire=12 From=X1:5 To=X2:3 Size=14 AWG solid Colour=white Function=neutral"
    )]
    [InlineData("7 X1:5 → R1 brass 1 #14 solid 3.2 m", "Wire=7 From=X1:5 To=R1 brass 1 Size=#14 solid Length=3.2 m")]
    [InlineData("7 black 14 X1:5", "Wire=7 From=X1:5 Size=14 Colour=black")]
    [InlineData(
        "7 X1:5 X2:3 green/yellow PE 6 mm²",
        "Wire=7 From=X1:5 To=X2:3 Size=6 mm² Colour=green/yellow Function=PE"
    )]
    [InlineData("7 X1:5 12' 6\" 1/0", "Wire=7 From=X1:5 Size=1/0 Length=12' 6\"")]
    [InlineData("7", "Wire=7")]
    public void A_line_is_read_as_it_is_said(string line, string cells) =>
        Assert.Equal(
            cells,
            string.Join(
                ' ',
                WireLine
                    .Read(line, p => p is "R1 brass 1" or "X1:5")
                    .OrderBy(c => c.Key)
                    .Select(c => $"{c.Key}={c.Value}")
            )
        );

    [Theory]
    [InlineData("", "Type a wire")]
    [InlineData("  , ;", "Type a wire")]
    [InlineData("7 X1:5 wibble", "“wibble” is no slot")]
    [InlineData("7 X1:5 X2:3 X3:4", "“X3:4” is no slot")] // a wire has two ends
    [InlineData("7 X1:5 14 black 12", "“12” is no slot")]
    public void What_a_line_says_that_is_not_known_is_named(string line, string says) =>
        Assert.Contains(
            says,
            Assert.Throws<ImpossibleInputException>(() => WireLine.Read(line, _ => false)).Message,
            StringComparison.Ordinal
        );
}
