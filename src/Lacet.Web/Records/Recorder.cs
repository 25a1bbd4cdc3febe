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
using Lacet.Web.Bench;
using Lacet.Web.Jobs;
using Lacet.Web.Rework;
using Lacet.Web.Shelf;

namespace Lacet.Web.Records;

/// <summary>Turns what a client sends into an event in the chain.</summary>
internal sealed class Recorder(ShelfEntries shelf, JobDesk jobs, JobsTable commands, EventsTable events, PeopleTable people, ReadingsTable readings, TimeProvider time)
{
    private static readonly TimeSpan ClockSkew = TimeSpan.FromDays(1);

    /// <summary>Stores an event, or finds that it was stored before. Throws where it cannot be.</summary>
    internal Task<AppendedEvent> RecordAsync(NewRecord request, CancellationToken cancellation) =>
        RecordAsync(request, time.GetUtcNow(), cancellation);

    /// <summary>The same, received at a time of the caller's choosing: demo data did not all arrive today.</summary>
    internal async Task<AppendedEvent> RecordAsync(
        NewRecord request, DateTimeOffset receivedAt, CancellationToken cancellation)
    {
        if (request.Device.Length is 0 or > 100)
        {
            throw new ImpossibleInputException("device", "A device’s name has 1 to 100 characters.");
        }

        if (request.ClaimedAt > receivedAt + ClockSkew)
        {
            throw new ImpossibleInputException("claimedAt", "That lies in the future: set the device’s clock.");
        }

        var digest = Seal.Of(JsonSerializer.SerializeToUtf8Bytes(request, Json.Options));
        var person = await people.FindAsync(request.PersonId)
            ?? throw new ImpossibleInputException("personId", "Nobody has this id. Type the name first.");
        var at = request.Subject is { } subject ? await EndAsync(subject, request, cancellation) : null;
        CheckSubject(request, at, person.Id);
        var termination = request.Kind == EventKind.Termination ? await TerminationAsync(at is null ? request : AsPlanned(request, at)) : null;
        if (request.Kind == EventKind.Withdrawal)
        {
            await CheckWithdrawalAsync(request);
        }

        var rework = request.Kind == EventKind.Rework ? at?.Rework : null;
        var continuity = request.Kind == EventKind.Continuity ? await TestedAsync(request.Continuity, cancellation) : null;
        // A map that another kind of event names by the way is no subject of it.
        var of = request.Subject?.JobId ?? (continuity is null ? null : request.Continuity!.JobId);
        var nameDigest = Seal.Digest(person.Salt, person.Name);
        var added = new NewEvent(
            request.Id,
            digest,
            request.Corrects,
            (sequence, previous) => JsonSerializer.SerializeToUtf8Bytes(
                new EventDocument(
                    1,
                    request.Id,
                    sequence,
                    previous,
                    request.Device,
                    request.DeviceSequence,
                    new(person.Id, nameDigest),
                    new(of, request.Subject?.WireId, at?.EndId),
                    request.ClaimedAt,
                    receivedAt,
                    request.Kind,
                    request.Corrects,
                    termination,
                    rework,
                    request.Kind == EventKind.Park ? request.Park : null,
                    continuity),
                Json.Options),
            request.Subject?.JobId,
            at?.EndId);
        var takenBack = request.Corrects is { } corrected ? Read(await events.FindAsync(corrected)) : null;
        var appended = await StoreAsync(
            added,
            person.Id,
            rework is { Verdict: FaultVerdict.CutBack, Spent: { } spent } && request.Subject is { } spentAt ? await SpendingAsync(spentAt, new(spent.Value), cancellation)
                : takenBack is null ? null : await GivingBackAsync(takenBack, cancellation),
            cancellation);
        if (appended.Appended == Appended.Stored && (of ?? takenBack?.Subject.Job) is { } changed)
        {
            await jobs.RecordedAsync(
                changed, at is not null ? $"Recorded {at.Says}." : continuity is not null ? "Recorded a test of a pin map." : "Took a record back.", person.Name, cancellation);
        }

        return appended;
    }

    /// <summary>
    /// The event, and what it spends or gives back, in one transaction. The event’s id is the command’s too, so that both are
    /// there once or not at all.
    /// </summary>
    private async Task<AppendedEvent> StoreAsync(NewEvent added, Guid person, LengthChange? length, CancellationToken cancellation)
    {
        AppendedEvent? stored = null;
        if (length is not null)
        {
            await jobs.ChangeAsync(
                length.Job,
                added.Id,
                person,
                length.Plan,
                async change => (stored = await events.AppendAsync(added, cancellation, change)).JobSequence,
                cancellation,
                length.Undoes);
        }

        return stored ?? await events.AppendAsync(added, cancellation);
    }

    /// <summary>The end as its job plans it.</summary>
    private async Task<PlannedEnd> EndAsync(RecordSubject subject, NewRecord request, CancellationToken cancellation) => await jobs.ReadAsync(
        subject.JobId,
        job =>
        {
            if (!job.Job.Wires.TryGetValue(subject.WireId, out var wire) || wire.Retired)
            {
                return null;
            }

            var end = new EndOfWire(wire, subject.Side);
            var (conductor, landing) = RecordedEnd.PlanOf(job, end);
            var second = job.Judged.Plan(wire.Id, subject.Side)?.AtHand.Second;
            return new PlannedEnd(
                end.End.Id, conductor, landing, second is null ? null : ConductorDocument.Of(second), job.Title.HouseRules, job.Ends.Of(end.End.Id), $"wire {wire.Name} at {JobEndpoints.Place(job, end.End)}",
                request.Kind == EventKind.Rework ? Reworked(job, end, request.Rework) : null);
        },
        cancellation) ?? throw new ImpossibleInputException("subject", "There is no such end in that job.");

    private static ReworkRecordDocument Reworked(OpenJob job, EndOfWire end, FaultsFound? found)
    {
        if (found is null || (found.Damaged == 0 && found.Faults is not [_, ..]))
        {
            throw new ImpossibleInputException("rework", "Say what is wrong with the end.");
        }

        var assessed = ReworkAssessment.Of(ReworkEndpoints.Spoiled(job, end, found));
        return new([.. assessed.Faults.Select(f => f.Fault)], found.Strands, found.Damaged, assessed.Verdict, assessed.Spent?.Read());
    }

    /// <summary>A map’s readings as the job has them.</summary>
    private async Task<ContinuityRecordDocument> TestedAsync(TestedPinMap? tested, CancellationToken cancellation)
    {
        var (id, map) = tested is null
            ? throw new ImpossibleInputException("continuity", "Say which pin map of which job was tested.")
            : (tested.PinMapId, await jobs.ReadAsync(tested.JobId, job => job.Job.PinMaps.GetValueOrDefault(tested.PinMapId), cancellation)
                ?? throw new ImpossibleInputException("continuity", "There is no such pin map in that job."));
        var measured = map.Map.Pins.Where(p => p.IsWhole is not null).OrderBy(p => p.Pin)
            .Select(p => new ContinuityReading(p.Pin, p.Terminal, p.Ohms is { } ohms && double.IsFinite(ohms) ? ohms : null, p.Ohms is double.PositiveInfinity, p.IsWhole!.Value)).ToList();
        return !map.Map.KeySeen ? throw new ImpossibleInputException("continuity", "Nobody has seen the connector’s key: no pin’s number is to be trusted yet.")
            : measured.Count == 0 ? throw new ImpossibleInputException("continuity", "Nothing was measured on that map yet. Keep what you measured in the job first.")
            : new(id, measured);
    }

    /// <summary>What was cut back is free no more; null where nobody measured the end.</summary>
    private async Task<LengthChange?> SpendingAsync(RecordSubject at, Length spent, CancellationToken cancellation)
    {
        static bool IsMeasured(EndDocument end) => end.FreeLengthMm is not null || end.PastOpeningMm is not null;
        return await jobs.ReadAsync(at.JobId, job => job.FindPart(at.WireId), cancellation) is not WireDocument known || !IsMeasured(Of(known, at.Side))
            ? null
            : new(at.JobId, job =>
            {
                var wire = (WireDocument)job.Part(at.WireId);
                return ($"Cut wire {wire.Name} back by {spent.Read().Metric}.", [new PartChange(Longer(wire, at.Side, -spent.Millimetres), null, job.Version(wire.Id))]);
            });
    }

    /// <summary>A rework that is taken back spent nothing. What it spent comes back, whatever was changed since; null where it spent nothing.</summary>
    private async Task<LengthChange?> GivingBackAsync(EventDocument takenBack, CancellationToken cancellation)
    {
        if (takenBack is not { Rework.Spent: { } unspent, Subject: { Job: { } of, Wire: { } wireId, End: { } end } }
            || await commands.UndoOfAsync(of, takenBack.Id) is null
            || await jobs.ReadAsync(of, job => job.FindPart(wireId), cancellation) is not WireDocument known
            || (known.A.Id != end && known.B.Id != end))
        {
            return null;
        }

        var spent = new Length(unspent.Value);
        return new(
            of,
            job =>
            {
                var wire = (WireDocument)job.Part(wireId);
                var longer = Longer(wire, wire.A.Id == end ? EndSide.A : EndSide.B, spent.Millimetres);
                return ($"Took it back: wire {wire.Name} was not cut back by {spent.Read().Metric}.", [new PartChange(longer, null, job.Version(wire.Id))]);
            },
            takenBack.Id);
    }

    private static EndDocument Of(WireDocument wire, EndSide side) => side == EndSide.A ? wire.A : wire.B;

    private static WireDocument Longer(WireDocument wire, EndSide side, double by)
    {
        double? More(double? mm) => mm is { } some ? Math.Max(0, some + by) : null;
        var end = Of(wire, side) with { FreeLengthMm = More(Of(wire, side).FreeLengthMm), PastOpeningMm = More(Of(wire, side).PastOpeningMm) };
        return side == EndSide.A ? wire with { A = end } : wire with { B = end };
    }

    private static NewRecord AsPlanned(NewRecord request, PlannedEnd end) => request with
    {
        Conductor = end.Conductor ?? throw new ImpossibleInputException("subject", "The size of that wire is not known: set it in the job first."),
        Landing = end.Landing ?? throw new ImpossibleInputException("subject", "What that wire lands on is not known: set it in the job first."),
        Second = end.Second,
        HouseRules = end.HouseRules,
    };

    private static void CheckSubject(NewRecord request, PlannedEnd? at, Guid person)
    {
        if (at is not null && (request.Conductor is not null || request.Landing is not null || request.HouseRules is not null || request.Second is not null))
        {
            throw new ImpossibleInputException("subject", "At an end of a job, wire, landing and house rules are the job’s: leave them out.");
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

        if (at.Recorded is not { Made: not null, State: EndState.Landed or EndState.Checked or EndState.Signed })
        {
            throw new ImpossibleInputException("subject", "Nothing stands as landed there: it was not recorded yet, or was set aside or rejected since.");
        }

        if (request.Kind == EventKind.SignOff && at.Recorded.By == person)
        {
            throw new ImpossibleInputException("personId", "Somebody other than who landed it signs for it.");
        }
    }

    private static EventDocument Read(StoredEvent? stored) => JsonSerializer.Deserialize<EventDocument>(stored!.Bytes, Json.Options)!;

    private sealed record PlannedEnd(
        Guid EndId, ConductorDocument? Conductor, LandingDocument? Landing, ConductorDocument? Second, HouseRulesDocument? HouseRules, RecordedEnd? Recorded, string Says, ReworkRecordDocument? Rework);

    /// <summary>What an event does to the free length of its end.</summary>
    private sealed record LengthChange(Guid Job, Func<OpenJob, (string Says, IReadOnlyList<PartChange> Changes)> Plan, Guid? Undoes = null);

    private async Task<TerminationDocument> TerminationAsync(NewRecord request)
    {
        if (request.Corrects is not null)
        {
            throw new ImpossibleInputException("corrects", "Only a withdrawal corrects another event.");
        }

        var conductor = (request.Conductor ?? throw new ImpossibleInputException("conductor", "Say which wire it was.")).Read();
        var where = await shelf.ResolveAsync(request.Landing ?? throw new ImpossibleInputException("landing", "Say where it went."));
        var landing = where.Read();
        var rules = request.HouseRules?.Read() ?? HouseRules.Default;
        var recipe = RecipeBook.For(new EndAtHand(conductor, landing, rules) { Second = request.Second?.Read(), FerruleLabelMm2 = request.FerruleLabelMm2 });
        if (recipe.Verdict == Verdict.Stop)
        {
            throw new ImpossibleInputException(
                "landing", "This wire does not belong in this landing, so it cannot be recorded as done. " + recipe.Findings[0].Says.ToString(UnitLead.Metric));
        }

        var written = RecipeDocument.Of(recipe, UnitLead.Metric);
        return new TerminationDocument(
            request.Conductor,
            where,
            HouseRulesDocument.Of(rules),
            new ReadingsDocument(landing.Kind, written.Verdict, written.Strip, written.Preparation, written.Ferrule is { } ferrule ? ferrule with { Belted = null } : null, written.Torque is { } torque ? torque with { ByHand = null } : null),
            BenchEndpoints.MeasuredStrip(request.MeasuredStripMm)?.Read(),
            await TighteningAsync(request.Tightening ?? throw new ImpossibleInputException("tightening", "Say how it was tightened."), landing))
        {
            Second = request.Second,
        };
    }

    private async Task<TighteningDocument> TighteningAsync(NewTightening tightening, Landing landing)
    {
        if (landing.IsTightened == (tightening.Method == TighteningMethod.Seated))
        {
            throw new ImpossibleInputException("tightening.method", landing.IsTightened
                ? $"A {landing.SaidAs} is tightened: say how."
                : $"A {landing.SaidAs} is not tightened: record it as seated.");
        }

        if (tightening.Method is TighteningMethod.ByFeel or TighteningMethod.Seated)
        {
            return new(tightening.Method, null, null, Simulated: false);
        }

        if (tightening is { Method: TighteningMethod.Reading, ReadingId: { } id })
        {
            // What the tool said, not what the page says it said: a stand-in's reading stays marked.
            var reading = await readings.FindAsync(id)
                ?? throw new ImpossibleInputException("tightening.readingId", "There is no such reading.");
            return new(TighteningMethod.Reading, new Torque(reading.NewtonMetres).Read(), reading.Tool, reading.Simulated);
        }

        var unit = TorqueUnits.Read(tightening.Unit, "tightening.unit");
        if (tightening.Value is not { } value || !double.IsFinite(value) || value <= 0 || Torque.From(value, unit).NewtonMetres > 100)
        {
            throw new ImpossibleInputException("tightening.value", "The torque must be more than 0 and at most 100 N·m.");
        }

        return tightening.Tool is { Length: > 0 and <= 100 } tool
            ? new(tightening.Method, Torque.From(value, unit).Read(), tool, Simulated: false)
            : throw new ImpossibleInputException("tightening.tool", "Say which tool it was, in 1 to 100 characters.");
    }

    private async Task CheckWithdrawalAsync(NewRecord request)
    {
        var id = request.Corrects ?? throw new ImpossibleInputException("corrects", "Say which event is taken back.");
        var stored = await events.FindAsync(id) ?? throw new ImpossibleInputException("corrects", "There is no such event.");
        var before = JsonSerializer.Deserialize<EventDocument>(stored.Bytes, Json.Options)!;
        if (before.Kind == EventKind.Withdrawal)
        {
            throw new ImpossibleInputException("corrects", "What was taken back stays taken back: record it anew.");
        }
    }
}
