using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Networks;

/// <summary>What a breaker or a switch makes dead when it is opened, and what stays live beside it.</summary>
/// <param name="Devices">It, and the breakers whose handles are tied to its own.</param>
/// <param name="Dead">Landings that these alone feed, with the way from them.</param>
/// <param name="Live">
/// Landings in the same enclosures that something else feeds: what an instrument finds live there. With the way from
/// what feeds them. Its own enclosure is left out: a panel is live with its breakers open.
/// </param>
public sealed record Opened(IReadOnlyList<Device> Devices, IReadOnlyList<Reached> Dead, IReadOnlyList<Reached> Live)
{
    /// <summary>
    /// Opens a device. Throws <see cref="ImpossibleInputException"/> where it is neither a breaker nor a switch.
    /// </summary>
    public static Opened Of(Job job, Device device)
    {
        if (device.Type is not (DeviceType.Breaker or DeviceType.Switch))
        {
            throw new ImpossibleInputException("device", "Only a breaker or a switch is opened.");
        }

        var opened = HandleTie.Of(job, device);
        bool IsOpened(Guid? id) => opened.Any(d => d.Id == id);
        var behind = opened
            .SelectMany(d => job.LandingsOf(d.Id))
            .Where(l => l.Side != DeviceSide.Line && !l.Identity.IsEarth())
            .SelectMany(l => new NetworkWalk(job, throughContacts: true).From(l))
            .Where(r => r.Landing is { } at && !IsOpened(at.DeviceId) && IsHot(job, at))
            .DistinctBy(r => r.Landing!.Id)
            .ToList();
        var dead = behind.FindAll(r => Feeders(job, r.Landing!).All(f => IsOpened(f.Device.Id)));
        var ids = dead.Select(r => r.Landing!.Id).ToHashSet();
        var live = behind
            .Select(r => r.Landing!.EnclosureId)
            .Distinct()
            .Where(e => e != device.EnclosureId)
            .SelectMany(job.LandingsIn)
            .Where(l => !ids.Contains(l.Id) && IsHot(job, l))
            .SelectMany(l => Feeders(job, l).Take(1).Select(f => new Reached(l, f.At.Way.Back(), [])));
        return new(opened, dead, [.. live]);
    }

    private static IEnumerable<(Device Device, Reached At)> Feeders(Job job, JobLanding landing) =>
        Sources.Of(job, landing).Of(job, DeviceType.Breaker);

    private static bool IsHot(Job job, JobLanding landing) =>
        job.EndsAt(landing.Id).Any(e => !e.Wire.Retired && e.Wire.Function.IsHot());
}
