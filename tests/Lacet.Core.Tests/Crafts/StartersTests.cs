using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.PinMaps;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Crafts;

/// <summary>What a page begins with where nobody said anything yet.</summary>
public sealed class StartersTests
{
    /// <summary>Of two speeds only one is fed, and no number counts before the key was seen.</summary>
    [Theory]
    [InlineData(1, new[] { PinFunction.Line, PinFunction.Common, PinFunction.Earth }, new PinFunction[0])]
    [InlineData(
        2,
        new[] { PinFunction.LowSpeed, PinFunction.HighSpeed, PinFunction.Common, PinFunction.Earth },
        new[] { PinFunction.LowSpeed }
    )]
    public void A_blank_map_has_what_a_machine_of_its_speeds_has_and_nothing_traced(
        int speeds,
        PinFunction[] functions,
        PinFunction[] fed
    )
    {
        var map = PinMap.Blank(speeds);
        Assert.Equal(functions, map.Pins.Select(p => p.Function));
        Assert.Equal(Enumerable.Range(1, functions.Length), map.Pins.Select(p => p.Pin));
        Assert.Equal(fed, map.Fed);
        Assert.False(map.KeySeen);
        Assert.All(map.Pins, p => Assert.Equal(("", null), (p.Terminal, p.IsWhole)));
        Assert.Throws<ImpossibleInputException>(() => PinMap.Blank(3));
    }

    /// <summary>IEC 60038, table 1: 230 V at 50 Hz, 120 V at 60 Hz (from memory).</summary>
    [Fact]
    public void Household_supplies_are_those_of_IEC_60038()
    {
        Assert.Equal(Enum.GetValues<Region>().Order(), HouseholdSupply.All.Select(s => s.Region).Order());
        Assert.Contains(new(Region.NorthAmerica, 120, 60), HouseholdSupply.All);
        Assert.Contains(new(Region.Iec, 230, 50), HouseholdSupply.All);
    }

    /// <summary>Each form is drawn of a wire that it takes: of the other build it is refused, or takes both.</summary>
    [Fact]
    public void Every_hand_splice_has_a_sample_of_a_wire_that_it_winds() =>
        Assert.All(Enum.GetValues<HandForm>(), form =>
        {
            var sample = HandSplice.Sample(form, HouseRules.Default.PigtailStrip);
            Assert.Equal(HandSplice.IsOfStrands(form), sample.Conductor.Build == Build.Stranded);
            Assert.True(sample.Joint.Millimetres > 0);
            // What has open turns is longer with more of them; what has none does not change.
            var longer = HandSplice.Of(
                form,
                sample.Conductor,
                sample.Turns with
                {
                    Open = sample.Turns.Open + 3,
                },
                HouseRules.Default.PigtailStrip
            );
            Assert.Equal(HandSplice.HasOpenTurns(form), longer.Joint > sample.Joint);
        });
}
