using Lacet.Core.DeadChecks;
using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Tests.Networks;

namespace Lacet.Core.Tests.DeadChecks;

/// <summary>
/// Where dead is proved, in jobs that are clean. NFPA 70E, 120.5 (from memory): each phase conductor or circuit part is
/// tested to every other and to earth.
/// </summary>
public sealed class DeadPointsTests
{
    public static TheoryData<string> Jobs => [.. CleanJobs.All.Keys];

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Whatever_a_breaker_feeds_in_an_enclosure_is_measured(string name)
    {
        var job = CleanJobs.All[name]().Job();
        var metals = Network.All(job).ToList();
        foreach (var enclosure in job.Enclosures.Keys)
        {
            var points = DeadPoints.Of(job, enclosure);
            var sources = EnclosureSources.Of(job, enclosure).Breakers.Select(b => b.Breaker.Id).ToHashSet();
            // Every breaker that can make it live has a point, and every metal at most one.
            Assert.Subset(points.Select(p => p.Source).OfType<Guid>().ToHashSet(), sources);
            foreach (var metal in metals)
            {
                var own = metal.Landings.Select(l => l.Id).ToHashSet();
                Assert.True(points.Count(p => own.Contains(p.LandingId)) <= 1, $"{name}: {metal.Landings[0].Name}");
            }

            // A line of which nobody tells the source is not left out because another one is like it.
            foreach (
                var line in metals.Where(m =>
                    m.Landings.Any(l => l.EnclosureId == enclosure && Feeders.Of(job, l).Any() is false)
                    && m.Wires.Any(w => w.Function == WireFunction.Line)
                    && m.Landings.All(l => l.EnclosureId == enclosure)
                )
            )
            {
                Assert.Contains(points, p => line.Landings.Any(l => l.Id == p.LandingId));
            }
        }
    }

    /// <summary>On the bar, where one is; on what an earth wire lands on, where none is.</summary>
    [Theory]
    [MemberData(nameof(Jobs))]
    public void Earth_is_touched_where_an_earth_is(string name)
    {
        var job = CleanJobs.All[name]().Job();
        foreach (var enclosure in job.Enclosures.Keys)
        {
            var earthed = job.LandingsIn(enclosure)
                .Where(l => job.EndsAt(l.Id).Any(e => e.Wire.Function == WireFunction.Earth))
                .ToList();
            var earth = DeadPoints.EarthOf(job, enclosure);
            Assert.Equal(earthed.Count > 0, earth is not null);
            if (earth is not null)
            {
                Assert.Contains(earth, earthed);
                Assert.Equal(earthed.Exists(IsBar), IsBar(earth));
            }
        }

        bool IsBar(JobLanding landing) =>
            landing.DeviceId is { } device && job.Devices[device].Type == DeviceType.EarthBar;
    }

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Each_point_is_measured_to_earth_and_to_those_of_its_source_once(string name)
    {
        var job = CleanJobs.All[name]().Job();
        foreach (var enclosure in job.Enclosures.Keys)
        {
            var points = DeadPoints.Of(job, enclosure);
            var pairs = DeadPoints.Pairs(points).ToList();
            Assert.Equal(points, pairs.Where(p => p.To is null).Select(p => p.From));
            var asked = pairs.Where(p => p.To is not null).Select(p => Key(p.From, p.To!)).ToList();
            Assert.Equal(asked.Distinct().Count(), asked.Count);
            Assert.All(pairs.Where(p => p.To is not null), p => Assert.NotEqual(p.From.LandingId, p.To!.LandingId));
            foreach (var line in points.Where(p => p.Potential == Potential.Line))
            {
                foreach (
                    var other in points.Where(p =>
                        p != line
                        && (
                            p.Potential == Potential.Neutral
                            || (p.Potential == Potential.Line && p.Source == line.Source)
                        )
                    )
                )
                {
                    Assert.Contains(Key(line, other), asked);
                }
            }
        }

        static (Guid, Guid) Key(DeadPoint one, DeadPoint other) =>
            one.LandingId.CompareTo(other.LandingId) < 0
                ? (one.LandingId, other.LandingId)
                : (other.LandingId, one.LandingId);
    }
}
