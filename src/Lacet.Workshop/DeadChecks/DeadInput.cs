using Lacet.Core.DeadChecks;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.DeadChecks;

/// <summary>What people type of sources, locks and proofs, as it is sealed; throws where it cannot be.</summary>
internal static class DeadInput
{
    private const int MostSources = 40;
    private const int MostReadings = 400;
    private const int LongestName = 60;
    private const int LongestLock = 40;

    /// <summary>More than anything that this trade lands, V.</summary>
    private const double MostVolts = 100_000;

    /// <summary>A day: no plate asks for longer, minutes.</summary>
    private const double MostDischarge = 1440;

    internal static List<IsolatedSource> Sources(DeadDeed.Isolate isolate)
    {
        if (isolate.Sources.Count > MostSources)
        {
            throw new ImpossibleInputException("deed.sources", $"An enclosure has at most {MostSources} sources here.");
        }

        if (isolate.Sources.DistinctBy(s => s.Id).Count() < isolate.Sources.Count)
        {
            throw new ImpossibleInputException("deed.sources", "Two sources have one id.");
        }

        if (isolate.Sources.FirstOrDefault(s => isolate.Absent.Contains(s.Kind)) is { } both)
        {
            throw new ImpossibleInputException(
                "deed.absent",
                $"“{both.Kind.DisplayName()}” cannot be both there and not there."
            );
        }

        return
        [
            .. isolate.Sources.Select(s =>
                s.DischargeMinutes is { } minutes && !(minutes is >= 0 and <= MostDischarge)
                    ? throw new ImpossibleInputException(
                        "deed.sources.dischargeMinutes",
                        $"The time to discharge must be from 0 to {MostDischarge} minutes."
                    )
                    : s with
                    {
                        Name = Name(s.Name, "deed.sources.name"),
                        Lock = s.Kind.IsLocked() && s.Lock is { } number ? Number(number, "deed.sources.lock") : null,
                        DischargeMinutes = s.Kind.IsLocked() ? null : s.DischargeMinutes,
                    }
            ),
        ];
    }

    internal static string OwnNumber(string typed, DeadStanding standing, Guid person)
    {
        var number = Number(typed, "deed.lock");
        var hanging = standing
            .Locks.Where(l => l.Person != person)
            .Select(l => l.Number)
            .Concat(standing.Sources.Select(s => s.Lock).OfType<string>())
            .Select(PlainText.NameKey);
        return hanging.Contains(PlainText.NameKey(number), StringComparer.Ordinal)
            ? throw new ImpossibleInputException(
                "deed.lock",
                $"Lock {number} hangs there already: take one of your own."
            )
            : number;
    }

    internal static Guid Owner(DeadDeed.TakeLock taken, DeadStanding standing, Guid person)
    {
        var owner = taken.Owner ?? person;
        return standing.Locks.All(l => l.Person != owner)
                ? throw new ImpossibleInputException("deed.owner", "No such lock hangs there.")
            : owner != person && !taken.OwnerKnows
                ? throw new ImpossibleInputException(
                    "deed.ownerKnows",
                    "Another’s lock comes off only when its owner is away, knows of it, and left nobody inside."
                )
            : owner;
    }

    internal static DeadProofDocument Proof(
        JobSession job,
        Guid enclosure,
        DeadProof proof,
        DeadStanding standing,
        Guid person,
        DateTimeOffset now
    )
    {
        var points = DeadPoints.Of(job.Job, enclosure);
        if (
            proof.Readings.Count > MostReadings
            || proof.Readings.Any(r => r.Volts is { } v && !(Math.Abs(v) <= MostVolts))
        )
        {
            throw new ImpossibleInputException(
                "deed.proof.readings",
                $"A voltage is at most {MostVolts:0} V, and there are at most {MostReadings} readings."
            );
        }

        // What was found live is written down, whatever else was forgotten.
        var missing = (proof.IsDead() ? DeadRefusals.OfProving(standing, person, now) : null)
            ?? DeadRefusals.OfProof(proof, points);
        if (missing is not null)
        {
            throw new ImpossibleInputException("deed.proof", missing);
        }

        return new(
            proof.Instrument,
            Name(proof.Name, "deed.proof.name"),
            Name(proof.ProvedOn, "deed.proof.provedOn"),
            proof.Before,
            proof.After,
            [
                .. proof.Readings.Select(r => new DeadReadingDocument(
                    r.From,
                    r.To,
                    $"{NameOf(r.From)} and {(r.To is { } to ? NameOf(to) : "earth")}",
                    r.Volts
                )),
            ],
            proof.Simulated
        );

        string NameOf(Guid landing) =>
            job.Job.Landings.TryGetValue(landing, out var at) && at.EnclosureId == enclosure
                ? at.Name
                : throw new ImpossibleInputException(
                    "deed.proof.readings",
                    "A reading is between landings of that enclosure, or to earth."
                );
    }

    internal static string Name(string typed, string field) =>
        PlainText.Name(typed) is { Length: >= 1 and <= LongestName } plain
            ? plain
            : throw new ImpossibleInputException(field, $"A name has 1 to {LongestName} characters.");

    private static string Number(string typed, string field) =>
        PlainText.Name(typed) is { Length: >= 1 and <= LongestLock } plain
            ? plain
            : throw new ImpossibleInputException(field, $"A lock’s number has 1 to {LongestLock} characters.");
}
