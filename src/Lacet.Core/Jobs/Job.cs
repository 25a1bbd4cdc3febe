using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>
/// A job as data: its parts, and who belongs to whom. It changes only by <see cref="Apply"/>, all or nothing. Not safe
/// for several threads at once.
/// </summary>
public sealed partial class Job
{
    private readonly Dictionary<Guid, Enclosure> _enclosures = [];
    private readonly Dictionary<Guid, Device> _devices = [];
    private readonly Dictionary<Guid, JobLanding> _landings = [];
    private readonly Dictionary<Guid, Circuit> _circuits = [];
    private readonly Dictionary<Guid, JobWire> _wires = [];
    private readonly Dictionary<Guid, Acceptance> _acceptances = [];
    private readonly Dictionary<Guid, JobCord> _cords = [];
    private readonly Dictionary<Guid, JobPinMap> _pinMaps = [];
    private readonly Dictionary<Guid, JobBridge> _bridges = [];
    private readonly Dictionary<Guid, JobCable> _cables = [];

    private readonly IdIndex<(EntityKind Kind, Guid Within, string Name)> _names = new(NameComparer.Instance);
    private readonly IdIndex<Guid> _devicesIn = new();
    private readonly IdIndex<Guid> _landingsIn = new();
    private readonly IdIndex<Guid> _landingsOf = new();
    private readonly IdIndex<Guid> _wiresAt = new();
    private readonly IdIndex<Guid> _wiresOf = new();
    private readonly IdIndex<string> _wiresRunning = new(StringComparer.OrdinalIgnoreCase);
    private readonly IdIndex<Guid> _sharing = new();
    private readonly IdIndex<Guid> _bridgesAt = new();
    private readonly IdIndex<Guid> _wiresIn = new();

    /// <summary>
    /// A job of parts. Throws <see cref="ImpossibleInputException"/> where they do not belong together.
    /// </summary>
    public Job(JobTitle title, IEnumerable<JobPart> parts)
    {
        Title = title;
        Apply([.. parts.Select(EntityChange.Put)]);
    }

    /// <summary>Its name and house rules.</summary>
    public JobTitle Title { get; private set; }

    /// <summary>Enclosures by id.</summary>
    public IReadOnlyDictionary<Guid, Enclosure> Enclosures => _enclosures;

    /// <summary>Devices by id.</summary>
    public IReadOnlyDictionary<Guid, Device> Devices => _devices;

    /// <summary>Landings by id.</summary>
    public IReadOnlyDictionary<Guid, JobLanding> Landings => _landings;

    /// <summary>Circuits by id.</summary>
    public IReadOnlyDictionary<Guid, Circuit> Circuits => _circuits;

    /// <summary>Wires by id, retired ones too.</summary>
    public IReadOnlyDictionary<Guid, JobWire> Wires => _wires;

    /// <summary>Accepted findings by id.</summary>
    public IReadOnlyDictionary<Guid, Acceptance> Acceptances => _acceptances;

    /// <summary>Cords by id.</summary>
    public IReadOnlyDictionary<Guid, JobCord> Cords => _cords;

    /// <summary>Pin maps by id.</summary>
    public IReadOnlyDictionary<Guid, JobPinMap> PinMaps => _pinMaps;

    /// <summary>Bridges by id.</summary>
    public IReadOnlyDictionary<Guid, JobBridge> Bridges => _bridges;

    /// <summary>Cables and cords by id.</summary>
    public IReadOnlyDictionary<Guid, JobCable> Cables => _cables;

    /// <summary>Names of all runs.</summary>
    public IEnumerable<string> Runs => _wiresRunning.Keys;

    /// <summary>Every part but the title, each kind in its order.</summary>
    public IEnumerable<JobPart> Parts =>
        Ordered(_enclosures.Values)
            .Concat<JobPart>(Ordered(_devices.Values))
            .Concat(Ordered(_landings.Values))
            .Concat(Ordered(_circuits.Values))
            .Concat(Ordered(_wires.Values))
            .Concat(Ordered(_acceptances.Values))
            .Concat(Ordered(_cords.Values))
            .Concat(Ordered(_pinMaps.Values))
            .Concat(Ordered(_bridges.Values))
            .Concat(Ordered(_cables.Values));

    /// <summary>The devices in an enclosure.</summary>
    public IEnumerable<Device> DevicesIn(Guid enclosure) => _devicesIn[enclosure].Select(id => _devices[id]);

    /// <summary>The landings in an enclosure, in their real order.</summary>
    public IEnumerable<JobLanding> LandingsIn(Guid enclosure) =>
        Ordered(_landingsIn[enclosure].Select(id => _landings[id]));

    /// <summary>Where an end lands, as people write it: "DCP/X1:5"; empty where it lands nowhere yet.</summary>
    public string PlaceOf(JobEnd end) =>
        end.LandingId is { } id && _landings.TryGetValue(id, out var landing)
            ? $"{_enclosures[landing.EnclosureId].Name}/{landing.Name}"
            : "";

    /// <summary>The landings of a device.</summary>
    public IEnumerable<JobLanding> LandingsOf(Guid device) => Ordered(_landingsOf[device].Select(id => _landings[id]));

    /// <summary>
    /// The landings before and behind one on its device; null at its ends, and where it belongs to none. Looked for, not
    /// sorted: strips are long, and it is asked of each of their landings.
    /// </summary>
    public (JobLanding? Before, JobLanding? Behind) Beside(JobLanding landing)
    {
        JobLanding? before = null,
            behind = null;
        foreach (var id in landing.DeviceId is { } device ? _landingsOf[device] : [])
        {
            var other = _landings[id];
            var place = Compare(other, landing);
            if (place < 0 && (before is null || Compare(other, before) > 0))
            {
                before = other;
            }
            else if (place > 0 && (behind is null || Compare(other, behind) < 0))
            {
                behind = other;
            }
        }

        return (before, behind);

        static int Compare(JobLanding a, JobLanding b) => (a.Order, a.Id).CompareTo((b.Order, b.Id));
    }

    /// <summary>The ends at a landing, by their wires' order.</summary>
    public IReadOnlyList<EndOfWire> EndsAt(Guid landing)
    {
        var at = _wiresAt[landing];
        if (at.Count == 0)
        {
            return [];
        }

        var ends = new List<EndOfWire>(at.Count);
        foreach (var id in at)
        {
            var wire = _wires[id];
            // A wire may land with both ends at one splice; it is listed twice, and each time stands for one end.
            var side = wire.A.LandingId == landing && !ends.Contains(new(wire, EndSide.A)) ? EndSide.A : EndSide.B;
            ends.Add(new(wire, side));
        }

        if (ends.Count > 1)
        {
            ends.Sort((a, b) => (a.Wire.Order, a.Side).CompareTo((b.Wire.Order, b.Side)));
        }

        return ends;
    }

    /// <summary>The bridges that sit in a landing, in their order.</summary>
    public IEnumerable<JobBridge> BridgesAt(Guid landing) => Ordered(_bridgesAt[landing].Select(id => _bridges[id]));

    /// <summary>Whether a wire ends at a landing, or a bridge sits in it.</summary>
    public bool IsConnected(JobLanding landing) => _wiresAt[landing.Id].Count > 0 || _bridgesAt[landing.Id].Count > 0;

    /// <summary>The other landings that a bridge joins to a landing, nearest in their order first; most have none.</summary>
    public IEnumerable<JobLanding> BridgedTo(JobLanding landing) =>
        _bridgesAt[landing.Id]
            .SelectMany(id => _bridges[id].Landings)
            .Distinct()
            .Where(id => id != landing.Id)
            .Select(id => _landings[id])
            .OrderBy(l => Math.Abs(l.Order - landing.Order))
            .ThenBy(l => l.Order)
            .ThenBy(l => l.Id);

    /// <summary>
    /// The landings that bridges make one with a landing, itself among them, in their real order; it alone where no
    /// bridge sits in it.
    /// </summary>
    public IReadOnlyList<JobLanding> BridgedGroup(JobLanding landing)
    {
        if (_bridgesAt[landing.Id].Count == 0)
        {
            return [landing];
        }

        var group = new List<JobLanding> { landing };
        for (var i = 0; i < group.Count; i++)
        {
            group.AddRange(BridgedTo(group[i]).Where(l => !group.Contains(l)));
        }

        return [.. Ordered(group)];
    }

    /// <summary>The landings of a bridge, in their real order.</summary>
    public IReadOnlyList<JobLanding> LandingsOf(JobBridge bridge) =>
        [.. Ordered(bridge.Landings.Select(id => _landings[id]))];

    /// <summary>A bridge by its terminals: "bridge X1:1–X1:3"; of terminals that it passes over, "bridge X1:1, X1:4".</summary>
    public string NameOf(JobBridge bridge)
    {
        var on = LandingsOf(bridge);
        var isWhole =
            on[0].DeviceId is { } device
            && LandingsOf(device).SkipWhile(l => l.Id != on[0].Id).Take(on.Count).SequenceEqual(on);
        return on.Count == 2 || isWhole ? $"bridge {on[0].Name}–{on[^1].Name}"
            : on.Count > 4 ? $"bridge {on[0].Name}, {on[1].Name} … {on[^1].Name}"
            : $"bridge {string.Join(", ", on.Select(l => l.Name))}";
    }

    /// <summary>The wires of a circuit.</summary>
    public IEnumerable<JobWire> WiresOf(Guid circuit) => _wiresOf[circuit].Select(id => _wires[id]);

    /// <summary>The devices that a circuit’s lines land on, each once.</summary>
    public IEnumerable<Device> DevicesOn(Guid circuit) => DevicesOf(LineLandings(circuit));

    /// <summary>The breakers that feed a circuit: those on whose LINE side its lines land are fed by it.</summary>
    public IEnumerable<Device> BreakersOf(Guid circuit) =>
        DevicesOf(LineLandings(circuit).Where(l => l.Side != DeviceSide.Line)).Where(d => d.Type == DeviceType.Breaker);

    private IEnumerable<JobLanding> LineLandings(Guid circuit) =>
        WiresOf(circuit)
            .Where(w => w.Function.IsHot())
            .SelectMany(w => new[] { w.A.LandingId, w.B.LandingId })
            .OfType<Guid>()
            .Select(id => _landings[id]);

    private IEnumerable<Device> DevicesOf(IEnumerable<JobLanding> landings) =>
        landings.Select(l => l.DeviceId).OfType<Guid>().Distinct().Select(id => _devices[id]);

    /// <summary>The wires in a run.</summary>
    public IEnumerable<JobWire> WiresRunning(string run) => _wiresRunning[run].Select(id => _wires[id]);

    /// <summary>The wires of that name, whatever its case.</summary>
    public IReadOnlyList<Guid> WiresNamed(string name) => _names[(EntityKind.Wire, Guid.Empty, name)];

    /// <summary>The circuits that say they share their neutral with a circuit.</summary>
    public IEnumerable<Circuit> Sharing(Guid circuit) => _sharing[circuit].Select(id => _circuits[id]);

    /// <summary>Whether two circuits share one neutral, whichever of them says so.</summary>
    public bool ShareNeutral(Guid one, Guid other) =>
        _circuits[one].SharesNeutralWith == other || _circuits[other].SharesNeutralWith == one;

    /// <summary>A part by its id, whatever it is; null where there is none.</summary>
    public JobPart? Find(Guid id) =>
        Enum.GetValues<EntityKind>().Select(kind => Find(kind, id)).FirstOrDefault(part => part is not null);

    /// <summary>A part by kind and id; null where there is none.</summary>
    public JobPart? Find(EntityKind kind, Guid id) =>
        kind switch
        {
            EntityKind.Title => id == Title.Id ? Title : null,
            EntityKind.Enclosure => _enclosures.GetValueOrDefault(id),
            EntityKind.Device => _devices.GetValueOrDefault(id),
            EntityKind.Landing => _landings.GetValueOrDefault(id),
            EntityKind.Circuit => _circuits.GetValueOrDefault(id),
            EntityKind.Wire => _wires.GetValueOrDefault(id),
            EntityKind.Cord => _cords.GetValueOrDefault(id),
            EntityKind.PinMap => _pinMaps.GetValueOrDefault(id),
            EntityKind.Bridge => _bridges.GetValueOrDefault(id),
            EntityKind.Cable => _cables.GetValueOrDefault(id),
            _ => _acceptances.GetValueOrDefault(id),
        };

    private static IOrderedEnumerable<T> Ordered<T>(IEnumerable<T> parts)
        where T : JobPart => parts.OrderBy(p => p.Order).ThenBy(p => p.Id);
}
