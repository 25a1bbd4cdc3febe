using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>Where what arrives at a landing comes from.</summary>
/// <param name="Ends">Landings of breakers, bars, plugs and other loads at which its network ends, nearest first.</param>
/// <param name="IsOpen">
/// Whether a wire of it goes on out of the job, or to what nobody said: then nothing is known to be missing.
/// </param>
public sealed record Sources(IReadOnlyList<Reached> Ends, bool IsOpen)
{
    /// <summary>Walks from a landing, through closed contacts.</summary>
    public static Sources Of(Job job, JobLanding landing)
    {
        var reached = new NetworkWalk(job, throughContacts: true).From(landing);
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
    /// A terminal of a panel or a machine of which nobody said what it is of may be a bar, and may be fed by hand.
    /// </summary>
    private static bool IsAnything(Job job, JobLanding at, JobLanding from) =>
        at.Splice is null
        && at.DeviceId != (from.DeviceId ?? Guid.Empty)
        && (at.DeviceId is not { } device || job.Devices[device].Type == DeviceType.Block)
        && job.Enclosures[at.EnclosureId].Form is EnclosureForm.Panel or EnclosureForm.Machine;

    /// <summary>Whether something is known to stand behind it, or may.</summary>
    public bool Any => IsOpen || Ends.Count > 0;

    /// <summary>The devices of a type that it comes from, in the order in which they are reached.</summary>
    public IEnumerable<(Device Device, Reached At)> Of(Job job, DeviceType type) =>
        Ends.Select(r => (Device: job.Devices[r.Landing!.DeviceId!.Value], At: r))
            .Where(d => d.Device.Type == type && !(type == DeviceType.Breaker && d.At.Landing!.Side == DeviceSide.Line))
            .DistinctBy(d => d.Device.Id);

    private static bool IsEnd(Job job, JobLanding at, Guid device, JobLanding from) =>
        device != from.DeviceId
        && job.Devices[device].Type
            is DeviceType.Breaker
                or DeviceType.NeutralBar
                or DeviceType.EarthBar
                or DeviceType.Plug
                or DeviceType.Load
        && (job.Devices[device].Type != DeviceType.Load || !at.Identity.IsEarth());
}
