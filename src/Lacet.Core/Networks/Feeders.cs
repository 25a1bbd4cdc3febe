using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>The breakers that make a landing live: its own, and behind a supply or a transformer those of its input.</summary>
public static class Feeders
{
    /// <summary>
    /// Each breaker once, the nearest first, with the way from the landing to it. Breakers that are opened feed nothing,
    /// and what goes through opened switches leads to none.
    /// </summary>
    public static IEnumerable<(Device Breaker, Way Way)> Of(
        Job job,
        JobLanding landing,
        IReadOnlyCollection<Guid>? opened = null
    ) => Behind(job, landing, Way.From(job, landing), opened, []).DistinctBy(f => f.Breaker.Id);

    private static IEnumerable<(Device Breaker, Way Way)> Behind(
        Job job,
        JobLanding landing,
        Way way,
        IReadOnlyCollection<Guid>? opened,
        HashSet<Guid> supplies
    )
    {
        var sources = Sources.Of(job, landing, opened);
        foreach (var (breaker, at) in sources.Of(job, DeviceType.Breaker))
        {
            if (opened?.Contains(breaker.Id) is not true)
            {
                yield return (breaker, way.Then(at.Way));
            }
        }

        // The output itself has its way already; what is joined to it comes by a walk.
        var outputs = sources
            .Ends.Where(e => DeviceInside.IsOutput(job, e.Landing!))
            .Select(e => (At: e.Landing!, Way: way.Then(e.Way)));
        if (DeviceInside.IsOutput(job, landing))
        {
            outputs = outputs.Prepend((landing, way));
        }

        foreach (var (at, soFar) in outputs.Where(o => supplies.Add(o.At.DeviceId!.Value)))
        {
            foreach (
                var input in DeviceInside
                    .Inputs(job, job.Devices[at.DeviceId!.Value])
                    .Where(l => !l.Identity.IsEarth() && !l.Identity.IsNeutral())
            )
            {
                foreach (var found in Behind(job, input, soFar.Through(job, input), opened, supplies))
                {
                    yield return found;
                }
            }
        }
    }
}
