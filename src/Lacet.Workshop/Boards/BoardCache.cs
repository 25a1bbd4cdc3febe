using System.Runtime.CompilerServices;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Boards;

/// <summary>
/// The boards of open jobs, each kept from one time that it is asked for to the next, and as long as its job is open.
/// </summary>
public sealed class BoardCache
{
    private readonly ConditionalWeakTable<JobSession, Dictionary<Guid, KeptBoard>> _ofJobs = [];

    /// <summary>An enclosure’s board; null where there is no such enclosure. The job’s gate is held.</summary>
    public KeptBoard? Of(JobSession job, Guid enclosure)
    {
        if (!_ofJobs.TryGetValue(job, out var boards))
        {
            boards = [];
            _ofJobs.Add(job, boards);
            job.Changed += (parts, judged) =>
            {
                foreach (var board in boards.Values)
                {
                    board.Reach(parts, judged);
                }
            };
        }

        if (!job.Job.Enclosures.ContainsKey(enclosure))
        {
            boards.Remove(enclosure);
            return null;
        }

        if (!boards.TryGetValue(enclosure, out var kept))
        {
            boards.Add(enclosure, kept = new(job, enclosure));
        }

        return kept;
    }
}
