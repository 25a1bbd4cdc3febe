using Lacet.Core.Boards;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Boards;

/// <summary>Where everything of an enclosure stands, in mm: order, side and proportion are the job's own.</summary>
public sealed class BoardLayoutTests
{
    [Fact]
    public void A_strip_s_slots_stand_in_their_order_side_by_side_each_as_wide_as_what_it_takes()
    {
        // Common practice: blocks to 2.5, 4 and 16 mm² stand 5.2, 6.2 and 12.2 mm wide.
        var sketch = new Sketch()
            .Panel("P")
            .Device("P", "X1", DeviceType.Block)
            .Landing("P", "X1:1", Ends.Block(0.2, 2.5), "X1")
            .Landing("P", "X1:2", Ends.Block(0.2, 16), "X1")
            .Landing("P", "X1:3", Ends.Block(0.2, 4), "X1");
        var strip = Assert.Single(Board(sketch, "P").Rails.SelectMany(r => r.Devices));
        Assert.Equal(["1", "2", "3"], strip.Slots.Select(s => s.Mark));
        Assert.Equal([5.2, 12.2, 6.2], strip.Slots.Select(s => Math.Round(s.Box.Width, 6)));
        Assert.All(strip.Slots.Zip(strip.Slots.Skip(1)), pair =>
            Assert.Equal(pair.First.Box.Right, pair.Second.Box.Left, 6)
        );
    }

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

    [Fact]
    public void Inside_wires_leave_upward_and_field_wires_downward()
    {
        var sketch = new Sketch()
            .Panel("P")
            .Box("B")
            .Landing("P", "X1")
            .Landing("P", "X2")
            .Landing("B", "Y")
            .Wire("inside", "X1", "X2")
            .Wire("field", "X1", "Y")
            .Wire("open", "X2", null);
        var job = sketch.Job();
        var stubs = BoardLayout
            .Of(job, sketch.Id("P"))
            .Rails.SelectMany(r => r.Devices)
            .SelectMany(d => d.Slots)
            .SelectMany(s => s.Stubs)
            .ToList();
        Assert.Equal(4, stubs.Count);
        Assert.All(stubs, s => Assert.Equal(job.Wires[s.WireId].Name == "inside", s.ToY < s.Y));
    }

    [Fact]
    public void A_landing_of_forty_wires_draws_a_few_and_counts_the_rest()
    {
        var sketch = new Sketch().Panel("P").Box("B").Landing("P", "X1").Splice("B", "J");
        for (var i = 0; i < 40; i++)
        {
            sketch.Wire($"{i}", "X1", "J");
        }

        foreach (var enclosure in new[] { "P", "B" })
        {
            var slot = Assert.Single(Single(sketch, enclosure).Slots);
            Assert.InRange(slot.Stubs.Count, 1, 8);
            Assert.Equal(40, slot.Stubs.Count + slot.More);
        }
    }

    [Fact]
    public void A_strip_of_a_thousand_goes_on_below_itself_in_order()
    {
        var sketch = new Sketch().Panel("P").Device("P", "X", DeviceType.Block);
        for (var i = 1; i <= 1000; i++)
        {
            sketch.Landing("P", $"X:{i}", Ends.Block(0.2, 2.5), "X");
        }

        var board = Board(sketch, "P");
        Assert.True(board.Rails.Count > 5);
        Assert.True(board.Box.Width < 600);
        Assert.Equal(
            Enumerable.Range(1, 1000).Select(i => $"{i}"),
            board.Rails.SelectMany(r => r.Devices).SelectMany(d => d.Slots).Select(s => s.Mark)
        );
        Assert.All(board.Rails.Zip(board.Rails.Skip(1)), pair =>
            Assert.True(pair.First.Box.Bottom < pair.Second.Box.Top)
        );
    }

    [Theory]
    [InlineData("X1:5", "X1", "5")]
    [InlineData("R1 brass 1", "R1", "brass 1")]
    [InlineData("X10", "X1", "X10")] // another name that only begins alike
    [InlineData("X1", "X1", "X1")]
    [InlineData("Y:5", "X1", "Y:5")]
    public void A_slot_is_marked_without_its_device_s_name(string landing, string device, string mark)
    {
        var sketch = new Sketch()
            .Panel("P")
            .Device("P", device, DeviceType.Block)
            .Landing("P", landing, Ends.Block(), device);
        Assert.Equal(mark, Assert.Single(Single(sketch, "P").Slots).Mark);
    }

    [Fact]
    public void An_empty_enclosure_has_a_board_with_nothing_on_it()
    {
        var board = Board(new Sketch().Panel("P"), "P");
        Assert.Empty(board.Rails);
        Assert.True(board.Box is { Width: > 0, Height: > 0 });
        Assert.Throws<KeyNotFoundException>(() => BoardLayout.Of(new Sketch().Panel("P").Job(), Guid.NewGuid()));
    }

    [Fact]
    public void A_device_without_landings_still_stands_there() =>
        Assert.Equal(
            Enum.GetValues<DeviceType>()
                .Where(t => t != DeviceType.Block)
                .Select(t => $"{t}")
                .Order(StringComparer.Ordinal),
            Board(
                Enum.GetValues<DeviceType>().Aggregate(new Sketch().Panel("P"), (s, t) => s.Device("P", $"{t}", t)),
                "P"
            )
                .Rails.SelectMany(r => r.Devices)
                .Select(d => d.Name)
                .Order(StringComparer.Ordinal)
        );

    [Fact]
    public void Whatever_the_job_every_landing_stands_once_nothing_overlaps_and_all_is_inside() =>
        Gen.Int[0, int.MaxValue / 2]
            .List[0, 10]
            .Sample(
                seeds =>
                {
                    var job = AnyJob.House().Job();
                    foreach (var seed in seeds)
                    {
                        job.Apply([AnyJob.Edit(job, new Random(seed))]);
                    }

                    foreach (var enclosure in job.Enclosures.Keys)
                    {
                        var board = BoardLayout.Of(job, enclosure);
                        var devices = board.Rails.SelectMany(r => r.Devices).ToList();
                        var slots = devices.SelectMany(d => d.Slots).ToList();
                        Assert.Equal(
                            job.LandingsIn(enclosure).Select(l => l.Id).Order(),
                            slots.Select(s => s.LandingId).Order()
                        );
                        Assert.All(slots, s => Assert.Equal(job.EndsAt(s.LandingId).Count, s.Stubs.Count + s.More));
                        Assert.All(Pairs(devices.Select(d => d.Body)), p => Assert.False(Overlap(p.A, p.B)));
                        Assert.All(Pairs(slots.Select(s => s.Box)), p => Assert.False(Overlap(p.A, p.B)));
                        Assert.All(slots.SelectMany(s => s.Stubs), s =>
                            Assert.True(Inside(board.Box, s.X, s.Y) && Inside(board.Box, s.ToX, s.ToY))
                        );
                        // The same job, the same board.
                        Assert.Equal(Corners(board), Corners(BoardLayout.Of(job, enclosure)));
                    }
                },
                iter: 60
            );

    [Fact]
    public void A_device_that_is_put_earlier_in_order_stands_earlier()
    {
        var sketch = new Sketch()
            .Panel("P")
            .Device("P", "X1", DeviceType.Block)
            .Landing("P", "X1:1", Ends.Block(), "X1")
            .Device("P", "X2", DeviceType.Block)
            .Landing("P", "X2:1", Ends.Block(), "X2");
        var job = sketch.Job();
        Assert.Equal(["X1", "X2"], Names(job));
        job.Apply([
            EntityChange.Put(job.Devices[sketch.Id("X1")] with { Order = 2 }),
            EntityChange.Put(job.Devices[sketch.Id("X2")] with { Order = 1 }),
        ]);
        Assert.Equal(["X2", "X1"], Names(job));
        IEnumerable<string> Names(Job of) =>
            BoardLayout
                .Of(of, sketch.Id("P"))
                .Rails.SelectMany(r => r.Devices)
                .OrderBy(d => d.Body.Left)
                .Select(d => d.Name);
    }

    [Fact]
    public void Bars_stand_on_the_back_and_what_has_a_face_on_the_front()
    {
        var sketch = new Sketch()
            .Panel("P")
            .Breaker("P", "Q")
            .Device("P", "PE", DeviceType.EarthBar)
            .Landing("P", "PE:1", Ends.Block(), "PE")
            .Landing("P", "PE:2", Ends.Block(), "PE")
            .Receptacle("P", "R")
            .Splice("P", "J");
        var board = Board(sketch, "P");
        Assert.Equal([RailKind.Rail, RailKind.Back, RailKind.Front, RailKind.Loose], board.Rails.Select(r => r.Kind));
        var bar = board.Rails[1].Devices.Single();
        Assert.Equal(2, Count(bar, PartKind.GreenScrew));
        Assert.All(bar.Slots, s => Assert.InRange(s.Box.Left, bar.Label.Right, bar.Body.Right));
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

    [Fact]
    public void Rails_are_as_wide_as_large_panels_and_no_wider()
    {
        var sketch = new Sketch().Panel("P");
        for (var i = 0; i < 60; i++)
        {
            sketch.Breaker("P", $"Q{i}");
        }

        var board = Board(sketch, "P");
        Assert.All(board.Rails, r => Assert.True(r.Box.Width < 580));
        Assert.Equal(
            Enumerable.Range(0, 60).Select(i => $"Q{i}"),
            board.Rails.SelectMany(r => r.Devices).Select(d => d.Name)
        );
    }

    private static BoardLayout Board(Sketch sketch, string enclosure) =>
        BoardLayout.Of(sketch.Job(), sketch.Id(enclosure));

    private static BoardDevice Single(Sketch sketch, string enclosure) =>
        Assert.Single(Board(sketch, enclosure).Rails.SelectMany(r => r.Devices));

    private static int Count(BoardDevice device, PartKind kind) => device.Parts.Count(p => p.Kind == kind);

    private static (double X, double Y) Middle(SceneBox box) =>
        ((box.Left + box.Right) / 2, (box.Top + box.Bottom) / 2);

    private static IEnumerable<(SceneBox A, SceneBox B)> Pairs(IEnumerable<SceneBox> boxes)
    {
        var all = boxes.ToList();
        return all.SelectMany((a, i) => all.Skip(i + 1).Select(b => (a, b)));
    }

    private static bool Overlap(SceneBox a, SceneBox b) =>
        a.Left < b.Right - 1e-6 && b.Left < a.Right - 1e-6 && a.Top < b.Bottom - 1e-6 && b.Top < a.Bottom - 1e-6;

    private static bool Inside(SceneBox box, double x, double y) =>
        x >= box.Left && x <= box.Right && y >= box.Top && y <= box.Bottom;

    private static string Corners(BoardLayout board) =>
        string.Join(
            '\n',
            board
                .Rails.SelectMany(r => r.Devices)
                .SelectMany(d => d.Slots)
                .Select(s =>
                    FormattableString.Invariant(
                        $"{s.Mark} {s.Box.Left} {s.Box.Top} {string.Join(' ', s.Stubs.Select(t => t.ToX + t.ToY))}"
                    )
                )
        );
}
