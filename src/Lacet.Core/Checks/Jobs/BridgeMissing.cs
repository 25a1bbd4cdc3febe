using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>
/// A terminal of a strip that nothing feeds, beside one that carries the same of the same circuit and is fed: the bridge
/// between them is missing.
/// </summary>
public sealed class BridgeMissing : IJobCheck<JobLanding>
{
    private static readonly string[] RestsOn =
    [
        "landing.ends",
        "landing.bridges",
        "wire.function",
        "wire.circuitId",
        "device.type",
    ];

    /// <inheritdoc/>
    public string Id => "bridge-missing";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobLanding subject)
    {
        var beside = Alike(job, subject).ToList();
        if (beside.Count == 0)
        {
            return null;
        }

        var sources = Sources.Of(job, subject);
        return !sources.IsOpen && !IsFed(job, sources) && beside.Find(l => IsFed(job, Sources.Of(job, l))) is { } fed
            ? new Finding(
                Id,
                Severity.Fix,
                $"Nothing feeds {subject.Name}; {fed.Name} beside it carries the same and is fed: nothing joins them.",
                $"Bridge {fed.Name} and {subject.Name}, or look for the wire that is missing between them.",
                "common practice",
                RestsOn
            )
            : null;
    }

    /// <summary>The terminals beside one on its strip that are to carry the same of the same circuit.</summary>
    internal static IEnumerable<JobLanding> Alike(Job job, JobLanding landing)
    {
        if (
            landing.DeviceId is not { } id
            || job.Devices[id].Type != DeviceType.Block
            || Carries(job, landing) is not { } carries
        )
        {
            return [];
        }

        var (before, behind) = job.Beside(landing);
        return new[] { before, behind }.OfType<JobLanding>().Where(l => Carries(job, l) == carries);
    }

    private static (Potential Potential, Guid Circuit)? Carries(Job job, JobLanding landing) =>
        job.EndsAt(landing.Id)
            .Where(e => e.Wire.CircuitId is not null)
            .Select(e => (Potential: Potentials.Of(e.Wire.Function), Circuit: e.Wire.CircuitId!.Value))
            .Where(c =>
                c.Potential
                    is Potential.Line
                        or Potential.Neutral
                        or Potential.Plus
                        or Potential.Zero
                        or Potential.ControlAc
            )
            .Select(c => ((Potential, Guid)?)(c.Potential!.Value, c.Circuit))
            .FirstOrDefault();

    /// <summary>What takes current feeds nothing.</summary>
    private static bool IsFed(Job job, Sources sources) =>
        sources.Ends.Any(e => job.Devices[e.Landing!.DeviceId!.Value].Type != DeviceType.Load);
}
