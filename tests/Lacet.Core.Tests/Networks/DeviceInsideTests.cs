using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Networks;

/// <summary>What devices join inside, by what is written at their terminals.</summary>
public sealed class DeviceInsideTests
{
    private static JobLanding At(Job job, string name) =>
        job.Landings.Values.Single(l => string.Equals(l.Name, name, StringComparison.Ordinal));

    private static string[] Reached(Job job, string from) =>
        [
            .. new NetworkWalk(job, throughContacts: true)
                .From(At(job, from))
                .Skip(1)
                .Select(r => r.Landing!.Name)
                .Order(StringComparer.Ordinal),
        ];

    /// <summary>Poles and auxiliary contacts of contactors and relays (EN 50005, EN 50011, from memory).</summary>
    [Theory]
    [InlineData(DeviceType.Contactor, "1/L1 2/T1 3/L2 4/T2 A1 A2", "1/L1", "2/T1")]
    [InlineData(DeviceType.Contactor, "L1 T1 L2 T2", "T2", "L2")]
    [InlineData(DeviceType.Contactor, "13 14 21 22", "13", "14")]
    [InlineData(DeviceType.Contactor, "13 14 21 22", "22", "21")]
    [InlineData(DeviceType.Contactor, "A1 A2", "A1", "")]
    [InlineData(DeviceType.Relay, "11 12 14 21 22 24", "11", "12 14")]
    [InlineData(DeviceType.Relay, "11 12 14 21 22 24", "24", "21")]
    [InlineData(DeviceType.Relay, "13 14 23 24", "23", "24")]
    [InlineData(DeviceType.Relay, "1 2 3 4", "1", "")]
    [InlineData(DeviceType.Isolator, "1 2 3 4", "3", "4")]
    [InlineData(DeviceType.ThreeWaySwitch, "COM 1 2", "COM", "1 2")]
    [InlineData(DeviceType.FourWaySwitch, "1 2 3 4", "1", "3 4")]
    [InlineData(DeviceType.PowerSupply, "L N + -", "L", "")]
    [InlineData(DeviceType.PowerSupply, "+1 +2 -1 -2", "+1", "+2")]
    [InlineData(DeviceType.Transformer, "H1 H2 X1 X2", "H1", "")]
    [InlineData(DeviceType.Motor, "U V W", "U", "")]
    [InlineData(DeviceType.Other, "1 2", "1", "")]
    public void A_device_joins_what_stands_at_its_terminals(DeviceType type, string marks, string from, string reached)
    {
        var job = new Sketch().Panel("P").Marks("P", "D", type, null, marks.Split(' ')).Job();
        Assert.Equal(
            reached.Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(m => "D:" + m),
            Reached(job, "D:" + from)
        );
    }

    /// <summary>A three-way switch with two brass screws and a dark one (common practice).</summary>
    [Fact]
    public void Wall_switches_go_by_their_metal_where_nothing_is_written()
    {
        JobLanding Brass(JobLanding landing) => landing with { Identity = TerminalIdentity.Brass };
        var job = new Sketch()
            .Box("B")
            .Device("B", "S", DeviceType.ThreeWaySwitch)
            .Landing("B", "S brass 1", device: "S", with: Brass)
            .Landing("B", "S brass 2", device: "S", with: Brass)
            .Landing("B", "S dark", device: "S")
            .Landing("B", "S green", device: "S", with: l => l with { Identity = TerminalIdentity.Green })
            .Job();
        Assert.Equal(["S brass 1", "S brass 2"], Reached(job, "S dark"));
        Assert.Equal(["S dark"], Reached(job, "S brass 1"));
        Assert.Empty(Reached(job, "S green"));
    }

    /// <summary>Of a common and its two ways one is closed: what comes by the one never goes on by the other.</summary>
    [Fact]
    public void A_common_joins_no_two_ways()
    {
        var job = new Sketch()
            .Panel("P")
            .Marks("P", "K", DeviceType.Relay, null, "11", "12", "14")
            .Splice("P", "J")
            .Wire("1", "J", "K:12")
            .Job();
        Assert.Equal(["K:11", "K:12"], Reached(job, "J"));
    }

    [Fact]
    public void What_is_said_of_a_device_counts_before_what_is_usual()
    {
        var job = new Sketch()
            .Panel("P")
            .Marks(
                "P",
                "K",
                DeviceType.Relay,
                d => d with { Inside = [new(InsideKind.Joined, "1", "5")] },
                "1",
                "5",
                "11",
                "14"
            )
            .Job();
        Assert.Equal(["K:5"], Reached(job, "K:1"));
        Assert.Empty(Reached(job, "K:11"));
        Assert.True(DeviceInside.IsKnown(job.Devices.Values.Single(), At(job, "K:5")));
        Assert.False(DeviceInside.IsKnown(job.Devices.Values.Single(), At(job, "K:11")));
    }

    /// <summary>The breaker before a supply makes its output dead too, and the sources of a box say so.</summary>
    [Fact]
    public void A_breaker_goes_on_through_a_supply()
    {
        var job = CleanJobs.All["motor starter"]().Job();
        var breaker = job.Devices.Values.Single(d => d.Name == "QF2");
        var dead = Opened.Of(job, breaker).Dead.Select(r => r.Landing!.Name).ToList();
        Assert.Contains("T1:L", dead);
        Assert.Contains("T1:+", dead);
        Assert.Contains("K1:A1", dead);
        Assert.DoesNotContain("M1:U", dead);
        var button = job.Enclosures.Values.Single(e => e.Name == "SB").Id;
        var source = Assert.Single(EnclosureSources.Of(job, button).Breakers);
        Assert.Equal(
            "P/QF2:2 – wire 32 – P/T1:L – P/T1:+ – wire 40 – P/F1:1 – P/F1:2 – wire 41 – SB/S1:13",
            source.Way.ToString()
        );
        var feed = Assert.Single(Feed.Of(job, At(job, "S1:13")));
        Assert.Equal(("QF2", null, null, "T1"), (feed.Breaker.Name, feed.Length, feed.DropPercent, feed.Supply?.Name));
        Assert.Equal(["QF1"], Feed.Of(job, At(job, "M1:W")).Select(f => f.Breaker.Name));
        Assert.Contains(
            "S1:13",
            Opened.Of(job, job.Devices.Values.Single(d => d.Name == "F1")).Dead.Select(r => r.Landing!.Name)
        );
    }

    /// <summary>From the connector’s pin to the machine’s terminal by the map, and back to the breaker.</summary>
    [Fact]
    public void A_pin_map_leads_to_its_machine()
    {
        var job = CleanJobs.All["fan on a pin map"]().Job();
        Assert.Contains("M1:LO", Reached(job, "QF1:2").Concat(Reached(job, "J1:1")));
        Assert.Equal(
            "P/QF1:2 – wire 2 – P/K1:11 – P/K1:14 – wire 4 – P/J1:2 – MB/M1:HI",
            Assert.Single(Feed.Of(job, At(job, "M1:HI"))).Way.ToString()
        );
    }
}
