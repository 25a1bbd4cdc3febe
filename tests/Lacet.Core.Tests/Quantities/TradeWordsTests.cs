using Lacet.Core.Checks.Jobs;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Networks;
using Lacet.Core.PinMaps;

namespace Lacet.Core.Tests.Quantities;

/// <summary>
/// Earth or ground, line or hot: IEC 60050-826 and BS 7671 say earth and line conductor; NEC article 100 says ground, and
/// the trade in North America says hot (common practice, from memory).
/// </summary>
public sealed class TradeWordsTests
{
    private static readonly ReaderFormat American = ReaderFormat.For(UnitSystem.Metric, Region.NorthAmerica);

    [Theory]
    [InlineData("Land earth first, then neutral, then line.", "Land ground first, then neutral, then hot.")]
    [InlineData("An earth may not depend on solder.", "A ground may not depend on solder.")]
    [InlineData("It is used as an earth.", "It is used as a ground.")]
    [InlineData("Everything that is earthed; its earthing.", "Everything that is grounded; its grounding.")]
    [InlineData("Line or lamp to the common.", "Hot or lamp to the common.")]
    [InlineData("The lines of both; the line’s blade.", "The hots of both; the hot’s blade.")]
    [InlineData("line to line, a dead short", "line to line, a dead short")]
    [InlineData("The supply on LINE, the rest on LOAD.", "The supply on LINE, the rest on LOAD.")]
    [InlineData("An in-line splice, buried in the ground.", "An in-line splice, buried in the ground.")]
    [InlineData("Unearthed, outlined, earthquake.", "Unearthed, outlined, earthquake.")]
    public void A_text_is_said_in_the_words_of_the_region(string written, string american)
    {
        Assert.Equal(american, written.InWords(Region.NorthAmerica));
        Assert.Equal(written, written.InWords(Region.Iec));
    }

    [Fact]
    public void Names_that_people_gave_stay_as_they_gave_them()
    {
        var name = "Earth line 4";
        FormattableString inner = $"wire {name}, {WireFunction.Earth.Say()}";
        FormattableString sentence = $"The earth of {name} ({inner}) is {Length.FromInches(1)} from a line.";
        Assert.Equal(
            "The ground of Earth line 4 (wire Earth line 4, ground) is 25.4 mm (1 in) from a hot.",
            sentence.Said(American)
        );
        Assert.Equal(
            "The earth of Earth line 4 (wire Earth line 4, earth) is 25.4 mm (1 in) from a line.",
            sentence.Said(ReaderFormat.Metric)
        );
    }

    [Fact]
    public void Whatever_names_a_conductor_is_a_term()
    {
        Term[] terms =
        [
            .. Enum.GetValues<WireFunction>().Select(f => f.Say()),
            .. Enum.GetValues<TerminalIdentity>().Select(i => i.Say()),
            .. Enum.GetValues<Potential>().Select(p => p.Say()),
            .. Enum.GetValues<PinFunction>().Select(PinMapChecks.Say),
            .. HouseRuleText.All.SelectMany(r => r.Options.Select(o => o.Says).Append(r.Why).Append(r.Title)),
            .. CordIdentity
                .Of([new(null, []), new(null, []), new(null, [])], Region.NorthAmerica)
                .Meter.SelectMany(s => new[] { s.From, s.Expect }),
        ];
        var said = terms.Select(t => t.Said(American)).ToList();
        Assert.DoesNotContain(said, s =>
            s.Split(' ', ',', '.', '’').Any(w => w is "earth" or "line" or "Earth" or "Line")
        );
        foreach (var word in new[] { "hot", "ground", "switched hot", "brass, for the hot", "the ground", "a hot" })
        {
            Assert.Contains(word, said);
        }
    }
}
