using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>All three legs of a three-phase load come to it: on two a motor does not start, hums, and burns.</summary>
public sealed class PhaseMissing : IJobCheck<Device>
{
    private static readonly string[] RestsOn =
    [
        "device.type",
        "device.inside",
        "landing.ends",
        "landing.name",
        "circuit.phases",
        "circuit.wires",
    ];

    /// <inheritdoc/>
    public string Id => "phase-missing";

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

        var legs = DeviceInside
            .Pairs(job, subject, InsideKind.Load)
            .SelectMany(p => new[] { p.One, p.Other })
            .Concat(job.LandingsOf(subject.Id).Where(l => l.Identity.IsHot()))
            .Where(l => !l.Identity.IsNeutral() && !l.Identity.IsEarth())
            .DistinctBy(l => l.Id)
            .ToList();
        var wired = legs.FindAll(l => job.EndsAt(l.Id).Any(e => IsLegOfThree(job, e.Wire)));
        if (legs.Count != 3 || wired.Count == 0)
        {
            return null;
        }

        if (legs.Find(l => !job.IsConnected(l)) is { } empty)
        {
            return Found(
                $"Nothing ends at {empty.Name}: {subject.Name} has two of its three legs, hums, and burns.",
                []
            );
        }

        return ByState(job, subject, wired);
    }

    /// <summary>
    /// With one contactor closed after the other: a motor that is reversed gets each leg from another pole in turn, and
    /// from one at a time. Where none of them alone feeds it, they stand behind each other, and all are closed.
    /// </summary>
    private Finding? ByState(Job job, Device subject, List<JobLanding> legs)
    {
        var contactors = legs.SelectMany(l => new NetworkWalk(job, throughContacts: true).From(l))
            .Select(r => r.Landing?.DeviceId)
            .OfType<Guid>()
            .Where(id => job.Devices[id].Type == DeviceType.Contactor)
            .Distinct()
            .ToList();
        var isFed = false;
        foreach (var closed in contactors)
        {
            var fed = Fed(job, legs, [.. contactors.Where(c => c != closed)]);
            isFed |= fed.Exists(l => l.Poles.Count > 0);
            if (Judge(subject, fed, $" with {job.Devices[closed].Name} closed", isOne: true) is { } finding)
            {
                return finding;
            }
        }

        return isFed ? null : Judge(subject, Fed(job, legs, []), "", isOne: contactors.Count == 0);
    }

    private static List<(JobLanding Leg, List<Reached> Poles, bool HasSource)> Fed(
        Job job,
        List<JobLanding> legs,
        List<Guid> opened
    ) =>
        legs.ConvertAll(leg =>
        {
            var from = Sources.Of(job, leg, opened);
            return (leg, from.Ends.Where(e => IsPole(job, e.Landing!)).ToList(), from.Any);
        });

    private Finding? Judge(
        Device subject,
        List<(JobLanding Leg, List<Reached> Poles, bool HasSource)> fed,
        string when,
        bool isOne
    )
    {
        if (fed.TrueForAll(l => l.Poles.Count == 0))
        {
            return null;
        }

        if (fed.Find(l => !l.HasSource) is { Leg: { } dead })
        {
            return Found(
                $"The leg at {dead.Name} comes from nowhere{when}, and the others are fed: {subject.Name} hums, and burns.",
                []
            );
        }

        // Of another breaker it may be what is tapped off there.
        var two = fed.SelectMany(l => l.Poles.GroupBy(p => p.Landing!.DeviceId))
            .FirstOrDefault(poles => poles.Count() > 1)
            ?.ToList();
        if (isOne && two is not null)
        {
            return Found(
                $"{two[0].Landing!.Name} and {two[1].Landing!.Name} are joined{when}, on the way to {subject.Name}: a dead short.",
                two[0].Way.Back().Then(two[1].Way).Stops
            );
        }

        return
            fed.Exists(l => l.Poles.Count == 0)
            || fed.SelectMany(l => l.Poles).DistinctBy(p => p.Landing!.Id).Count() >= 3
            ? null
            : Found(
                $"The legs of {subject.Name} come from two poles{when}, {fed[0].Poles[0].Landing!.Name} among them: two of them are one, and it hums and burns.",
                fed[0].Poles[0].Way.Stops
            );
    }

    private static bool IsPole(Job job, JobLanding at) =>
        at.Side != DeviceSide.Line && at.DeviceId is { } id && job.Devices[id].Type == DeviceType.Breaker;

    private static bool IsLegOfThree(Job job, JobWire wire) =>
        !wire.Retired && wire.Function.IsHot() && wire.CircuitId is { } circuit && job.Circuits[circuit].Phases == 3;

    private Finding Found(FormattableString says, IReadOnlyList<WayStop> way) =>
        new(
            Id,
            Severity.Stop,
            says,
            $"Bring all three legs from its breaker, and look for the wire that was put beside its terminal.",
            "NEC 430.36 (from memory); common practice",
            RestsOn
        )
        {
            Way = way,
        };
}
