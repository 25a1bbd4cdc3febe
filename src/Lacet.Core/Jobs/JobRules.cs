using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>What must hold in a job, whatever its wiring: names, and that everything named is there.</summary>
internal static partial class JobRules
{
    private const int LongestName = 200;

    /// <summary>Throws <see cref="ImpossibleInputException"/> where a change left the job in pieces.</summary>
    internal static void Check(Job job, EntityChange change, JobPart? before)
    {
        if (change.After is { } after)
        {
            CheckPut(job, after);
        }
        else
        {
            CheckTakenOut(job, before);
        }
    }

    private static void CheckTakenOut(Job job, JobPart? before)
    {
        switch (before)
        {
            case Enclosure enclosure:
                Hold(
                    !job.LandingsIn(enclosure.Id).Any() && !job.DevicesIn(enclosure.Id).Any(),
                    $"{enclosure.Name} still has landings. Take those out first, or with it."
                );
                Hold(
                    !job.Cables.Values.Any(c => c.Reaches.Any(r => r.EnclosureId == enclosure.Id)),
                    $"A cable says how far its conductors go in {enclosure.Name}. Empty that first, or with it."
                );
                break;
            case JobCable cable:
                Hold(
                    job.WiresIn(cable.Id).Count == 0,
                    $"Wires are still in {cable.Name}. Take them out of it first, or delete them with it."
                );
                break;
            case Device device:
                Hold(
                    !job.LandingsOf(device.Id).Any(),
                    $"{device.Name} still has landings. Take those out first, or with it."
                );
                Hold(
                    !job.PinMaps.Values.Any(m => m.PlugId == device.Id || m.MachineId == device.Id),
                    $"A pin map still leads to {device.Name}. Change that first, or with it."
                );
                break;
            case JobLanding landing:
                Hold(
                    job.EndsAt(landing.Id).Count == 0,
                    $"A wire still ends at {landing.Name}. Move it first, or with it."
                );
                Hold(
                    !job.BridgesAt(landing.Id).Any(),
                    $"A bridge still sits in {landing.Name}. Take that out first, or with it."
                );
                break;
            case Circuit circuit:
                Hold(
                    !job.WiresOf(circuit.Id).Any() && !job.Sharing(circuit.Id).Any(),
                    $"Circuit {circuit.Name} still has wires, or shares its neutral. Change those first, or with it."
                );
                break;
        }
    }

    private static void CheckPut(Job job, JobPart after)
    {
        switch (after)
        {
            case JobTitle title:
                CheckName(title.Name, "A job");
                break;
            case Enclosure enclosure:
                CheckName(enclosure.Name, "An enclosure");
                Once(job, enclosure.Kind, Guid.Empty, enclosure.Name, "enclosure");
                Within(enclosure.Opening?.Millimetres, 10, 3000, "opening", "An opening is from 10 to 3,000 mm.");
                Within(enclosure.VolumeIn3, 1, 2000, "volumeIn3", "A box has from 1 to 2,000 in³.");
                break;
            case Device device:
                CheckDevice(job, device);
                break;
            case JobLanding landing:
                CheckLanding(job, landing);
                break;
            case Circuit circuit:
                CheckCircuit(job, circuit);
                break;
            case JobWire wire:
                CheckWire(job, wire);
                break;
            case JobCord cord:
                CheckName(cord.Name, "A cord");
                break;
            case JobPinMap map:
                map.Map.Checked();
                CheckPinMap(job, map);
                break;
            case JobBridge bridge:
                CheckBridge(job, bridge);
                break;
            case JobCable cable:
                CheckCable(job, cable);
                break;
            case Acceptance acceptance:
                Hold(acceptance.Reason.Trim().Length is > 0 and <= 500, "Say why, in 1 to 500 characters.");
                break;
        }
    }

    private static void CheckDevice(Job job, Device device)
    {
        CheckName(device.Name, "A device");
        Hold(
            job.Enclosures.ContainsKey(device.EnclosureId),
            $"{device.Name} is in an enclosure that is not in this job."
        );
        Once(job, device.Kind, device.EnclosureId, device.Name, "device");
        Within(device.RatingAmps, 0.1, 6000, "ratingAmps", "A rating is from 0.1 to 6,000 A.");
        Hold(
            device.TiedTo is null
                || (device.Type == DeviceType.Breaker && device.TiedTo.Length is > 0 and <= LongestName),
            $"{device.Name} is tied to the handle of another breaker, or to none: only breakers have handles."
        );
        Within(device.RatedVolts, 1, 1500, "ratedVolts", "A voltage is from 1 to 1,500 V.");
        Within(device.GivesVolts, 1, 1500, "givesVolts", "A voltage is from 1 to 1,500 V.");
        InsideLink.Check(device.Inside);
        Within(device.Outlets, 1, 4, "outlets", "A receptacle has 1 to 4 outlets.");
        Within(device.PluggedAmps, 0, 6000, "pluggedAmps", "A load is from 0 to 6,000 A.");
    }

    private static void CheckPinMap(Job job, JobPinMap map)
    {
        foreach (var id in new[] { map.PlugId, map.MachineId }.OfType<Guid>())
        {
            Hold(job.Devices.ContainsKey(id), $"{map.Map.Name} leads to a device that is not in this job.");
        }

        Hold(map.PlugId is null || map.PlugId != map.MachineId, $"{map.Map.Name} leads from a plug to another device.");
    }

    private static void CheckLanding(Job job, JobLanding landing)
    {
        CheckName(landing.Name, "A landing");
        Hold(
            job.Enclosures.ContainsKey(landing.EnclosureId),
            $"{landing.Name} is in an enclosure that is not in this job."
        );
        Hold(
            landing.DeviceId is not { } device
                || (job.Devices.TryGetValue(device, out var of) && of.EnclosureId == landing.EnclosureId),
            $"{landing.Name} belongs to a device that is not in its enclosure."
        );
        Hold(landing.Landing is null || landing.Splice is null, $"{landing.Name} is a landing or a splice, not both.");
        if (landing.Splice is { } splice)
        {
            splice.Checked("splice");
        }

        foreach (var bridge in job.BridgesAt(landing.Id))
        {
            CheckBridge(job, bridge);
        }

        Once(job, landing.Kind, landing.EnclosureId, landing.Name, "landing");
    }

    private static void CheckCircuit(Job job, Circuit circuit)
    {
        CheckName(circuit.Name, "A circuit");
        Once(job, circuit.Kind, Guid.Empty, circuit.Name, "circuit");
        Hold(circuit.Phases is 1 or 3, "A circuit has one phase or three.");
        Within(circuit.Volts, 1, 1500, "volts", "A voltage is from 1 to 1,500 V.");
        Within(circuit.OcpdAmps, 0.1, 6000, "ocpdAmps", "A breaker is from 0.1 to 6,000 A.");
        Within(circuit.LoadAmps, 0, 6000, "loadAmps", "A load is from 0 to 6,000 A.");
        Hold(
            circuit.SharesNeutralWith is not { } other || (other != circuit.Id && job.Circuits.ContainsKey(other)),
            $"Circuit {circuit.Name} shares its neutral with a circuit that is not in this job."
        );
    }

    private static void CheckWire(Job job, JobWire wire)
    {
        CheckName(wire.Name, "A wire");
        // What is retired may name what is no longer there.
        if (wire.Retired)
        {
            return;
        }

        Hold(wire.A.Id != wire.B.Id, $"The two ends of wire {wire.Name} need ids of their own.");
        Hold(
            wire.CircuitId is not { } circuit || job.Circuits.ContainsKey(circuit),
            $"Wire {wire.Name} is of a circuit that is not in this job."
        );
        Hold(
            wire.CableId is not { } cable || job.Cables.ContainsKey(cable),
            $"Wire {wire.Name} is in a cable that is not in this job."
        );
        foreach (var end in new[] { wire.A, wire.B })
        {
            Hold(
                end.LandingId is not { } landing || job.Landings.ContainsKey(landing),
                $"Wire {wire.Name} ends at a landing that is not in this job."
            );
            Within(end.FreeLength?.Millimetres, 0, 100_000, "freeLengthMm", "A free length is from 0 to 100 m.");
        }

        Within(wire.Length?.Millimetres, 0, 100_000_000, "lengthMm", "A length is from 0 to 100 km.");
        Hold(
            wire.Run is null || wire.Run.Trim().Length is > 0 and <= LongestName,
            $"A run’s name has 1 to {LongestName} characters."
        );
    }

    private static void CheckName(string name, string what) =>
        Hold(
            name.Trim().Length is > 0 and <= LongestName,
            $"{what} needs a name of 1 to {LongestName} characters.",
            "name"
        );

    private static void Once(Job job, EntityKind kind, Guid within, string name, string what) =>
        Hold(
            job.CountNamed(kind, within, name) <= 1,
            $"There is another {what} called {name}. Give one of them another name.",
            "name"
        );

    private static void Within(double? value, double least, double most, string field, string sentence) =>
        Hold(value is not { } given || (given >= least && given <= most), sentence, field);

    private static void Hold(bool holds, string sentence, string field = "changes")
    {
        if (!holds)
        {
            throw new ImpossibleInputException(field, sentence);
        }
    }
}
