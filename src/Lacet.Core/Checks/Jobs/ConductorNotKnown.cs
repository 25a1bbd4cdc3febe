using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Nothing can be judged without a size.</summary>
public sealed class ConductorNotKnown : IJobCheck<JobWire>
{
    private static readonly string[] RestsOn = ["wire.conductor"];

    /// <inheritdoc/>
    public string Id => "conductor-not-known";

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Wire;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobWire subject) =>
        subject.Conductor is not null
            ? null
            : new Finding(
                Id,
                Severity.Note,
                $"Not judged: the size of wire {subject.Name} is not known, so neither fit nor breaker is passed or refused.",
                $"Read the print on the insulation, or measure the strands, and set the size.",
                "no value",
                RestsOn
            );
}
