namespace Lacet.Core.Tests.Jobs;

/// <summary>Colours as lists have them: words, letters of IEC 60757 (from memory), stripes.</summary>
public sealed class InsulationColourTests
{
    [Theory]
    [InlineData("black", "black")]
    [InlineData("BLK", "black")]
    [InlineData("gn/ye", "green, yellow stripe")]
    [InlineData("GNYE", "green, yellow stripe")]
    [InlineData("G/Y", "green, yellow stripe")]
    [InlineData("green-yellow", "green, yellow stripe")]
    [InlineData("yellow/green", "green, yellow stripe")]
    [InlineData("white w/ blue stripe", "white, blue stripe")]
    [InlineData("white with blue stripe", "white, blue stripe")]
    [InlineData("WHT/BLU", "white, blue stripe")]
    [InlineData("Gray", "grey")]
    [InlineData("purple", "violet")]
    [InlineData("bare", "bare")]
    [InlineData("BU", "blue")]
    public void A_colour_is_read_as_it_is_written(string text, string says)
    {
        Assert.True(InsulationColour.TryParse(text, out var colour));
        Assert.Equal(says, colour.ToString());
    }

    [Theory]
    [InlineData("")]
    [InlineData("mauve-ish")]
    [InlineData("G")]
    [InlineData("black red white")]
    [InlineData("black 7")]
    public void What_is_no_colour_is_refused(string text) => Assert.False(InsulationColour.TryParse(text, out _));

    [Theory]
    [InlineData("green", true)]
    [InlineData("gn/ye", true)]
    [InlineData("bare", true)]
    [InlineData("yellow", false)]
    [InlineData("blue", false)]
    public void An_earth_is_known_by_green_or_bare(string text, bool earth)
    {
        Assert.True(InsulationColour.TryParse(text, out var colour));
        Assert.Equal(earth, colour.MarksEarth);
    }

    [Fact]
    public void Whatever_is_said_is_read_again_as_the_same() =>
        (
            from main in Gen.Enum<Hue>()
            from stripe in Gen.Enum<Hue>().Nullable()
            select new InsulationColour(main, stripe)
        ).Sample(colour =>
            Assert.True(
                InsulationColour.TryParse(colour.ToString(), out var again)
                    && (again == colour || colour is { Base: Hue.Yellow, Stripe: Hue.Green })
            )
        );
}
