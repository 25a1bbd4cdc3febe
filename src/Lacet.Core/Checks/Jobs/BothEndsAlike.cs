using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>The two ends of a coil, a lamp, a winding come from two sides of a supply: from one side no current flows.</summary>
public sealed class BothEndsAlike : IJobCheck<Device>
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
    public string Id => "both-ends-alike";

    /// <inheritdoc/>
    public Harm Harm => Harm.Equipment;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.Type.UsesCurrent())
        {
            return null;
        }

        foreach (var (one, other) in DeviceInside.Pairs(job, subject, InsideKind.Load))
        {
            if (
                !AreSpeeds(subject, one, other)
                && Only(job, one) is { } a
                && Only(job, other) is { } b
                && a.Landing!.Id == b.Landing!.Id
            )
            {
                return Found(
                    $"{one.Name} and {other.Name} both lead to {a.Landing.Name} and to nothing else: nothing flows through {subject.Name}.",
                    a.Way.Back().Then(b.Way).Stops
                );
            }
        }

        return null;
    }

    /// <summary>Of two speeds each gets the line in its turn.</summary>
    private static bool AreSpeeds(Device device, JobLanding one, JobLanding other) =>
        DeviceInside.IsMarked(device, one, "LO", "HI") && DeviceInside.IsMarked(device, other, "LO", "HI");

    /// <summary>The one landing that everything at an end comes from; null where there are several, or it is not known.</summary>
    private static Reached? Only(Job job, JobLanding landing) =>
        Sources.Of(job, landing) is { IsOpen: false, Ends: [var end] } ? end : null;

    private Finding Found(FormattableString says, IReadOnlyList<WayStop> way) =>
        new(Id, Severity.Stop, says, $"Bring one of them to the other side of the supply.", "common practice", RestsOn)
        {
            Way = way,
        };
}
