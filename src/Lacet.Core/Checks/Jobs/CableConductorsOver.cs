using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>More wires in a cable than it has conductors.</summary>
public sealed class CableConductorsOver : IJobCheck<JobCable>
{
    private static readonly string[] RestsOn = ["cable.count", "cable.earth", "cable.shielded", "wire.cableId"];

    /// <inheritdoc/>
    public string Id => "cable-conductors-over";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Cable;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobCable subject)
    {
        if (subject.Conductors is not { } has)
        {
            return null;
        }

        // The shield or its drain is no conductor that anybody counts.
        var wires = job.WiresIn(subject.Id).Where(w => w.Function != WireFunction.Shield).ToList();
        return wires.Count > has
            ? new(
                Id,
                Severity.Fix,
                $"{subject.Name}, {subject.Make}, has {has} conductors, and {wires.Count} wires are said to be in it: {Some(wires)}.",
                $"Find the wires that run elsewhere, or correct what the cable is.",
                "common practice",
                RestsOn
            )
            : null;
    }

    private static string Some(List<JobWire> wires) =>
        string.Join(", ", wires.Take(6).Select(w => w.Name)) + (wires.Count > 6 ? " …" : "");
}
