using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Planning;
using Xunit;

namespace Lacet.Core.Tests.Jobs;

/// <summary>
/// What holds of every remedy of a job: it takes away what it says, brings nothing, and rewires nothing.
/// </summary>
internal static class RemedyLaw
{
    /// <summary>
    /// Tries every remedy of every end, each against the whole job, and takes it back; how many there were.
    /// </summary>
    internal static int Holds(JudgedJob judged)
    {
        var tried = 0;
        foreach (
            var end in judged
                .Job.Wires.Values.Where(w => !w.Retired)
                .SelectMany(w => new EndOfWire[] { new(w, EndSide.A), new(w, EndSide.B) })
                .ToList()
        )
        {
            foreach (var remedy in EndRemedies.For(judged, end, Guid.NewGuid))
            {
                var (before, fed, wires) = (
                    Keys(judged),
                    Fed(judged.Job),
                    judged.Job.Wires.Values.ToDictionary(w => w.Id)
                );
                var undo = judged.Apply(remedy.Changes).Undo;
                var after = Keys(judged);
                Assert.Empty(remedy.Come);
                Assert.Empty(after.Except(before));
                Assert.True(after.Count < before.Count);
                Assert.Equal(
                    before.Except(after).Order(StringComparer.Ordinal),
                    remedy.Gone.Select(Key).Order(StringComparer.Ordinal)
                );
                Assert.All(wires, w =>
                    Assert.Equal(
                        (w.Value.CircuitId, w.Value.Function, w.Value.Conductor),
                        (
                            judged.Job.Wires[w.Key].CircuitId,
                            judged.Job.Wires[w.Key].Function,
                            judged.Job.Wires[w.Key].Conductor
                        )
                    )
                );
                Assert.Equal(fed, Fed(judged.Job));
                judged.Apply(undo);
                tried++;
            }
        }

        return tried;
    }

    /// <summary>Everything that is found, as text.</summary>
    internal static List<string> Keys(JudgedJob judged) => [.. judged.Findings.Select(Key)];

    private static string Key(JobFinding finding) =>
        $"{finding.About.Key} {finding.Finding.Check} {finding.Finding.Severity}";

    /// <summary>Which circuit and function comes to which device.</summary>
    private static List<string> Fed(Job job) =>
        [
            .. job
                .Devices.Values.SelectMany(d =>
                    job.LandingsOf(d.Id)
                        .SelectMany(l => job.EndsAt(l.Id))
                        .Select(e => $"{d.Name} {e.Wire.CircuitId} {e.Wire.Function}")
                )
                .Distinct()
                .Order(StringComparer.Ordinal),
        ];
}
