using System.Globalization;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Planning;

/// <summary>
/// What can be done about what was found at an end, each tried on the job before it is offered: it takes away at least one
/// finding that is a fix or a stop, and brings no stop.
/// </summary>
public static class EndRemedies
{
    /// <summary>Of free slots that would do, so many are offered.</summary>
    private const int MostSlots = 2;

    /// <summary>Of many free slots, so many are tried.</summary>
    private const int MostTried = 24;

    /// <summary>A usual strip, where nothing is planned for an end (common practice), mm.</summary>
    private const double UsualStrip = 10;

    /// <summary>A pigtail: 6 in free, and its strip at both ends (NEC 300.14, common practice), mm.</summary>
    private const double Pigtail = 200;

    /// <summary>Usual breakers, A (NEC 240.6(A), from memory).</summary>
    private static readonly double[] Breakers = [15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250];

    /// <summary>What can be done. <paramref name="newId"/> makes ids of parts that a remedy puts in.</summary>
    public static IReadOnlyList<EndRemedy> For(JudgedJob judged, EndOfWire end, Func<Guid> newId)
    {
        var offered = new List<EndRemedy>();
        var slots = 0;
        if (!IsWrong(judged, end))
        {
            return offered;
        }

        foreach (var (id, says, at, changes) in Candidates(judged.Job, end, newId))
        {
            if (id is "move" && slots == MostSlots)
            {
                continue;
            }

            if (Tried(judged, end, id, says, at, changes) is { } remedy)
            {
                offered.Add(remedy);
                slots += id is "move" ? 1 : 0;
            }
        }

        return offered;
    }

    /// <summary>Whether anything is to be put right at an end.</summary>
    private static bool IsWrong(JudgedJob judged, EndOfWire end)
    {
        var subjects = new List<Subject> { new(CheckScope.End, end.Wire.Id, end.Side), new(CheckScope.Wire, end.Wire.Id) };
        if (end.End.LandingId is { } landing)
        {
            subjects.Add(new(CheckScope.Landing, landing));
            if (judged.Job.Landings[landing].DeviceId is { } device)
            {
                subjects.Add(new(CheckScope.Device, device));
            }
        }

        if (end.Wire.CircuitId is { } circuit)
        {
            subjects.Add(new(CheckScope.Circuit, circuit));
        }

        return subjects.SelectMany(judged.About).Any(f => f.Finding.Severity != Severity.Note);
    }

    private static EndRemedy? Tried(JudgedJob judged, EndOfWire end, string id, string says, Guid? at, IReadOnlyList<EntityChange> changes)
    {
        IReadOnlyList<JobFinding> gone, come;
        try
        {
            (gone, come) = judged.Try(changes);
        }
        catch (ImpossibleInputException)
        {
            return null;
        }

        return gone.Any(f => f.Finding.Severity != Severity.Note && IsAt(judged.Job, end, f.About)) && come.All(f => f.Finding.Severity != Severity.Stop)
            ? new(id, says, changes, at, gone, come)
            : null;
    }

    /// <summary>Whether a finding is about this end, its wire, its landing, its device or its circuit.</summary>
    private static bool IsAt(Job job, EndOfWire end, Subject about) => about.Scope switch
    {
        CheckScope.End => about.Id == end.Wire.Id && about.Side == end.Side,
        CheckScope.Wire => about.Id == end.Wire.Id,
        CheckScope.Landing => about.Id == end.End.LandingId,
        CheckScope.Device => end.End.LandingId is { } at && job.Landings[at].DeviceId == about.Id,
        CheckScope.Circuit => about.Id == end.Wire.CircuitId,
        _ => false,
    };

    private static IEnumerable<(string Id, string Says, Guid? At, IReadOnlyList<EntityChange> Changes)> Candidates(Job job, EndOfWire end, Func<Guid> newId)
    {
        foreach (var candidate in OfTheEnd(end))
        {
            yield return candidate;
        }

        if (end.End.LandingId is { } id && job.Landings[id] is var landing)
        {
            foreach (var candidate in OfTheLanding(job, end, landing, newId))
            {
                yield return candidate;
            }
        }

        if (end.Wire is { CircuitId: { } circuit, Conductor: { } conductor } && job.Circuits[circuit] is { OcpdAmps: { } amps } of
            && Ampacity.For(conductor, null) is { } ampacity && Breakers.LastOrDefault(b => b <= ampacity.Breaker && b < amps) is > 0 and var smaller)
        {
            yield return ("breaker", Say($"Put circuit {of.Name} on a breaker of {smaller:0.#} A."), null, [EntityChange.Put(of with { OcpdAmps = smaller })]);
        }
    }

    private static IEnumerable<(string Id, string Says, Guid? At, IReadOnlyList<EntityChange> Changes)> OfTheEnd(EndOfWire end)
    {
        if (end.End.Ferrule is not null || end.End.SaidBare)
        {
            yield return ("ferrule", "Take the ferrule that fits wire and landing, or none where none belongs.", null, [Put(end, end.End with { Ferrule = null, SaidBare = false })]);
        }

        if (end.End.CrimpShape is not null)
        {
            yield return ("crimp", "Crimp it square: that suits a clamp.", null, [Put(end, end.End with { CrimpShape = Ferrules.CrimpShape.Square })]);
        }

        if (end.End.Condition != EndCondition.Fresh)
        {
            var left = end.End.FreeLength is { } free ? new Length(Math.Max(0, (free - FreeLength.Spent(new(UsualStrip))).Millimetres)) : (Length?)null;
            yield return ("cut-back", "Cut it back, and strip it anew.", null, [Put(end, end.End with { Condition = EndCondition.Fresh, FreeLength = left })]);
        }

        if (end.End.Found is not null)
        {
            yield return ("land-again", "Take it off, cut it back, and land it anew.", null, [Put(end, end.End with { Found = null, Condition = EndCondition.Fresh })]);
        }
    }

    private static IEnumerable<(string Id, string Says, Guid? At, IReadOnlyList<EntityChange> Changes)> OfTheLanding(Job job, EndOfWire end, JobLanding landing, Func<Guid> newId)
    {
        var ends = job.EndsAt(landing.Id);
        if (landing.DeviceId is { } device)
        {
            foreach (var other in job.LandingsOf(device).Where(l => l.Id != landing.Id).SelectMany(l => job.EndsAt(l.Id).Where(e => e.Wire.Id != end.Wire.Id).Take(1).Select(e => (Landing: l, End: e))))
            {
                yield return ("swap", Say($"Swap wires {end.Wire.Name} and {other.End.Wire.Name}: {landing.Name} and {other.Landing.Name}."), other.Landing.Id,
                    [Put(end, end.End with { LandingId = other.Landing.Id }), Put(other.End, other.End.End with { LandingId = landing.Id })]);
            }
        }

        // Free slots: of the same device first, then of the same enclosure, in their order.
        foreach (var free in job.LandingsIn(landing.EnclosureId)
            .Where(l => l is { Spare: false, Landing: not null } && l.Id != landing.Id && job.EndsAt(l.Id).Count == 0 && l.Identity == landing.Identity)
            .OrderBy(l => l.DeviceId == landing.DeviceId ? 0 : 1).ThenBy(l => l.Order).Take(MostTried))
        {
            yield return ("move", Say($"Move it to {free.Name}, which is free."), free.Id, [Put(end, end.End with { LandingId = free.Id })]);
        }

        if (ends.Count == 2 && landing.Landing is PrintedLanding { TakesTwo: false } printed)
        {
            yield return ("twin", Say($"Where {landing.Name} is marked for two: land both there, stranded ones in one twin ferrule."), null, [EntityChange.Put(landing with { Landing = printed with { TakesTwo = true } })]);
        }

        if (ends.Count == 1 && landing.Splice is null && FreeLength.IsShort(end.End.FreeLength, end.End.PastOpening, job.Enclosures[landing.EnclosureId].Opening))
        {
            yield return ("pigtail", Say($"Splice a pigtail to it that reaches {landing.Name}."), null, Spliced(job, landing, ends, newId));
        }

        if (ends.Count > 1 && landing.Splice is null)
        {
            yield return ("pigtail", Say($"Splice them, and bring one pigtail to {landing.Name}."), null, Spliced(job, landing, ends, newId));
        }

        if (landing.DeviceId is { } of && job.Devices[of] is { IsReceptacle: true } receptacle && end.Wire.CircuitId is { } circuit
            && job.Circuits[circuit].OcpdAmps is { } amps && ReceptacleRatings.For(amps) is { } table)
        {
            foreach (var rating in table.Allowed.Where(a => a != receptacle.RatingAmps))
            {
                yield return ("receptacle", Say($"Replace {receptacle.Name} by one of {rating:0.#} A."), null, [EntityChange.Put(receptacle with { RatingAmps = rating })]);
            }
        }
    }

    private static List<EntityChange> Spliced(Job job, JobLanding landing, IReadOnlyList<EndOfWire> ends, Func<Guid> newId)
    {
        var sizes = ends.Select(e => e.Wire.Conductor?.Size.Area.SquareMillimetres).OfType<double>().DefaultIfEmpty(1).ToList();
        var name = Free(job, landing.EnclosureId, $"{landing.Name} joint");
        var joint = new JobLanding(newId(), landing.EnclosureId, name)
        {
            Order = landing.Order,
            Splice = new SpliceConnector("splice connector", 2, ends.Count + 1, Math.Min(0.5, sizes.Min()), Math.Max(6, sizes.Max())),
        };
        var first = ends[0].Wire;
        var pigtail = new JobWire(newId(), $"{first.Name}p", new JobEnd(newId()) { LandingId = joint.Id }, new JobEnd(newId()) { LandingId = landing.Id })
        {
            Order = job.Wires.Values.Max(w => w.Order) + 1,
            Conductor = first.Conductor,
            Colour = first.Colour,
            Function = first.Function,
            CircuitId = first.CircuitId,
            Length = new Length(Pigtail),
        };
        return [EntityChange.Put(joint), .. ends.GroupBy(e => e.Wire.Id).Select(g => EntityChange.Put(g.Aggregate(g.First().Wire, (wire, e) => With(wire, e.Side, wire[e.Side] with { LandingId = joint.Id })))), EntityChange.Put(pigtail)];
    }

    private static string Free(Job job, Guid enclosure, string name)
    {
        var names = job.LandingsIn(enclosure).Select(l => l.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        return Enumerable.Range(1, int.MaxValue).Select(i => i == 1 ? name : Say($"{name} {i}")).First(n => !names.Contains(n));
    }

    private static EntityChange Put(EndOfWire end, JobEnd after) => EntityChange.Put(With(end.Wire, end.Side, after));

    private static JobWire With(JobWire wire, EndSide side, JobEnd end) => side == EndSide.A ? wire with { A = end } : wire with { B = end };

    private static string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
