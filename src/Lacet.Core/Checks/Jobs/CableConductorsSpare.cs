using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Conductors of a cable that no wire of the job is: spares, or forgotten, and worst where it is the earth.</summary>
public sealed class CableConductorsSpare : IJobCheck<JobCable>
{
    private static readonly string[] RestsOn =
    [
        "cable.count",
        "cable.earth",
        "wire.cableId",
        "wire.function",
        "wire.colour",
    ];

    /// <inheritdoc/>
    public string Id => "cable-conductors-spare";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Cable;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobCable subject)
    {
        var wires = job.WiresIn(subject.Id).Where(w => w.Function != WireFunction.Shield).ToList();
        if (subject.Conductors is not { } has || wires.Count >= has || wires.Count == 0)
        {
            return null;
        }

        var spare = has - wires.Count;
        return subject.Earth is EarthInCable.Among or EarthInCable.Beside && !wires.Exists(CanBeEarth)
            ? new(
                Id,
                Severity.Fix,
                $"The earth of {subject.Name}, {subject.Make}, is no wire of this job: nobody lands it.",
                $"List it and land it at both ends, even where the device at the end needs none.",
                "NEC 250.134; IEC 60364-4-41 clause 411.3.1.1 (from memory)",
                RestsOn
            )
            : new(
                Id,
                Severity.Note,
                $"{spare} of the {has} conductors of {subject.Name} {(spare == 1 ? "is" : "are")} no wire of this job.",
                $"List what is forgotten. A spare is kept long enough to reach any terminal, insulated and labelled at both ends.",
                "common practice",
                RestsOn
            );
    }

    /// <summary>Green or bare says earth where nobody said what a wire is for.</summary>
    private static bool CanBeEarth(JobWire wire) =>
        wire.Function == WireFunction.Earth
        || (wire.Function == WireFunction.Unknown && wire.Colour is null or { MarksEarth: true });
}
