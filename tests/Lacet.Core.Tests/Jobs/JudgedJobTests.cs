using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;

namespace Lacet.Core.Tests.Jobs;

/// <summary>A change judges what it reaches and nothing else, and undoing it brings everything back.</summary>
public sealed class JudgedJobTests
{
    private static readonly string[] Sizes = ["14", "12", "10", "2.5 mm²", "0.5 mm²"];
    private static readonly string[] Colours = ["black", "white", "green", "blue"];

    [Fact]
    public void After_any_changes_the_findings_are_those_of_the_whole_job_judged_anew() =>
        Gen.Int[0, int.MaxValue / 2].List[1, 12].Sample(
            seeds =>
            {
                var judged = House().Judged();
                var before = Keys(judged);
                var undos = new Stack<IReadOnlyList<EntityChange>>();
                foreach (var seed in seeds)
                {
                    undos.Push(judged.Apply([Edit(judged.Job, new Random(seed))]).Undo);
                    Assert.Equal(Keys(new JudgedJob(judged.Job)), Keys(judged));
                }

                while (undos.TryPop(out var undo))
                {
                    judged.Apply(undo);
                }

                Assert.Equal(before, Keys(judged));
            },
            iter: 300);

    [Fact]
    public void A_change_of_one_wire_leaves_the_others_alone()
    {
        var judged = House().Judged();
        var wire = judged.Job.Wires.Values.Single(w => w.Name == "ctl1");
        var (_, reached) = judged.Apply([EntityChange.Put(wire with { Conductor = Ends.Wire("12") })]);
        Assert.DoesNotContain(reached, s => s.Scope == CheckScope.Wire && s.Id != wire.Id);
        Assert.True(reached.Count < 8);
    }

    [Fact]
    public void Another_name_for_the_job_judges_nothing()
    {
        var judged = House().Judged();
        Assert.Empty(judged.Apply([EntityChange.Put(judged.Job.Title with { Name = "Other" })]).Judged);
    }

    [Fact]
    public void House_rules_of_the_job_judge_all_of_it()
    {
        var job = new Sketch().Panel("P").Landing("P", "X1", new BackStab(new())).Wire("1", "X1", null);
        var judged = job.Judged();
        Assert.Contains(judged.Findings, f => f.Finding.Check == "back-stab-by-house-rule");
        judged.Apply([EntityChange.Put(judged.Job.Title with { Rules = HouseRules.Default with { BackStabHoles = BackStabHoles.FourteenSolidTo15A } })]);
        Assert.DoesNotContain(judged.Findings, f => f.Finding.Check == "back-stab-by-house-rule");
    }

    [Fact]
    public void Every_end_is_planned()
    {
        var judged = House().Judged();
        var wire = judged.Job.Wires.Values.First(w => w.Name == "ctl1");
        Assert.NotNull(judged.Plan(wire.Id, EndSide.A)?.Torque);
    }

    [Fact]
    public void A_retired_wire_is_kept_and_judged_no_more()
    {
        var judged = new Sketch().Panel("P").Landing("P", "X1").Wire("1", "X1", null).Judged();
        var wire = judged.Job.Wires.Values.Single();
        judged.Apply([EntityChange.Put(wire with { Retired = true })]);
        Assert.Equal("landing-with-nothing", Assert.Single(judged.Findings).Finding.Check);
        Assert.Contains(wire.Id, judged.Job.Wires);
    }

    [Theory]
    [InlineData("enclosure", "still has landings")]
    [InlineData("landing", "still ends at")]
    [InlineData("circuit", "still has wires")]
    [InlineData("twice", "another landing called")]
    [InlineData("nowhere", "not in this job")]
    [InlineData("nameless", "needs a name")]
    public void A_change_that_leaves_it_in_pieces_is_refused_and_changes_nothing(string what, string says)
    {
        var sketch = House();
        var judged = sketch.Judged();
        var before = Keys(judged);
        var job = judged.Job;
        var landing = job.Landings[sketch.Id("X1")];
        var bad = what switch
        {
            "enclosure" => EntityChange.Remove(job.Enclosures[sketch.Id("P")]),
            "landing" => EntityChange.Remove(landing),
            "circuit" => EntityChange.Remove(job.Circuits[sketch.Id("circuit 1")]),
            "twice" => EntityChange.Put(landing with { Name = "x2" }),
            "nowhere" => EntityChange.Put(job.Wires.Values.First() with { CircuitId = sketch.New() }),
            _ => EntityChange.Put(landing with { Name = " " }),
        };
        var good = EntityChange.Put(job.Wires.Values.Last() with { Conductor = null });
        var refused = Assert.Throws<ImpossibleInputException>(() => judged.Apply([good, bad]));
        Assert.Contains(says, refused.Message, StringComparison.Ordinal);
        Assert.Equal(before, Keys(judged));
        Assert.Equal(before, Keys(new JudgedJob(job)));
    }

    private static Sketch House() => new Sketch().Panel("P").Box("B").Breaker("P", "Q").Breaker("P", "Q2")
        .Circuit("1", 15, c => c with { Volts = 120, LoadAmps = 11 }).Shared("2", "1").Circuit("3", 20)
        .Landing("P", "X1").Landing("P", "X2").Landing("P", "X3", Ends.Block() with { TakesTwo = true }).Splice("B", "J")
        .Receptacle("B", "R").Receptacle("B", "S").Device("B", "G", DeviceType.GroundFaultReceptacle, d => d with { RatingAmps = 20 })
        .Landing("B", "G.line", Ends.Screw(), "G", l => l with { Side = DeviceSide.Line, Identity = TerminalIdentity.Brass })
        .Landing("B", "G.load", Ends.Screw(), "G", l => l with { Side = DeviceSide.Load, Identity = TerminalIdentity.Brass })
        .Wire("1", "Q:1", "R.brass1", circuit: "1", with: w => w with { Run = "C", Length = new Length(20000) })
        .Wire("2", "Q2:1", "R.brass2", circuit: "2", with: w => w with { Run = "C" })
        .Wire("3", "J", "R.silver1", WireFunction.Neutral, "1", with: w => w with { Run = "C" })
        .Wire("4", "R.green", "J", WireFunction.Earth)
        .Wire("5", "Q:1", "G.line", circuit: "1").Wire("6", "G.load", "S.brass1", circuit: "1")
        .Wire("7", "S.silver1", "R.silver2", WireFunction.Neutral, "2")
        .Wire("ctl1", "X1", "X2").Wire("ctl2", "X3", null, conductor: Ends.Wire("2.5 mm²", Build.FineStranded));

    private static EntityChange Edit(Job job, Random random)
    {
        T Any<T>(IEnumerable<T> of) => of.OrderBy(o => (o as IJobEntity)?.Id).ElementAt(random.Next(of.Count()));
        Guid? Maybe(IEnumerable<Guid> ids) => random.Next(4) == 0 ? null : ids.Order().ElementAt(random.Next(ids.Count()));
        var wire = Any(job.Wires.Values);
        var device = Any(job.Devices.Values);
        var landing = Any(job.Landings.Values);
        var circuit = Any(job.Circuits.Values);
        var colour = InsulationColour.TryParse(Colours[random.Next(4)], out var read) ? read : default;
        return EntityChange.Put(random.Next(14) switch
        {
            0 => wire with { A = wire.A with { LandingId = Maybe(job.Landings.Keys) } },
            1 => wire with { B = wire.B with { LandingId = Maybe(job.Landings.Keys) } },
            2 => wire with { CircuitId = Maybe(job.Circuits.Keys) },
            3 => wire with { Function = (WireFunction)random.Next(5), Colour = colour },
            4 => wire with { Name = $"{random.Next(4)}" },
            5 => wire with { Run = random.Next(2) == 0 ? null : "c", Length = new Length(random.Next(60000)) },
            6 => wire with { Conductor = random.Next(5) == 0 ? null : Ends.Wire(Sizes[random.Next(Sizes.Length)]) },
            7 => wire with { Retired = !wire.Retired },
            8 => device with { RatingAmps = random.Next(2) == 0 ? 15 : 20, HotTab = (BreakOffTab)random.Next(2), Type = (DeviceType)random.Next(4) },
            9 => landing with { Identity = (TerminalIdentity)random.Next(4), Side = (DeviceSide)random.Next(3), Half = (DeviceHalf)random.Next(3) },
            10 => landing.Splice is null ? landing with { Landing = random.Next(3) == 0 ? null : Ends.Block() with { TakesTwo = random.Next(2) == 0 } } : landing,
            11 => circuit with { OcpdAmps = random.Next(2) == 0 ? 15 : 30, LoadAmps = random.Next(30), Method = (WiringMethod)random.Next(4) },
            12 => circuit with { SharesNeutralWith = Maybe(job.Circuits.Keys.Where(k => k != circuit.Id)) },
            _ => Any(job.Enclosures.Values) with { Opening = new Length(100 + random.Next(200)) },
        });
    }

    private static string[] Keys(JudgedJob judged) =>
        [.. judged.Findings.Select(f => $"{f.About.Key} {f.Finding.Check} {f.Finding.Severity} {Ends.Read(f.Finding.Says)}")];
}
