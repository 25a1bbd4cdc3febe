using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>What can make an enclosure live: each is opened, locked and proved dead before a hand goes in.</summary>
/// <param name="Breakers">Breakers that feed something in it, each with the way to the first landing.</param>
/// <param name="Open">Landings whose hot goes on out of the job, or to what nobody said: something may come from there.</param>
public sealed record EnclosureSources(IReadOnlyList<(Device Breaker, Way Way)> Breakers, IReadOnlyList<JobLanding> Open)
{
    /// <summary>The sources of an enclosure.</summary>
    public static EnclosureSources Of(Job job, Guid enclosure)
    {
        var hot = job.LandingsIn(enclosure)
            .Where(l =>
                job.EndsAt(l.Id)
                    .Any(e =>
                        !e.Wire.Retired
                        && (e.Wire.Function.IsHot() || Potentials.Of(e.Wire.Function)?.IsControl() is true)
                    )
            )
            .ToList();
        return new(
            [
                .. hot.SelectMany(l => Feeders.Of(job, l))
                    .DistinctBy(f => f.Breaker.Id)
                    .OrderBy(f => f.Breaker.Order)
                    .Select(f => (f.Breaker, f.Way.Back())),
            ],
            [.. hot.Where(l => Sources.Of(job, l).IsOpen)]
        );
    }
}
