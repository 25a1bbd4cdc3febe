using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>What a landing is connected to.</summary>
/// <param name="From">The landing.</param>
/// <param name="Says">What stands on it: the claims made of it, each once.</param>
/// <param name="Reached">Where a walk from it comes to, itself first, nearest first.</param>
/// <param name="WireIds">The wires that it walked along, each once.</param>
/// <param name="IsOpen">Whether it goes on to where the job does not say.</param>
public sealed record Trace(
    JobLanding From,
    IReadOnlyList<Potential> Says,
    IReadOnlyList<Reached> Reached,
    IReadOnlyList<Guid> WireIds,
    bool IsOpen
)
{
    /// <summary>Walks from a landing, through closed contacts where that is asked.</summary>
    public static Trace Of(Job job, JobLanding landing, bool throughContacts)
    {
        var reached = new NetworkWalk(job, throughContacts).From(landing);
        var wires = reached.Select(r => r.Way.LastWireId).OfType<Guid>().Distinct().ToList();
        return new(
            landing,
            [
                .. wires
                    .Select(w => Potentials.Of(job.Wires[w].Function))
                    .Append(Potentials.Of(job, landing))
                    .OfType<Potential>()
                    .Distinct()
                    .Order(),
            ],
            [.. reached.Where(r => r.Landing is not null)],
            wires,
            reached.Any(r => r.Landing is null)
        );
    }
}
