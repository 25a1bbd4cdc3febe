using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Networks;

/// <summary>What a breaker, a switch or a disconnector makes dead when it is opened, and what stays live beside it.</summary>
/// <param name="Devices">It, and the breakers whose handles are tied to its own.</param>
/// <param name="Dead">Landings that these alone feed, with the way from them.</param>
/// <param name="Live">
/// Landings in the same enclosures that something else feeds: what an instrument finds live there. With the way from
/// what feeds them. Its own enclosure is left out: a panel is live with its breakers open.
/// </param>
public sealed record Opened(IReadOnlyList<Device> Devices, IReadOnlyList<Reached> Dead, IReadOnlyList<Reached> Live)
{
    /// <summary>
    /// Opens a device. Throws <see cref="ImpossibleInputException"/> where it is none that a hand opens.
    /// </summary>
    public static Opened Of(Job job, Device device)
    {
        if (!device.Type.IsOpenedByHand())
        {
            throw new ImpossibleInputException("device", "Only a breaker, a switch or a disconnector is opened.");
        }

        var opened = HandleTie.Of(job, device);
        var ids = opened.Select(d => d.Id).ToHashSet();
        var behind = Behind(job, opened);
        var dead = behind.FindAll(r => Feeders.Of(job, r.Landing!).Any() && !Feeders.Of(job, r.Landing!, ids).Any());
        var deadIds = dead.Select(r => r.Landing!.Id).ToHashSet();
        var live = behind
            .Select(r => r.Landing!.EnclosureId)
            .Distinct()
            .Where(e => e != device.EnclosureId)
            .SelectMany(job.LandingsIn)
            .Where(l => !deadIds.Contains(l.Id) && IsLive(job, l))
            .SelectMany(l => Feeders.Of(job, l, ids).Take(1).Select(f => new Reached(l, f.Way.Back(), [])));
        return new(opened, dead, [.. live]);
    }

    /// <summary>What is reached from the load side of what is opened, and behind the supplies that it feeds.</summary>
    private static List<Reached> Behind(Job job, IReadOnlyList<Device> opened)
    {
        var ids = opened.Select(d => d.Id).ToHashSet();
        var from = opened
            .SelectMany(d => job.LandingsOf(d.Id))
            .Where(l => l.Side != DeviceSide.Line && !l.Identity.IsEarth())
            .Select(l => new Reached(l, Way.From(job, l), []))
            .ToList();
        var (found, supplies) = (new List<Reached>(), new HashSet<Guid>());
        for (var i = 0; i < from.Count; i++)
        {
            foreach (var reached in new NetworkWalk(job, throughContacts: true, ids).From(from[i].Landing!))
            {
                if (reached.Landing is not { } at || at.DeviceId is { } of && ids.Contains(of))
                {
                    continue;
                }

                var here = reached with { Way = from[i].Way.Then(reached.Way) };
                if (IsLive(job, at))
                {
                    found.Add(here);
                }

                if (
                    at.DeviceId is { } id
                    && job.Devices[id] is { } device
                    && device.Type.IsSupply()
                    && IsInput(job, device, at)
                    && supplies.Add(id)
                )
                {
                    from.AddRange(
                        job.LandingsOf(id)
                            .Where(l => DeviceInside.IsOutput(job, l))
                            .Select(l => new Reached(l, here.Way.Through(job, l), []))
                    );
                }
            }
        }

        return [.. found.DistinctBy(r => r.Landing!.Id)];
    }

    private static bool IsInput(Job job, Device device, JobLanding at) =>
        !at.Identity.IsEarth() && !at.Identity.IsNeutral() && DeviceInside.Inputs(job, device).Any(l => l.Id == at.Id);

    private static bool IsLive(Job job, JobLanding landing) =>
        job.EndsAt(landing.Id)
            .Any(e =>
                !e.Wire.Retired
                && Potentials.Of(e.Wire.Function) is { } on
                && (on.IsHot() || on is Potential.Plus or Potential.ControlAc)
            );
}
