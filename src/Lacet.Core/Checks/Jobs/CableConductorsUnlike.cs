using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A wire that is said to be in a cable whose conductors are of another size or metal.</summary>
public sealed class CableConductorsUnlike : IJobCheck<JobCable>
{
    private static readonly string[] RestsOn = ["cable.conductor", "wire.conductor", "wire.function"];

    /// <inheritdoc/>
    public string Id => "cable-conductors-unlike";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Cable;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobCable subject)
    {
        if (subject.Conductor is not { } has)
        {
            return null;
        }

        // Earths and drains of a cable are often thinner than the rest.
        var other = job.WiresIn(subject.Id)
            .FirstOrDefault(w =>
                w is { Conductor: not null, Function: not (WireFunction.Earth or WireFunction.Shield) }
                && (w.Conductor.Size, w.Conductor.Material) != (has.Size, has.Material)
            );
        return other is { Conductor: { } listed }
            ? new(
                Id,
                Severity.Fix,
                $"Wire {other.Name} is {listed.ToString()}, and the conductors of {subject.Name} are {has.ToString()}.",
                $"Read what is printed on the jacket, and correct the wire or the cable.",
                "common practice",
                RestsOn
            )
            : null;
    }
}
