using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>
/// What is claimed of one landing: by itself, by each wire on it, and, through wires of which nobody said what they are,
/// by what those come to. Two claims that contradict each other anywhere in a network do so at a landing that one of
/// them is near to, so looking at each landing by itself finds all of them, and a landing that nothing near says
/// anything of needs no look.
/// </summary>
public static class Claims
{
    /// <summary>The claims at a landing: its own, what is near, what is further on. None where nothing is near.</summary>
    public static IReadOnlyList<Claim> At(Job job, JobLanding landing)
    {
        var ends = job.EndsAt(landing.Id);
        var own = Potentials.OfDevice(job, landing);
        if (ends.Count == 0 || (ends.Count == 1 && own is null && ends[0].Wire.Function != WireFunction.Unknown))
        {
            return [];
        }

        var claims = new List<Claim>();
        if (own is { } potential)
        {
            claims.Add(Seat(job, landing, potential, Way.From(job, landing), isNear: true));
        }

        var seen = new HashSet<Guid> { landing.Id };
        var open = new Queue<(JobLanding At, Way Way)>([(landing, Way.From(job, landing))]);
        while (open.TryDequeue(out var here) && (here.At.Id == landing.Id || claims.Count > 0))
        {
            foreach (var end in job.EndsAt(here.At.Id).Where(e => !e.Wire.Retired))
            {
                var isNear = here.At.Id == landing.Id;
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
