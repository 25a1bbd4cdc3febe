using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Workshop.Jobs;

/// <summary>What a card of a job shows.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Purpose">work or survey.</param>
/// <param name="Wires">How many wires.</param>
/// <param name="Lace">Its ends by state, in their wires' order: neighbours alike stand together.</param>
/// <param name="Stops">Findings that stop.</param>
/// <param name="Fixes">Findings to put right.</param>
/// <param name="Notes">Findings to know.</param>
/// <param name="Worst">The worst finding, in its sentence; null where there is none.</param>
public sealed record JobSummary(
    string Name,
    JobPurpose Purpose,
    int Wires,
    IReadOnlyList<LaceRun> Lace,
    int Stops,
    int Fixes,
    int Notes,
    string? Worst
)
{
    private const int MostStitches = 400;

    /// <summary>Of a job as it stands.</summary>
    public static JobSummary Of(JobSession job)
    {
        var runs = new List<LaceRun>();
        var wires = 0;
        foreach (var wire in job.WiresInOrder)
        {
            wires++;
            Stitch(new(wire, EndSide.A));
            Stitch(new(wire, EndSide.B));
        }

        IReadOnlyList<LaceRun> lace =
            runs.Count <= MostStitches
                ? runs
                :
                [
                    .. runs.GroupBy(r => r.State)
                        .OrderByDescending(g => g.Key)
                        .Select(g => new LaceRun(g.Key, g.Sum(r => r.Ends))),
                ];
        return new(
            job.Title.Name,
            job.Title.Purpose,
            wires,
            lace,
            job.Judged.Count(Severity.Stop),
            job.Judged.Count(Severity.Fix),
            job.Judged.Count(Severity.Note),
            job.Judged.Worst?.Finding.Says.Said(ReaderFormat.For(UnitSystem.Metric, job.Job.Title.Rules.Region))
        );

        void Stitch(EndOfWire end)
        {
            // What goes on out of the job is somebody else's to land.
            if (end.End is { Elsewhere: true, LandingId: null })
            {
                return;
            }

            var state = job.Progress(end).State;
            if (runs is [.., var last] && last.State == state)
            {
                runs[^1] = last with { Ends = last.Ends + 1 };
            }
            else
            {
                runs.Add(new(state, 1));
            }
        }
    }
}
