using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A multiwire neutral does not depend on a device.</summary>
public sealed class NeutralThroughDevice : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["circuit.sharesNeutralWith", "landing.identity", "wire.function"];

    /// <inheritdoc/>
    public string Id => "neutral-through-device";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.IsReceptacle && subject.Type != DeviceType.Switch)
        {
            return null;
        }

        var neutrals = job.LandingsOf(subject.Id)
            .Where(l => !l.Identity.IsEarth())
            .SelectMany(l => job.EndsAt(l.Id))
            .Count(e =>
                e.Wire is { Function: WireFunction.Neutral, CircuitId: { } circuit } && IsMultiwire(job, circuit)
            );
        return neutrals < 2
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"The neutral of a multiwire circuit goes in and out at {subject.Name}: take the device off, and up to the full voltage between its lines stands across what is left.",
                $"Splice the neutrals and bring one pigtail to the device. The lines of both circuits disconnect together.",
                "NEC 300.13(B), 210.4(B) (from memory)",
                RestsOn
            );
    }

    private static bool IsMultiwire(Job job, Guid circuit) =>
        job.Circuits[circuit].SharesNeutralWith is not null || job.Sharing(circuit).Any();
}
