using Lacet.Core.Jobs;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Jobs;

/// <summary>What a job refuses to be, each in a sentence; and who belongs to whom in it.</summary>
public sealed partial class JobRuleTests
{
    private static JobLanding Spliced(SpliceConnector splice) => new(Guid.NewGuid(), Box, "L") { Splice = splice };

    private static readonly Guid Box = new("00000000-0000-4000-8000-00000000000a");

    public static TheoryData<string, JobPart, string> Impossible =>
        new()
        {
            { "a nameless enclosure", new Enclosure(Guid.NewGuid(), "", EnclosureForm.Box), "needs a name" },
            {
                "an endless name",
                new Enclosure(Guid.NewGuid(), new string('x', 201), EnclosureForm.Box),
                "needs a name"
            },
            {
                "a second of a name",
                new Enclosure(Guid.NewGuid(), "b", EnclosureForm.Panel),
                "another enclosure called"
            },
            {
                "an opening of nothing",
                new Enclosure(Guid.NewGuid(), "C", EnclosureForm.Box) { Opening = new(0) },
                "opening"
            },
            {
                "a device nowhere",
                new Device(Guid.NewGuid(), Guid.NewGuid(), "D", DeviceType.Block),
                "not in this job"
            },
            {
                "a rating below nothing",
                new Device(Guid.NewGuid(), Box, "D", DeviceType.Block) { RatingAmps = -1 },
                "rating"
            },
            {
                "a receptacle of nine plugs",
                new Device(Guid.NewGuid(), Box, "D", DeviceType.Receptacle) { Outlets = 9 },
                "outlets"
            },
            {
                "a load of a small town",
                new Device(Guid.NewGuid(), Box, "D", DeviceType.Receptacle) { PluggedAmps = 1e6 },
                "load"
            },
            { "a landing nowhere", new JobLanding(Guid.NewGuid(), Guid.NewGuid(), "L"), "not in this job" },
            {
                "a landing of no device",
                new JobLanding(Guid.NewGuid(), Box, "L") { DeviceId = Guid.NewGuid() },
                "not in its enclosure"
            },
            {
                "a landing and a splice",
                new JobLanding(Guid.NewGuid(), Box, "L") { Landing = Ends.Block(), Splice = new("s", 2, 3, 1, 4) },
                "not both"
            },
            { "a nameless connector", Spliced(new(" ", 2, 3, 1, 4)), "needs a name" },
            { "a connector for nothing", Spliced(new("s", 0, 3, 1, 4)), "the fewest first" },
            { "a connector of fewer than its fewest", Spliced(new("s", 4, 3, 1, 4)), "the fewest first" },
            { "a connector of no size", Spliced(new("s", 2, 3, 0, 4)), "the least first" },
            { "a connector smaller than its smallest", Spliced(new("s", 2, 3, 6, 4)), "the least first" },
            {
                "a circuit of two phases",
                new Circuit(Guid.NewGuid(), "1") { Phases = 2 },
                "one phase or three"
            },
            { "a circuit that shares with itself", Shares(Guid.NewGuid()), "shares its neutral" },
            {
                "a voltage of lightning",
                new Circuit(Guid.NewGuid(), "1") { Volts = 1e6 },
                "voltage"
            },
            {
                "a breaker of nothing",
                new Circuit(Guid.NewGuid(), "1") { OcpdAmps = 0 },
                "breaker"
            },
            {
                "a load below nothing",
                new Circuit(Guid.NewGuid(), "1") { LoadAmps = -1 },
                "load"
            },
            { "a wire of no circuit", Wire() with { CircuitId = Guid.NewGuid() }, "circuit that is not" },
            {
                "a wire to nowhere known",
                Wire() with
                {
                    B = new JobEnd(Guid.NewGuid()) { LandingId = Guid.NewGuid() },
                },
                "landing that is not"
            },
            { "a wire of one end", One(Guid.NewGuid()), "ids of their own" },
            { "a length below nothing", Wire() with { Length = new(-1) }, "length" },
            { "a run without a name", Wire() with { Run = " " }, "run" },
            {
                "a free length past reason",
                Wire() with
                {
                    A = new JobEnd(Guid.NewGuid()) { FreeLength = new(1e9) },
                },
                "free length"
            },
            { "a cord without a name", new JobCord(Guid.NewGuid(), " "), "name" },
            {
                "a pin map without a name",
                new JobPinMap(Guid.NewGuid()) { Map = new(" ", 6, 1, []) },
                "Name the map"
            },
            {
                "a connector of one pin",
                new JobPinMap(Guid.NewGuid()) { Map = new("m", 1, 1, []) },
                "2 to 60 pins"
            },
            {
                "a machine of three speeds",
                new JobPinMap(Guid.NewGuid()) { Map = new("m", 6, 1, []) { Speeds = 3 } },
                "one speed or two"
            },
            {
                "a resistance below nothing",
                new JobPinMap(Guid.NewGuid()) { Map = new("m", 6, 1, [new(1, PinMaps.PinFunction.Line, "T", "", -1)]) },
                "0 Ω or more"
            },
            { "a bridge of one terminal", new JobBridge(Guid.NewGuid(), [Guid.NewGuid()]), "2 to 100 terminals" },
            {
                "a bridge to nowhere",
                new JobBridge(Guid.NewGuid(), [Guid.NewGuid(), Guid.NewGuid()]),
                "not in this job"
            },
            {
                "a cable of no conductors",
                new JobCable(Guid.NewGuid(), "W1") { Count = 0 },
                "1 to 120 conductors"
            },
            {
                "a jacket as wide as a door",
                new JobCable(Guid.NewGuid(), "W1") { JacketDiameter = new(900) },
                "80 mm"
            },
            {
                "a cable into nowhere",
                new JobCable(Guid.NewGuid(), "W1") { Reaches = [new(Guid.NewGuid()) { Reach = new(100) }] },
                "not in this job"
            },
            {
                "a reach of a mile",
                new JobCable(Guid.NewGuid(), "W1") { Reaches = [new(Box) { Reach = new(1e6) }] },
                "5,000 mm"
            },
            {
                "a wire in no cable",
                new JobWire(Guid.NewGuid(), "1", new(Guid.NewGuid()), new(Guid.NewGuid())) { CableId = Guid.NewGuid() },
                "cable that is not in this job"
            },
            { "an acceptance without a reason", new Acceptance(Guid.NewGuid(), "c", "a", "r", " "), "Say why" },
        };

    [Theory]
    [MemberData(nameof(Impossible))]
    public void What_cannot_be_is_refused_in_a_sentence_and_leaves_the_job_as_it_was(
        string what,
        JobPart part,
        string says
    )
    {
        Assert.NotEmpty(what);
        var job = Start();
        var before = job.Parts.ToList();
        var refused = Assert.Throws<ImpossibleInputException>(() => job.Apply([EntityChange.Put(part)]));
        Assert.Contains(says, refused.Message, StringComparison.OrdinalIgnoreCase);
        Assert.EndsWith(".", refused.Message, StringComparison.Ordinal);
        Assert.Equal(before, job.Parts);
    }

    [Fact]
    public void A_device_keeps_to_its_enclosure()
    {
        var job = Start();
        var other = new Enclosure(Guid.NewGuid(), "Other", EnclosureForm.Box);
        var device = new Device(Guid.NewGuid(), other.Id, "X", DeviceType.Block);
        job.Apply([EntityChange.Put(other), EntityChange.Put(device)]);
        Assert.Throws<ImpossibleInputException>(() =>
            job.Apply([EntityChange.Put(new JobLanding(Guid.NewGuid(), Box, "L") { DeviceId = device.Id })])
        );
    }

    [Fact]
    public void The_same_name_may_stand_in_two_enclosures_but_not_twice_in_one()
    {
        var job = Start();
        var other = new Enclosure(Guid.NewGuid(), "Other", EnclosureForm.Box);
        job.Apply([
            EntityChange.Put(other),
            EntityChange.Put(new JobLanding(Guid.NewGuid(), Box, "X1:1")),
            EntityChange.Put(new JobLanding(Guid.NewGuid(), other.Id, "X1:1")),
        ]);
        Assert.Throws<ImpossibleInputException>(() =>
            job.Apply([EntityChange.Put(new JobLanding(Guid.NewGuid(), Box, "x1:1"))])
        );
    }

    [Fact]
    public void An_enclosure_goes_with_what_is_in_it_and_never_before()
    {
        var job = Start();
        var landing = new JobLanding(Guid.NewGuid(), Box, "L");
        job.Apply([EntityChange.Put(landing)]);
        Assert.Throws<ImpossibleInputException>(() => job.Apply([EntityChange.Remove(job.Enclosures[Box])]));
        job.Apply([EntityChange.Remove(job.Enclosures[Box]), EntityChange.Remove(landing)]);
        Assert.Empty(job.Enclosures);
    }

    [Fact]
    public void Ends_are_found_at_their_landing_in_the_order_of_their_wires()
    {
        var job = Start();
        var splice = new JobLanding(Guid.NewGuid(), Box, "S") { Splice = new("s", 2, 5, 1, 4) };
        JobWire At(string name, int order, bool both) =>
            new(
                Guid.NewGuid(),
                name,
                new JobEnd(Guid.NewGuid()) { LandingId = splice.Id },
                new JobEnd(Guid.NewGuid()) { LandingId = both ? splice.Id : null }
            )
            {
                Order = order,
            };
        job.Apply([
            EntityChange.Put(splice),
            EntityChange.Put(At("late", 9, both: false)),
            EntityChange.Put(At("loop", 2, both: true)),
            EntityChange.Put(At("gone", 1, both: false) with { Retired = true }),
        ]);
        Assert.Equal(["loop A", "loop B", "late A"], job.EndsAt(splice.Id).Select(e => $"{e.Wire.Name} {e.Side}"));
    }

    [Fact]
    public void Landings_stand_in_the_order_that_they_were_given()
    {
        var job = Start();
        foreach (var (name, order) in new[] { ("third", 30), ("first", 10), ("second", 20) })
        {
            job.Apply([EntityChange.Put(new JobLanding(Guid.NewGuid(), Box, name) { Order = order })]);
        }

        Assert.Equal(["first", "second", "third"], job.LandingsIn(Box).Select(l => l.Name));
    }

    [Fact]
    public void Runs_and_names_are_the_same_whatever_their_case()
    {
        var job = Start();
        job.Apply([
            EntityChange.Put(Wire() with { Run = "Conduit 1" }),
            EntityChange.Put(Wire() with { Run = "CONDUIT 1" }),
        ]);
        Assert.Single(job.Runs);
        Assert.Equal(2, job.WiresRunning("conduit 1").Count());
        Assert.Equal(2, job.WiresNamed("W").Count);
    }

    private static Job Start() => new(new JobTitle(Guid.NewGuid(), "J"), [new Enclosure(Box, "B", EnclosureForm.Box)]);

    private static Circuit Shares(Guid id) => new(id, "1") { SharesNeutralWith = id };

    private static JobWire Wire() => new(Guid.NewGuid(), "w", new JobEnd(Guid.NewGuid()), new JobEnd(Guid.NewGuid()));

    private static JobWire One(Guid end) => new(Guid.NewGuid(), "w", new JobEnd(end), new JobEnd(end));
}
