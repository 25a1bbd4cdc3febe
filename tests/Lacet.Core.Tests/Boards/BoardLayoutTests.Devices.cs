using Lacet.Core.Boards;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Boards;

public sealed partial class BoardLayoutTests
{
    [Fact]
    public void Behind_a_receptacle_brass_is_left_silver_right_and_green_below()
    {
        // UL 498: from the front the wide slot, neutral, is on the left with the earth below; from behind it is
        // mirrored. From memory.
        var device = Single(new Sketch().Box("B").Receptacle("B", "R"), "B");
        Assert.Equal(DeviceForm.FromBehind, device.Form);
        var at = device.Slots.ToDictionary(s => s.Mark, s => Middle(s.Box));
        var body = Middle(device.Body);
        Assert.All(new[] { "brass1", "brass2" }, s => Assert.True(at[s].X < body.X));
        Assert.All(new[] { "silver1", "silver2" }, s => Assert.True(at[s].X > body.X));
        Assert.True(at["green"].Y > at["brass2"].Y);
        Assert.True(at["brass1"].Y < at["brass2"].Y);
        Assert.Equal(at["brass1"].Y, at["silver1"].Y, 6);
        Assert.Equal(
            (2, 2, 1),
            (
                Count(device, PartKind.BrassScrew),
                Count(device, PartKind.SilverScrew),
                Count(device, PartKind.GreenScrew)
            )
        );
    }

    [Fact]
    public void A_plug_from_its_wiring_side_is_the_other_way_round()
    {
        var sketch = new Sketch().Box("M").Device("M", "P1", DeviceType.Plug);
        foreach (var identity in new[] { TerminalIdentity.Brass, TerminalIdentity.Silver, TerminalIdentity.Green })
        {
            sketch.Landing("M", $"P1 {identity}", Ends.Screw(), "P1", l => l with { Identity = identity });
        }

        var device = Single(sketch, "M");
        var at = device.Slots.ToDictionary(s => s.Mark, s => Middle(s.Box));
        Assert.True(at["Silver"].X < at["Green"].X && at["Green"].X < at["Brass"].X);
        Assert.True(at["Green"].Y > at["Brass"].Y);
    }

    [Fact]
    public void Pins_that_are_marked_for_nothing_stand_clockwise_from_the_key()
    {
        var sketch = new Sketch().Box("M").Device("M", "C", DeviceType.Plug);
        for (var i = 1; i <= 6; i++)
        {
            sketch.Landing("M", $"C:{i}", Ends.Screw(), "C");
        }

        var device = Single(sketch, "M");
        var middle = Middle(device.Body);
        var angles = device
            .Slots.Select(s => Middle(s.Box))
            .Select(p => (((Math.Atan2(p.Y - middle.Y, p.X - middle.X) * 180 / Math.PI) + 90 + 360) % 360))
            .ToList();
        Assert.Equal(angles.Order(), angles);
        Assert.Equal([30.0, 90, 150, 210, 270, 330], angles.Select(a => Math.Round(a, 3)));
    }

    [Fact]
    public void Line_stands_above_load()
    {
        var sketch = new Sketch().Box("B").Device("B", "G", DeviceType.GroundFaultReceptacle);
        sketch.Landing("B", "G load", Ends.Screw(), "G", l =>
            l with
            {
                Side = DeviceSide.Load,
                Identity = TerminalIdentity.Brass,
            }
        );
        sketch.Landing("B", "G line", Ends.Screw(), "G", l =>
            l with
            {
                Side = DeviceSide.Line,
                Identity = TerminalIdentity.Brass,
            }
        );
        var device = Single(sketch, "B");
        Assert.True(
            device.Slots.Single(s => s.Mark == "line").Box.Top < device.Slots.Single(s => s.Mark == "load").Box.Top
        );
    }

    [Theory]
    [InlineData(BreakOffTab.Intact, 2)]
    [InlineData(BreakOffTab.Removed, 1)]
    public void A_tab_is_drawn_until_it_is_broken_off(BreakOffTab hot, int tabs) =>
        Assert.Equal(
            tabs,
            Count(
                Single(new Sketch().Box("B").Receptacle("B", "R", with: d => d with { HotTab = hot }), "B"),
                PartKind.Plate
            )
        );

    [Fact]
    public void A_breaker_has_its_feed_above_and_its_wire_below()
    {
        var sketch = new Sketch()
            .Panel("P")
            .Device("P", "Q", DeviceType.Breaker)
            .Landing("P", "Q:1", Ends.Block(), "Q")
            .Landing("P", "Q:2", Ends.Block(), "Q");
        var device = Single(sketch, "P");
        Assert.True(device.Slots[0].Box.Bottom < device.Slots[1].Box.Top);
        Assert.Equal(device.Slots[0].Box.Left, device.Slots[1].Box.Left, 6);
    }

    [Theory]
    [InlineData(3, 0)]
    [InlineData(6, 0)]
    [InlineData(7, 4)]
    [InlineData(12, 6)]
    public void A_machine_of_many_terminals_has_them_along_both_edges(int terminals, int above)
    {
        var sketch = new Sketch().Panel("P").Device("P", "K", DeviceType.Load);
        for (var i = 1; i <= terminals; i++)
        {
            sketch.Landing("P", $"K:{i}", Ends.Block(), "K");
        }

        var device = Single(sketch, "P");
        Assert.Equal(above, device.Slots.Count(s => s.Box.Bottom < Middle(device.Body).Y));
        Assert.Equal(terminals, device.Slots.Count);
    }

    [Theory]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(5)]
    public void The_ends_of_a_joint_leave_it_evenly_all_round(int count)
    {
        var sketch = new Sketch().Box("B").Splice("B", "J");
        for (var i = 0; i < count; i++)
        {
            sketch.Wire($"{i}", "J", null);
        }

        var slot = Assert.Single(Single(sketch, "B").Slots);
        var middle = Middle(slot.Box);
        var angles = slot.Stubs.Select(s => Math.Atan2(s.ToY - middle.Y, s.ToX - middle.X)).ToList();
        // The first to the left, and each as far from the next.
        Assert.Equal(Math.PI, Math.Abs(angles[0]), 6);
        Assert.All(angles.Zip(angles.Skip(1)), pair =>
            Assert.Equal(2 * Math.PI / count, ((pair.Second - pair.First) + (4 * Math.PI)) % (2 * Math.PI), 6)
        );
        Assert.All(slot.Stubs, s =>
            Assert.Equal(38, Math.Sqrt(Math.Pow(s.ToX - s.X, 2) + Math.Pow(s.ToY - s.Y, 2)), 6)
        );
    }

    [Fact]
    public void A_switch_has_all_but_its_earth_on_one_side()
    {
        var sketch = new Sketch()
            .Box("B")
            .Device("B", "S", DeviceType.Switch)
            .Landing("B", "S:1", Ends.Screw(), "S")
            .Landing("B", "S:2", Ends.Screw(), "S")
            .Landing("B", "S:E", Ends.Screw(), "S", l => l with { Identity = TerminalIdentity.Green });
        var device = Single(sketch, "B");
        Assert.All(device.Slots.Where(s => s.Mark != "E"), s => Assert.Equal(device.Body.Left, Middle(s.Box).X, 6));
        Assert.Equal(device.Body.Bottom, Middle(device.Slots.Single(s => s.Mark == "E").Box).Y, 6);
        Assert.DoesNotContain(device.Parts, p => p.Kind == PartKind.Opening);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public void A_receptacle_shows_as_many_outlets_as_it_has(int outlets) =>
        Assert.Equal(
            outlets,
            Count(
                Single(new Sketch().Box("B").Receptacle("B", "R", with: d => d with { Outlets = outlets }), "B"),
                PartKind.Opening
            )
        );

    [Fact]
    public void Two_hots_of_a_plug_stand_beside_each_other_on_its_hot_side()
    {
        var sketch = new Sketch()
            .Box("M")
            .Device("M", "P1", DeviceType.Plug)
            .Landing("M", "P1 X", Ends.Screw(), "P1", l => l with { Identity = TerminalIdentity.Brass })
            .Landing("M", "P1 Y", Ends.Screw(), "P1", l => l with { Identity = TerminalIdentity.Brass });
        var device = Single(sketch, "M");
        Assert.All(device.Slots, s => Assert.True(Middle(s.Box).X > Middle(device.Body).X));
        Assert.False(Overlap(device.Slots[0].Box, device.Slots[1].Box));
    }
}
