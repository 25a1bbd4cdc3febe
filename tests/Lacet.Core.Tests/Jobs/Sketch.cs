using Lacet.Core.Checks.Jobs;
using Lacet.Core.Cords;
using Lacet.Core.Jobs;
using Lacet.Core.PinMaps;
using Lacet.Core.Splices;

namespace Lacet.Core.Tests.Jobs;

/// <summary>A job put together in a few lines, by the names that people use.</summary>
internal sealed class Sketch
{
    private readonly List<JobPart> _parts = [];
    private readonly Dictionary<string, Guid> _ids = new(StringComparer.Ordinal);
    private int _next;

    internal Sketch() { }

    /// <summary>The same parts, under other house rules.</summary>
    internal Sketch(Sketch of) =>
        (_parts, _ids, _next) = ([.. of._parts], new(of._ids, StringComparer.Ordinal), of._next);

    internal HouseRules Rules { get; init; } =
        HouseRules.Default with
        {
            ReceptacleWiring = ReceptacleWiring.HookOnScrew,
        };

    internal Sketch Panel(string name) => Add(name, id => new Enclosure(id, name, EnclosureForm.Panel));

    internal Sketch Box(string name, double? opening = null, Func<Enclosure, Enclosure>? with = null) =>
        Add(name, id =>
            (with ?? (e => e))(
                new Enclosure(id, name, EnclosureForm.Box) { Opening = opening is { } mm ? new Length(mm) : null }
            )
        );

    internal Sketch Circuit(string name, double? ocpd = 15, Func<Circuit, Circuit>? with = null) =>
        Add("circuit " + name, id => (with ?? (c => c))(new Circuit(id, name) { OcpdAmps = ocpd }));

    internal Sketch Shared(string name, string with) =>
        Circuit(name, 15, c => c with { SharesNeutralWith = Id("circuit " + with) });

    internal Sketch Landing(
        string enclosure,
        string name,
        Landing? landing = null,
        string? device = null,
        Func<JobLanding, JobLanding>? with = null
    ) =>
        Add(name, id =>
            (with ?? (l => l))(
                new JobLanding(id, Id(enclosure), name)
                {
                    Landing = landing ?? Ends.Block(),
                    DeviceId = device is null ? null : Id(device),
                }
            )
        );

    internal Sketch Device(string enclosure, string name, DeviceType type, Func<Device, Device>? with = null) =>
        Add(name, id => (with ?? (d => d))(new Device(id, Id(enclosure), name, type)));

    /// <summary>A breaker with one lug, and whatever its circuit needs of it.</summary>
    internal Sketch Breaker(string enclosure, string name) =>
        Device(enclosure, name, DeviceType.Breaker).Landing(enclosure, name + ":1", Ends.Block(0.5, 16), name);

    /// <summary>A duplex receptacle: brass and silver above and below, and green.</summary>
    internal Sketch Receptacle(
        string box,
        string name,
        double rating = 15,
        Landing? landing = null,
        Func<Device, Device>? with = null,
        DeviceType type = DeviceType.Receptacle
    )
    {
        Device(box, name, type, d => (with ?? (x => x))(d with { RatingAmps = rating }));
        void Screw(string screw, TerminalIdentity identity, DeviceHalf half) =>
            Landing(box, $"{name}.{screw}", landing ?? Ends.Screw(), name, l =>
                l with
                {
                    Identity = identity,
                    Half = half,
                }
            );
        Screw("brass1", TerminalIdentity.Brass, DeviceHalf.Upper);
        Screw("brass2", TerminalIdentity.Brass, DeviceHalf.Lower);
        Screw("silver1", TerminalIdentity.Silver, DeviceHalf.Upper);
        Screw("silver2", TerminalIdentity.Silver, DeviceHalf.Lower);
        Screw("green", TerminalIdentity.Green, DeviceHalf.None);
        return this;
    }

    internal Sketch Wire(
        string name,
        string? from,
        string? to,
        WireFunction function = WireFunction.Line,
        string? circuit = null,
        Conductor? conductor = null,
        Func<JobWire, JobWire>? with = null
    ) => Add("wire " + name + _next, id => (with ?? (w => w))(
                new JobWire(id, name, End(from), End(to))
                {
                    Function = function,
                    CircuitId = circuit is null ? null : Id("circuit " + circuit),
                    Conductor = conductor ?? Ends.Wire("14"),
                }
            ));

    internal Sketch Splice(
        string box,
        string name,
        bool bothMetals = false,
        Func<SpliceConnector, SpliceConnector>? of = null
    ) =>
        Landing(box, name, with: l =>
            l with
            {
                Landing = null,
                Splice = (of ?? (c => c))(new SpliceConnector("connector", 2, 4, 0.75, 6, bothMetals)),
            }
        );

    internal Sketch Cord(string name, params CordCue[] seen) =>
        Add("cord " + name, id => new JobCord(id, name) { Seen = seen });

    /// <summary>A cord that was looked at from plug to entry, with nothing wrong.</summary>
    internal Sketch Sound(string name) =>
        Add("cord " + name, id => new JobCord(id, name) { Sound = Enum.GetValues<CordPlace>() });

    /// <summary>A bridge over landings, by their names.</summary>
    internal Sketch Bridge(string name, IEnumerable<string> landings, Func<JobBridge, JobBridge>? with = null) =>
        Add("bridge " + name, id => (with ?? (b => b))(new JobBridge(id, [.. landings.Select(Id)])));

    /// <summary>A cable as somebody types it, such as "4G2.5 H07RN-F".</summary>
    internal Sketch Cable(string name, string text, Func<JobCable, JobCable>? with = null) =>
        Add("cable " + name, id => (with ?? (c => c))(
                WireText.Read(text) is var read
                    ? new JobCable(id, name)
                    {
                        Conductor = read.Over(null),
                        Count = read.Count,
                        Earth = CableCores.EarthOf(read),
                        Shielded = read.Shielded,
                    }
                    : throw new ArgumentException(text, nameof(text))
            ));

    internal Sketch Map(string name, PinMap map, string? plug = null, string? machine = null) =>
        Add("map " + name, id => new JobPinMap(id)
        {
            Map = map with { Name = name },
            PlugId = plug is null ? null : Id(plug),
            MachineId = machine is null ? null : Id(machine),
        });

    /// <summary>A device that goes by what is written at its terminals.</summary>
    internal Sketch Marks(
        string enclosure,
        string name,
        DeviceType type,
        Func<Device, Device>? with,
        params string[] marks
    )
    {
        Device(enclosure, name, type, with);
        foreach (var mark in marks)
        {
            Landing(enclosure, $"{name}:{mark}", Ends.Block(0.5, 16) with { TakesTwo = true }, name, l =>
                mark == "PE" ? l with { Identity = TerminalIdentity.Earth } : l
            );
        }

        return this;
    }

    internal Guid Id(string name) =>
        _ids.TryGetValue(name, out var id) ? id : throw new ArgumentException($"There is no {name}.", nameof(name));

    internal Job Job() => new(new JobTitle(New(), "Sketch") { Rules = Rules }, _parts);

    internal JudgedJob Judged() => new(Job());

    internal Guid New() => new($"00000000-0000-4000-8000-{++_next:D12}");

    private JobEnd End(string? landing) => new(New()) { LandingId = landing is null ? null : Id(landing) };

    private Sketch Add(string key, Func<Guid, JobPart> make)
    {
        var id = New();
        _ids.TryAdd(key, id);
        var part = make(id);
        var order = _parts.Count(p => p.Kind == part.Kind) + 1;
        _parts.Add(
            part switch
            {
                Enclosure e => e with { Order = order },
                Device d => d with { Order = order },
                JobLanding l => l with { Order = order },
                Circuit c => c with { Order = order },
                JobWire w => w with { Order = order },
                JobBridge b => b with { Order = order },
                JobCable c => c with { Order = order },
                _ => part,
            }
        );
        return this;
    }
}
