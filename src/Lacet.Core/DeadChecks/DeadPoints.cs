using Lacet.Core.Jobs;
using Lacet.Core.Networks;

namespace Lacet.Core.DeadChecks;

/// <summary>Where dead is proved in an enclosure.</summary>
public static class DeadPoints
{
    /// <summary>
    /// One landing of every conductor that can be live: of each pole of each breaker that feeds it, of each side of a
    /// control supply, of what comes from where the job does not tell, the neutrals, and the feed sides of breakers that
    /// the job does not feed. Of those alike the first in the order of the board.
    /// </summary>
    public static IReadOnlyList<DeadPoint> Of(Job job, Guid enclosure)
    {
        var points = new List<DeadPoint>();
        var metalOf = Metals(job);
        var metals = new HashSet<Guid>();
        var seen = new HashSet<(Guid Pole, Potential Potential)>();
        foreach (var landing in job.LandingsIn(enclosure).OrderBy(l => l.Order))
        {
            if (PotentialAt(job, landing) is not { } potential)
            {
                continue;
            }

            // What is one piece of metal is one conductor, wherever it is touched.
            var metal = metalOf.GetValueOrDefault(landing.Id, landing.Id);
            if (!metals.Add(metal))
            {
                continue;
            }

            var feeder = Feeders.Of(job, landing).FirstOrDefault();
            var pole = IsFeedSide(job, landing)
                ? landing.Id
                : feeder.Way?.Stops.LastOrDefault(s => s.LandingId is not null)?.LandingId
                    // Of control whole cables come from elsewhere together, and what is switched goes there: one of each.
                    ?? (potential is Potential.Line or Potential.Neutral ? metal : Guid.Empty);
            if (seen.Add((pole, potential)))
            {
                points.Add(new(landing.Id, landing.Name, potential, feeder.Breaker?.Id ?? landing.DeviceId));
            }
        }

        // What a contact switches is as dead as the pole before it, where that can be touched too.
        return
        [
            .. points.Where(p =>
                p.Potential is not (Potential.Switched or Potential.Traveller)
                || p.Source is null
                || !points.Exists(other => other.Source == p.Source && other.Potential == Potential.Line)
            ),
        ];
    }

    /// <summary>Where an enclosure’s earth is touched: on its bar, or where a wire brings it; null where there is none.</summary>
    public static JobLanding? EarthOf(Job job, Guid enclosure) =>
        job.LandingsIn(enclosure)
            .Where(l => PotentialOf(job, l) == Potential.Earth)
            .OrderBy(l => l.DeviceId is { } device && job.Devices[device].Type == DeviceType.EarthBar ? 0 : 1)
            .ThenBy(l => l.Order)
            .FirstOrDefault();

    /// <summary>
    /// What is measured: each conductor to every other of its source, of power to every neutral too, and each to earth
    /// (null), which is what those of different sources have in common.
    /// </summary>
    public static IEnumerable<(DeadPoint From, DeadPoint? To)> Pairs(IReadOnlyList<DeadPoint> points)
    {
        for (var i = 0; i < points.Count; i++)
        {
            for (var j = i + 1; j < points.Count; j++)
            {
                if (BelongTogether(points[i], points[j]))
                {
                    yield return (points[i], points[j]);
                }
            }

            yield return (points[i], null);
        }
    }

    /// <summary>Of one source, as far as that is known, and of one system: power or control.</summary>
    private static bool BelongTogether(DeadPoint one, DeadPoint other) =>
        one.Potential.IsControl() == other.Potential.IsControl()
        && (one.Source == other.Source || one.Potential == Potential.Neutral || other.Potential == Potential.Neutral);

    private static Dictionary<Guid, Guid> Metals(Job job) =>
        Network
            .All(job)
            .SelectMany(n => n.Landings.Select(l => (l.Id, Metal: n.Landings[0].Id)))
            .ToDictionary(l => l.Id, l => l.Metal);

    private static bool IsFeedSide(Job job, JobLanding landing) =>
        landing.Side == DeviceSide.Line
        && landing.DeviceId is { } device
        && job.Devices[device].Type == DeviceType.Breaker
        && !landing.Identity.IsEarth();

    private static Potential? PotentialAt(Job job, JobLanding landing) =>
        PotentialOf(job, landing) is { } potential and not (Potential.Earth or Potential.Signal) ? potential : null;

    private static Potential? PotentialOf(Job job, JobLanding landing)
    {
        var wires = job.EndsAt(landing.Id).Select(e => e.Wire).Where(w => !w.Retired).ToList();
        return wires.Select(w => Potentials.Of(w.Function)).FirstOrDefault(p => p is not null)
            ?? (wires.Count > 0 || IsFeedSide(job, landing) ? Potentials.Of(job, landing) : null);
    }
}
