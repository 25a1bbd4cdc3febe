using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A cable has two ends: its conductors cannot lie in three enclosures.</summary>
public sealed class CableToThird : IJobCheck<JobCable>
{
    private static readonly string[] RestsOn = ["wire.cableId", "wire.a.landingId", "wire.b.landingId"];

    /// <inheritdoc/>
    public string Id => "cable-to-third";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fit;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Cable;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobCable subject)
    {
        var wires = job.WiresIn(subject.Id);
        var where = job.EnteredBy(subject.Id)
            .Select(e => (Enclosure: e, Wires: wires.Where(w => EndsIn(job, w, e)).ToList()))
            .OrderByDescending(w => w.Wires.Count)
            .ThenBy(w => w.Enclosure.Order)
            .ToList();
        if (where.Count <= 2)
        {
            return null;
        }

        var (third, odd) = where[2];
        return new(
            Id,
            Severity.Fix,
            $"{subject.Name} leads from {where[0].Enclosure.Name} to {where[1].Enclosure.Name}, and wire {odd[0].Name} of it ends in {third.Name}: a cable has two ends.",
            $"Find the cable that wire {odd[0].Name} is in, or the terminal that is meant.",
            "common practice",
            RestsOn
        );
    }

    private static bool EndsIn(Job job, JobWire wire, Enclosure enclosure) =>
        new[] { wire.A, wire.B }.Any(e => e.LandingId is { } id && job.Landings[id].EnclosureId == enclosure.Id);
}
