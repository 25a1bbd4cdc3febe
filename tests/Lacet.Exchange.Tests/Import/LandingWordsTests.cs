using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;

namespace Lacet.Exchange.Tests.Import;

/// <summary>What people write of a place where a wire ends, and what is read of it.</summary>
public sealed class LandingWordsTests
{
    [Theory]
    [InlineData("screw terminal", "screw-clamp-block")]
    [InlineData("Spring Cage", "spring-cage-block")]
    [InlineData("push-in", "push-in-block")]
    [InlineData("receptacle 20 A, brass screw", "binding-screw")]
    [InlineData("back stab", "back-stab")]
    [InlineData("set screw lug", "set-screw-lug")]
    [InlineData("lever connector", "lever")]
    public void A_landing_is_told_by_words(string words, string kind) =>
        Assert.Equal(kind, LandingWords.Describe(new(null, null, "X"), words, _ => null)!.Landing!.Read().Kind);

    [Fact]
    public void A_receptacle_s_words_tell_its_side_rating_and_half()
    {
        var end = LandingWords.Describe(
            new(null, "R1", "R1"),
            "GFCI receptacle 20A, lower silver clamp plate, load side",
            _ => null
        )!;
        Assert.Equal(
            (DeviceType.GroundFaultReceptacle, 20.0, DeviceHalf.Lower, TerminalIdentity.Silver, DeviceSide.Load),
            (end.Type, end.RatingAmps, end.Half, end.Identity, end.Side)
        );
    }

    [Fact]
    public void A_landing_of_the_shelf_is_found_by_its_code()
    {
        var mine = new LeverDocument { LeastMm2 = 0.5, MostMm2 = 6 };
        var end = LandingWords.Describe(new(null, null, "X"), "MY-6", code => code == "MY-6" ? mine : null)!;
        Assert.Same(mine, end.Landing);
    }

    [Theory]
    [InlineData("terminal block, takes two", "screw-clamp-block")]
    [InlineData("deep throat push-in", "deep-push-in")]
    [InlineData("quick wire hole", "back-stab")]
    [InlineData("back-wire clamp", "back-wire-clamp")]
    [InlineData("insulation displacement", "insulation-displacement")]
    [InlineData("barrier strip", "stud")]
    [InlineData("compression lug", "crimped-lug")]
    [InlineData("lug", "set-screw-lug")]
    [InlineData("plug, 3 blade", "plug-screw")]
    [InlineData("solder tag", "solder-lug")]
    [InlineData("SIDE SCREW", "binding-screw")]
    public void Every_kind_of_landing_has_words(string words, string kind) =>
        Assert.Equal(kind, Described(words).Landing!.Read().Kind);

    [Fact]
    public void Data_that_only_words_told_of_is_generic() =>
        Assert.Equal(DataTrust.Generic, Described("push-in").Landing!.Trust);

    [Theory]
    [InlineData("duplex receptacle", DeviceType.Receptacle, 2)]
    [InlineData("single outlet", DeviceType.Receptacle, 1)]
    [InlineData("breaker", DeviceType.Breaker, null)]
    [InlineData("switch, brass screw", DeviceType.Switch, null)]
    [InlineData("ground bar", DeviceType.EarthBar, null)]
    [InlineData("neutral bar", DeviceType.NeutralBar, null)]
    [InlineData("fan motor", DeviceType.Load, null)]
    public void A_device_is_told_by_words(string words, DeviceType type, int? outlets)
    {
        var end = Described(words);
        Assert.Equal((type, outlets), (end.Type, end.Outlets));
    }

    [Theory]
    [InlineData("GFCI receptacle line", DeviceSide.Line)]
    [InlineData("gfi, load", DeviceSide.Load)]
    [InlineData("switch, line side", DeviceSide.Line)]
    [InlineData("breaker load side", DeviceSide.Load)]
    [InlineData("binding screw, line", DeviceSide.None)]
    [InlineData("heater load, screw clamp", DeviceSide.None)]
    public void A_side_is_claimed_only_where_the_words_mean_one(string words, DeviceSide side) =>
        Assert.Equal(side, Described(words).Side);

    [Fact]
    public void The_side_of_a_breaker_is_no_load_of_its_own() =>
        Assert.Equal(DeviceType.Breaker, Described("breaker, load side").Type);

    [Theory]
    [InlineData("green screw", TerminalIdentity.Green)]
    [InlineData("hot side screw", TerminalIdentity.Brass)]
    [InlineData("Silver screws", TerminalIdentity.Silver)]
    [InlineData("evergreen screw", TerminalIdentity.None)]
    public void Screws_are_told_by_their_metal(string words, TerminalIdentity identity) =>
        Assert.Equal(identity, Described(words).Identity);

    [Theory]
    [InlineData("twist-on")]
    [InlineData("splice")]
    [InlineData("joint")]
    public void A_splice_is_told_by_words(string words)
    {
        var end = Described(words);
        Assert.Null(end.Landing);
        Assert.Equal(2, end.Splice!.LeastCount);
    }

    [Theory]
    [InlineData("screw clamp for two", true)]
    [InlineData("screw clamp, two conductors", true)]
    [InlineData("screw clamp", false)]
    public void Whether_it_takes_two_is_read_where_it_is_said(string words, bool two) =>
        Assert.Equal(two, Described(words).Landing!.TakesTwo ?? false);

    [Theory]
    [InlineData("receptacle 20 A", 20.0)]
    [InlineData("receptacle 15A", 15.0)]
    [InlineData("breaker 2,5 A", 2.5)]
    [InlineData("receptacle A20", null)]
    public void A_rating_is_read_beside_its_unit(string words, double? amps) =>
        Assert.Equal(amps, Described(words).RatingAmps);

    [Theory]
    [InlineData("flange")]
    [InlineData("blue")]
    [InlineData("17")]
    public void Words_that_say_nothing_known_are_not_guessed_at(string words) =>
        Assert.Null(LandingWords.Describe(new(null, null, "X"), words, _ => null));

    [Fact]
    public void No_words_leave_an_end_as_it_is()
    {
        var end = new ListedEnd("P", null, "X");
        Assert.Same(end, LandingWords.Describe(end, "  ", _ => null));
    }

    [Fact]
    public void A_code_of_the_shelf_goes_before_words()
    {
        var mine = new LeverDocument { LeastMm2 = 0.5, MostMm2 = 6 };
        Assert.Same(
            mine,
            LandingWords
                .Describe(new(null, null, "X"), "screw clamp MY-6", code => code == "MY-6" ? mine : null)!
                .Landing
        );
    }

    private static ListedEnd Described(string words) => LandingWords.Describe(new(null, null, "X"), words, _ => null)!;
}
