using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Each wire has a name of its own.</summary>
public sealed class DuplicateName : IJobCheck<JobWire>
{
    private static readonly string[] RestsOn = ["wire.name"];

    /// <inheritdoc/>
    public string Id => "duplicate-name";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Wire;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobWire subject)
    {
        // Whoever came first keeps the name.
        var others = job.WiresNamed(subject.Name);
        return others.Count < 2 || !others.Any(id => id != subject.Id && IsBefore(job.Wires[id], subject))
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"There is another wire called {subject.Name}: what is written on the sleeves no longer tells which is which.",
                $"Give one of them another name.",
                "common practice",
                RestsOn
            );
    }

    private static bool IsBefore(JobWire a, JobWire b) => (a.Order, a.Id).CompareTo((b.Order, b.Id)) < 0;
}
