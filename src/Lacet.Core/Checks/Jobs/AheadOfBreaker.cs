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
        if (!subject.IsReceptacle && subject.Type != DeviceType.Load)
        {
            return null;
        }

        foreach (
            var landing in job.LandingsOf(subject.Id).Where(l => job.EndsAt(l.Id).Any(e => e.Wire.Function.IsHot()))
        )
        {
            var ahead = Sources
                .Of(job, landing)
                .Ends.FirstOrDefault(r =>
                    r.Landing is { Side: DeviceSide.Line, DeviceId: { } device }
                    && job.Devices[device].Type == DeviceType.Breaker
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
}
