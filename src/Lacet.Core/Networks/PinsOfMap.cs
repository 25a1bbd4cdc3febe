using System.Globalization;
using Lacet.Core.Jobs;
using Lacet.Core.PinMaps;

namespace Lacet.Core.Networks;

/// <summary>
/// A pin map in the network: each of its pins leads from the plug that it is of to the machine’s terminal, by the
/// machine’s own lead.
/// </summary>
public static class PinsOfMap
{
    /// <summary>The landings that a pin map joins to one: of a pin its terminal, of a terminal its pins.</summary>
    public static IEnumerable<JobLanding> Across(Job job, JobLanding landing) =>
        job.PinMaps.Count == 0 || landing.DeviceId is not { } device
            ? []
            : job
                .PinMaps.Values.Where(m => m is { PlugId: not null, MachineId: not null })
                .SelectMany(m =>
                    m.PlugId == device ? On(job, m).Where(p => p.Pin?.Id == landing.Id).Select(p => p.Terminal)
                    : m.MachineId == device ? On(job, m).Where(p => p.Terminal?.Id == landing.Id).Select(p => p.Pin)
                    : []
                )
                .OfType<JobLanding>();

    /// <summary>The pins of a map with the landings that they are in the job; null where one is not there.</summary>
    public static IEnumerable<(MappedPin Mapped, JobLanding? Pin, JobLanding? Terminal)> On(Job job, JobPinMap map) =>
        map.Map.Pins.Select(pin =>
            (
                pin,
                At(job, map.PlugId, pin.Pin.ToString(CultureInfo.InvariantCulture)),
                pin.Terminal.Length == 0 ? null : At(job, map.MachineId, pin.Terminal)
            )
        );

    private static JobLanding? At(Job job, Guid? device, string mark) =>
        device is { } id && job.Devices.TryGetValue(id, out var of)
            ? job.LandingsOf(id)
                .FirstOrDefault(l => string.Equals(l.MarkOn(of), mark, StringComparison.OrdinalIgnoreCase))
            : null;
}
