using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A contactor pulls in when something is operated, not as soon as there is a supply.</summary>
public sealed class CoilAlwaysOn : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.type",
        "device.inside",
        "landing.ends",
        "landing.name",
        "circuit.wires",
    ];

    /// <inheritdoc/>
    public string Id => "coil-always-on";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject.Type != DeviceType.Contactor)
        {
            return null;
        }

        foreach (var (one, other) in DeviceInside.Pairs(job, subject, InsideKind.Load))
        {
            var (a, b) = (At(job, one), At(job, other));
            if (a is not null && b is not null && a.Landing!.Id != b.Landing!.Id)
            {
                return Found(
                    $"{subject.Name} pulls in as soon as there is a supply: nothing that is open at rest stands between its coil and {a.Landing.Name} and {b.Landing.Name}.",
                    a.Way.Stops
                );
            }
        }

        return null;
    }

    /// <summary>Where a coil’s end comes from while nothing is operated: an output, a breaker, a bar; null where from none.</summary>
    private static Reached? At(Job job, JobLanding landing) =>
        Sources
            .Of(job, landing, atRest: true)
            .Ends.FirstOrDefault(e =>
                DeviceInside.IsOutput(job, e.Landing!)
                || job.Devices[e.Landing!.DeviceId!.Value].Type is DeviceType.Breaker or DeviceType.NeutralBar
            );

    private Finding Found(FormattableString says, IReadOnlyList<WayStop> way) =>
        new(
            Id,
            Severity.Fix,
            says,
            $"Look for the button or contact that its coil belongs behind.",
            "common practice",
            RestsOn
        )
        {
            Way = way,
        };
}
