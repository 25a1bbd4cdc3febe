using System.Diagnostics.CodeAnalysis;
using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>
/// A job as data: its parts, and who belongs to whom. It changes only by <see cref="Apply"/>, all or nothing. Not safe
/// for several threads at once.
/// </summary>
public sealed class Job
{
    private readonly Dictionary<Guid, Enclosure> _enclosures = [];
    private readonly Dictionary<Guid, Device> _devices = [];
    private readonly Dictionary<Guid, JobLanding> _landings = [];
    private readonly Dictionary<Guid, Circuit> _circuits = [];
    private readonly Dictionary<Guid, JobWire> _wires = [];
    private readonly Dictionary<Guid, Acceptance> _acceptances = [];
    private readonly Dictionary<Guid, JobCord> _cords = [];
    private readonly Dictionary<Guid, JobPinMap> _pinMaps = [];

    private readonly IdIndex<(EntityKind Kind, Guid Within, string Name)> _names = new(NameComparer.Instance);
    private readonly IdIndex<Guid> _devicesIn = new();
    private readonly IdIndex<Guid> _landingsIn = new();
    private readonly IdIndex<Guid> _landingsOf = new();
    private readonly IdIndex<Guid> _wiresAt = new();
    private readonly IdIndex<Guid> _wiresOf = new();
    private readonly IdIndex<string> _wiresRunning = new(StringComparer.OrdinalIgnoreCase);
    private readonly IdIndex<Guid> _sharing = new();

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
            .Concat(Ordered(_pinMaps.Values));

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

    /// <summary>The wires of a circuit.</summary>
    public IEnumerable<JobWire> WiresOf(Guid circuit) => _wiresOf[circuit].Select(id => _wires[id]);

    /// <summary>The wires in a run.</summary>
    public IEnumerable<JobWire> WiresRunning(string run) => _wiresRunning[run].Select(id => _wires[id]);

    /// <summary>The wires of that name, whatever its case.</summary>
    public IReadOnlyList<Guid> WiresNamed(string name) => _names[(EntityKind.Wire, Guid.Empty, name)];

    /// <summary>The circuits that say they share their neutral with a circuit.</summary>
    public IEnumerable<Circuit> Sharing(Guid circuit) => _sharing[circuit].Select(id => _circuits[id]);

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
            _ => _acceptances.GetValueOrDefault(id),
        };

    /// <summary>
    /// Makes all changes or none, and gives the changes that undo them. Throws <see cref="ImpossibleInputException"/>
    /// with a sentence where the job would no longer hold together; then nothing has changed.
    /// </summary>
    public IReadOnlyList<EntityChange> Apply(IReadOnlyList<EntityChange> changes)
    {
        var undo = new List<EntityChange>(changes.Count);
        foreach (var change in changes)
        {
            undo.Add(new(change.Kind, change.Id, Find(change.Kind, change.Id)));
            Set(change);
        }

        undo.Reverse();
        try
        {
            for (var i = 0; i < changes.Count; i++)
            {
                JobRules.Check(this, changes[i], undo[^(i + 1)].After);
            }
        }
        catch (ImpossibleInputException)
        {
            undo.ForEach(Set);
            throw;
        }

        return undo;
    }

    /// <summary>How many parts of a kind have a name, within an enclosure where the kind stands in one.</summary>
    internal int CountNamed(EntityKind kind, Guid within, string name) => _names[(kind, within, name)].Count;

    private static IOrderedEnumerable<T> Ordered<T>(IEnumerable<T> parts)
        where T : JobPart => parts.OrderBy(p => p.Order).ThenBy(p => p.Id);

    private void Set(EntityChange change)
    {
        switch (change.Kind)
        {
            case EntityKind.Title:
                Title =
                    change.After as JobTitle ?? throw new ImpossibleInputException("changes", "A job keeps its title.");
                break;
            case EntityKind.Enclosure:
                Put(_enclosures, change, (e, to) => Name(to, e.Kind, Guid.Empty, e.Name, e.Id));
                break;
            case EntityKind.Device:
                Put(_devices, change, (d, to) =>
                {
                    Name(to, d.Kind, d.EnclosureId, d.Name, d.Id);
                    Move(_devicesIn, to, d.EnclosureId, d.Id);
                });
                break;
            case EntityKind.Landing:
                Put(_landings, change, (l, to) =>
                {
                    Name(to, l.Kind, l.EnclosureId, l.Name, l.Id);
                    Move(_landingsIn, to, l.EnclosureId, l.Id);
                    Move(_landingsOf, to, l.DeviceId, l.Id);
                });
                break;
            case EntityKind.Circuit:
                Put(_circuits, change, (c, to) =>
                {
                    Name(to, c.Kind, Guid.Empty, c.Name, c.Id);
                    Move(_sharing, to, c.SharesNeutralWith, c.Id);
                });
                break;
            case EntityKind.Wire:
                Put(_wires, change, IndexWire);
                break;
            case EntityKind.Cord:
                Put(_cords, change, (_, _) => { });
                break;
            case EntityKind.PinMap:
                Put(_pinMaps, change, (_, _) => { });
                break;
            default:
                Put(_acceptances, change, (_, _) => { });
                break;
        }
    }

    private void IndexWire(JobWire wire, bool to)
    {
        // What is retired stands in no index: nothing counts it.
        if (wire.Retired)
        {
            return;
        }

        Name(to, wire.Kind, Guid.Empty, wire.Name, wire.Id);
        Move(_wiresAt, to, wire.A.LandingId, wire.Id);
        Move(_wiresAt, to, wire.B.LandingId, wire.Id);
        Move(_wiresOf, to, wire.CircuitId, wire.Id);
        if (wire.Run is { } run)
        {
            (to ? (Action<string, Guid>)_wiresRunning.Add : _wiresRunning.Remove)(run, wire.Id);
        }
    }

    private static void Put<T>(Dictionary<Guid, T> parts, EntityChange change, Action<T, bool> index)
        where T : JobPart
    {
        if (parts.Remove(change.Id, out var before))
        {
            index(before, false);
        }

        if (change.After is T after)
        {
            parts.Add(change.Id, after);
            index(after, true);
        }
    }

    private void Name(bool to, EntityKind kind, Guid within, string name, Guid id)
    {
        if (to)
        {
            _names.Add((kind, within, name), id);
        }
        else
        {
            _names.Remove((kind, within, name), id);
        }
    }

    private static void Move(IdIndex<Guid> index, bool to, Guid? key, Guid id)
    {
        if (key is not { } there)
        {
            return;
        }

        if (to)
        {
            index.Add(there, id);
        }
        else
        {
            index.Remove(there, id);
        }
    }

    /// <summary>Names differ by more than case.</summary>
    private sealed class NameComparer : IEqualityComparer<(EntityKind Kind, Guid Within, string Name)>
    {
        internal static readonly NameComparer Instance = new();

        public bool Equals(
            (EntityKind Kind, Guid Within, string Name) x,
            (EntityKind Kind, Guid Within, string Name) y
        ) =>
            x.Kind == y.Kind
            && x.Within == y.Within
            && string.Equals(x.Name, y.Name, StringComparison.OrdinalIgnoreCase);

        public int GetHashCode([DisallowNull] (EntityKind Kind, Guid Within, string Name) key) =>
            HashCode.Combine(key.Kind, key.Within, StringComparer.OrdinalIgnoreCase.GetHashCode(key.Name));
    }
}
