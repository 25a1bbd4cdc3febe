using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A bridge that passes over a terminal must not touch it.</summary>
public sealed class BridgePassesOver : IJobCheck<JobLanding>
{
    private static readonly string[] RestsOn = ["landing.bridges", "device.type"];

    /// <inheritdoc/>
    public string Id => "bridge-passes-over";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobLanding subject)
    {
        foreach (var bridge in job.BridgesAt(subject.Id))
        {
            var on = job.LandingsOf(bridge);
            if (on[0].Id != subject.Id || bridge.Form is not (BridgeForm.PlugIn or BridgeForm.Comb))
            {
                continue;
            }

            var passed = Passed(job, bridge, on);
            if (passed.Count > 0)
            {
                return new Finding(
                    Id,
                    Severity.Note,
                    $"The {job.NameOf(bridge)} passes over {string.Join(", ", passed.Take(4).Select(l => l.Name))}{(passed.Count > 4 ? " and more" : "")}: a prong there would join {(passed.Count == 1 ? "it" : "them")} too.",
                    $"Break the prongs off there before it goes in, and mark the bridge; where it may not be cut, take a bar that is screwed, or a wire.",
                    "common practice",
                    RestsOn
                );
            }
        }

        return null;
    }

    /// <summary>The terminals of its strip between its first and its last that it does not join.</summary>
    private static List<JobLanding> Passed(Job job, JobBridge bridge, IReadOnlyList<JobLanding> on) =>
        [
            .. on.GroupBy(l => l.DeviceId)
                .Where(g => g.Key is { } device && job.Devices[device].Type == DeviceType.Block)
                .SelectMany(g =>
                    job.LandingsOf(g.Key!.Value)
                        .SkipWhile(l => l.Id != g.First().Id)
                        .TakeWhile(l => l.Id != g.Last().Id)
                )
                .Where(l => !bridge.Landings.Contains(l.Id)),
        ];
}
