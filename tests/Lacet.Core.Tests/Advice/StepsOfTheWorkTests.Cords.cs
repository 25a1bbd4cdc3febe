using Lacet.Core.Circuits;
using Lacet.Core.Cords;
using Lacet.Core.PinMaps;
using Lacet.Core.Planning;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;
using Lacet.Core.Strip;

namespace Lacet.Core.Tests.Advice;

public sealed partial class StepsOfTheWorkTests
{
    [Fact]
    [Trait("Advice", "4.10")]
    public void A_two_wire_plug_hears_no_word_of_an_earth_and_every_plug_ends_with_tests()
    {
        static List<string> Of(double? earth) =>
            [
                .. PlugRefit
                    .Of(Ends.Wire("16", Build.FineStranded), ScrewSize.Parse("#6"), 22, 24, earth, HouseRules.Default)
                    .Steps.Select(Ends.Read),
            ];
        var two = Of(null);
        Assert.DoesNotContain(two, s =>
            s.Contains("earth", StringComparison.Ordinal) || s.Contains("jacket", StringComparison.Ordinal)
        );
        Assert.Contains(Of(30), s => s.Contains("mark each length with the thumb", StringComparison.Ordinal));
        Assert.Contains(Of(30), s => s.Contains("for a knot two diameters of the cord more", StringComparison.Ordinal));
        Assert.Contains("earth pin to case, under 1", Of(30)[^1], StringComparison.Ordinal);
        Assert.All([two[^1], Of(30)[^1]], s =>
            Assert.EndsWith("first power-up behind ground-fault protection.", s, StringComparison.Ordinal)
        );
        // A bridged fuse, an earth that lands nowhere, a clamp too wide are cues.
        Assert.All([CordCue.FuseBridged, CordCue.EarthNotLanded, CordCue.ClampTooWide], c =>
            Assert.Single(CordSign.All, s => s.Cue == c)
        );
    }

    [Fact]
    [Trait("Advice", "4.12")]
    public void A_pin_that_nobody_spoke_of_is_asked_about()
    {
        var map = new PinMap(
            "fan",
            6,
            2,
            [new(1, PinFunction.Line, "1"), new(2, PinFunction.Common, "2"), new(3, PinFunction.Earth, "PE")]
        )
        {
            KeySeen = true,
        };
        Assert.Contains(
            "pins 4, 5, 6 are for",
            Ends.Read(PinMapChecks.Of(map).Single(f => f.Check == "pin-unsaid").Says),
            StringComparison.Ordinal
        );
    }

    [Fact]
    [Trait("Advice", "4.13")]
    public void Behind_a_bad_cord_one_looks_on_to_fuse_wiring_and_earth()
    {
        static CordTriage Of(params CordCue[] seen) =>
            CordTriage.Of(
                seen,
                Enum.GetValues<CordPlace>(),
                DamagedCord.ReplaceWithMouldedCord,
                mouldedToBeHad: true,
                new()
            );
        var next = string.Join(' ', Of(CordCue.BladesScorched).LookNext);
        Assert.All(["fuse and its holder", "primary wiring", "The earth", "Solder"], what =>
            Assert.Contains(what, next, StringComparison.Ordinal)
        );
        Assert.Empty(Of().LookNext);
        Assert.Empty(Of(CordCue.PrintGone).LookNext);
    }

    /// <summary>IEC 60445, NEC 200.6, from memory.</summary>
    [Fact]
    [Trait("Advice", "4.20")]
    public void What_a_colour_means_elsewhere_is_only_said_of_what_may_be_from_there()
    {
        static IEnumerable<Term> Misleads(bool foreign, Region region, params string[] colours) =>
            CordIdentity
                .Of(
                    [
                        .. colours.Select(c => new SeenConductor(
                            InsulationColour.TryParse(c, out var read) ? read : null,
                            []
                        )),
                    ],
                    region,
                    foreign
                )
                .Conductors.SelectMany(c => c.Misleads);
        Assert.Empty(Misleads(false, Region.NorthAmerica, "black", "white", "green"));
        Assert.Contains(Misleads(true, Region.NorthAmerica, "black", "white", "green"), m =>
            m.Word.Contains("British", StringComparison.Ordinal)
        );
        // Brown beside black: the cord itself shows that it is from elsewhere.
        Assert.NotEmpty(Misleads(false, Region.NorthAmerica, "black", "brown", "green"));
        Assert.Empty(Misleads(false, Region.Iec, "brown", "blue", "green/yellow"));
        Assert.NotEmpty(Misleads(true, Region.Iec, "brown", "blue", "green/yellow"));
    }
}
