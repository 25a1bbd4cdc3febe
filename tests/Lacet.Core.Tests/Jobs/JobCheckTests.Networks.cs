using Lacet.Core.Jobs;

namespace Lacet.Core.Tests.Jobs;

/// <summary>Each check of the network by one mistake, beside the same job wired right.</summary>
public sealed partial class JobCheckTests
{
    private static readonly Dictionary<string, (Sketch Fires, Severity Severity, Sketch Silent)> Networks = new(
        StringComparer.Ordinal
    )
    {
        ["line-to-earth"] = (Branch(line: "PE:1"), Severity.Stop, Branch()),
        ["line-to-neutral"] = (Branch(line: "N:2"), Severity.Stop, Branch()),
        ["phases-joined"] = (Legs("JL"), Severity.Stop, Legs("JR")),
        ["systems-joined"] = (Control("X1"), Severity.Stop, Control("X2")),
        ["plus-to-zero"] = (Direct("X1"), Severity.Stop, Direct("X2")),
        ["neutral-to-earth"] = (Branch(neutral: "PE:2"), Severity.Stop, Branch()),
        ["circuit-lines-joined"] = (Two("JL"), Severity.Stop, Two("JR")),
        ["circuit-neutrals-joined"] = (Neutrals("JL"), Severity.Stop, Neutrals("JR")),
        ["switch-bypassed"] = (Lamp(lamp: "JL"), Severity.Stop, Lamp()),
        ["traveller-joined"] = (Lamp(function: WireFunction.Traveller, lamp: "JL"), Severity.Stop, Lamp()),
        ["switch-in-neutral"] = (Lamp(function: WireFunction.Neutral), Severity.Stop, Lamp()),
        ["breaker-of-several-circuits"] = (Poles("Q:2"), Severity.Stop, Poles("R:1")),
        ["poles-joined"] = (Poles("Q:2", "JL"), Severity.Stop, Poles("Q:2", "JR")),
        ["ahead-of-breaker"] = (Ahead("Q3:1"), Severity.Stop, Ahead("Q3:2")),
        ["breaker-rating-unlike"] = (Rated(20), Severity.Fix, Rated(15)),
        ["fed-by-two-breakers"] = (Second("Q2:1"), Severity.Stop, Second(null)),
        ["fed-by-nothing"] = (Branch(from: "JX"), Severity.Fix, Branch()),
        ["neutral-missing"] = (Branch(neutral: "JX"), Severity.Stop, Branch()),
        ["neutral-of-another-circuit"] = (Branch(of: "2"), Severity.Stop, Branch()),
        ["shared-neutral-not-opened-together"] = (Multiwire(null), Severity.Fix, Multiwire("Q2")),
        ["circuit-across-runs"] = (Raceways("R2"), Severity.Fix, Raceways("R1")),
        ["overloaded-between-joints"] = (Between("14"), Severity.Stop, Between("12")),
        ["earth-too-small"] = (Earthed("14"), Severity.Fix, Earthed("10")),
        ["neutral-across-protection"] = (Protected("G.silver1"), Severity.Stop, Protected("G.silver2")),
    };

    /// <summary>A branch from its breaker to a receptacle; where its three conductors begin, and whose its neutral is.</summary>
    private static Sketch Branch(string from = "Q:1", string? line = null, string neutral = "N:1", string of = "1")
    {
        var job = Panel()
            .Circuit("2")
            .Splice("B", "JX")
            .Receptacle("B", "R")
            .Wire("1", from, "R.brass1", WireFunction.Line, "1")
            .Wire("2", neutral, "R.silver1", WireFunction.Neutral, of)
            .Wire("3", "PE:3", "R.green", WireFunction.Earth);
        return line is null ? job : job.Wire("4", line, "R.brass2", WireFunction.Line, "1");
    }

    private static Sketch Panel() => Bars(new Sketch().Panel("P").Box("B").Breaker("P", "Q").Circuit("1"));

    private static Sketch Bars(Sketch job)
    {
        job.Device("P", "N", DeviceType.NeutralBar).Device("P", "PE", DeviceType.EarthBar);
        foreach (var i in Enumerable.Range(1, 4))
        {
            job.Landing("P", $"N:{i}", device: "N").Landing("P", $"PE:{i}", device: "PE");
        }

        return job;
    }

    /// <summary>Two legs that share a neutral, each from its breaker, the second to a joint.</summary>
    private static Sketch Legs(string second) =>
        Panel()
            .Breaker("P", "Q2")
            .Shared("2", "1")
            .Splice("B", "JL")
            .Splice("B", "JR")
            .Wire("1", "Q:1", "JL", WireFunction.Line, "1")
            .Wire("2", "Q2:1", second, WireFunction.Line, "2");

    /// <summary>Two lines that share a neutral, each from a breaker of its own, and what the first is tied to.</summary>
    private static Sketch Multiwire(string? tied) =>
        Bars(new Sketch().Panel("P").Box("B"))
            .Circuit("1")
            .Shared("2", "1")
            .Device("P", "Q", DeviceType.Breaker, d => d with { TiedTo = tied })
            .Landing("P", "Q:1", Ends.Block(0.5, 16), "Q")
            .Breaker("P", "Q2")
            .Splice("B", "J1")
            .Splice("B", "J2")
            .Wire("1", "Q:1", "J1", WireFunction.Line, "1")
            .Wire("2", "Q2:1", "J2", WireFunction.Line, "2");

    /// <summary>A line in the raceway R1, and in which its neutral is.</summary>
    private static Sketch Raceways(string neutral) =>
        Panel()
            .Splice("B", "JL")
            .Splice("B", "JN")
            .Wire("1", "Q:1", "JL", WireFunction.Line, "1", with: w => w with { Run = "R1" })
            .Wire("2", "N:1", "JN", WireFunction.Neutral, "1", with: w => w with { Run = neutral });

    /// <summary>20 A, which takes 12 AWG copper (NEC 240.4(D), from memory), and what is between two joints.</summary>
    private static Sketch Between(string size) =>
        new Sketch()
            .Box("B")
            .Circuit("1", 20)
            .Splice("B", "J1")
            .Splice("B", "J2")
            .Wire("1", "J1", "J2", WireFunction.Line, "1", Ends.Wire(size));

    /// <summary>
    /// 60 A on 6 AWG, for which NEC table 250.122 asks an earth of 10 AWG (from memory), and the earth it has.
    /// </summary>
    private static Sketch Earthed(string earth) =>
        Bars(new Sketch().Panel("P").Box("B"))
            .Circuit("1", 60)
            .Breaker("P", "Q")
            .Splice("B", "JL")
            .Splice("B", "JE")
            .Wire("1", "Q:1", "JL", WireFunction.Line, "1", Ends.Wire("6"))
            .Wire("2", "PE:1", "JE", WireFunction.Earth, "1", Ends.Wire(earth));

    private static Sketch Two(string second) =>
        Panel()
            .Breaker("P", "Q2")
            .Circuit("2")
            .Splice("B", "JL")
            .Splice("B", "JR")
            .Wire("1", "Q:1", "JL", WireFunction.Line, "1")
            .Wire("2", "Q2:1", second, WireFunction.Line, "2");

    private static Sketch Neutrals(string second) =>
        Panel()
            .Circuit("2")
            .Splice("B", "JL")
            .Splice("B", "JR")
            .Wire("1", "N:1", "JL", WireFunction.Neutral, "1")
            .Wire("2", "N:2", second, WireFunction.Neutral, "2");

    private static Sketch Control(string to) =>
        Strip()
            .Circuit("24 V", 6, c => c with { Volts = 24 })
            .Circuit("230 V", 10, c => c with { Volts = 230 })
            .Wire("1", "X1", "X3", WireFunction.ControlPlus, "24 V")
            .Wire("2", to, "X4", WireFunction.Line, "230 V");

    private static Sketch Direct(string to) =>
        Strip()
            .Circuit("24 V", 6, c => c with { Volts = 24 })
            .Wire("1", "X1", "X3", WireFunction.ControlPlus, "24 V")
            .Wire("2", to, "X4", WireFunction.ControlMinus, "24 V");

    /// <summary>A lamp behind a switch, its feed through a joint; where the wire from switch to lamp begins.</summary>
    private static Sketch Lamp(WireFunction function = WireFunction.Switched, string lamp = "SW:2") =>
        Panel()
            .Splice("B", "JL")
            .Device("B", "SW", DeviceType.Switch)
            .Landing("B", "SW:1", Ends.Screw(), "SW")
            .Landing("B", "SW:2", Ends.Screw(), "SW")
            .Device("B", "H", DeviceType.Load)
            .Landing("B", "H:1", Ends.Screw(), "H")
            .Wire("1", "Q:1", "JL", WireFunction.Line, "1")
            .Wire("2", "JL", "SW:1", WireFunction.Line, "1")
            .Wire("3", lamp, "H:1", function, "1");

    private static Sketch Poles(string second, string to = "JR") =>
        Panel()
            .Device("P", "R", DeviceType.Breaker)
            .Landing("P", "Q:2", device: "Q")
            .Landing("P", "R:1", device: "R")
            .Circuit("2")
            .Splice("B", "JL")
            .Splice("B", "JR")
            .Wire("1", "Q:1", "JL", WireFunction.Line, "1")
            .Wire("2", second, to, WireFunction.Line, "2");

    private static Sketch Ahead(string from) =>
        Panel()
            .Device("P", "Q3", DeviceType.Breaker)
            .Landing("P", "Q3:1", device: "Q3", with: l => l with { Side = DeviceSide.Line })
            .Landing("P", "Q3:2", device: "Q3", with: l => l with { Side = DeviceSide.Load })
            .Device("B", "H", DeviceType.Load)
            .Landing("B", "H:1", Ends.Screw(), "H")
            .Wire("1", null, "Q3:1", WireFunction.Line, "1", with: w => w with { A = w.A with { Elsewhere = true } })
            .Wire("2", from, "H:1", WireFunction.Line, "1");

    private static Sketch Rated(double amps) =>
        Bars(new Sketch().Panel("P").Box("B").Circuit("1"))
            .Device("P", "Q", DeviceType.Breaker, d => d with { RatingAmps = amps })
            .Landing("P", "Q:1", device: "Q")
            .Splice("B", "JL")
            .Wire("1", "Q:1", "JL", WireFunction.Line, "1");

    private static Sketch Second(string? other)
    {
        var job = Panel().Breaker("P", "Q2").Splice("B", "JL").Wire("1", "Q:1", "JL", WireFunction.Line, "1");
        return other is null ? job : job.Wire("2", other, "JL", WireFunction.Line, "1");
    }

    /// <summary>A receptacle behind one with ground-fault protection; from where its neutral comes.</summary>
    private static Sketch Protected(string neutral)
    {
        var job = Panel()
            .Device("B", "G", DeviceType.GroundFaultReceptacle, d => d with { RatingAmps = 15 })
            .Receptacle("B", "R");
        foreach (
            var (name, identity, side) in new[]
            {
                ("G.brass1", TerminalIdentity.Brass, DeviceSide.Line),
                ("G.silver1", TerminalIdentity.Silver, DeviceSide.Line),
                ("G.brass2", TerminalIdentity.Brass, DeviceSide.Load),
                ("G.silver2", TerminalIdentity.Silver, DeviceSide.Load),
            }
        )
        {
            job.Landing("B", name, Ends.Screw(), "G", l => l with { Identity = identity, Side = side });
        }

        return job.Wire("1", "Q:1", "G.brass1", WireFunction.Line, "1")
            .Wire("2", "N:1", "G.silver1", WireFunction.Neutral, "1")
            .Wire("3", "G.brass2", "R.brass1", WireFunction.Line, "1")
            .Wire("4", neutral, "R.silver1", WireFunction.Neutral, "1")
            .Wire("5", "PE:1", "R.green", WireFunction.Earth);
    }

    /// <summary>
    /// A motor starter of three poles on one phase: the current goes through all of them, one behind the other (common
    /// practice). With a feed of its own on the second pole the same jumper is a short.
    /// </summary>
    [Theory]
    [InlineData(false, false)]
    [InlineData(true, true)]
    public void Poles_in_series_are_no_short(bool fed, bool found)
    {
        var job = Panel().Device("P", "Q3", DeviceType.Breaker);
        foreach (var i in Enumerable.Range(1, 4))
        {
            job.Landing("P", $"Q3:{i}", Pair(), "Q3", l =>
                l with
                {
                    Side = i % 2 == 1 ? DeviceSide.Line : DeviceSide.Load,
                }
            );
        }

        job.Wire("1", null, "Q3:1", WireFunction.Line, "1", with: FromElsewhere)
            .Wire("2", "Q3:2", "Q3:3", WireFunction.Line, "1");
        if (fed)
        {
            job.Wire("3", null, "Q3:3", WireFunction.Line, "1", with: FromElsewhere);
        }

        Assert.Equal(found, job.Judged().Findings.Any(f => f.Finding.Check == "poles-joined"));
    }

    /// <summary>A heater on a feeder’s block is behind the feeder’s own breaker, beside the branch breaker’s feed.</summary>
    [Fact]
    public void What_hangs_on_a_feeder_is_not_ahead_of_its_breaker()
    {
        var job = Panel()
            .Circuit("feeder", 60)
            .Device("P", "F", DeviceType.Breaker)
            .Landing("P", "F:2", Pair(), "F", l => l with { Side = DeviceSide.Load })
            .Device("P", "Q3", DeviceType.Breaker)
            .Landing("P", "Q3:1", Pair(), "Q3", l => l with { Side = DeviceSide.Line })
            .Landing("P", "Q3:2", Pair(), "Q3", l => l with { Side = DeviceSide.Load })
            .Device("B", "H", DeviceType.Load)
            .Landing("B", "H:1", Ends.Screw(), "H")
            .Wire("1", "F:2", "Q3:1", WireFunction.Line, "feeder")
            .Wire("2", "F:2", "H:1", WireFunction.Line, "feeder")
            .Wire("3", "Q3:2", null, WireFunction.Line, "1");
        Assert.DoesNotContain(job.Judged().Findings, f => f.Finding.Check == "ahead-of-breaker");
    }

    private static Landing Pair() => Ends.Block(0.5, 16) with { TakesTwo = true };

    private static JobWire FromElsewhere(JobWire wire) => wire with { A = wire.A with { Elsewhere = true } };
}
