using Lacet.Core.Checks.Jobs;
using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Splices;

namespace Lacet.Core.Planning;

/// <content>What could be done at a landing.</content>
public static partial class EndRemedies
{
    private static IEnumerable<(string Id, string Says, Guid? At, IReadOnlyList<EntityChange> Changes)> OfTheLanding(
        JudgedJob judged,
        EndOfWire end,
        JobLanding landing,
        Func<Guid> newId
    )
    {
        var job = judged.Job;
        return
        [
            .. Swaps(job, end, landing),
            .. SamePotential(job, landing)
                .Select(free =>
                    (
                        "move",
                        Say($"Move it to {free.Name}, which is free."),
                        (Guid?)free.Id,
                        (IReadOnlyList<EntityChange>)[Put(end, end.End with { LandingId = free.Id })]
                    )
                ),
            .. Pigtails(judged, end, landing, newId),
            .. Receptacles(job, end, landing),
        ];
    }

    private static IEnumerable<(string Id, string Says, Guid? At, IReadOnlyList<EntityChange> Changes)> Swaps(
        Job job,
        EndOfWire end,
        JobLanding landing
    )
    {
        if (
            landing is { DeviceId: { } device, Landing: not null }
            && (job.Devices[device].IsReceptacle || job.Devices[device].Type == DeviceType.Switch)
        )
        {
            // Hot with neutral, or LINE with LOAD: only on one device, whose terminals are all known.
            foreach (
                var other in job.LandingsOf(device)
                    .Where(l => l.Id != landing.Id && l.Landing is not null)
                    .SelectMany(l =>
                        job.EndsAt(l.Id).Where(e => e.Wire.Id != end.Wire.Id).Take(1).Select(e => (Landing: l, End: e))
                    )
            )
            {
                yield return (
                    "swap",
                    Say(
                        $"Swap wires {end.Wire.Name} and {other.End.Wire.Name}: {landing.Name} and {other.Landing.Name}."
                    ),
                    other.Landing.Id,
                    [
                        Put(end, end.End with { LandingId = other.Landing.Id }),
                        Put(other.End, other.End.End with { LandingId = landing.Id }),
                    ]
                );
            }
        }
    }

    private static IEnumerable<(string Id, string Says, Guid? At, IReadOnlyList<EntityChange> Changes)> Pigtails(
        JudgedJob judged,
        EndOfWire end,
        JobLanding landing,
        Func<Guid> newId
    )
    {
        var job = judged.Job;
        var ends = job.EndsAt(landing.Id);
        if (
            landing.Splice is null
            && (
                ends.Count > 1
                || FreeLength.IsShort(
                    end.End.FreeLength,
                    end.End.PastOpening,
                    job.Enclosures[landing.EnclosureId].Opening
                )
            )
            && BelongTogether(job, ends)
        )
        {
            yield return (
                "pigtail",
                ends.Count > 1
                    ? Say($"Splice them, and bring one pigtail to {landing.Name}.")
                    : Say($"Splice a pigtail to it that reaches {landing.Name}."),
                null,
                Spliced(judged, landing, ends, newId)
            );
        }
    }

    private static IEnumerable<(string Id, string Says, Guid? At, IReadOnlyList<EntityChange> Changes)> Receptacles(
        Job job,
        EndOfWire end,
        JobLanding landing
    )
    {
        if (
            landing.DeviceId is { } of
            && job.Devices[of] is { IsReceptacle: true } receptacle
            && end.Wire.CircuitId is { } circuit
            && job.Circuits[circuit].OcpdAmps is { } amps
            && ReceptacleRatings.For(amps) is { } table
        )
        {
            foreach (var rating in table.Allowed.Where(a => a != receptacle.RatingAmps))
            {
                yield return (
                    "receptacle",
                    Say($"Replace {receptacle.Name} by one of {rating:0.#} A."),
                    null,
                    [EntityChange.Put(receptacle with { RatingAmps = rating })]
                );
            }
        }
    }

    /// <summary>
    /// Free screws that are joined in the metal to the one that an end is at: those of one bar, and of one side of a
    /// receptacle whose tab is whole. On anything else a screw has a number, and moving a wire there rewires the
    /// machine.
    /// </summary>
    private static IEnumerable<JobLanding> SamePotential(Job job, JobLanding landing)
    {
        if (
            landing.DeviceId is not { } id
            || job.Devices[id]
                is not {
                    Type: DeviceType.EarthBar
                        or DeviceType.NeutralBar
                        or DeviceType.Receptacle
                        or DeviceType.GroundFaultReceptacle
                } device
        )
        {
            return [];
        }

        bool Joined(JobLanding other) =>
            !device.IsReceptacle
            || (
                landing.Identity is TerminalIdentity.Brass or TerminalIdentity.Silver
                && other.Identity == landing.Identity
                && other.Side == landing.Side
                && (
                    other.Half == landing.Half
                    || (landing.Identity == TerminalIdentity.Brass ? device.HotTab : device.NeutralTab)
                        == BreakOffTab.Intact
                )
            );
        return job.LandingsOf(id)
            .Where(l =>
                l.Id != landing.Id
                && l is { Spare: false, Landing: not null }
                && job.EndsAt(l.Id).Count == 0
                && Joined(l)
            );
    }

    /// <summary>
    /// Whether ends may be spliced to one pigtail: of one circuit, one function that somebody said, all copper, all
    /// known.
    /// </summary>
    private static bool BelongTogether(Job job, IReadOnlyList<EndOfWire> ends) =>
        ends.Count > 0
        && ends.All(e =>
            e.Wire is { Conductor.Material: Material.Copper }
            && !job.IsOfCord(e.Wire)
            && e.Wire.Function is not (WireFunction.Unknown or WireFunction.Shield)
        )
        && ends.Select(e => (e.Wire.Function, e.Wire.CircuitId)).Distinct().Count() == 1
        && (ends[0].Wire.CircuitId is not null || ends[0].Wire.Function == WireFunction.Earth);

    private static List<EntityChange> Spliced(
        JudgedJob judged,
        JobLanding landing,
        IReadOnlyList<EndOfWire> ends,
        Func<Guid> newId
    )
    {
        var job = judged.Job;
        var sizes = ends.Select(e => e.Wire.Conductor!.Size.Area.SquareMillimetres).ToList();
        var name = Free(job, landing.EnclosureId, $"{landing.Name} joint");
        var joint = new JobLanding(newId(), landing.EnclosureId, name)
        {
            Order = landing.Order,
            Splice = new SpliceConnector(
                "splice connector",
                2,
                ends.Count + 1,
                Math.Min(0.5, sizes.Min()),
                Math.Max(6, sizes.Max())
            ),
        };
        // The pigtail carries what the thickest of them may: no breaker is too large for it that was right before.
        var thickest = ends.MaxBy(e => e.Wire.Conductor!.Size.Area.SquareMillimetres).Wire;
        var strip = ends.Select(e => judged.Plan(e.Wire.Id, e.Side))
            .OfType<Checks.End.EndPlan>()
            .Select(p => RecipeBook.For(p.AtHand with { Second = null }).Strip?.Target)
            .OfType<Length>()
            .Select(l => (Length?)l)
            .FirstOrDefault();
        var pigtail = new JobWire(
            newId(),
            $"{ends[0].Wire.Name}p",
            new JobEnd(newId()) { LandingId = joint.Id },
            new JobEnd(newId()) { LandingId = landing.Id }
        )
        {
            Order = job.Wires.Values.Max(w => w.Order) + 1,
            Conductor = thickest.Conductor,
            Colour = thickest.Colour,
            Function = thickest.Function,
            CircuitId = thickest.CircuitId,
            Length = SplicePigtail.For(job.Title.Rules.PigtailStrip, strip).Length,
        };
        return
        [
            EntityChange.Put(joint),
            .. ends.GroupBy(e => e.Wire.Id)
                .Select(g =>
                    EntityChange.Put(
                        g.Aggregate(g.First().Wire, (wire, e) =>
                            With(wire, e.Side, wire[e.Side] with { LandingId = joint.Id })
                        )
                    )
                ),
            EntityChange.Put(pigtail),
        ];
    }
}
