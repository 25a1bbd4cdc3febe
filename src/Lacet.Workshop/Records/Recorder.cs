using System.Text.Json;
using Lacet.Core.Checks.End;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Records;
using Lacet.Core.Rework;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.Records;

/// <summary>Turns what a client sends into an event in the chain.</summary>
public sealed class Recorder(
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
    public Task<AppendedEvent> RecordAsync(NewRecord request, CancellationToken cancellation) =>
        RecordAsync(request, time.GetUtcNow(), cancellation);

    /// <summary>The same, received at a time of the caller's choosing: demo data did not all arrive today.</summary>
    public async Task<AppendedEvent> RecordAsync(
        NewRecord request,
        DateTimeOffset receivedAt,
        CancellationToken cancellation
    )
    {
        if (request.Device.Length is 0 or > 100)
        {
            throw new ImpossibleInputException("device", "A device’s name has 1 to 100 characters.");
        }

        if (request.Corrects is not null && request.Kind != EventKind.Withdrawal)
        {
            throw new ImpossibleInputException("corrects", "Only a withdrawal corrects another event.");
        }

        var person = await people.KnownAsync(request.PersonId);
        var at = request.Subject is { } subject ? await EndAsync(subject, request, cancellation) : null;
        CheckSubject(request, at, person.Id);
        var takenBack = request.Kind == EventKind.Withdrawal ? await TakenBackAsync(request) : null;
        var happened = new Happened(
            request.Kind == EventKind.Termination
                ? await terminations.WriteAsync(at is null ? request : AsPlanned(request, at))
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
            Write(request, person, receivedAt, at, happened),
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
        PersonRow person,
        DateTimeOffset receivedAt,
        PlannedEnd? at,
        Happened happened
    )
    {
        var nameDigest = Seal.Digest(person.Salt, person.Name);
        return new(
            request.Id,
            Seal.Of(JsonSerializer.SerializeToUtf8Bytes(request, Json.Options)),
            request.Corrects,
            place =>
                JsonSerializer.SerializeToUtf8Bytes(
                    new EventDocument(
                        1,
                        request.Id,
                        place.Sequence,
                        place.Previous,
                        request.Device,
                        request.DeviceSequence,
                        new(person.Id, nameDigest),
                        new(happened.JobOf(request), request.Subject?.WireId, at?.EndId),
                        request.ClaimedAt,
                        receivedAt,
                        request.Kind,
                        request.Corrects,
                        happened.Termination,
                        happened.Rework,
                        happened.Park,
                        happened.Continuity,
                        place.Clock is [] ? null : place.Clock
                    ),
                    Json.Options
                )
        )
        {
            Device = request.Device,
            DeviceSequence = request.DeviceSequence,
            ClaimedAt = request.ClaimedAt,
            ReceivedAt = receivedAt,
            Job = request.Subject?.JobId,
            End = at?.EndId,
        };
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

    /// <summary>The end as its job plans it.</summary>
    private async Task<PlannedEnd> EndAsync(RecordSubject subject, NewRecord request, CancellationToken cancellation) =>
        await open.ReadAsync(
            subject.JobId,
            job =>
            {
                if (!job.Job.Wires.TryGetValue(subject.WireId, out var wire) || wire.Retired)
                {
                    return null;
                }

                var end = new EndOfWire(wire, subject.Side);
                var landing = end.End.LandingId is { } id ? job.Job.Landings[id] : null;
                var second = job.Judged.Plan(wire.Id, subject.Side)?.AtHand.Second;
                return new PlannedEnd(
                    end.End.Id,
                    wire.Conductor is null ? null : ConductorDocument.Of(wire.Conductor),
                    landing?.Landing is { } data ? LandingDocument.Of(data) with { Id = landing.ShelfId } : null,
                    second is null ? null : ConductorDocument.Of(second),
                    job.Title.Rules,
                    job.Ends.Of(end.End.Id),
                    $"wire {wire.Name} at {job.Job.PlaceOf(end.End)}",
                    request.Kind == EventKind.Rework ? Reworked(job, end, request.Rework) : null
                );
            },
            cancellation
        ) ?? throw new ImpossibleInputException("subject", "There is no such end in that job.");

    private static ReworkRecordDocument Reworked(JobSession job, EndOfWire end, FaultsFound? found)
    {
        if (found is null || (found.Damaged == 0 && found.Faults is not [_, ..]))
        {
            throw new ImpossibleInputException("rework", "Say what is wrong with the end.");
        }

        var assessed = ReworkAssessment.Of(SpoiledEnds.Of(job, end, found));
        return new(
            [.. assessed.Faults.Select(f => f.Fault)],
            found.Strands,
            found.Damaged,
            assessed.Verdict,
            assessed.Spent?.Read()
        );
    }

    /// <summary>A map’s readings as the job has them.</summary>
    private async Task<ContinuityRecordDocument> TestedAsync(TestedPinMap? tested, CancellationToken cancellation)
    {
        var (id, map) = tested is null
            ? throw new ImpossibleInputException("continuity", "Say which pin map of which job was tested.")
            : (
                tested.PinMapId,
                await open.ReadAsync(
                    tested.JobId,
                    job => job.Job.PinMaps.GetValueOrDefault(tested.PinMapId),
                    cancellation
                ) ?? throw new ImpossibleInputException("continuity", "There is no such pin map in that job.")
            );
        var measured = map
            .Map.Pins.Where(p => p.IsWhole is not null)
            .OrderBy(p => p.Pin)
            .Select(p => new ContinuityReading(
                p.Pin,
                p.Terminal,
                p.Ohms is { } ohms && double.IsFinite(ohms) ? ohms : null,
                p.Ohms is double.PositiveInfinity,
                p.IsWhole!.Value
            ))
            .ToList();
        return !map.Map.KeySeen
                ? throw new ImpossibleInputException(
                    "continuity",
                    "Nobody has seen the connector’s key: no pin’s number is to be trusted yet."
                )
            : measured.Count == 0
                ? throw new ImpossibleInputException(
                    "continuity",
                    "Nothing was measured on that map yet. Keep what you measured in the job first."
                )
            : new(id, measured);
    }

    private static NewRecord AsPlanned(NewRecord request, PlannedEnd end) =>
        request with
        {
            Conductor = end.Conductor
                ?? throw new ImpossibleInputException(
                    "subject",
                    "The size of that wire is not known: set it in the job first."
                ),
            Landing = end.Landing
                ?? throw new ImpossibleInputException(
                    "subject",
                    "What that wire lands on is not known: set it in the job first."
                ),
            Second = end.Second,
            HouseRules = end.HouseRules,
        };

    private static void CheckSubject(NewRecord request, PlannedEnd? at, Guid person)
    {
        if (
            at is not null
            && (
                request.Conductor is not null
                || request.Landing is not null
                || request.HouseRules is not null
                || request.Second is not null
            )
        )
        {
            throw new ImpossibleInputException(
                "subject",
                "At an end of a job, wire, landing and house rules are the job’s: leave them out."
            );
        }

        if (request.Kind is EventKind.Termination or EventKind.Withdrawal or EventKind.Continuity)
        {
            return;
        }

        if (at is null)
        {
            throw new ImpossibleInputException("subject", "Say which end of which job.");
        }

        if (request.Kind == EventKind.Park && request.Park is null)
        {
            throw new ImpossibleInputException("park", "Say why it is set aside.");
        }

        if (request.Kind is EventKind.Park or EventKind.Rework)
        {
            return;
        }

        if (at.Recorded is not { Plan: not null, State: EndState.Landed or EndState.Checked or EndState.Signed })
        {
            throw new ImpossibleInputException(
                "subject",
                "Nothing stands as landed there: it was not recorded yet, or was set aside or rejected since."
            );
        }

        if (request.Kind == EventKind.SignOff && at.Recorded.By == person)
        {
            throw new ImpossibleInputException("personId", "Somebody other than who landed it signs for it.");
        }
    }

    private sealed record PlannedEnd(
        Guid EndId,
        ConductorDocument? Conductor,
        LandingDocument? Landing,
        ConductorDocument? Second,
        HouseRules? HouseRules,
        EndStanding? Recorded,
        string Says,
        ReworkRecordDocument? Rework
    );

    /// <summary>The event that is taken back; throws where there is none that can be.</summary>
    private async Task<EventDocument> TakenBackAsync(NewRecord request)
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
            { Kind: EventKind.Withdrawal } => throw new ImpossibleInputException(
                "corrects",
                "What was taken back stays taken back: record it anew."
            ),
            { } before => before,
        };
    }
}
