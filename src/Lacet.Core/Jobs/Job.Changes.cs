using System.Diagnostics.CodeAnalysis;
using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <content>Changes, and the indexes that follow them.</content>
public sealed partial class Job
{
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
            case EntityKind.Bridge:
                Put(_bridges, change, (b, to) =>
                {
                    foreach (var landing in b.Landings)
                    {
                        Move(_bridgesAt, to, landing, b.Id);
                    }
                });
                break;
            case EntityKind.Cable:
                Put(_cables, change, (c, to) => Name(to, c.Kind, Guid.Empty, c.Name, c.Id));
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
        Move(_wiresIn, to, wire.CableId, wire.Id);
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
