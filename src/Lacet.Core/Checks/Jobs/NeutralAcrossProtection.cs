using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Behind ground-fault protection line and neutral come through it both.</summary>
public sealed class NeutralAcrossProtection : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.ends", "landing.side", "circuit.wires"];

    /// <inheritdoc/>
    public string Id => "neutral-across-protection";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.IsReceptacle && !subject.Type.UsesCurrent())
        {
            return null;
        }

        var landings = job.LandingsOf(subject.Id).Where(l => l.Side != DeviceSide.Load).ToList();
        var (hot, neutral) = (
            Protection(job, landings, l => l.Identity.IsHot(), DeviceType.Breaker),
            Protection(job, landings, l => l.Identity.IsNeutral(), DeviceType.NeutralBar)
        );
        if (hot is null || neutral is null || hot.Protected.SequenceEqual(neutral.Protected))
        {
            return null;
        }

        var device = job.Devices[hot.Protected.Concat(neutral.Protected).First()];
        var lineOnly = hot.Protected.Count > neutral.Protected.Count;
        return new Finding(
            Id,
            Severity.Stop,
            $"The {new Term(lineOnly ? "line" : "neutral")} of {subject.Name} comes through LOAD of {device.Name}, and its {new Term(lineOnly ? "neutral" : "line")} does not: it trips as soon as something runs, or never protects.",
            $"Bring both from LOAD, where it is to be protected, or both from LINE.",
            "UL 943; NEC 110.3(B) (from memory)",
            RestsOn
        )
        {
            Way = hot.Way.Back().Then(neutral.Way).Stops,
        };
    }

    /// <summary>How what arrives at the first such terminal that has a wire comes from its breaker or bar.</summary>
    private static Reached? Protection(
        Job job,
        List<JobLanding> landings,
        Func<JobLanding, bool> such,
        DeviceType from
    ) =>
        landings
            .Where(l => such(l) && job.EndsAt(l.Id).Count > 0)
            .Select(l => Sources.Of(job, l).Of(job, from).Select(s => s.At).FirstOrDefault())
            .FirstOrDefault(r => r is not null);
}
