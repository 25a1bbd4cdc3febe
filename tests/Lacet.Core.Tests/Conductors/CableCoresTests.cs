using Lacet.Core.Conductors;

namespace Lacet.Core.Tests.Conductors;

/// <summary>
/// What is in cables and cords as they are bought. HD 308 S2, UL 62, NEC 200.6, 334.108 and 340.108, all from memory; the
/// lines of cables in North America by common practice.
/// </summary>
public sealed class CableCoresTests
{
    [Theory]
    [InlineData("14/2 NM-B", "black, white, bare = earth")]
    [InlineData("12-3 nm w/g", "black, red, white, bare = earth")]
    [InlineData("12/2 UF-B", "black, white, bare = earth")]
    [InlineData("12/4 MC", "black, red, blue, white, green = earth")]
    [InlineData("14/2 NM-B without ground", "black, white")]
    [InlineData("16/2 SJOOW", "black, white")]
    [InlineData("16/3 SJOOW", "black, white, green = earth")]
    [InlineData("12/4 SOOW", "black, white, red, green = earth")]
    [InlineData("10/5 SOOW", "black, white, red, orange, green = earth")]
    [InlineData("10/3 SOOW without ground", "black, white, red")]
    [InlineData("2x0.75 H03VV-F", "blue, brown")]
    [InlineData("3G1.5 H05VV-F", "blue, brown, green, yellow stripe = earth")]
    [InlineData("4G2.5 H07RN-F", "brown, black, grey, green, yellow stripe = earth")]
    [InlineData("5G6 H07RN-F", "blue, brown, black, grey, green, yellow stripe = earth")]
    [InlineData("5x6 H07RN-F", "blue, brown, black, grey, black")]
    [InlineData("2x1.5 NYM-O", "blue, brown")]
    [InlineData("3x1.5 NYM-J", "blue, brown, green, yellow stripe = earth")]
    [InlineData("3x1.5 NYM-O", "brown, black, grey")]
    [InlineData("5x2.5 NYM-J", "blue, brown, black, grey, green, yellow stripe = earth")]
    [InlineData("5x2.5 NYM-O", "blue, brown, black, grey, black")]
    // Numbered, or colours of the maker: nothing is guessed.
    [InlineData("3x1 YSLY-JZ", "?, ?, green, yellow stripe = earth")]
    [InlineData("4x0.75 LiYCY", "?, ?, ?, ?")]
    [InlineData("22/4 shielded", "?, ?, ?, ?")]
    [InlineData("12 THHN black", "")]
    public void A_cable_holds_what_it_is_bought_with(string text, string holds) =>
        Assert.Equal(
            holds,
            string.Join(
                ", ",
                CableCores
                    .Of(WireText.Read(text))
                    .Select(c => $"{c.Colour?.ToString() ?? "?"}{(c.IsEarth ? " = earth" : "")}")
            )
        );

    /// <summary>NEC table 400.4, from memory: S and SJ are hard and junior hard service, SV, SPT and HPN are not.</summary>
    [Fact]
    public void Letters_of_cords_say_their_service() =>
        Assert.Equal(
            ["HPN", "SPT-1", "SPT-2", "SPT-3", "SV", "SVO", "SVOO", "SVT", "SVTO", "SVTOO"],
            Designation
                .All.Where(d => d is { Kind: DesignationKind.Cord, Region: Region.NorthAmerica, IsHardService: false })
                .Select(d => d.Code)
                .Order(StringComparer.Ordinal)
        );
}
