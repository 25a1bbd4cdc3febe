using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What one breaker feeds no other feeds too.</summary>
public sealed class FedByTwoBreakers : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.ends", "landing.side", "circuit.wires"];

    /// <inheritdoc/>
    public string Id => "fed-by-two-breakers";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject.Type != DeviceType.Breaker)
        {
            return null;
        }

        // Said once of two, about the first.
        foreach (var landing in job.LandingsOf(subject.Id).Where(l => Feeds(job, l)))
        {
            var second = Sources
                .Of(job, landing)
                .Of(job, DeviceType.Breaker)
                .FirstOrDefault(b =>
                    (b.Device.Order, b.Device.Id).CompareTo((subject.Order, subject.Id)) > 0
                    && Feeds(job, b.At.Landing!)
                    && !AreOfTwoCircuits(job, landing, b.At.Landing!)
                );
            if (second.Device is { } other)
            {
                return new Finding(
                    Id,
                    Severity.Stop,
                    $"{subject.Name} and {other.Name} feed the same conductors: switched off at one, they are live from the other.",
                    $"Take one of the two feeds off, and prove which one is left.",
                    "NEC 240.8, 225.30 (from memory); common practice",
                    RestsOn
                )
                {
                    Way = second.At.Way.Stops,
                };
            }
        }

        return null;
    }

    /// <summary>
    /// A terminal that is told as LOAD, or the only one of a breaker that plugs on its bus. Of others nobody can say
    /// which side they are.
    /// </summary>
    private static bool Feeds(Job job, JobLanding landing) =>
        landing.Side == DeviceSide.Load
        || (landing.Side == DeviceSide.None && job.LandingsOf(landing.DeviceId!.Value).Take(2).Count() == 1);

    /// <summary>Those meet at a landing where that is found.</summary>
    private static bool AreOfTwoCircuits(Job job, JobLanding one, JobLanding other) =>
        Circuits(job, one) is { } a && Circuits(job, other) is { } b && a != b;

    private static Guid? Circuits(Job job, JobLanding landing) =>
        job.EndsAt(landing.Id).Select(e => e.Wire.CircuitId).FirstOrDefault(c => c is not null);
}
