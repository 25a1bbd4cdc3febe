using System.Text.Json;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Core.Rework;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Records;

/// <summary>Turns what a client sends into an event in the chain.</summary>
public sealed partial class Recorder(
    OpenJobs open,
    JobEditor editor,
    Terminations terminations,
    FreeLengths lengths,
    EventsTable events,
    PeopleTable people,
    TimeProvider time
)
{
    /// <summary>Stores an event, or finds that it was stored before. Throws where it cannot be.</summary>
    public Task<AppendedEvent> RecordAsync(NewRecord request, Actor by, CancellationToken cancellation) =>
        RecordAsync(request, by, time.GetUtcNow(), cancellation);

    /// <summary>The same, received at a time of the caller's choosing: demo data did not all arrive today.</summary>
    public async Task<AppendedEvent> RecordAsync(
        NewRecord request,
        Actor by,
        DateTimeOffset receivedAt,
        CancellationToken cancellation
    )
    {
        Envelope.CheckDevice(request.Device);
        if (request.Corrects is not null && request.Kind != EventKind.Withdrawal)
        {
            throw new ImpossibleInputException("corrects", "Only a withdrawal corrects another event.");
        }

        MayRecord(request.Kind, by);
        var recordedBy = await RecordedBy.OfAsync(people, by);
        var person = recordedBy.Person;
        var at = request.Subject is { } subject
            ? await EndAsync(subject, request, by.Person, receivedAt, cancellation)
            : null;
        CheckSubject(
            request,
            at,
            request.Kind is EventKind.Check or EventKind.SignOff ? await SelvesAsync(person.Id) : []
        );
        var takenBack = request.Kind == EventKind.Withdrawal ? await TakenBackAsync(request, by) : null;
        var happened = new Happened(
            request.Kind == EventKind.Termination
                ? await terminations.WriteAsync(
                    at is null ? request : AsPlanned(request, at),
                    by.Role == Role.Apprentice
                )
                : null,
            request.Kind == EventKind.Rework ? at?.Rework : null,
            request.Kind == EventKind.Park ? request.Park : null,
            request.Kind == EventKind.Continuity ? await TestedAsync(request.Continuity, cancellation) : null
        );
        var length =
            happened.Rework is { Verdict: FaultVerdict.CutBack, Spent: { } spent } && request.Subject is { } spentAt
                ? await lengths.SpendingAsync(spentAt, new(spent.Value), cancellation)
            : takenBack is null ? null
            : await lengths.GivingBackAsync(takenBack, cancellation);
        var appended = await StoreAsync(
            Write(request, recordedBy, receivedAt, at, happened),
            person.Id,
            length,
            cancellation
        );
        if (appended.Appended == Appended.Stored && (happened.JobOf(request) ?? takenBack?.Subject.Job) is { } changed)
        {
            await editor.RecordedAsync(
                changed,
                at is not null ? $"Recorded {at.Says}."
                    : happened.Continuity is not null ? "Recorded a test of a pin map."
                    : "Took a record back.",
                person.Name
            );
        }

        return appended;
    }

    private static NewEvent Write(
        NewRecord request,
        RecordedBy by,
        DateTimeOffset receivedAt,
        PlannedEnd? at,
        Happened happened
    ) =>
        new Envelope(
            request.Id,
            request.Device,
            request.DeviceSequence,
            request.ClaimedAt,
            receivedAt,
            request.Kind,
            new(happened.JobOf(request), request.Subject?.WireId, at?.EndId, at?.Enclosure),
            by
        )
        {
            Corrects = request.Corrects,
        }.Around(Envelope.Digest(request, by.Person.Id), recorded =>
            recorded with
            {
                Termination = happened.Termination,
                Rework = happened.Rework,
                Park = happened.Park,
                Continuity = happened.Continuity,
                DeadWork = request.Kind is EventKind.Termination or EventKind.Rework ? at?.DeadWork : null,
            }
        );

    /// <summary>Somebody, and every typed name that a lead said is theirs.</summary>
    private async Task<HashSet<Guid>> SelvesAsync(Guid person) =>
        [person, .. (await people.TypedAsync()).Where(t => t.Person == person).Select(t => t.Id)];

    /// <summary>Throws where somebody may not record that.</summary>
    private static void MayRecord(EventKind kind, Actor by)
    {
        switch (kind)
        {
            case EventKind.Check:
                by.Need(Right.Check);
                break;
            case EventKind.SignOff:
                by.Need(Right.SignOff);
                break;
            case EventKind.Withdrawal:
                // What may be taken back depends on whose it is.
                break;
            case EventKind.Termination or EventKind.Rework or EventKind.Park or EventKind.Continuity:
                by.Need(Right.Record);
                break;
            default:
                throw new ImpossibleInputException(
                    "kind",
                    "That is recorded where it is done: at an enclosure, or of a person."
                );
        }

        if (by.Role == Role.Apprentice && by.Supervisor is null)
        {
            throw new NotAllowedException("Say who supervises you today, before you record.");
        }
    }

    /// <summary>What happened, of which one is there; none for a check, a sign-off and what is taken back.</summary>
    private sealed record Happened(
        TerminationDocument? Termination,
        ReworkRecordDocument? Rework,
        ParkReason? Park,
        ContinuityRecordDocument? Continuity
    )
    {
        /// <summary>
        /// The job that it is about. A map that another kind of event names by the way is no subject of it.
        /// </summary>
        public Guid? JobOf(NewRecord request) =>
            request.Subject?.JobId ?? (Continuity is null ? null : request.Continuity!.JobId);
    }

    /// <summary>
    /// The event, and what it spends or gives back, in one transaction. The event’s id is the command’s too, so that
    /// both are there once or not at all.
    /// </summary>
    private async Task<AppendedEvent> StoreAsync(
        NewEvent added,
        Guid person,
        LengthChange? length,
        CancellationToken cancellation
    )
    {
        AppendedEvent? stored = null;
        if (length is not null)
        {
            await editor.StoreAsync(
                new(length.Job, added.Id, person, length.Plan, length.Undoes),
                async change => (stored = await events.AppendAsync(added, cancellation, change)).Change,
                cancellation
            );
        }

        return stored ?? await events.AppendAsync(added, cancellation);
    }

    /// <summary>The event that is taken back; throws where there is none that can be.</summary>
    private async Task<EventDocument> TakenBackAsync(NewRecord request, Actor by)
    {
        var id = request.Corrects ?? throw new ImpossibleInputException("corrects", "Say which event is taken back.");
        var stored = await events.FindAsync(id)
            ?? throw new ImpossibleInputException("corrects", "There is no such event.");
        return EventDocument.TryRead(stored.Bytes) switch
        {
            null => throw new ImpossibleInputException(
                "corrects",
                "That event is damaged and cannot be read, so it is not taken back."
            ),
            { Dead: not null } => throw new ImpossibleInputException(
                "corrects",
                "What was said of sources, locks and proofs is not taken back: say how it is now."
            ),
            { Kind: EventKind.Withdrawal } => throw new ImpossibleInputException(
                "corrects",
                "What was taken back stays taken back: record it anew."
            ),
            { } before when before.Person.Id == by.Person || by.Role == Role.Lead => before,
            _ => throw new NotAllowedException("Only whoever recorded it, or a lead, takes it back."),
        };
    }
}
