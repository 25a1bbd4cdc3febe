using Lacet.Core.Boards;
using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Boards;

/// <summary>Bridges stand on the board where they sit: a prong in each terminal, a bar over all, mm.</summary>
public sealed class BridgeFigureTests
{
    [Fact]
    public void A_prong_stands_in_the_middle_of_each_terminal_and_none_where_it_passes_over()
    {
        var sketch = Strip(4).Bridge("b", ["X:1", "X:2", "X:4"]);
        var strip = Drawn(sketch).Single();
        var bridge = strip.Parts.Where(p => p.Kind == PartKind.Bridge).Select(p => p.Path.Box).ToList();
        var middles = new[] { "X:1", "X:2", "X:4" }.Select(name => Middle(Slot(strip, sketch, name))).ToList();
        Assert.Equal(4, bridge.Count);
        Assert.Equal(middles, bridge.Take(3).Select(Middle), (a, b) => Math.Abs(a - b) < 1e-9);
        var bar = bridge[^1];
        Assert.True(bar.Left < middles[0] && bar.Right > middles[^1]);
        Assert.All(bridge, part => Assert.True(part.Top > strip.Body.Top && part.Bottom < strip.Body.Bottom));
    }

    [Fact]
    public void A_second_bridge_that_lies_over_the_first_takes_the_other_channel()
    {
        var over = Heights(Strip(4).Bridge("a", ["X:1", "X:3"]).Bridge("b", ["X:2", "X:4"]));
        Assert.Equal(2, over.Count);
        Assert.Single(Heights(Strip(4).Bridge("a", ["X:1", "X:2"]).Bridge("b", ["X:3", "X:4"])));
    }

    [Fact]
    public void A_comb_goes_on_from_one_breaker_to_the_next()
    {
        var sketch = new Sketch().Panel("P");
        foreach (var name in new[] { "Q1", "Q2", "Q3" })
        {
            sketch
                .Device("P", name, DeviceType.Breaker)
                .Landing("P", $"{name}:1", null, name, l => l with { Side = DeviceSide.Line })
                .Landing("P", $"{name}:2", null, name, l => l with { Side = DeviceSide.Load });
        }

        var drawn = Drawn(sketch.Bridge("comb", ["Q1:1", "Q2:1", "Q3:1"], b => b with { Form = BridgeForm.Comb }));
        var bars = drawn.Select(d => d.Parts.Last(p => p.Kind == PartKind.Bridge).Path.Box).ToList();
        Assert.Equal(3, bars.Count);
        // Where one device's bar ends the next one's begins: they are drawn as one.
        Assert.Equal(bars[0].Right, bars[1].Left, 6);
        Assert.Equal(bars[1].Right, bars[2].Left, 6);
        Assert.All(bars, bar => Assert.Equal(bars[0].Top, bar.Top, 6));
    }

    [Fact]
    public void Only_the_strip_that_a_bridge_sits_in_is_drawn_anew()
    {
        var sketch = Strip(3).Device("P", "Y", DeviceType.Block).Landing("P", "Y:1", null, "Y");
        var judged = sketch.Judged();
        var board = new StandingBoard(judged.Job, sketch.Id("P"));
        var before = board.Layout().Rails.SelectMany(r => r.Devices).ToList();
        var bridge = new JobBridge(Guid.NewGuid(), [sketch.Id("X:1"), sketch.Id("X:2")]);
        var change = EntityChange.Put(bridge);
        var (undo, reached) = judged.Apply([change]);
        Assert.False(board.Reach(undo.Append(change).Select(c => c.After).OfType<JobPart>(), reached));
        var after = board.Layout().Rails.SelectMany(r => r.Devices).ToList();
        Assert.NotSame(before[0], after[0]);
        Assert.Same(before[1], after[1]);
    }

    private static Sketch Strip(int count) =>
        Enumerable
            .Range(1, count)
            .Aggregate(new Sketch().Panel("P").Device("P", "X", DeviceType.Block), (sketch, i) =>
                sketch.Landing("P", $"X:{i}", null, "X")
            );

    private static List<BoardDevice> Drawn(Sketch sketch) =>
        [.. BoardLayout.Of(sketch.Job(), sketch.Id("P")).Rails.SelectMany(r => r.Devices)];

    private static SceneBox Slot(BoardDevice device, Sketch sketch, string name) =>
        device.Slots.Single(s => s.LandingId == sketch.Id(name)).Box;

    private static double Middle(SceneBox box) => (box.Left + box.Right) / 2;

    private static List<double> Heights(Sketch sketch) =>
        [
            .. Drawn(sketch)
                .Single()
                .Parts.Where(p => p.Kind == PartKind.Bridge)
                .Select(p => (p.Path.Box.Top + p.Path.Box.Bottom) / 2)
                .Distinct(),
        ];
}
