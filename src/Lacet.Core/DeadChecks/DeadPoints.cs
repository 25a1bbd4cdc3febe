using Lacet.Core.Jobs;
using Lacet.Core.Networks;

namespace Lacet.Core.DeadChecks;

/// <summary>Where dead is proved in an enclosure.</summary>
public static class DeadPoints
{
    /// <summary>
    /// One landing of every conductor that can be live: of each potential that comes from each breaker, of what comes
    /// from out of the job or from nowhere that it tells, and the neutrals. Of those alike the first in the order of the
    /// board. An enclosure in which nothing is wired has none: whoever proves it names what they touched.
    /// </summary>
    public static IReadOnlyList<DeadPoint> Of(Job job, Guid enclosure)
    {
        var points = new List<DeadPoint>();
        var seen = new HashSet<(Guid? Source, Potential Potential, string Phase)>();
        foreach (var landing in job.LandingsIn(enclosure).OrderBy(l => l.Order))
        {
            if (PotentialAt(job, landing) is not { } potential || potential is Potential.Earth or Potential.Signal)
            {
                continue;
            }

            // A neutral is common to what it serves; a line is its breaker’s.
            var sources =
                potential == Potential.Neutral
                    ? []
                    : Feeders.Of(job, landing).Select(f => (Guid?)f.Breaker.Id).Take(1).ToList();
            if (seen.Add((sources.FirstOrDefault(), potential, PhaseOf(landing))))
            {
                points.Add(new(landing.Id, landing.Name, potential));
            }
        }

        return points;
    }

    /// <summary>Each point to every other, and to earth (null).</summary>
    public static IEnumerable<(DeadPoint From, DeadPoint? To)> Pairs(IReadOnlyList<DeadPoint> points)
    {
        for (var i = 0; i < points.Count; i++)
        {
            for (var j = i + 1; j < points.Count; j++)
            {
                yield return (points[i], points[j]);
            }
        }

        foreach (var point in points)
        {
            yield return (point, null);
        }
    }

    private static Potential? PotentialAt(Job job, JobLanding landing) =>
        job.EndsAt(landing.Id)
            .Where(e => !e.Wire.Retired)
            .Select(e => Potentials.Of(e.Wire.Function))
            .FirstOrDefault(p => p is not null)
        ?? (job.EndsAt(landing.Id).Any(e => !e.Wire.Retired) ? Potentials.Of(job, landing) : null);

    /// <summary>Of a three-phase breaker each line is a conductor of its own, by the terminal’s mark.</summary>
    private static string PhaseOf(JobLanding landing) =>
        landing.Identity switch
        {
            TerminalIdentity.Line2 => "2",
            TerminalIdentity.Line3 => "3",
            _ => "",
        };
}
