using Lacet.Core.DeadChecks;
using Lacet.Core.Jobs;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
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
                    Sources = DeadInput.Sources(isolate),
                    Absent = [.. isolate.Absent.Distinct().Order()],
                }
            ),
            DeadDeed.HangLock { Lock: var number } => (
                EventKind.LockOn,
                said with
                {
                    Lock = DeadInput.OwnNumber(number, standing, by.Person),
                }
            ),
            DeadDeed.TakeLock taken => (
                EventKind.LockOff,
                said with
                {
                    Owner = DeadInput.Owner(taken, standing, by.Person),
                }
            ),
            DeadDeed.Prove { Proof: var proof } => (
                EventKind.ProvedDead,
                said with
                {
                    Proof = DeadInput.Proof(job, place.Id, proof, standing, by.Person, now),
                    PauseMinutes = job.Title.Rules.PauseMinutes,
                }
            ),
            DeadDeed.FindSource found => (
                EventKind.SourceFound,
                said with
                {
                    Sources = [new(Guid.CreateVersion7(now), found.Source, DeadInput.Name(found.Name, "name"))],
                }
            ),
            DeadDeed.GoOn => DeadRefusals.OfGoingOn(standing, by.Person) is { } refusal
                ? throw new ImpossibleInputException("deed", refusal)
                : (EventKind.AtWork, said),
            DeadDeed.EndShift => (EventKind.ShiftEnd, said),
            DeadDeed.Exempt { Exemption: var why } => (
                EventKind.Exemption,
                said with
                {
                    Exemption = DeadRefusals.OfExemption(standing, why) is { } refusal
                        ? throw new ImpossibleInputException("deed.exemption", refusal)
                        : why,
                    PauseMinutes = job.Title.Rules.PauseMinutes,
                }
            ),
            _ => LocksOn(standing, names) is { } locks
                ? throw new ImpossibleInputException("deed", $"Nobody puts power back while locks are on: {locks}.")
                : (EventKind.Energised, said),
        };
    }

    /// <summary>Whose locks hang, each with its number; null where none does.</summary>
    private static string? LocksOn(DeadStanding standing, IReadOnlyDictionary<Guid, string> names) =>
        standing.Locks.Count == 0
            ? null
            : string.Join(
                ", ",
                standing.Locks.Select(l => $"{names.GetValueOrDefault(l.Person, "erased")} ({l.Number})")
            );

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
