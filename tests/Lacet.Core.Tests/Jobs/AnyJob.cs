using Lacet.Core.Jobs;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Jobs;

/// <summary>A small house with something of everything, and any change of it.</summary>
internal static class AnyJob
{
    private static readonly string[] Sizes = ["14", "12", "10", "2.5 mm²", "0.5 mm²"];
    private static readonly string[] Colours = ["black", "white", "green", "blue"];

    internal static Sketch House() =>
        new Sketch()
            .Panel("P")
            .Box("B")
            .Breaker("P", "Q")
            .Breaker("P", "Q2")
            .Circuit("1", 15, c => c with { Volts = 120, LoadAmps = 11 })
            .Shared("2", "1")
            .Circuit("3", 20)
            .Landing("P", "X1")
            .Landing("P", "X2")
            .Landing("P", "X3", Ends.Block() with { TakesTwo = true })
            .Splice("B", "J")
            .Receptacle("B", "R")
            .Receptacle("B", "S")
            .Device("B", "G", DeviceType.GroundFaultReceptacle, d => d with { RatingAmps = 20 })
            .Landing("B", "G.line", Ends.Screw(), "G", l =>
                l with
                {
                    Side = DeviceSide.Line,
                    Identity = TerminalIdentity.Brass,
                }
            )
            .Landing("B", "G.load", Ends.Screw(), "G", l =>
                l with
                {
                    Side = DeviceSide.Load,
                    Identity = TerminalIdentity.Brass,
                }
            )
            .Wire("1", "Q:1", "R.brass1", circuit: "1", with: w => w with { Run = "C", Length = new Length(20000) })
            .Wire("2", "Q2:1", "R.brass2", circuit: "2", with: w => w with { Run = "C" })
            .Wire("3", "J", "R.silver1", WireFunction.Neutral, "1", with: w => w with { Run = "C" })
            .Wire("4", "R.green", "J", WireFunction.Earth)
            .Wire("5", "Q:1", "G.line", circuit: "1")
            .Wire("6", "G.load", "S.brass1", circuit: "1")
            .Wire("7", "S.silver1", "R.silver2", WireFunction.Neutral, "2")
            .Wire("ctl1", "X1", "X2")
            .Wire("ctl2", "X3", null, conductor: Ends.Wire("2.5 mm²", Build.FineStranded));

    internal static EntityChange Edit(Job job, Random random)
    {
        T Any<T>(IEnumerable<T> of) => of.OrderBy(o => (o as JobPart)?.Id).ElementAt(random.Next(of.Count()));
        Guid? Maybe(IEnumerable<Guid> ids) =>
            random.Next(4) == 0 ? null : ids.Order().ElementAt(random.Next(ids.Count()));
        var wire = Any(job.Wires.Values);
        var device = Any(job.Devices.Values);
        var landing = Any(job.Landings.Values);
        var circuit = Any(job.Circuits.Values);
        var colour = InsulationColour.TryParse(Colours[random.Next(4)], out var read) ? read : default;
        var kind = random.Next(20);
        if (kind >= 18)
        {
            return Cabled(job, wire, random);
        }

        if (kind >= 16)
        {
            return Bridged(job, landing, random);
        }

        return EntityChange.Put(
            kind switch
            {
                0 => wire with { A = wire.A with { LandingId = Maybe(job.Landings.Keys) } },
                1 => wire with { B = wire.B with { LandingId = Maybe(job.Landings.Keys) } },
                2 => wire with { CircuitId = Maybe(job.Circuits.Keys) },
                3 => wire with { Function = (WireFunction)random.Next(5), Colour = colour },
                4 => wire with { Name = $"{random.Next(4)}" },
                5 => wire with
                {
                    Run = random.Next(2) == 0 ? null : $"c{random.Next(2)}",
                    Length = new Length(random.Next(60000)),
                },
                6 => wire with { Conductor = random.Next(5) == 0 ? null : Ends.Wire(Sizes[random.Next(Sizes.Length)]) },
                7 => wire with { Retired = !wire.Retired },
                8 => device with
                {
                    RatingAmps = random.Next(2) == 0 ? 15 : 20,
                    HotTab = (BreakOffTab)random.Next(2),
                    Type = (DeviceType)random.Next(Enum.GetValues<DeviceType>().Length),
                    RatedVolts = random.Next(2) == 0 ? null : 120,
                    RatedCurrent = (CurrentKind)random.Next(3),
                    GivesVolts = random.Next(2) == 0 ? null : 24,
                    Inside = random.Next(3) > 0 ? null : [new((InsideKind)random.Next(4), "1", "2")],
                    TiedTo = null,
                },
                9 => landing with
                {
                    Identity = (TerminalIdentity)random.Next(9),
                    Side = (DeviceSide)random.Next(3),
                    Half = (DeviceHalf)random.Next(3),
                },
                10 => landing.Splice is null
                    ? landing with
                    {
                        Landing = random.Next(3) == 0 ? null : Ends.Block() with { TakesTwo = random.Next(2) == 0 },
                    }
                    : landing,
                11 => circuit with
                {
                    OcpdAmps = random.Next(2) == 0 ? 15 : 30,
                    LoadAmps = random.Next(30),
                    Method = (WiringMethod)random.Next(4),
                },
                13 => Any(job.Devices.Values.Where(d => d.Type == DeviceType.Breaker).DefaultIfEmpty(device))
                    is { Type: DeviceType.Breaker } breaker
                    ? breaker with
                    {
                        TiedTo = Any(job.Devices.Values).Name,
                    }
                    : device,
                14 => Marked(job, landing, random),
                12 => circuit with { SharesNeutralWith = Maybe(job.Circuits.Keys.Where(k => k != circuit.Id)) },
                _ => Any(job.Enclosures.Values) with { Opening = new Length(100 + random.Next(200)) },
            }
        );
    }

    /// <summary>A cable more, another, or one less; a wire more in one, or out of it.</summary>
    private static EntityChange Cabled(Job job, JobWire wire, Random random)
    {
        var id = new Guid($"00000000-0000-4000-a000-{random.Next(2):D12}");
        return (job.Cables.ContainsKey(id), random.Next(4)) switch
        {
            (true, 0) when job.WiresIn(id).Count == 0 => new(EntityKind.Cable, id, null),
            (true, > 1) => EntityChange.Put(
                wire with
                {
                    CableId = wire.CableId is null ? id : null,
                    TwinSide = (CableSide)random.Next(3),
                }
            ),
            _ => EntityChange.Put(
                new JobCable(id, $"c{id.ToString()[^1]}")
                {
                    Conductor = random.Next(3) == 0 ? null : Ends.Wire(Sizes[random.Next(Sizes.Length)]),
                    Count = 1 + random.Next(4),
                    Earth = (EarthInCable)random.Next(4),
                    SaidCord = random.Next(2) == 0,
                    Shielded = random.Next(2) == 0,
                    JacketDiameter = random.Next(2) == 0 ? null : new Length(8),
                    Reaches =
                        random.Next(2) == 0 ? [] : [new(job.Enclosures.Keys.Order().First()) { Reach = new(100) }],
                }
            ),
        };
    }

    /// <summary>A bridge more, another, or one less.</summary>
    private static EntityChange Bridged(Job job, JobLanding landing, Random random)
    {
        var id = new Guid($"00000000-0000-4000-9000-{random.Next(3):D12}");
        var beside = job.LandingsIn(landing.EnclosureId)
            .Where(l => l.Splice is null)
            .OrderBy(_ => random.Next())
            .Take(2 + random.Next(3))
            .Select(l => l.Id)
            .ToList();
        return beside.Count < 2 || (random.Next(3) == 0 && job.Bridges.ContainsKey(id))
            ? new(EntityKind.Bridge, id, null)
            : EntityChange.Put(
                new JobBridge(id, beside)
                {
                    Form = (BridgeForm)random.Next(4),
                    RatingAmps = random.Next(2) == 0 ? null : 10 + random.Next(20),
                }
            );
    }

    /// <summary>A landing with a mark that some type of device knows, where no other of its enclosure has that.</summary>
    private static JobLanding Marked(Job job, JobLanding landing, Random random)
    {
        var device = landing.DeviceId is { } id ? job.Devices[id].Name : "X";
        var name = $"{device}:{Marks[random.Next(Marks.Length)]}";
        return job.LandingsIn(landing.EnclosureId)
            .Any(l => string.Equals(l.Name, name, StringComparison.OrdinalIgnoreCase))
            ? landing
            : landing with
            {
                Name = name,
            };
    }

    private static readonly string[] Marks =
    [
        "1",
        "2",
        "3",
        "4",
        "11",
        "12",
        "14",
        "A1",
        "A2",
        "L",
        "N",
        "+",
        "-",
        "COM",
    ];
}
