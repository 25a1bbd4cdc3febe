using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>
/// What is claimed of one landing: by itself, by each wire on it, and, through wires of which nobody said what they are,
/// by what those come to. Two claims that contradict each other anywhere in a network do so at a landing that one of
/// them is near to, so looking at each landing by itself finds all of them, and a landing that nothing near says
/// anything of needs no look. Landings that a bridge joins are looked at as one, at the first of them.
/// </summary>
public static class Claims
{
    /// <summary>The claims at a landing: its own, what is near, what is further on. None where nothing is near.</summary>
    public static IReadOnlyList<Claim> At(Job job, JobLanding landing)
    {
        var group = job.BridgedGroup(landing);
        if (group[0].Id != landing.Id || (group.Count == 1 && IsPlain(job, landing)))
        {
            return [];
        }

        var from = Way.From(job, landing);
        var near = group.Select(l => (At: l, Way: l.Id == landing.Id ? from : from.Over(job, l))).ToList();
        var claims = near.Where(n => Potentials.OfDevice(job, n.At) is not null)
            .Select(n => Seat(job, n.At, Potentials.OfDevice(job, n.At)!.Value, n.Way, isNear: true))
            .ToList();
        var seen = group.Select(l => l.Id).ToHashSet();
        var open = new Queue<(JobLanding At, Way Way)>(near);
        for (var i = 0; open.TryDequeue(out var here) && (i < group.Count || claims.Count > 0); i++)
        {
            var isNear = i < group.Count;
            foreach (var bridged in isNear ? [] : job.BridgedTo(here.At).Where(l => seen.Add(l.Id)))
            {
                open.Enqueue((bridged, here.Way.Over(job, bridged)));
            }

            foreach (var end in job.EndsAt(here.At.Id).Where(e => !e.Wire.Retired))
            {
                var far = end.Other.LandingId is { } id ? job.Landings[id] : null;
                if (Potentials.Of(end.Wire.Function) is { } carries)
                {
                    FormattableString says = $"wire {end.Wire.Name}, {carries.Say()}";
                    claims.Add(new(carries, end.Wire.CircuitId, says, here.Way.On(job, end.Wire, far), isNear));
                }
                else if (end.Wire.Function == WireFunction.Unknown && far is not null && seen.Add(far.Id))
                {
                    var way = here.Way.On(job, end.Wire, far);
                    if (Potentials.Of(job, far) is { } marked)
                    {
                        claims.Add(Seat(job, far, marked, way, isNear));
                    }

                    // What a bar or a breaker is contradicts there what lies beyond it.
                    if (Potentials.OfDevice(job, far) is null)
                    {
                        open.Enqueue((far, way));
                    }
                }
            }
        }

        return claims;
    }

    /// <summary>Whether nothing can contradict anything there: one wire of which everything is said, or none.</summary>
    private static bool IsPlain(Job job, JobLanding landing) =>
        job.EndsAt(landing.Id) is var ends
        && (
            ends.Count == 0
            || (
                ends.Count == 1
                && Potentials.OfDevice(job, landing) is null
                && ends[0].Wire.Function != WireFunction.Unknown
            )
        );

    private static Claim Seat(Job job, JobLanding landing, Potential potential, Way way, bool isNear) =>
        new(
            potential,
            null,
            $"{job.Enclosures[landing.EnclosureId].Name}/{landing.Name}, {potential.Say()}",
            way,
            isNear,
            Potentials.OfDevice(job, landing) is not null,
            landing
        );
}
