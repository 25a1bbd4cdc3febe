using Lacet.Devices;
using Lacet.Store;
using Lacet.Workshop.Jobs;

namespace Lacet.Web.DeadChecks;

/// <summary>How an enclosure stands, for whoever looks.</summary>
internal sealed class DeadPages(OpenJobs open, PeopleTable people, MultimeterStandIn meter, TimeProvider time)
{
    /// <summary>Null where there is no such job, or no such enclosure in it.</summary>
    internal async Task<DeadDocument?> OfAsync(Guid id, Guid enclosure, Guid person, CancellationToken cancellation)
    {
        var names = await people.NamesAsync();
        return await open.ReadAsync(
            id,
            job =>
                job.Job.Enclosures.TryGetValue(enclosure, out var place)
                    ? DeadDocument.Of(job, place, time.GetUtcNow(), person, names, meter.IsThere)
                    : null,
            cancellation
        );
    }
}
