using Lacet.Core.Boards;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Boards;

/// <summary>A board that is kept while its job changes is the board that would be laid out anew.</summary>
public sealed class StandingBoardTests
{
    [Fact]
    public void Whatever_changes_a_kept_board_is_the_one_laid_out_anew_and_what_stays_the_same_object_has_the_same_findings() =>
        Gen.Int[0, int.MaxValue / 2]
            .List[1, 12]
            .Sample(
                seeds =>
                {
                    var judged = new JudgedJob(AnyJob.House().Job());
                    var job = judged.Job;
                    var boards = job.Enclosures.Keys.ToDictionary(e => e, e => new StandingBoard(job, e));
                    var before = boards.ToDictionary(b => b.Key, b => Told(judged, b.Value.Layout()));
                    foreach (var seed in seeds)
                    {
                        var change = AnyJob.Edit(job, new Random(seed));
                        var (undo, reached) = judged.Apply([change]);
                        foreach (var (enclosure, board) in boards)
                        {
                            board.Reach(undo.Append(change).Select(c => c.After).OfType<JobPart>(), reached);
                            var layout = board.Layout();
                            Assert.Equal(Written(BoardLayout.Of(job, enclosure)), Written(layout));
                            var now = Told(judged, layout);
                            Assert.All(now.Where(d => before[enclosure].ContainsKey(d.Key)), d =>
                                Assert.Equal(before[enclosure][d.Key], d.Value)
                            );
                            before[enclosure] = now;
                        }
                    }
                },
                iter: 80
            );

    [Fact]
    public void A_wire_that_is_moved_draws_anew_only_what_it_leaves_and_where_it_comes()
    {
        var sketch = new Sketch().Panel("P");
        foreach (var strip in new[] { "X1", "X2", "X3", "X4" })
        {
            sketch
                .Device("P", strip, DeviceType.Block)
                .Landing("P", $"{strip}:1", Ends.Block(), strip)
                .Landing("P", $"{strip}:2", Ends.Block(), strip);
        }

        var judged = new JudgedJob(sketch.Wire("1", "X1:1", "X2:1").Wire("2", "X1:2", "X4:1").Job());
        var board = new StandingBoard(judged.Job, sketch.Id("P"));
        var before = Devices(board);
        var wire = judged.Job.Wires.Values.Single(w => w.Name == "1");
        var change = EntityChange.Put(wire with { B = wire.B with { LandingId = sketch.Id("X3:1") } });
        var (undo, reached) = judged.Apply([change]);
        Assert.False(board.Reach([wire, change.After!], reached));
        var after = Devices(board);
        Assert.Equal(
            ["X1", "X2", "X3"],
            after.Except(before, ReferenceEqualityComparer.Instance).Cast<BoardDevice>().Select(d => d.Name)
        );

        Assert.True(board.Reach([judged.Job.Devices[sketch.Id("X4")]], []));
        Assert.Empty(Devices(board).Intersect(after, ReferenceEqualityComparer.Instance));
        Assert.NotEmpty(undo);
    }

    private static List<BoardDevice> Devices(StandingBoard board) =>
        [.. board.Layout().Rails.SelectMany(r => r.Devices)];

    private static Dictionary<object, string> Told(JudgedJob judged, BoardLayout layout) =>
        layout
            .Rails.SelectMany(r => r.Devices)
            .ToDictionary(
                d => (object)d,
                d =>
                    string.Join(
                        ' ',
                        d.Slots.SelectMany(s =>
                                judged
                                    .Job.EndsAt(s.LandingId)
                                    .SelectMany(e =>
                                        new Subject[]
                                        {
                                            new(CheckScope.End, e.Wire.Id, e.Side),
                                            new(CheckScope.Wire, e.Wire.Id),
                                        }
                                    )
                                    .Append(new(CheckScope.Landing, s.LandingId))
                            )
                            .Concat(d.DeviceId is { } id ? [new Subject(CheckScope.Device, id)] : [])
                            .SelectMany(judged.About)
                            .Select(f => $"{f.About.Key} {f.Finding.Check}")
                    ),
                ReferenceEqualityComparer.Instance
            );

    private static IEnumerable<string> Written(BoardLayout layout) =>
        layout.Rails.SelectMany(r =>
            r.Devices.SelectMany(d =>
                d.Slots.SelectMany(s =>
                    s.Stubs.Select(t => $"{d.Name} {s.Mark} {s.Box} {s.More} {t}")
                        .Prepend($"{r.Kind} {r.Box} {d.Body} {s.Box}")
                )
            )
        );
}
