using Lacet.Core.Boards;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Boards;

/// <summary>Where everything of an enclosure stands, in mm: order, side and proportion are the job's own.</summary>
public sealed partial class BoardLayoutTests
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
