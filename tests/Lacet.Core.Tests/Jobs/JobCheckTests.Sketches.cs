using Lacet.Core.Checks.End;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.PinMaps;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Jobs;

public sealed partial class JobCheckTests
{
    private static Sketch InWet(string wire) =>
        new Sketch()
            .Box("B", with: b => b with { Place = SplicePlace.Wet })
            .Landing("B", "X1")
            .Landing("B", "X2")
            .Wire("1", "X1", "X2", with: w => w with { Conductor = WireText.ReadConductor(wire, null) });

    private static Sketch Strip()
    {
        var job = new Sketch().Panel("P");
        foreach (var name in new[] { "X1", "X2", "X3", "X4" })
        {
            job.Landing("P", name);
        }

        return job;
    }

    private static Sketch OnOneBreaker(double volts) =>
        new Sketch()
            .Panel("P")
            .Breaker("P", "Q")
            .Landing("P", "Q:2", Ends.Block(0.5, 16), "Q")
            .Circuit("1", 15, c => c with { Volts = 120 })
            .Circuit("2", 15, c => c with { Volts = volts })
            .Wire("1", "Q:1", null, circuit: "1")
            .Wire("2", "Q:2", null, circuit: "2");

    private static Sketch Motor(string third) =>
        new Sketch()
            .Panel("P")
            .Breaker("P", "Q")
            .Breaker("P", "Q2")
            .Landing("P", "Q:2", Ends.Block(0.5, 16), "Q")
            .Landing("P", "Q:3", Ends.Block(0.5, 16), "Q")
            .Box("M")
            .Device("M", "M1", DeviceType.Load)
            .Landing("M", "U", null, "M1")
            .Landing("M", "V", null, "M1")
            .Landing("M", "W", null, "M1")
            .Landing("P", "X1")
            .Circuit("3", 15, c => c with { Phases = 3 })
            .Wire("u", "Q:1", "U", circuit: "3")
            .Wire("v", "Q:2", "V", circuit: "3")
            .Wire("w", third == "Q" ? "Q:3" : "Q2:1", "X1", circuit: "3")
            .Wire("w2", "X1", "W", circuit: "3");

    private static Sketch TwoPanels(string neutral) =>
        new Sketch()
            .Panel("P")
            .Panel("P2")
            .Box("B")
            .Breaker("P", "Q")
            .Device("P", "N", DeviceType.NeutralBar)
            .Landing("P", "N:1", Ends.Block(0.5, 16), "N")
            .Device("P2", "N2", DeviceType.NeutralBar)
            .Landing("P2", "N2:1", Ends.Block(0.5, 16), "N2")
            .Receptacle("B", "R")
            .Circuit("1")
            .Wire("1", "Q:1", "R.brass1", circuit: "1")
            .Wire("2", neutral == "P" ? "N:1" : "N2:1", "R.silver1", WireFunction.Neutral, "1")
            .Wire("3", null, "R.green", WireFunction.Earth, "1");

    private static Sketch Fed(bool fed)
    {
        var job = new Sketch()
            .Panel("P")
            .Device("P", "Q", DeviceType.Breaker)
            .Landing("P", "Q:1", Ends.Block(0.5, 16), "Q", l => l with { Side = DeviceSide.Line })
            .Landing("P", "Q:2", Ends.Block(0.5, 16), "Q", l => l with { Side = DeviceSide.Load })
            .Circuit("1")
            .Wire("1", "Q:2", null, circuit: "1");
        return fed ? job.Wire("0", "Q:1", null, circuit: "1") : job;
    }

    private static Sketch Pairs() => Strip().Landing("P", "PP", Ends.Block() with { TakesTwo = true });

    private static Sketch Both() => Strip().Landing("P", "M", BothMetals).Landing("P", "N", BothMetals);

    private static Sketch Unknown() => Strip().Landing("P", "U", with: l => l with { Landing = null });

    /// <summary>So many wires in a connector for two to three, together up to 6.7 mm².</summary>
    private static Sketch Spliced(
        ConnectorKind kind,
        int count,
        string size,
        SplicePlace place = SplicePlace.Dry,
        Build build = Build.Solid,
        Func<JobWire, JobWire>? with = null
    ) =>
        Enumerable
            .Range(1, count)
            .Aggregate(
                new Sketch()
                    .Box("B", with: b => b with { Place = place })
                    .Splice("B", "J", of: c => c with { Kind = kind, LeastMm2 = 0.2, MostMm2 = 6.7, MostCount = 3 }),
                (sketch, i) =>
                    sketch.Wire($"{i}", "J", null, conductor: Ends.Wire(size, build), with: w =>
                        (with ?? (x => x))(w with { B = w.B with { Elsewhere = true } })
                    )
            );

    /// <summary>Two wires of a size in a connector that is listed for two of 14 AWG alone.</summary>
    private static Sketch Listed(string size) =>
        Enumerable
            .Range(1, 2)
            .Aggregate(
                new Sketch()
                    .Box("B")
                    .Splice("B", "J", of: c => c with { Kind = ConnectorKind.TwistOn, Combinations =
                            [
                                [new(2, ConductorSize.Parse("14"))],
                            ] }),
                (sketch, i) => sketch.Wire($"{i}", "J", null, conductor: Ends.Wire(size))
            );

    private static Sketch Filled(double volume) =>
        new Sketch()
            .Box("B", with: b => b with { VolumeIn3 = volume })
            .Receptacle("B", "R")
            .Splice("B", "J")
            .Wire("1", "J", null)
            .Wire("2", "R.silver1", null, WireFunction.Neutral)
            .Wire("tail", "J", "R.brass1");

    private static Sketch Joint(bool both) => Strip().Splice("P", "J", both);

    private static Sketch Metals(Sketch job) => job.Wire("1", "J", "X1").Wire("2", "J", null, conductor: Aluminium);

    private static Sketch Outlet(
        string hot = "R.brass1",
        string neutral = "R.silver1",
        string? earth = "R.green",
        double rating = 15,
        double breaker = 15,
        Landing? landing = null
    )
    {
        var wire = Ends.Wire("14");
        var size = breaker switch
        {
            <= 15 => wire,
            <= 20 => Ends.Wire("12"),
            _ => Ends.Wire("10"),
        };
        var job = new Sketch()
            .Panel("P")
            .Box("B")
            .Breaker("P", "Q")
            .Landing("P", "N")
            .Landing("P", "PE")
            .Circuit("1", breaker)
            .Receptacle("B", "R", rating, landing)
            .Wire("1", "Q:1", hot, WireFunction.Line, "1", size)
            .Wire("2", "N", neutral, WireFunction.Neutral, "1", size);
        return earth is null ? job : job.Wire("3", "PE", earth, WireFunction.Earth, "1", size);
    }

    private static Sketch Far(Func<Device, Device>? with = null) =>
        new Sketch()
            .Panel("P")
            .Box("B")
            .Breaker("P", "Q")
            .Circuit("1", 15, c => c with { Volts = 120, LoadAmps = 12 })
            .Receptacle("B", "R", with: with)
            .Receptacle("B", "S");

    private static Func<JobWire, JobWire> Feet(double feet) => w => w with { Length = new Length(feet * 304.8) };

    private static Sketch Long(double feet) => Far().Wire("1", "Q:1", "R.brass1", circuit: "1", with: Feet(feet));

    private static Sketch Free(double mm) =>
        Strip()
            .Box("B")
            .Landing("B", "S", Ends.Screw())
            .Wire("1", "X1", "S", with: w => w with { B = w.B with { FreeLength = new Length(mm) } });

    private static Sketch Coloured(string colour, WireFunction function, Region region = Region.NorthAmerica)
    {
        Assert.True(InsulationColour.TryParse(colour, out var read));
        return new Sketch { Rules = HouseRules.Default with { Region = region } }
            .Panel("P")
            .Wire("1", null, null, function, with: w => w with { Colour = read });
    }

    private static Sketch Multiwire(bool through)
    {
        var job = Far()
            .Shared("2", "1")
            .Wire("1", "Q:1", "R.brass1", circuit: "1")
            .Wire("n1", null, "R.silver1", WireFunction.Neutral, "1");
        return through
            ? job.Wire("n2", "R.silver2", "S.silver1", WireFunction.Neutral, "2")
            : job.Wire("n2", null, "S.silver1", WireFunction.Neutral, "2");
    }

    private static Sketch GroundFault(string supply)
    {
        var job = Far()
            .Device("B", "G", DeviceType.GroundFaultReceptacle, d => d with { RatingAmps = 15 })
            .Landing("B", "G.line", Ends.Screw(), "G", l =>
                l with
                {
                    Identity = TerminalIdentity.Brass,
                    Side = DeviceSide.Line,
                }
            )
            .Landing("B", "G.load", Ends.Screw(), "G", l =>
                l with
                {
                    Identity = TerminalIdentity.Brass,
                    Side = DeviceSide.Load,
                }
            );
        return job.Wire("1", "Q:1", supply, circuit: "1")
            .Wire("2", supply == "G.line" ? "G.load" : "G.line", "R.brass1", circuit: "1");
    }

    private static Sketch Split(BreakOffTab tab) =>
        Far(d => d with { HotTab = tab })
            .Breaker("P", "Q2")
            .Shared("2", "1")
            .Wire("1", "Q:1", "R.brass1", circuit: "1")
            .Wire("2", "Q2:1", "R.brass2", circuit: "2")
            .Wire("n", null, "R.silver1", WireFunction.Neutral, "1");

    private static Sketch Only(double rating, double on) =>
        new Sketch()
            .Panel("P")
            .Box("B")
            .Breaker("P", "Q")
            .Circuit("1", on)
            .Device("B", "R", DeviceType.Receptacle, d => d with { RatingAmps = rating, Outlets = 1 })
            .Landing("B", "R.brass", Ends.Screw(), "R", l => l with { Identity = TerminalIdentity.Brass })
            .Wire("1", "Q:1", "R.brass", circuit: "1", conductor: Ends.Wire("12"));

    private static Sketch Plugged(double amps) => Far(d => d with { PluggedAmps = amps });

    private static Sketch Loaded(double amps, bool hours) =>
        new Sketch().Circuit("1", 20, c => c with { LoadAmps = amps, Continuous = hours });

    private static Sketch Bundle(int count)
    {
        var job = new Sketch().Panel("P").Circuit("1", 20);
        for (var i = 0; i < count; i++)
        {
            job.Wire($"{i}", null, null, circuit: "1", conductor: Ends.Wire("12"), with: w =>
                w with
                {
                    Run = i % 2 == 0 ? "Conduit 4" : "conduit 4",
                }
            );
        }

        return job.Wire("e", null, null, WireFunction.Earth, "1", with: w => w with { Run = "Conduit 4" });
    }

    private static Sketch Feeding(string size, double breaker) =>
        Strip().Circuit("1", breaker).Wire("1", "X1", "X2", circuit: "1", conductor: Ends.Wire(size));

    private static Sketch Given(
        Lacet.Core.Ferrules.GivenFerrule? ferrule,
        FerruleAcceptance acceptance = FerruleAcceptance.Allowed,
        Conductor? conductor = null,
        double depth = 9
    ) =>
        new Sketch()
            .Panel("P")
            .Landing("P", "X", Ends.Block(depth: depth, ferrule: acceptance))
            .Wire("1", "X", null, conductor: conductor ?? Fine, with: w =>
                w with
                {
                    A = w.A with { Ferrule = ferrule },
                }
            );

    private static Sketch Said(bool bare) =>
        Strip().Wire("1", "X1", null, conductor: Fine, with: w => w with { A = w.A with { SaidBare = bare } });

    private static Sketch Found(AsMade made) =>
        new Sketch()
            .Box("B")
            .Landing("B", "S", Ends.Screw())
            .Wire("1", "S", null, with: w => w with { A = w.A with { Found = made } });
}
