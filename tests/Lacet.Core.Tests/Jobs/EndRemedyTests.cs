using Lacet.Core.Checks.Jobs;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Planning;

namespace Lacet.Core.Tests.Jobs;

/// <summary>What is offered against a finding really takes it away, and brings nothing worse.</summary>
public sealed class EndRemedyTests
{
    private static readonly Dictionary<string, (Func<Sketch> Make, string At, string Remedy, string Check)> Cases = new(
        StringComparer.Ordinal
    )
    {
        ["two under one screw of a bar"] = (
            () =>
                Bar()
                    .Wire("1", "N:1", null, WireFunction.Neutral, "1")
                    .Wire("2", "N:1", null, WireFunction.Neutral, "1"),
            "N:1",
            "move",
            "two-conductors"
        ),
        ["two under one screw"] = (
            () => Panel().Circuit("1").Wire("1", "X1", null, circuit: "1").Wire("2", "X1", null, circuit: "1"),
            "X1",
            "pigtail",
            "two-conductors"
        ),
        ["hot on silver, neutral on brass"] = (
            () => Outlet("R.silver1", "R.brass1"),
            "R.silver1",
            "swap",
            "reversed-polarity"
        ),
        ["a ferrule of another size"] = (
            () =>
                Panel()
                    .Wire("1", "X1", null, conductor: Ends.Wire("2.5 mm²", Build.FineStranded), with: w =>
                        w with
                        {
                            A = w.A with { Ferrule = new GivenFerrule(1.0, null, null) },
                        }
                    ),
            "X1",
            "ferrule",
            "ferrule-wrong-size"
        ),
        ["a ferrule on solid wire"] = (
            () =>
                Panel()
                    .Wire("1", "X1", null, with: w =>
                        w with
                        {
                            A = w.A with { Ferrule = new GivenFerrule(2.5, null, null) },
                        }
                    ),
            "X1",
            "ferrule",
            "ferrule-on-solid"
        ),
        ["a tinned end under a screw"] = (
            () =>
                Panel()
                    .Wire("1", "X1", null, conductor: Ends.Wire("14", Build.Stranded), with: w =>
                        w with
                        {
                            A = w.A with { Condition = EndCondition.Tinned },
                        }
                    ),
            "X1",
            "cut-back",
            "tinned-strands"
        ),
        ["20 A receptacle on 15 A"] = (
            () => Outlet("R.brass1", "R.silver1", 20),
            "R.brass1",
            "receptacle",
            "receptacle-rating"
        ),
        ["14 AWG on 20 A, with its breaker and a receptacle of 20 A"] = (
            () =>
                new Sketch()
                    .Panel("P")
                    .Box("B")
                    .Circuit("1", 20)
                    .Device("P", "Q", DeviceType.Breaker, d => d with { RatingAmps = 20 })
                    .Landing("P", "Q:1", Ends.Block(0.5, 16), "Q")
                    .Receptacle("B", "R", 20)
                    .Wire("1", "Q:1", "R.brass1", WireFunction.Line, "1"),
            "Q:1",
            "breaker",
            "terminal-overloaded"
        ),
        ["too little wire at a device in a box"] = (
            () => Short(w => w with { A = w.A with { FreeLength = new Length(100) } }),
            "S",
            "pigtail",
            "free-length-short"
        ),
        ["too short past a small opening"] = (
            () => Short(w => w with { A = w.A with { PastOpening = new Length(60) } }, 100),
            "S",
            "pigtail",
            "free-length-short"
        ),
    };

    public static TheoryData<string> Wrong => [.. Cases.Keys];

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_is_wrong_can_be_put_right(string what)
    {
        var (make, at, remedy, check) = Cases[what];
        var sketch = make();
        var judged = sketch.Judged();
        Assert.Contains(judged.Findings, f => f.Finding.Check == check);
        var found = EndRemedies.For(judged, judged.Job.EndsAt(sketch.Id(at))[0], sketch.New).First(r => r.Id == remedy);
        Assert.Contains(found.Gone, f => f.Finding.Check == check);
        Assert.EndsWith(".", found.Says, StringComparison.Ordinal);
        judged.Apply(found.Changes);
        Assert.DoesNotContain(judged.Findings, f => f.Finding.Check == check);
    }

    [Fact]
    public void Trying_leaves_the_job_as_it_was()
    {
        foreach (var (make, at, _, _) in Cases.Values)
        {
            var sketch = make();
            var judged = sketch.Judged();
            var (parts, findings) = (judged.Job.Parts.ToList(), RemedyLaw.Keys(judged));
            EndRemedies.For(judged, judged.Job.EndsAt(sketch.Id(at))[0], sketch.New);
            Assert.Equal(parts, judged.Job.Parts);
            Assert.Equal(findings, RemedyLaw.Keys(judged));
        }
    }

    /// <summary>
    /// The law of remedies: applied, the whole job has strictly fewer findings and no new one, not even a note; every
    /// wire keeps its circuit, its function and its conductor; every device is fed by what fed it, at screws of the
    /// same metal and side.
    /// </summary>
    [Fact]
    [Trait("Advice", "1.4")]
    public void Whatever_the_job_what_is_offered_brings_nothing_and_rewires_nothing() =>
        Gen.Int[0, int.MaxValue / 2]
            .List[1, 8]
            .Sample(
                seeds =>
                {
                    var judged = AnyJob.House().Judged();
                    foreach (var seed in seeds)
                    {
                        judged.Apply([AnyJob.Edit(judged.Job, new Random(seed))]);
                    }

                    RemedyLaw.Holds(judged);
                },
                iter: 60
            );

    [Theory]
    [InlineData("a hot that shares a screw with a neutral")]
    [InlineData("two circuits under one screw")]
    [InlineData("aluminium")]
    [InlineData("nobody said what it is for")]
    public void What_does_not_belong_together_is_not_spliced(string what)
    {
        var sketch = Panel().Circuit("1").Circuit("2").Wire("1", "X1", null, circuit: "1");
        sketch = what switch
        {
            "aluminium" => sketch.Wire(
                "2",
                "X1",
                null,
                circuit: "1",
                conductor: Ends.Wire("12", material: Material.Aluminium)
            ),
            "two circuits under one screw" => sketch.Wire("2", "X1", null, circuit: "2"),
            "nobody said what it is for" => sketch.Wire("2", "X1", null, WireFunction.Unknown, "1"),
            _ => sketch.Wire("2", "X1", null, WireFunction.Neutral, "1"),
        };
        var judged = sketch.Judged();
        Assert.DoesNotContain(EndRemedies.For(judged, judged.Job.EndsAt(sketch.Id("X1"))[0], sketch.New), r =>
            r.Id == "pigtail"
        );
    }

    /// <summary>
    /// A numbered terminal is no place to move a wire to, however free; an earth or neutral bar never takes a hot.
    /// </summary>
    [Fact]
    [Trait("Advice", "1.4")]
    public void A_wire_is_never_moved_to_a_terminal_with_a_number_nor_to_a_bar()
    {
        var sketch = Bar()
            .Device("P", "X", DeviceType.Block)
            .Landing("P", "X:1", Ends.Block(), "X")
            .Landing("P", "X:2", Ends.Block(0.5, 50), "X")
            .Wire("1", "X:1", null, circuit: "1", conductor: Ends.Wire("2", Build.Stranded));
        var judged = sketch.Judged();
        Assert.Contains(judged.Findings, f => f.Finding.Check == "conductor-out-of-range");
        Assert.DoesNotContain(EndRemedies.For(judged, judged.Job.EndsAt(sketch.Id("X:1"))[0], sketch.New), r =>
            r.Id is "move" or "swap"
        );
    }

    /// <summary>What was found stands until something is done: no tap takes it away.</summary>
    [Fact]
    [Trait("Advice", "1.6")]
    public void What_was_found_scorched_stands_until_an_event()
    {
        var sketch = new Sketch()
            .Box("B")
            .Landing("B", "S", Ends.Screw())
            .Circuit("1")
            .Wire("1", "S", null, circuit: "1", with: w =>
                w with
                {
                    A = w.A with { Found = new AsMade(null, null) { Scorched = true } },
                }
            );
        var judged = sketch.Judged();
        var end = judged.Job.EndsAt(sketch.Id("S"))[0];
        Assert.DoesNotContain(EndRemedies.For(judged, end, sketch.New), r =>
            r.Changes.Any(c => c.After is JobWire { A.Found: null } or JobWire { A.Found.Scorched: false })
        );
        judged.Redone(new HashSet<Guid> { end.End.Id });
        Assert.DoesNotContain(judged.Findings, f => f.Finding.Check == "loose-or-scorched");
        judged.Redone(new HashSet<Guid>());
        Assert.Contains(judged.Findings, f => f.Finding.Check == "loose-or-scorched");
    }

    [Fact]
    public void Where_nothing_is_wrong_nothing_is_offered()
    {
        var sketch = Panel().Wire("1", "X1", "X2");
        var judged = sketch.Judged();
        Assert.Empty(EndRemedies.For(judged, judged.Job.EndsAt(sketch.Id("X1"))[0], sketch.New));
    }

    [Fact]
    [Trait("Advice", "1.20")]
    public void A_pigtail_joins_all_that_landed_there_and_is_long_enough()
    {
        var sketch = Panel()
            .Circuit("1")
            .Wire("1", "X1", null, circuit: "1")
            .Wire("2", "X1", null, circuit: "1")
            .Wire("3", "X1", null, circuit: "1", conductor: Ends.Wire("12"));
        var judged = sketch.Judged();
        var remedy = EndRemedies
            .For(judged, judged.Job.EndsAt(sketch.Id("X1"))[0], sketch.New)
            .First(r => r.Id == "pigtail");
        judged.Apply(remedy.Changes);
        var joint = judged.Job.Landings.Values.Single(l => l.Splice is not null);
        Assert.Equal(4, judged.Job.EndsAt(joint.Id).Count);
        var pigtail = Assert.Single(judged.Job.EndsAt(sketch.Id("X1"))).Wire;
        // By the one rule: 6 in free (NEC 300.14), 1 1/2 in in the splice; what it strips at a block that is wrong for
        // it nobody knows, so twice 10 mm; from memory.
        Assert.Equal(152.4 + 38.1 + (2 * 10), pigtail.Length!.Value.Millimetres, 6);
        Assert.Equal("12 AWG", pigtail.Conductor!.Size.Name);
    }

    private static Sketch Panel() =>
        new Sketch().Panel("P").Landing("P", "X1").Landing("P", "X2").Landing("P", "X3", Ends.Block(0.5, 50));

    private static Sketch Bar() =>
        new Sketch()
            .Panel("P")
            .Circuit("1")
            .Device("P", "N", DeviceType.NeutralBar)
            .Landing("P", "N:1", Ends.Block(), "N")
            .Landing("P", "N:2", Ends.Block(), "N", l => l with { Spare = true })
            .Landing("P", "N:3", Ends.Block(), "N");

    private static Sketch Short(Func<JobWire, JobWire> with, double? opening = null) =>
        new Sketch()
            .Box("B", opening)
            .Landing("B", "S", Ends.Screw())
            .Circuit("1")
            .Wire("1", "S", null, circuit: "1", with: with);

    private static Sketch Outlet(string hot, string neutral, double rating = 15) =>
        new Sketch()
            .Panel("P")
            .Box("B")
            .Breaker("P", "Q")
            .Circuit("1", 15)
            .Receptacle("B", "R", rating)
            .Wire("1", "Q:1", hot, WireFunction.Line, "1")
            .Wire("2", null, neutral, WireFunction.Neutral, "1")
            .Wire("3", null, "R.green", WireFunction.Earth, "1");
}
