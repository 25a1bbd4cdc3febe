using Lacet.Core.Jobs;

namespace Lacet.Core.Tests.Jobs;

/// <summary>Whatever changes, a job finds by its indexes what looking through all of it finds.</summary>
public sealed class JobIndexTests
{
    [Fact]
    public void Every_index_says_what_looking_through_says() =>
        Changed(job =>
        {
            Assert.All(job.Landings.Keys, l =>
                Assert.Equal(
                    job.Wires.Values.Where(w => !w.Retired)
                        .SelectMany(Ends)
                        .Where(e => e.End.LandingId == l)
                        .Select(Key)
                        .Order(StringComparer.Ordinal),
                    job.EndsAt(l).Select(Key).Order(StringComparer.Ordinal)
                )
            );
            Assert.All(job.Circuits.Keys, c =>
                Same(job.Wires.Values.Where(w => w.CircuitId == c && !w.Retired), job.WiresOf(c))
            );
            Assert.All(job.Circuits.Keys, c =>
                Same(job.Circuits.Values.Where(o => o.SharesNeutralWith == c), job.Sharing(c))
            );
            Assert.All(job.Enclosures.Keys, e =>
                Same(job.Landings.Values.Where(l => l.EnclosureId == e), job.LandingsIn(e))
            );
            Assert.All(job.Enclosures.Keys, e =>
                Same(job.Devices.Values.Where(d => d.EnclosureId == e), job.DevicesIn(e))
            );
            Assert.All(job.Devices.Keys, d => Same(job.Landings.Values.Where(l => l.DeviceId == d), job.LandingsOf(d)));
            Assert.All(job.Runs, r =>
                Same(
                    job.Wires.Values.Where(w =>
                        !w.Retired && string.Equals(w.Run, r, StringComparison.OrdinalIgnoreCase)
                    ),
                    job.WiresRunning(r)
                )
            );
        });

    [Fact]
    public void Ends_stand_in_the_order_of_their_wires() =>
        Changed(job =>
            Assert.All(job.Landings.Keys, l =>
                Assert.Equal(job.EndsAt(l).OrderBy(e => (e.Wire.Order, e.Side)), job.EndsAt(l))
            )
        );

    [Fact]
    public void A_name_is_found_whatever_its_case() =>
        Changed(job =>
            Assert.All(job.Wires.Values.Where(w => !w.Retired), w =>
                Assert.Contains(w.Id, job.WiresNamed(w.Name.ToUpperInvariant()))
            )
        );

    [Fact]
    public void Every_part_is_found_by_its_kind_and_id() =>
        Changed(job => Assert.All(job.Parts, p => Assert.Same(p, job.Find(p.Kind, p.Id))));

    [Fact]
    public void What_is_undone_is_as_it_was_part_by_part() =>
        Gen.Int[0, int.MaxValue / 2]
            .List[1, 10]
            .Sample(
                seeds =>
                {
                    var job = AnyJob.House().Job();
                    var before = job.Parts.ToList();
                    var undos = new Stack<IReadOnlyList<EntityChange>>(
                        seeds.Select(s => job.Apply([AnyJob.Edit(job, new Random(s))]))
                    );
                    while (undos.TryPop(out var undo))
                    {
                        job.Apply(undo);
                    }

                    Assert.Equal(before, job.Parts);
                },
                iter: 100
            );

    [Fact]
    public void A_part_that_is_put_in_and_taken_out_leaves_nothing_behind()
    {
        var sketch = AnyJob.House();
        var job = sketch.Job();
        var before = job.Parts.ToList();
        var box = new Enclosure(sketch.New(), "New", EnclosureForm.Box);
        var landing = new JobLanding(sketch.New(), box.Id, "N1");
        job.Apply([EntityChange.Put(box), EntityChange.Put(landing)]);
        Assert.Equal([landing.Id], job.LandingsIn(box.Id).Select(l => l.Id));
        job.Apply([EntityChange.Remove(landing), EntityChange.Remove(box)]);
        Assert.Empty(job.LandingsIn(box.Id));
        Assert.Equal(before, job.Parts);
        Assert.Null(job.Find(EntityKind.Landing, landing.Id));
    }

    private static void Changed(Action<Job> holds) =>
        Gen.Int[0, int.MaxValue / 2]
            .List[0, 15]
            .Sample(
                seeds =>
                {
                    var job = AnyJob.House().Job();
                    foreach (var seed in seeds)
                    {
                        job.Apply([AnyJob.Edit(job, new Random(seed))]);
                    }

                    holds(job);
                },
                iter: 100
            );

    /// <summary>A feeder’s breaker is the one that it comes from, not the one of the second panel that it feeds.</summary>
    [Fact]
    public void A_circuit_s_breakers_are_those_that_feed_it()
    {
        var job = new Sketch()
            .Panel("M")
            .Panel("P")
            .Circuit("feeder", 60)
            .Breaker("M", "F")
            .Device("P", "S", DeviceType.Breaker)
            .Landing("P", "S:1", device: "S", with: l => l with { Side = DeviceSide.Line })
            .Wire("1", "F:1", "S:1", WireFunction.Line, "feeder")
            .Job();
        var feeder = job.Circuits.Keys.Single();
        Assert.Equal(["F", "S"], job.DevicesOn(feeder).Select(d => d.Name));
        Assert.Equal(["F"], job.BreakersOf(feeder).Select(d => d.Name));
    }

    private static IEnumerable<EndOfWire> Ends(JobWire wire) => [new(wire, EndSide.A), new(wire, EndSide.B)];

    private static string Key(EndOfWire end) => $"{end.Wire.Id} {end.Side}";

    private static void Same<T>(IEnumerable<T> looked, IEnumerable<T> indexed)
        where T : JobPart => Assert.Equal(looked.Select(p => p.Id).Order(), indexed.Select(p => p.Id).Order());
}
