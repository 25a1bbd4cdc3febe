using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>
/// What is claimed of one landing: by itself, by each wire on it, and, through wires of which nobody said what they are,
/// by what those come to. Two claims that contradict each other anywhere in a network do so at one landing at least, so
/// looking at each landing by itself finds all of them.
/// </summary>
public static class Claims
{
    /// <summary>The claims at a landing, its own first.</summary>
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
            claims.Add(
                new(potential, null, Name(job, landing, potential), Way.From(job, landing), ByDevice: true, landing)
            );
        }

        var seen = new HashSet<Guid> { landing.Id };
        var open = new Queue<(JobLanding At, Way Way)>([(landing, Way.From(job, landing))]);
        while (open.TryDequeue(out var here))
        {
            foreach (var end in job.EndsAt(here.At.Id).Where(e => !e.Wire.Retired))
            {
                var far = end.Other.LandingId is { } id ? job.Landings[id] : null;
                if (Potentials.Of(end.Wire.Function) is { } carries)
                {
                    claims.Add(
                        new(
                            carries,
                            end.Wire.CircuitId,
                            $"wire {end.Wire.Name}, {carries.Say()}",
                            here.Way.On(job, end.Wire, far)
                        )
                    );
                }
                else if (end.Wire.Function == WireFunction.Unknown && far is not null && seen.Add(far.Id))
                {
                    var way = here.Way.On(job, end.Wire, far);
                    if (Potentials.Of(job, far) is { } marked)
                    {
                        claims.Add(
                            new(
                                marked,
                                null,
                                Name(job, far, marked),
                                way,
                                Potentials.OfDevice(job, far) is not null,
                                far
                            )
                        );
                    }

                    open.Enqueue((far, way));
                }
            }
        }

        return claims;
    }

    private static string Name(Job job, JobLanding landing, Potential potential) =>
        $"{job.Enclosures[landing.EnclosureId].Name}/{landing.Name}, {potential.Say()}";
}
