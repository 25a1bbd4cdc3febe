using Lacet.Core.Checks.Jobs;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Planning;

namespace Lacet.Core.Tests.Jobs;

/// <summary>What is offered against a finding really takes it away, and brings nothing worse.</summary>
public sealed class EndRemedyTests
{
    private static readonly Dictionary<string, (Func<Sketch> Make, string At, string Remedy, string Check)> Cases = new(StringComparer.Ordinal)
    {
        ["too thick for its slot"] = (() => Panel().Wire("1", "X1", null, conductor: Ends.Wire("2", Build.Stranded)), "X1", "move", "conductor-out-of-range"),
        ["two under one screw"] = (() => Panel().Wire("1", "X1", null).Wire("2", "X1", null), "X1", "pigtail", "two-conductors"),
        ["two where it may be marked for two"] = (() => Panel().Wire("1", "X1", null).Wire("2", "X1", null), "X1", "twin", "two-conductors"),
        ["hot on silver, neutral on brass"] = (() => Outlet("R.silver1", "R.brass1"), "R.silver1", "swap", "reversed-polarity"),
        ["a ferrule of another size"] = (() => Panel().Wire("1", "X1", null, conductor: Ends.Wire("2.5 mm²", Build.FineStranded), with: w => w with { A = w.A with { Ferrule = new GivenFerrule(1.0, null, null) } }), "X1", "ferrule", "ferrule-wrong-size"),
        ["a ferrule on solid wire"] = (() => Panel().Wire("1", "X1", null, with: w => w with { A = w.A with { Ferrule = new GivenFerrule(2.5, null, null) } }), "X1", "ferrule", "ferrule-on-solid"),
        ["a tinned end under a screw"] = (() => Panel().Wire("1", "X1", null, conductor: Ends.Wire("14", Build.Stranded), with: w => w with { A = w.A with { Condition = EndCondition.Tinned } }), "X1", "cut-back", "tinned-strands"),
        ["20 A receptacle on 15 A"] = (() => Outlet("R.brass1", "R.silver1", 20), "R.brass1", "receptacle", "receptacle-rating"),
        ["14 AWG on 20 A"] = (() => Panel().Circuit("1", 20).Wire("1", "X1", null, circuit: "1"), "X1", "breaker", "terminal-overloaded"),
        ["found scorched"] = (() => new Sketch().Box("B").Landing("B", "S", Ends.Screw()).Wire("1", "S", null, with: w => w with { A = w.A with { Found = new AsMade(null, null) { Scorched = true } } }), "S", "land-again", "loose-or-scorched"),
        ["too little wire at a device in a box"] = (() => new Sketch().Box("B").Landing("B", "S", Ends.Screw()).Wire("1", "S", null, with: w => w with { A = w.A with { FreeLength = new Length(100) } }), "S", "pigtail", "free-length-short"),
        ["too short past a small opening"] = (() => new Sketch().Box("B", 100).Landing("B", "S", Ends.Screw()).Wire("1", "S", null, with: w => w with { A = w.A with { PastOpening = new Length(60) } }), "S", "pigtail", "free-length-short"),
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
            var (parts, findings) = (judged.Job.Parts.ToList(), Keys(judged));
            EndRemedies.For(judged, judged.Job.EndsAt(sketch.Id(at))[0], sketch.New);
            Assert.Equal(parts, judged.Job.Parts);
            Assert.Equal(findings, Keys(judged));
        }
    }

    [Fact]
    public void Whatever_the_job_what_is_offered_does_what_it_says_and_brings_no_stop() => Gen.Int[0, int.MaxValue / 2].List[1, 8].Sample(
        seeds =>
        {
            var judged = AnyJob.House().Judged();
            foreach (var seed in seeds)
            {
                judged.Apply([AnyJob.Edit(judged.Job, new Random(seed))]);
            }

            var random = new Random(seeds[0]);
            var wire = judged.Job.Wires.Values.OrderBy(w => w.Id).ElementAt(random.Next(judged.Job.Wires.Count));
            foreach (var remedy in EndRemedies.For(judged, new(wire, EndSide.A), Guid.NewGuid))
            {
                var before = Keys(judged);
                var undo = judged.Apply(remedy.Changes).Undo;
                var after = Keys(judged);
                Assert.All(remedy.Gone, f => Assert.DoesNotContain(Key(f), after));
                Assert.All(remedy.Come, f => Assert.Contains(Key(f), after));
                Assert.Equal(before.Except(after).Order(StringComparer.Ordinal), remedy.Gone.Select(Key).Order(StringComparer.Ordinal));
                Assert.DoesNotContain(remedy.Come, f => f.Finding.Severity == Severity.Stop);
                judged.Apply(undo);
            }
        },
        iter: 80);

    [Fact]
    public void Where_nothing_is_wrong_nothing_is_offered()
    {
        var sketch = Panel().Wire("1", "X1", "X2");
        var judged = sketch.Judged();
        Assert.Empty(EndRemedies.For(judged, judged.Job.EndsAt(sketch.Id("X1"))[0], sketch.New));
    }

    [Fact]
    public void A_pigtail_joins_all_that_landed_there_and_is_long_enough()
    {
        var sketch = Panel().Wire("1", "X1", null).Wire("2", "X1", null).Wire("3", "X1", null);
        var judged = sketch.Judged();
        var remedy = EndRemedies.For(judged, judged.Job.EndsAt(sketch.Id("X1"))[0], sketch.New).First(r => r.Id == "pigtail");
        judged.Apply(remedy.Changes);
        var joint = judged.Job.Landings.Values.Single(l => l.Splice is not null);
        Assert.Equal(4, judged.Job.EndsAt(joint.Id).Count);
        var pigtail = Assert.Single(judged.Job.EndsAt(sketch.Id("X1"))).Wire;
        // NEC 300.14: 6 in free, 152.4 mm; from memory.
        Assert.True(pigtail.Length!.Value.Millimetres > 152.4);
    }

    [Fact]
    public void A_free_slot_of_the_same_device_is_offered_first_and_a_spare_one_never()
    {
        var sketch = new Sketch().Panel("P").Device("P", "X", DeviceType.Block).Landing("P", "Y", Ends.Block(0.5, 50))
            .Landing("P", "X:1", Ends.Block(), "X").Landing("P", "X:2", Ends.Block(0.5, 50), "X", l => l with { Spare = true }).Landing("P", "X:3", Ends.Block(0.5, 50), "X")
            .Wire("1", "X:1", null, conductor: Ends.Wire("2", Build.Stranded));
        var judged = sketch.Judged();
        var moves = EndRemedies.For(judged, judged.Job.EndsAt(sketch.Id("X:1"))[0], sketch.New).Where(r => r.Id == "move").ToList();
        Assert.Equal([sketch.Id("X:3"), sketch.Id("Y")], moves.Select(m => m.At!.Value));
        Assert.Contains("X:3", moves[0].Says, StringComparison.Ordinal);
    }

    private static Sketch Panel() => new Sketch().Panel("P").Landing("P", "X1").Landing("P", "X2").Landing("P", "X3", Ends.Block(0.5, 50));

    private static Sketch Outlet(string hot, string neutral, double rating = 15) => new Sketch().Panel("P").Box("B").Breaker("P", "Q").Circuit("1", 15)
        .Receptacle("B", "R", rating).Wire("1", "Q:1", hot, WireFunction.Line, "1").Wire("2", null, neutral, WireFunction.Neutral, "1").Wire("3", null, "R.green", WireFunction.Earth, "1");

    private static string Key(JobFinding finding) => $"{finding.About.Key} {finding.Finding.Check} {finding.Finding.Severity}";

    private static List<string> Keys(JudgedJob judged) => [.. judged.Findings.Select(Key)];
}
