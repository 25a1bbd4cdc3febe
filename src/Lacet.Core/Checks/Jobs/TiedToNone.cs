using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>A breaker’s handle is tied to that of a breaker in its panel, by its name.</summary>
public sealed class TiedToNone : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.tiedTo", "enclosure.devices"];

    /// <inheritdoc/>
    public string Id => "tied-to-none";

    /// <inheritdoc/>
    public Harm Harm => Harm.Shock;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject) =>
        subject.TiedTo is null
        || job.DevicesIn(subject.EnclosureId)
            .Any(d => d.Id != subject.Id && d.Type == DeviceType.Breaker && HandleTie.Names(subject, d))
            ? null
            : new Finding(
                Id,
                Severity.Fix,
                $"{subject.Name} is said to be tied to {subject.TiedTo}, and no breaker of that name is beside it.",
                $"Write the name of the breaker whose handle is tied to it, or leave it empty.",
                "common practice",
                RestsOn
            );
}
