using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Networks;

/// <summary>
/// Bridges put where they do not belong, and taken from where they do: one mistake at a time in jobs that are clean.
/// </summary>
public sealed class BridgeMistakeTests
{
    public static TheoryData<string> Jobs => [.. CleanJobs.All.Keys];

    /// <summary>
    /// Two terminals of one enclosure that carry something else are bridged: of potentials, circuits or legs that differ.
    /// </summary>
    [Theory]
    [MemberData(nameof(Jobs))]
    public void A_bridge_between_what_must_stay_apart_is_found(string name)
    {
        var judged = new JudgedJob(CleanJobs.All[name]().Job());
        var job = judged.Job;
        var missed = new List<string>();
        var tried = 0;
        foreach (var (one, other) in Apart(job))
        {
            tried++;
            var (_, come) = judged.Try([EntityChange.Put(new JobBridge(Guid.NewGuid(), [one.Id, other.Id]))]);
            if (!come.Any(f => f.Finding.Severity != Severity.Note))
            {
                missed.Add($"{one.Name} and {other.Name}");
            }
        }

        Assert.True(tried > 0);
        Assert.True(missed.Count == 0, $"{missed.Count} of {tried}: {string.Join("; ", missed)}");
    }

    [Fact]
    public void A_bridge_that_is_taken_out_or_too_short_is_missed()
    {
        var judged = CleanJobs.All["bridged strip"]().Judged();
        foreach (var bridge in judged.Job.Bridges.Values.ToList())
        {
            Assert.Contains(judged.Try([EntityChange.Remove(bridge)]).Come, f =>
                f.Finding.Check is "bridge-missing" or "breaker-not-fed"
            );
            foreach (var left in bridge.Landings.Skip(1).Where(_ => bridge.Landings.Count > 2))
            {
                var shorter = bridge with { Landings = [.. bridge.Landings.Where(l => l != left)] };
                Assert.Contains(judged.Try([EntityChange.Put(shorter)]).Come, f =>
                    f.Finding.Check == "bridge-missing" && f.About.Id == left
                );
            }
        }
    }

    private static IEnumerable<(JobLanding One, JobLanding Other)> Apart(Job job) =>
        from one in job.Landings.Values
        from other in job.LandingsIn(one.EnclosureId)
        where one.Order < other.Order && one.Splice is null && other.Splice is null
        let here = Carried(job, one)
        let there = Carried(job, other)
        where
            here is not null
            && there is not null
            && (
                here.Value.Potential != there.Value.Potential
                || (here.Value.Circuit != there.Value.Circuit && here.Value.Potential == Potential.Line)
            )
            && !IsOneSystem(here.Value.Potential, there.Value.Potential)
        select (one, other);

    /// <summary>0 V and the neutral may be earthed, and what is switched is live again behind its switch.</summary>
    private static bool IsOneSystem(Potential one, Potential other) =>
        (one is Potential.Earth && other is Potential.Zero or Potential.Neutral)
        || (other is Potential.Earth && one is Potential.Zero or Potential.Neutral);

    private static (Potential Potential, Guid? Circuit)? Carried(Job job, JobLanding landing) =>
        job.EndsAt(landing.Id)
            .Select(e => (Potential: Potentials.Of(e.Wire.Function), e.Wire.CircuitId))
            .Where(c =>
                c.Potential
                    is Potential.Line
                        or Potential.Neutral
                        or Potential.Earth
                        or Potential.Plus
                        or Potential.Zero
            )
            .Select(c => ((Potential, Guid?)?)(c.Potential!.Value, c.CircuitId))
            .FirstOrDefault();
}
