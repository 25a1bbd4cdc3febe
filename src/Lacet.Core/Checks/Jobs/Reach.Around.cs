using Lacet.Core.Jobs;
using Lacet.Core.Networks;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What lies around what was changed: its network, its device, its circuit, its panel.</summary>
internal sealed partial class Reach
{
    /// <summary>
    /// Everything that a landing is connected to: what feeds a device is read along all of it, and what is joined at a
    /// landing along wires of which nobody said what they are.
    /// </summary>
    private void Network(JobLanding landing)
    {
        if (!_walked.Add(landing.Id))
        {
            return;
        }

        foreach (var reached in new NetworkWalk(job, throughContacts: true).From(landing))
        {
            if (reached.Landing is { } there)
            {
                if (job.EndsAt(there.Id).Any(e => e.Wire.Function == WireFunction.Unknown))
                {
                    Add(CheckScope.Landing, there.Id);
                }

                Neighbours(there);
                Bars(there.EnclosureId);
                if (there.DeviceId is { } device)
                {
                    Add(CheckScope.Device, device);
                }
            }
        }
    }

    /// <summary>Whether a bridge is missing is read at both terminals that it would join.</summary>
    private void Neighbours(JobLanding landing)
    {
        foreach (var alike in BridgeMissing.Alike(job, landing))
        {
            Add(CheckScope.Landing, alike.Id);
            Add(CheckScope.Landing, landing.Id);
        }
    }

    /// <summary>A device, and the pin maps that lead from it or to it.</summary>
    private void OfDevice(Guid device)
    {
        Add(CheckScope.Device, device);
        All(
            CheckScope.PinMap,
            job.PinMaps.Values.Where(m => m.PlugId == device || m.MachineId == device).Select(m => m.Id)
        );
    }

    private void AtLanding(Guid id)
    {
        Add(CheckScope.Landing, id);
        Network(job.Landings[id]);
        foreach (var end in job.EndsAt(id))
        {
            Ends(end.Wire);
            Add(CheckScope.Wire, end.Wire.Id);
            Run(end.Wire);
        }
    }

    /// <summary>A circuit, and every device on it: what feeds what is read along the whole of it.</summary>
    private void WholeCircuit(Guid circuit)
    {
        if (!_circuits.Add(circuit))
        {
            return;
        }

        Add(CheckScope.Circuit, circuit);
        // Whether two that share a neutral open together is said of the one that names the other.
        All(CheckScope.Circuit, job.Sharing(circuit).Select(c => c.Id));

        // Whether it feeds more than one receptacle is read at every end of it (240.4(B)).
        var feedsSeveral = ReceptacleRating.OutletsOn(job, circuit) > 1;
        var isOtherwise = _isAfter && (!_feedsSeveral.TryGetValue(circuit, out var before) || before != feedsSeveral);
        _feedsSeveral[circuit] = feedsSeveral;

        foreach (var wire in job.WiresOf(circuit))
        {
            if (isOtherwise)
            {
                Ends(wire);
            }

            Device(wire.A);
            Device(wire.B);
            Run(wire);
        }
    }

    private void Device(JobEnd end)
    {
        if (end.LandingId is not { } id || !job.Landings.TryGetValue(id, out var landing))
        {
            return;
        }

        Add(CheckScope.Landing, id);
        Bars(landing.EnclosureId);
        if (landing.DeviceId is { } device)
        {
            Add(CheckScope.Device, device);
        }
    }

    /// <summary>Whether neutral and earth may meet in a panel goes by what feeds it.</summary>
    private void Bars(Guid enclosure)
    {
        if (!_panels.Add(enclosure))
        {
            return;
        }

        foreach (
            var landing in job.DevicesIn(enclosure)
                .Where(d => d.Type is DeviceType.NeutralBar or DeviceType.EarthBar)
                .SelectMany(d => job.LandingsOf(d.Id))
        )
        {
            Add(CheckScope.Landing, landing.Id);
        }
    }
}
