using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Every leg of a motor goes through its overload relay: what goes past it is not protected.</summary>
public sealed class PastOverload : IJobCheck<Device>
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
    public string Id => "past-overload";

    /// <inheritdoc/>
    public Harm Harm => Harm.Fire;

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Device;

    /// <inheritdoc/>
    public Finding? Judge(Job job, Device subject)
    {
        if (!subject.Type.UsesCurrent())
        {
            return null;
        }

        var legs = DeviceInside
            .Inputs(job, subject)
            .Where(l =>
                !l.Identity.IsEarth()
                && !l.Identity.IsNeutral()
                && job.EndsAt(l.Id).Any(e => !e.Wire.Retired && e.Wire.Function.IsHot())
            )
            .ToList();
        var relays = legs.SelectMany(l => new NetworkWalk(job, throughContacts: true).From(l))
            .Select(r => r.Landing?.DeviceId)
            .OfType<Guid>()
            .Where(id => job.Devices[id].Type == DeviceType.OverloadRelay)
            .Distinct();
        foreach (var relay in relays)
        {
            // Where all legs are fed without it, it is another speed’s, or another motor’s.
            var past = legs.ConvertAll(l =>
                Sources.Of(job, l, [relay]).Of(job, DeviceType.Breaker).Select(s => s.At).FirstOrDefault()
            );
            if (past.Find(p => p is not null) is { } way && past.Exists(p => p is null))
            {
                return Found(
                    $"A leg of {subject.Name} goes past {job.Devices[relay].Name}, and the others go through it: overloaded, it burns before anything trips.",
                    way.Way.Stops
                );
            }
        }

        return null;
    }

    private Finding Found(FormattableString says, IReadOnlyList<WayStop> way) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Bring every leg through a pole of the overload relay.",
            "NEC 430.37; IEC 60204-1 7.3 (from memory)",
            RestsOn
        )
        {
            Way = way,
        };
}
