using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>
/// What a landing is connected to: through wires, splices, bridges and what devices join inside, and through closed contacts
/// where that is asked. Nearest first. It ends at bars, and does not go through breakers, plugs and loads, which make a
/// network one with others or with none.
/// </summary>
/// <param name="job">The job.</param>
/// <param name="throughContacts">Whether it goes on through switches, contactors and ground-fault devices.</param>
/// <param name="opened">Devices whose contacts are open all the same; none where null.</param>
/// <param name="atRest">Whether only those contacts are closed that are so while nothing is operated.</param>
public sealed class NetworkWalk(
    Job job,
    bool throughContacts,
    IReadOnlyCollection<Guid>? opened = null,
    bool atRest = false
)
{
    /// <summary>What is reached from a landing, itself first; each with the shortest way to it.</summary>
    public IReadOnlyList<Reached> From(JobLanding start)
    {
        var found = new List<Reached> { new(start, Way.From(job, start), []) };
        var seen = new HashSet<Guid> { start.Id };
        var isOpen = false;
        for (var i = 0; i < found.Count; i++)
        {
            var here = found[i];
            foreach (var next in Beyond(here, isStart: i == 0))
            {
                if (next.Landing is null ? !isOpen : seen.Add(next.Landing.Id))
                {
                    isOpen |= next.Landing is null;
                    found.Add(next);
                }
            }
        }

        return found;
    }

    private IEnumerable<Reached> Beyond(Reached here, bool isStart)
    {
        if (here.Landing is not { } landing || (!isStart && IsBar(landing)))
        {
            yield break;
        }

        foreach (var end in job.EndsAt(landing.Id).Where(e => !e.Wire.Retired))
        {
            var far = end.Other.LandingId is { } id ? job.Landings[id] : null;
            yield return new(far, here.Way.On(job, end.Wire, far), here.Protected);
        }

        foreach (var bridged in job.BridgedTo(landing))
        {
            yield return new(bridged, here.Way.Over(job, bridged), here.Protected);
        }

        foreach (var mapped in PinsOfMap.Across(job, landing))
        {
            yield return new(mapped, here.Way.Through(job, mapped), here.Protected);
        }

        if (Ends(landing))
        {
            yield break;
        }

        foreach (var joined in DeviceLinks.Joined(job, landing))
        {
            yield return new(joined, here.Way.Through(job, joined), here.Protected);
        }

        if (!throughContacts || here.ByContact || (landing.DeviceId is { } device && opened?.Contains(device) is true))
        {
            yield break;
        }

        foreach (
            var closed in DeviceLinks
                .Contacts(job, landing)
                .Where(c => !atRest || DeviceInside.IsClosedAtRest(job, landing, c))
        )
        {
            yield return new(
                closed,
                here.Way.Through(job, closed),
                landing.Side == DeviceSide.Load ? [.. here.Protected, landing.DeviceId!.Value] : here.Protected
            )
            {
                ByContact = true,
            };
        }
    }

    /// <summary>Whether what is inside a device makes the network one with others, or with none.</summary>
    private bool Ends(JobLanding landing) =>
        IsBar(landing)
        || landing.DeviceId is { } device
            && job.Devices[device].Type is DeviceType.Breaker or DeviceType.Plug or DeviceType.Load;

    /// <summary>A bar is the same everywhere: what is joined to it is known without looking further.</summary>
    private bool IsBar(JobLanding landing) =>
        landing.DeviceId is { } device && job.Devices[device].Type is DeviceType.EarthBar or DeviceType.NeutralBar;
}
