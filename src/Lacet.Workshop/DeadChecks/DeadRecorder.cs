using Lacet.Core.DeadChecks;
using Lacet.Core.Jobs;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Records;

namespace Lacet.Workshop.DeadChecks;

/// <summary>
/// Makes enclosures dead, and live again: sources kept off, each person’s own lock, dead proved. Each deed is an event in
/// the chain, judged with the job held, so that nobody puts power back while another hangs a lock.
/// </summary>
public sealed class DeadRecorder(JobEditor editor, EventsTable events, PeopleTable people, TimeProvider time)
{
    private const int MostSources = 40;
    private const int MostReadings = 400;
    private const int LongestName = 60;
    private const int LongestLock = 40;

    /// <summary>More than anything that this trade lands, V.</summary>
    private const double MostVolts = 100_000;

    /// <summary>A day: no plate asks for longer, minutes.</summary>
    private const double MostDischarge = 1440;

    /// <summary>Stores what was done, or finds that it was stored before. Throws where it cannot be.</summary>
    public async Task<Outcome<Guid>> RecordAsync(
        Guid jobId,
        Guid enclosure,
        NewDeadRecord request,
        Actor by,
        CancellationToken cancellation
    )
    {
        Envelope.CheckDevice(request.Device);
        May(request.Deed, by);
        var who = await RecordedBy.OfAsync(people, by);
        // The same at another enclosure is not the same.
        var digest = Envelope.Digest(
            new
            {
                jobId,
                enclosure,
                request,
            },
            by.Person
        );
        var names = await people.NamesAsync();
        var appended = await editor.RecordAsync(
            jobId,
            async job =>
            {
                // Sent again it may be impossible by now: a lock that is off is not taken off twice.
                if (await events.RepeatedAsync(request.Id, digest) is { } repeated)
                {
                    return (repeated, "");
                }

                if (!job.Job.Enclosures.TryGetValue(enclosure, out var place))
                {
                    throw new ImpossibleInputException("enclosure", "There is no such enclosure in that job.");
                }

                var now = time.GetUtcNow();
                var (kind, dead) = Judge(job, place, request.Deed, by, now, names);
                var added = new Envelope(
                    request.Id,
                    request.Device,
                    request.DeviceSequence,
                    request.ClaimedAt,
                    now,
                    kind,
                    new(jobId, null, null, enclosure),
                    who
                ).Around(digest, recorded => recorded with { Dead = dead });
                return (await events.AppendAsync(added, cancellation), $"{place.Name}: {Says(kind)}.");
            },
            who.Person.Name,
            cancellation
        );
        return appended switch
        {
            null => new Outcome<Guid>.Missing(JobEditor.NoSuchJob),
            { Appended: Appended.Conflict } => new Outcome<Guid>.Conflict(
                "Another record has this id already. Nothing was stored."
            ),
            { Appended: var how } => new Outcome<Guid>.Done(request.Id, how == Appended.Stored),
        };
    }

    /// <summary>Throws where somebody may not do that. Whoever goes in hangs a lock, whatever their role.</summary>
    private static void May(DeadDeed deed, Actor by)
    {
        switch (deed)
        {
            case DeadDeed.TakeLock { Owner: { } owner } when owner != by.Person:
                by.Need(Right.ManagePeople);
                break;
            case DeadDeed.HangLock or DeadDeed.TakeLock or DeadDeed.FindSource or DeadDeed.GoOn:
                by.Need(Right.Read);
                break;
            default:
                by.Need(Right.MakeDead);
                break;
        }
    }

    /// <summary>What is sealed of a deed; throws where it cannot be done as the enclosure stands.</summary>
    private static (EventKind Kind, DeadRecordDocument Dead) Judge(
        JobSession job,
        Enclosure place,
        DeadDeed deed,
        Actor by,
        DateTimeOffset now,
        IReadOnlyDictionary<Guid, string> names
    )
    {
        var standing = job.Dead.Of(place.Id).At(now);
        var said = new DeadRecordDocument(place.Name);
        return deed switch
        {
            DeadDeed.Isolate isolate => (
                EventKind.Isolation,
                said with
                {
                    Sources = Checked(isolate),
                    Absent = [.. isolate.Absent.Distinct().Order()],
                }
            ),
            DeadDeed.HangLock { Lock: var number } => (
                EventKind.LockOn,
                said with
                {
                    Lock = OwnNumber(number, standing, by.Person),
                }
            ),
            DeadDeed.TakeLock taken => (EventKind.LockOff, said with { Owner = Owner(taken, standing, by.Person) }),
            DeadDeed.Prove { Proof: var proof } => (
                EventKind.ProvedDead,
                said with
                {
                    Proof = Proved(job, place.Id, proof, standing, by.Person, now),
                    PauseMinutes = job.Title.Rules.PauseMinutes,
                }
            ),
            DeadDeed.FindSource found => (
                EventKind.SourceFound,
                said with
                {
                    Sources = [new(Guid.CreateVersion7(now), found.Source, Short(found.Name, "name"))],
                }
            ),
            DeadDeed.GoOn => standing.Until is null
                ? throw new ImpossibleInputException("deed", "Nothing holds there that could go on: prove it dead.")
                : (EventKind.AtWork, said),
            DeadDeed.EndShift => (EventKind.ShiftEnd, said),
            DeadDeed.Exempt { Exemption: var why } => (
                EventKind.Exemption,
                said with
                {
                    Exemption = why,
                    PauseMinutes = job.Title.Rules.PauseMinutes,
                }
            ),
            _ => standing.Locks.Count == 0
                ? (EventKind.Energised, said)
                : throw new ImpossibleInputException(
                    "deed",
                    $"Nobody puts power back while locks are on: {string.Join(", ", standing.Locks.Select(l => $"{names.GetValueOrDefault(l.Person, "erased")} ({l.Number})"))}."
                ),
        };
    }

    private static List<IsolatedSource> Checked(DeadDeed.Isolate isolate)
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
                        Name = Short(s.Name, "deed.sources.name"),
                        Lock = s.Kind.IsLocked() && s.Lock is { } number ? Number(number, "deed.sources.lock") : null,
                        DischargeMinutes = s.Kind.IsLocked() ? null : s.DischargeMinutes,
                    }
            ),
        ];
    }

    private static string OwnNumber(string typed, DeadStanding standing, Guid person)
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

    private static Guid Owner(DeadDeed.TakeLock taken, DeadStanding standing, Guid person)
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

    private static DeadProofDocument Proved(
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
            Short(proof.Name, "deed.proof.name"),
            Short(proof.ProvedOn, "deed.proof.provedOn"),
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

    private static string Short(string typed, string field) =>
        PlainText.Name(typed) is { Length: >= 1 and <= LongestName } plain
            ? plain
            : throw new ImpossibleInputException(field, $"A name has 1 to {LongestName} characters.");

    private static string Number(string typed, string field) =>
        PlainText.Name(typed) is { Length: >= 1 and <= LongestLock } plain
            ? plain
            : throw new ImpossibleInputException(field, $"A lock’s number has 1 to {LongestLock} characters.");

    private static string Says(EventKind kind) =>
        kind switch
        {
            EventKind.Isolation => "sources listed",
            EventKind.LockOn => "a lock hung",
            EventKind.LockOff => "a lock taken off",
            EventKind.ProvedDead => "measured",
            EventKind.SourceFound => "another source found",
            EventKind.AtWork => "still at work",
            EventKind.ShiftEnd => "the shift ends",
            EventKind.Exemption => "nothing to prove dead",
            _ => "power put back",
        };
}
