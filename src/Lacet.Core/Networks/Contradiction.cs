using Lacet.Core.Circuits;
using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>Two claims that cannot both be true of one piece of metal.</summary>
/// <param name="Kind">How they contradict each other.</param>
/// <param name="One">The one.</param>
/// <param name="Other">The other.</param>
public sealed record Contradiction(ContradictionKind Kind, Claim One, Claim Other)
{
    /// <summary>From what claims the one to what claims the other.</summary>
    public Way Way => One.Way.Back().Then(Other.Way);

    /// <summary>The worst that two claims at a landing come to; null where all agree.</summary>
    public static Contradiction? At(Job job, JobLanding landing)
    {
        var claims = Claims.At(job, landing);
        Contradiction? worst = null;
        // Of two that are far, one is near at another landing, where they are found.
        for (var i = 0; i < claims.Count && claims[i].IsNear; i++)
        {
            for (var j = i + 1; j < claims.Count; j++)
            {
                if (Between(job, claims[i], claims[j]) is { } kind && (worst is null || kind < worst.Kind))
                {
                    worst = new(kind, claims[i], claims[j]);
                }
            }
        }

        return worst;
    }

    private static ContradictionKind? Between(Job job, Claim one, Claim other)
    {
        var (a, b) = one.Potential <= other.Potential ? (one, other) : (other, one);
        return (a.Potential, b.Potential) switch
        {
            var (hot, earth) when earth == Potential.Earth && hot.IsHot() => ContradictionKind.LineToEarth,
            (Potential.Earth, Potential.Plus or Potential.ControlAc) => ContradictionKind.LineToEarth,
            var (hot, neutral) when neutral == Potential.Neutral && hot.IsHot() => ContradictionKind.LineToNeutral,
            (Potential.Plus, Potential.Zero) => ContradictionKind.PlusToZero,
            (Potential.Neutral, Potential.Earth) => IsBond(job, a, b) ? null : ContradictionKind.NeutralToEarth,
            var (power, control) when control.IsControl() && (power.IsHot() || power == Potential.Neutral) =>
                IsOneSystem(job, control, a, b) ? null : ContradictionKind.Systems,
            var (first, second) when first.IsHot() && second.IsHot() => Hots(job, a, b),
            (Potential.Neutral, Potential.Neutral) => Neutrals(job, a, b),
            var (first, second) when first == second && first.IsControl() => Volts(job, a, b) is true
                ? ContradictionKind.Systems
                : null,
            (Potential.ControlAc, Potential.Signal) or (Potential.Plus, Potential.ControlAc) =>
                ContradictionKind.Systems,
            _ => null,
        };
    }

    private static ContradictionKind? Hots(Job job, Claim a, Claim b)
    {
        if (a.Circuit is { } one && b.Circuit is { } two && one != two)
        {
            return job.ShareNeutral(one, two) ? ContradictionKind.Phases
                : Volts(job, a, b) is true ? ContradictionKind.Systems
                : ContradictionKind.CircuitLines;
        }

        return (a.Potential, b.Potential) switch
        {
            // A breaker is hot on both sides of whatever switches what it feeds.
            _ when a.ByDevice || b.ByDevice => null,
            (Potential.Line, Potential.Switched) => ContradictionKind.SwitchBypassed,
            (_, Potential.Traveller) when a.Potential != Potential.Traveller => ContradictionKind.TravellerJoined,
            _ => null,
        };
    }

    private static ContradictionKind? Neutrals(Job job, Claim a, Claim b) =>
        a.Circuit is { } one
        && b.Circuit is { } two
        && one != two
        && !job.ShareNeutral(one, two)
        && !Feeds(job, one)
        && !Feeds(job, two)
            ? ContradictionKind.CircuitNeutrals
            : null;

    /// <summary>A feeder’s conductors are those of every circuit behind it.</summary>
    private static bool Feeds(Job job, Guid circuit) =>
        job.WiresOf(circuit)
            .Any(w =>
                w.Function.IsHot()
                && new[] { w.A, w.B }.Any(e =>
                    e.LandingId is { } id
                    && job.Landings[id] is { Side: DeviceSide.Line, DeviceId: { } device }
                    && job.Devices[device].Type == DeviceType.Breaker
                )
            );

    /// <summary>
    /// The one bond: a jumper between the neutral bar and the earth bar of an enclosure that no other panel of the job
    /// feeds (NEC 250.24, 250.142, from memory).
    /// </summary>
    private static bool IsBond(Job job, Claim a, Claim b)
    {
        var stops = a.Way.Back().Then(b.Way).Stops;
        var landings = stops.Select(s => s.LandingId).OfType<Guid>().Select(id => job.Landings[id]).ToList();
        return landings.Select(l => l.EnclosureId).Distinct().Count() == 1
            && landings.Exists(l => TypeOf(job, l) == DeviceType.NeutralBar)
            && landings.Exists(l => TypeOf(job, l) == DeviceType.EarthBar)
            && !SubPanel.Is(job, landings[0].EnclosureId);
    }

    private static DeviceType? TypeOf(Job job, JobLanding landing) =>
        landing.DeviceId is { } device ? job.Devices[device].Type : null;

    /// <summary>An alternating control voltage may be the line itself, behind its own breaker; all else is another system.</summary>
    private static bool IsOneSystem(Job job, Potential control, Claim a, Claim b) =>
        control == Potential.ControlAc
        && Volts(job, a, b) is not true
        && (
            a.Potential != Potential.Neutral || !a.ByDevice || b.Circuit is null || ComesFromLine(job, b.Circuit.Value)
        );

    /// <summary>Whether a control voltage is the line’s own; behind a transformer it has nothing to do with its neutral.</summary>
    private static bool ComesFromLine(Job job, Guid circuit) =>
        job.WiresOf(circuit)
            .Any(w =>
                w.Function is WireFunction.Neutral or WireFunction.Line
                || new[] { w.A, w.B }.Any(e =>
                    e.LandingId is { } id && TypeOf(job, job.Landings[id]) == DeviceType.Breaker
                )
            );

    /// <summary>Whether the voltages of two circuits differ; null where one is not known.</summary>
    private static bool? Volts(Job job, Claim a, Claim b) =>
        a.Circuit is { } one
        && b.Circuit is { } two
        && job.Circuits[one].Volts is { } first
        && job.Circuits[two].Volts is { } second
            ? !SupplyVoltage.IsSame(first, second)
            : null;
}
