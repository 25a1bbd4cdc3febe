using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>Where what arrives at a landing comes from.</summary>
/// <param name="Ends">
/// Landings of breakers, bars, plugs, outputs of supplies and other loads at which its network ends, nearest first.
/// </param>
/// <param name="IsOpen">
/// Whether a wire of it goes on out of the job, or to what nobody said: then nothing is known to be missing.
/// </param>
public sealed record Sources(IReadOnlyList<Reached> Ends, bool IsOpen)
{
    /// <summary>
    /// Walks from a landing, through closed contacts but those of devices that are opened; at rest through those alone
    /// that are closed while nothing is operated.
    /// </summary>
    public static Sources Of(Job job, JobLanding landing, IReadOnlyCollection<Guid>? opened = null, bool atRest = false)
    {
        var reached = new NetworkWalk(job, throughContacts: true, opened, atRest).From(landing);
        return new(
            [
                .. reached
                    .Skip(1)
                    .Where(r => r.Landing is { DeviceId: { } device } at && IsEnd(job, at, device, landing)),
            ],
            reached.Any(r => r.Landing is null || IsAnything(job, r.Landing, landing))
        );
    }

    /// <summary>
    /// A terminal of a panel or a machine of which nobody said what it is of may be a bar, and may be fed by hand; what a
    /// device joins to a terminal whose mark is not known may be anything.
    /// </summary>
    private static bool IsAnything(Job job, JobLanding at, JobLanding from) =>
        at.Splice is null
        && at.DeviceId != (from.DeviceId ?? Guid.Empty)
        && (at.DeviceId is { } id ? job.Devices[id] : null) is var device
        && (
            device is null or { Type: DeviceType.Block }
                ? job.Enclosures[at.EnclosureId].Form is EnclosureForm.Panel or EnclosureForm.Machine
                : !DeviceInside.IsKnown(device, at)
        );

    /// <summary>Whether something is known to stand behind it, or may.</summary>
    public bool Any => IsOpen || Ends.Count > 0;

    /// <summary>The devices of a type that it comes from, in the order in which they are reached.</summary>
    public IEnumerable<(Device Device, Reached At)> Of(Job job, DeviceType type) =>
        Ends.Select(r => (Device: job.Devices[r.Landing!.DeviceId!.Value], At: r))
            .Where(d => d.Device.Type == type && !(type == DeviceType.Breaker && d.At.Landing!.Side == DeviceSide.Line))
            .DistinctBy(d => d.Device.Id);

    private static bool IsEnd(Job job, JobLanding at, Guid device, JobLanding from) =>
        device != from.DeviceId
        && job.Devices[device].Type switch
        {
            DeviceType.Breaker or DeviceType.NeutralBar or DeviceType.EarthBar => true,
            DeviceType.Plug => !PinsOfMap.Across(job, at).Any(),
            DeviceType.Load => !at.Identity.IsEarth(),
            _ => DeviceInside.IsOutput(job, at),
        };
}
