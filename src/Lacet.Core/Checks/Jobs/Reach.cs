using Lacet.Core.Jobs;
using Lacet.Core.Networks;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// What a change can reach: the subjects whose checks read what was changed. Asked before and after the change.
/// </summary>
internal sealed partial class Reach(Job job)
{
    private readonly HashSet<Subject> _subjects = [];
    private readonly HashSet<Guid> _circuits = [];
    private readonly HashSet<Guid> _walked = [];
    private readonly HashSet<Guid> _panels = [];
    private readonly HashSet<Guid> _boxes = [];
    private readonly Dictionary<Guid, bool> _feedsSeveral = [];
    private bool _isAfter;

    internal IReadOnlySet<Subject> Subjects => _subjects;

    /// <summary>The job has changed: what was followed before is followed anew.</summary>
    internal void AfterTheChange()
    {
        _circuits.Clear();
        _walked.Clear();
        _panels.Clear();
        _boxes.Clear();
        _isAfter = true;
    }

    /// <summary>All of a job.</summary>
    internal void Everything()
    {
        foreach (var wire in job.Wires.Values)
        {
            Add(CheckScope.Wire, wire.Id);
            Ends(wire);
        }

        All(CheckScope.Landing, job.Landings.Keys);
        All(CheckScope.Device, job.Devices.Keys);
        All(CheckScope.Circuit, job.Circuits.Keys);
        All(CheckScope.Enclosure, job.Enclosures.Keys);
        All(CheckScope.Cord, job.Cords.Keys);
        All(CheckScope.PinMap, job.PinMaps.Keys);
        All(CheckScope.Cable, job.Cables.Keys);
        foreach (var run in job.Runs)
        {
            Run(run);
        }
    }

    /// <summary>What one part reaches, as the job stands.</summary>
    internal void From(JobPart? part)
    {
        switch (part)
        {
            case JobTitle:
                Everything();
                break;
            case Enclosure enclosure:
                Add(CheckScope.Enclosure, enclosure.Id);
                Inside(enclosure);
                break;
            case Device device:
                Whole(device);
                break;
            case JobLanding landing:
                Landing(landing);
                break;
            case Circuit circuit:
                On(circuit);
                break;
            case JobCord cord:
                Add(CheckScope.Cord, cord.Id);
                break;
            case JobPinMap map:
                Add(CheckScope.PinMap, map.Id);
                foreach (var landing in PinsOfMap.On(job, map).SelectMany(p => new[] { p.Pin, p.Terminal }))
                {
                    if (landing is not null)
                    {
                        Network(landing);
                    }
                }

                break;
            case JobBridge bridge:
                foreach (var id in bridge.Landings)
                {
                    Bridged(id);
                }

                break;
            case JobCable cable:
                Add(CheckScope.Cable, cable.Id);
                foreach (var wire in job.WiresIn(cable.Id))
                {
                    Wire(wire);
                }

                break;
            case JobWire wire:
                Wire(wire);
                foreach (var same in job.WiresNamed(wire.Name))
                {
                    Add(CheckScope.Wire, same);
                }

                break;
        }
    }

    private void Whole(Device device)
    {
        OfDevice(device.Id);
        Add(CheckScope.Enclosure, device.EnclosureId);
        foreach (var landing in job.LandingsOf(device.Id))
        {
            Landing(landing);
        }

        if (device.Type == DeviceType.Breaker)
        {
            // One of them may name it as what its handle is tied to.
            All(
                CheckScope.Device,
                job.DevicesIn(device.EnclosureId).Where(d => d.Type == DeviceType.Breaker).Select(d => d.Id)
            );
        }
    }

    /// <summary>Asked before a change too, when what a bridge is to sit in may not be there yet.</summary>
    private void Bridged(Guid id)
    {
        if (job.Landings.TryGetValue(id, out var landing))
        {
            Landing(landing);
        }
    }

    private void Inside(Enclosure enclosure)
    {
        foreach (var landing in job.LandingsIn(enclosure.Id))
        {
            AtLanding(landing.Id);
            // What kind of enclosure a wire comes from is read at its far end too.
            foreach (var circuit in job.EndsAt(landing.Id).Select(e => e.Wire.CircuitId).OfType<Guid>())
            {
                WholeCircuit(circuit);
            }
        }
    }

    private void On(Circuit circuit)
    {
        WholeCircuit(circuit.Id);
        foreach (var wire in job.WiresOf(circuit.Id))
        {
            Wire(wire);
        }

        if (circuit.SharesNeutralWith is { } other)
        {
            WholeCircuit(other);
        }

        foreach (var sharing in job.Sharing(circuit.Id))
        {
            WholeCircuit(sharing.Id);
        }
    }

    private void Wire(JobWire wire)
    {
        Add(CheckScope.Wire, wire.Id);
        Ends(wire);
        Lands(wire.A);
        Lands(wire.B);
        Alike(wire.A);
        Alike(wire.B);
        if (wire.CircuitId is { } circuit)
        {
            WholeCircuit(circuit);
        }

        Run(wire);
    }

    /// <summary>Of ends in a box of which the same free length was said, the first one says it.</summary>
    private void Alike(JobEnd end)
    {
        if (
            end.LandingId is { } id
            && job.Landings.TryGetValue(id, out var landing)
            && job.Enclosures[landing.EnclosureId] is { Form: EnclosureForm.Box or EnclosureForm.DevicePlate } box
            && _boxes.Add(box.Id)
        )
        {
            foreach (
                var alike in job.LandingsIn(box.Id)
                    .SelectMany(l => job.EndsAt(l.Id))
                    .Where(e => e.End.FreeLength is not null || e.End.PastOpening is not null)
            )
            {
                Ends(alike.Wire);
            }
        }
    }

    private void Landing(JobLanding landing)
    {
        Add(CheckScope.Landing, landing.Id);
        Network(landing);
        Add(CheckScope.Enclosure, landing.EnclosureId);
        if (landing.DeviceId is { } device)
        {
            OfDevice(device);
        }

        foreach (var end in job.EndsAt(landing.Id))
        {
            Wire(end.Wire);
        }
    }

    private void Lands(JobEnd end)
    {
        // Asked before a change too, when what a wire is to land on may not be there yet.
        if (end.LandingId is { } id && job.Landings.TryGetValue(id, out var landing))
        {
            AtLanding(id);
            Add(CheckScope.Enclosure, landing.EnclosureId);
            if (landing.DeviceId is { } device)
            {
                OfDevice(device);
            }
        }
    }

    private void Ends(JobWire wire)
    {
        _subjects.Add(new(CheckScope.End, wire.Id, EndSide.A));
        _subjects.Add(new(CheckScope.End, wire.Id, EndSide.B));
    }

    private void Run(JobWire wire)
    {
        if (wire.Run is { } run)
        {
            Run(run);
        }

        if (wire.CableId is { } cable)
        {
            // How many conductors share a jacket is read at each of their ends.
            Add(CheckScope.Cable, cable);
            foreach (var beside in job.WiresIn(cable))
            {
                Ends(beside);
            }
        }

        if (wire is { Function: WireFunction.Earth, CircuitId: null })
        {
            // An earth of which nobody said whose it is, is that of every circuit beside it.
            All(CheckScope.Circuit, job.RunningWith([wire]).Select(w => w.CircuitId).OfType<Guid>());
        }
    }

    private void Run(string run) => _subjects.Add(new(CheckScope.Run, Guid.Empty, EndSide.A, run.ToUpperInvariant()));

    private void All(CheckScope scope, IEnumerable<Guid> ids)
    {
        foreach (var id in ids)
        {
            Add(scope, id);
        }
    }

    private void Add(CheckScope scope, Guid id)
    {
        // What bridges join is judged at the first of them.
        if (
            _subjects.Add(new(scope, id))
            && scope == CheckScope.Landing
            && job.Landings.TryGetValue(id, out var landing)
        )
        {
            foreach (var bridged in job.BridgedTo(landing))
            {
                Add(CheckScope.Landing, bridged.Id);
            }
        }
    }
}
