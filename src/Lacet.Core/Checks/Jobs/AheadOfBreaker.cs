using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What uses current is taken behind its breaker.</summary>
public sealed class AheadOfBreaker : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.side", "landing.ends", "circuit.wires"];

    /// <inheritdoc/>
    public string Id => "ahead-of-breaker";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.IsReceptacle && !subject.Type.UsesCurrent())
        {
            return null;
        }

        foreach (
            var landing in job.LandingsOf(subject.Id).Where(l => job.EndsAt(l.Id).Any(e => e.Wire.Function.IsHot()))
        )
        {
            var sources = Sources.Of(job, landing);
            // What hangs on a feeder is behind the feeder’s own breaker, and may be meant so.
            var isBehindAnother = sources.Of(job, DeviceType.Breaker).Any();
            var ahead = sources.Ends.FirstOrDefault(r =>
                r.Landing is { Side: DeviceSide.Line, DeviceId: { } device }
                && job.Devices[device].Type == DeviceType.Breaker
                && (!isBehindAnother || FeedsThatCircuit(job, device, landing))
            );
            if (ahead is not null)
            {
                return new Finding(
                    Id,
                    Severity.Stop,
                    $"{subject.Name} is taken ahead of {job.Devices[ahead.Landing!.DeviceId!.Value].Name}, from its LINE side: that breaker neither protects nor switches it.",
                    $"Bring it from the LOAD side; until then only what stands before that breaker makes it dead.",
                    "NEC 240.21 (from memory); common practice",
                    RestsOn
                )
                {
                    Way = ahead.Way.Stops,
                };
            }
        }

        return null;
    }

    private static bool FeedsThatCircuit(Job job, Guid breaker, JobLanding landing)
    {
        var circuits = job.EndsAt(landing.Id).Select(e => e.Wire.CircuitId).OfType<Guid>().ToHashSet();
        return job.LandingsOf(breaker)
            .Where(l => l.Side == DeviceSide.Load)
            .SelectMany(l => job.EndsAt(l.Id))
            .Any(e => e.Wire.CircuitId is { } circuit && circuits.Contains(circuit));
    }
}
