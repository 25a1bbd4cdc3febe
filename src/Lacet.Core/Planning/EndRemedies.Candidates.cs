using Lacet.Core.Checks.Jobs;
using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;

namespace Lacet.Core.Planning;

/// <content>What could be done, before it is tried.</content>
public static partial class EndRemedies
{
    private static IEnumerable<(string Id, string Says, Guid? At, IReadOnlyList<EntityChange> Changes)> Candidates(
        JudgedJob judged,
        EndOfWire end,
        Func<Guid> newId
    )
    {
        var job = judged.Job;
        foreach (var candidate in OfTheEnd(end))
        {
            yield return candidate;
        }

        if (end.End.LandingId is { } id && job.Landings[id] is var landing)
        {
            foreach (var candidate in OfTheLanding(judged, end, landing, newId))
            {
                yield return candidate;
            }
        }

        if (
            end.Wire is { CircuitId: { } circuit, Conductor: { } conductor }
            && job.Circuits[circuit] is { OcpdAmps: { } amps } of
            && Ampacity.For(conductor, null, ReceptacleRating.OutletsOn(job, circuit) > 1) is { } ampacity
            && StandardBreaker.AtMost(ampacity.Breaker) is { } smaller
            && smaller < amps
        )
        {
            var receptacles = NoLongerFit(job, circuit, smaller).ToList();
            yield return (
                "breaker",
                receptacles.Count == 0
                    ? Say($"Put circuit {of.Name} on a breaker of {smaller:0.#} A.")
                    : Say(
                        $"Put circuit {of.Name} on a breaker of {smaller:0.#} A, and replace {string.Join(", ", receptacles.Select(r => r.Name))} by one of {receptacles[0].RatingAmps:0.#} A."
                    ),
                null,
                [
                    EntityChange.Put(of with { OcpdAmps = smaller }),
                    .. job.BreakersOf(circuit)
                        .Where(d => d.RatingAmps is not null)
                        .Select(d => EntityChange.Put(d with { RatingAmps = smaller })),
                    .. receptacles.Select(EntityChange.Put),
                ]
            );
        }
    }

    /// <summary>The receptacles that a smaller breaker leaves too large, as they would be then.</summary>
    private static IEnumerable<Device> NoLongerFit(Job job, Guid circuit, double breaker) =>
        ReceptacleRatings.For(breaker) is { } table
            ? job.DevicesOn(circuit)
                .Where(d => d is { IsReceptacle: true, RatingAmps: { } rating } && !table.Allowed.Contains(rating))
                .Select(d => d with { RatingAmps = table.Allowed.Max() })
            : [];

    private static IEnumerable<(string Id, string Says, Guid? At, IReadOnlyList<EntityChange> Changes)> OfTheEnd(
        EndOfWire end
    )
    {
        if (end.End.Ferrule is not null || end.End.SaidBare)
        {
            yield return (
                "ferrule",
                "Take the ferrule that fits wire and landing, or none where none belongs.",
                null,
                [Put(end, end.End with { Ferrule = null, SaidBare = false })]
            );
        }

        if (end.End.CrimpShape is not null)
        {
            yield return (
                "crimp",
                "Crimp it square: that suits a clamp.",
                null,
                [Put(end, end.End with { CrimpShape = Ferrules.CrimpShape.Square })]
            );
        }

        if (end.End.Condition != EndCondition.Fresh)
        {
            var left = end.End.FreeLength is { } free
                ? new Length(Math.Max(0, (free - FreeLength.Spent(new(UsualStrip))).Millimetres))
                : (Length?)null;
            yield return (
                "cut-back",
                "Cut it back, and strip it anew.",
                null,
                [Put(end, end.End with { Condition = EndCondition.Fresh, FreeLength = left })]
            );
        }
    }

    private static string Free(Job job, Guid enclosure, string name)
    {
        var names = job.LandingsIn(enclosure).Select(l => l.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        return Enumerable
            .Range(1, int.MaxValue)
            .Select(i => i == 1 ? name : Say($"{name} {i}"))
            .First(n => !names.Contains(n));
    }
}
