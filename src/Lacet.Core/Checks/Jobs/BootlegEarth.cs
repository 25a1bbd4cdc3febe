using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>The neutral, tied to the earth screw.</summary>
public sealed class BootlegEarth : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "landing.identity",
        "wire.function",
        "wire.a.landingId",
        "wire.b.landingId",
    ];

    /// <inheritdoc/>
    public string Id => "bootleg-earth";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject) =>
        subject.Type is DeviceType.EarthBar or DeviceType.NeutralBar
        || !job.LandingsOf(subject.Id)
            .Where(l => l.Identity.IsEarth())
            .SelectMany(l => job.EndsAt(l.Id))
            .Any(end => IsBootleg(job, subject, end))
            ? null
            : new Finding(
                Id,
                Severity.Stop,
                $"The earth terminal of {subject.Name} is tied to the neutral: it tests as earthed, and one open neutral makes every case on it live.",
                $"Take the tie out. Bring a real earth, or use one of the ways that the code allows where there is none.",
                "NEC 250.24(A)(5), 250.142, 406.4(D) (from memory)",
                RestsOn
            );

    private static bool IsBootleg(Job job, Device device, EndOfWire end) =>
        end.Wire.Function == WireFunction.Neutral
        || (
            end.Other.LandingId is { } other
            && job.Landings[other] is var neutral
            && neutral.Identity.IsNeutral()
            && neutral.DeviceId == device.Id
        );
}
