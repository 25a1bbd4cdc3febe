using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>All three legs of a three-phase load come to it: on two a motor does not start, hums, and burns.</summary>
public sealed class PhaseMissing : IJobCheck<Device>
{
    private static readonly string[] RestsOn = ["device.type", "landing.ends", "circuit.phases", "circuit.wires"];

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

        if (legs.Find(l => job.EndsAt(l.Id).Count == 0) is { } empty)
        {
            return Found(
                $"Nothing ends at {empty.Name}: {subject.Name} has two of its three legs, hums, and burns.",
                []
            );
        }

        var sources = wired.ConvertAll(l => (Leg: l, From: Sources.Of(job, l)));
        if (sources.Exists(s => s.From.Any) && sources.Find(s => !s.From.Any) is { Leg: { } dead })
        {
            return Found(
                $"The leg at {dead.Name} comes from nowhere, and the others are fed: {subject.Name} hums, and burns.",
                new NetworkWalk(job, throughContacts: true).From(dead)[^1].Way.Stops
            );
        }

        // A motor that is reversed gets each leg from two poles in turn; but three legs need three poles.
        var poles = sources.ConvertAll(s => s.From.Ends.Where(e => IsPole(job, e.Landing!)).ToList());
        return poles.Exists(p => p.Count == 0) || poles.SelectMany(p => p).DistinctBy(p => p.Landing!.Id).Count() >= 3
            ? null
            : Found(
                $"The legs of {subject.Name} come from two poles, {poles[0][0].Landing!.Name} among them: two of them are one, and it hums and burns.",
                poles[0][0].Way.Stops
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
