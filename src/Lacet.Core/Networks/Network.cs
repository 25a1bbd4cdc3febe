using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>
/// Landings that are one piece of metal, whatever is switched: through wires, splices, bridges, bars and what devices join inside.
/// </summary>
/// <param name="Landings">The landings, in the job’s order.</param>
/// <param name="Wires">The wires between them, in the job’s order.</param>
/// <param name="IsOpen">Whether a wire of it goes on to where the job does not say.</param>
public sealed record Network(IReadOnlyList<JobLanding> Landings, IReadOnlyList<JobWire> Wires, bool IsOpen)
{
    /// <summary>What is said of it by its wires, bars, breakers and marks, each once.</summary>
    public IReadOnlyList<Potential> Says(Job job) =>
        [
            .. Wires
                .Select(w => Potentials.Of(w.Function))
                .Concat(Landings.Select(l => Potentials.Of(job, l)))
                .OfType<Potential>()
                .Distinct()
                .Order(),
        ];

    /// <summary>All networks of a job that have a wire, by their first landing.</summary>
    public static IEnumerable<Network> All(Job job)
    {
        var seen = new HashSet<Guid>();
        foreach (var start in job.Landings.Values.OrderBy(l => l.Order).ThenBy(l => l.Id))
        {
            if (!seen.Contains(start.Id) && From(job, start, seen) is { Wires.Count: > 0 } network)
            {
                yield return network;
            }
        }
    }

    private static Network From(Job job, JobLanding start, HashSet<Guid> seen)
    {
        var (landings, wires, isOpen) = (new List<JobLanding>(), new Dictionary<Guid, JobWire>(), false);
        var open = new Queue<JobLanding>([start]);
        seen.Add(start.Id);
        while (open.TryDequeue(out var here))
        {
            landings.Add(here);
            foreach (var end in job.EndsAt(here.Id).Where(e => !e.Wire.Retired))
            {
                wires.TryAdd(end.Wire.Id, end.Wire);
                if (end.Other.LandingId is not { } far)
                {
                    isOpen = true;
                }
                else if (seen.Add(far))
                {
                    open.Enqueue(job.Landings[far]);
                }
            }

            foreach (var joined in job.BridgedTo(here).Concat(DeviceLinks.Joined(job, here)).Where(l => seen.Add(l.Id)))
            {
                open.Enqueue(joined);
            }
        }

        return new(
            [.. landings.OrderBy(l => l.Order).ThenBy(l => l.Id)],
            [.. wires.Values.OrderBy(w => w.Order).ThenBy(w => w.Id)],
            isOpen
        );
    }
}
