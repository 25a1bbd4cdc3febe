using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A check of a splice in a job: one of those that the craft makes of any joint.</summary>
public abstract class OfSplice : IJobCheck<JobLanding>
{
    private protected OfSplice(string id, Harm harm) => (Id, Harm) = (id, harm);

    /// <inheritdoc/>
    public string Id { get; }

    /// <inheritdoc/>
    public Harm Harm { get; }

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobLanding subject) =>
        JoinOf(job, subject) is { } join
            ? SpliceFit.Of(join).Findings.FirstOrDefault(f => string.Equals(f.Check, Id, StringComparison.Ordinal))
            : null;

    /// <summary>
    /// What is joined at a landing; null where it is no splice, nothing ends there, or a wire of it is not known, which
    /// is found by itself.
    /// </summary>
    public static SpliceJoin? JoinOf(Job job, JobLanding landing)
    {
        if (landing.Splice is not { } connector)
        {
            return null;
        }

        var wires = job.EndsAt(landing.Id).Select(e => e.Wire).ToList();
        return wires.Count == 0 || wires.Exists(w => w.Conductor is null)
            ? null
            : new([.. wires.Select(w => w.Conductor!)], connector, job.Enclosures[landing.EnclosureId].Place)
            {
                InCord = wires.Exists(job.IsOfCord),
                HardService = wires.Where(job.IsOfCord).All(job.IsHardService),
                Sides = [.. wires.Select(w => w.TwinSide)],
                IsEarth = wires.Exists(w => w.Function == WireFunction.Earth),
            };
    }
}
