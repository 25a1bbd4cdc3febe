using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Of a three-way switch line or lamp is at the common, and the two travellers at the others.</summary>
public sealed class TravellerOnCommon : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.name", "landing.ends", "wire.function"];

    /// <inheritdoc/>
    public string Id => "traveller-on-common";

    /// <inheritdoc/>
    public Harm Harm => Harm.Craft;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (subject.Type is not (DeviceType.ThreeWaySwitch or DeviceType.FourWaySwitch))
        {
            return null;
        }

        foreach (
            var (landing, wire) in job.LandingsOf(subject.Id)
                .Where(l => !l.Identity.IsEarth())
                .SelectMany(l => job.EndsAt(l.Id).Where(e => !e.Wire.Retired).Select(e => (l, e.Wire)))
        )
        {
            var isCommon = subject.Type == DeviceType.ThreeWaySwitch && DeviceInside.IsMarked(subject, landing, "COM");
            if (isCommon && wire.Function == WireFunction.Traveller)
            {
                return Found(
                    $"Wire {wire.Name}, a traveller, is on {landing.Name}, the common of {subject.Name}: the lamp goes by one switch only while the other stands right."
                );
            }

            if (!isCommon && wire.Function is WireFunction.Line or WireFunction.Switched)
            {
                return Found(
                    $"Wire {wire.Name}, {wire.Function.Say()}, is on {landing.Name}, where a traveller of {subject.Name} belongs: the lamp goes by one switch only while the other stands right."
                );
            }
        }

        return null;
    }

    private Finding Found(FormattableString says) =>
        new(
            Id,
            Severity.Fix,
            says,
            $"Line or lamp to the common, marked or dark; travellers to the others.",
            "common practice",
            RestsOn
        );
}
