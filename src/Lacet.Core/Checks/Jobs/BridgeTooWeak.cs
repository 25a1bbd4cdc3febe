using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A bridge carries what the breaker before it lets through.</summary>
public sealed class BridgeTooWeak : IJobCheck<JobLanding>
{
    private static readonly string[] RestsOn =
    [
        "landing.bridges",
        "landing.ends",
        "wire.circuitId",
        "circuit.ocpdAmps",
    ];

    /// <inheritdoc/>
    public string Id => "bridge-too-weak";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobLanding subject) =>
        // Of several that begin here the worst is said: one that nobody rated hides none that is too weak.
        job.BridgesAt(subject.Id).Select(b => Judge(job, subject, b)).OfType<Finding>().MinBy(f => f.Severity);

    private Finding? Judge(Job job, JobLanding subject, JobBridge bridge)
    {
        var on = job.LandingsOf(bridge);
        // Said once, at its first terminal.
        if (on[0].Id != subject.Id || Breaker(job, on) is not { OcpdAmps: { } breaker } circuit)
        {
            return null;
        }

        return bridge.RatingAmps switch
        {
            null => new Finding(
                Id,
                Severity.Note,
                $"Not judged: nobody said what {job.NameOf(bridge)} carries.",
                $"Read its rating off it or its sheet, and hold it against the breaker of {circuit.Name}.",
                "IEC 60947-7-1 (from memory)",
                RestsOn
            ),
            { } rating when rating < breaker => new Finding(
                Id,
                Severity.Fix,
                $"The {job.NameOf(bridge)} is for {rating:0.#} A; the breaker of {circuit.Name} lets {breaker:0.#} A through.",
                $"Take a bridge for at least {breaker:0.#} A, or feed the terminals in groups.",
                "IEC 60947-7-1 (from memory)",
                RestsOn
            ),
            _ => null,
        };
    }

    /// <summary>The circuit with the largest breaker of those whose wires land on the bridge; null where none is known.</summary>
    private static Circuit? Breaker(Job job, IReadOnlyList<JobLanding> on) =>
        on.SelectMany(l => job.EndsAt(l.Id))
            .Select(e => e.Wire.CircuitId)
            .OfType<Guid>()
            .Distinct()
            .Select(id => job.Circuits[id])
            .Where(c => c.OcpdAmps is not null)
            .MaxBy(c => c.OcpdAmps);
}
