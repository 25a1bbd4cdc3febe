using System.Text.Json;
using Lacet.Core.Checks.End;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Records;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Web.Bench;
using Lacet.Web.Jobs;
using Lacet.Web.Shelf;

namespace Lacet.Web.Records;

/// <summary>Turns what a client sends into an event in the chain.</summary>
internal sealed class Recorder(ShelfEntries shelf, JobDesk jobs, EventsTable events, PeopleTable people, ReadingsTable readings, TimeProvider time)
{
    private static readonly TimeSpan ClockSkew = TimeSpan.FromDays(1);

    /// <summary>Stores an event, or finds that it was stored before. Throws where it cannot be.</summary>
    internal Task<(Appended Appended, StoredEvent Event)> RecordAsync(NewRecord request, CancellationToken cancellation) =>
        RecordAsync(request, time.GetUtcNow(), cancellation);

    /// <summary>The same, received at a time of the caller's choosing: demo data did not all arrive today.</summary>
    internal async Task<(Appended Appended, StoredEvent Event)> RecordAsync(
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
        var at = request.Subject is { } subject ? await EndAsync(subject, cancellation) : null;
        CheckSubject(request, at, person.Id);
        var termination = request.Kind == EventKind.Termination ? await TerminationAsync(at is null ? request : AsPlanned(request, at)) : null;
        if (request.Kind == EventKind.Withdrawal)
        {
            await CheckWithdrawalAsync(request);
        }

        var nameDigest = Seal.Digest(person.Salt, person.Name);
        var appended = await events.AppendAsync(
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
                    new(request.Subject?.JobId, request.Subject?.WireId, at?.EndId),
                    request.ClaimedAt,
                    receivedAt,
                    request.Kind,
                    request.Corrects,
                    termination),
                Json.Options),
            cancellation,
            request.Subject?.JobId,
            at?.EndId);
        var job = request.Subject?.JobId ?? (request.Corrects is null ? null : Read(await events.FindAsync(request.Corrects.Value)).Subject.Job);
        if (job is { } changed)
        {
            await jobs.RecordedAsync(changed, at is null ? "Took a record back." : $"Recorded {at.Says}.", person.Name, cancellation);
        }

        return appended;
    }

    /// <summary>The end as its job plans it.</summary>
    private async Task<PlannedEnd> EndAsync(RecordSubject subject, CancellationToken cancellation) => await jobs.ReadAsync(
        subject.JobId,
        job =>
        {
            if (!job.Job.Wires.TryGetValue(subject.WireId, out var wire) || wire.Retired)
            {
                return null;
            }

            var end = new EndOfWire(wire, subject.Side);
            var (conductor, landing) = LandedEnd.PlanOf(job, end);
            var second = job.Judged.Plan(wire.Id, subject.Side)?.AtHand.Second;
            return new PlannedEnd(
                end.End.Id, conductor, landing, second is null ? null : ConductorDocument.Of(second), job.Title.HouseRules, job.Ends.Of(end.End.Id), $"wire {wire.Name} at {JobEndpoints.Place(job, end.End)}");
        },
        cancellation) ?? throw new ImpossibleInputException("subject", "There is no such end in that job.");

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

        if (request.Kind is not (EventKind.Check or EventKind.SignOff))
        {
            return;
        }

        if (at is null)
        {
            throw new ImpossibleInputException("subject", "Say which end of which job.");
        }

        if (at.Landed is null)
        {
            throw new ImpossibleInputException("subject", "Nothing is recorded as landed there yet.");
        }

        if (request.Kind == EventKind.SignOff && at.Landed.By == person)
        {
            throw new ImpossibleInputException("personId", "Somebody other than who landed it signs for it.");
        }
    }

    private static EventDocument Read(StoredEvent? stored) => JsonSerializer.Deserialize<EventDocument>(stored!.Bytes, Json.Options)!;

    private sealed record PlannedEnd(
        Guid EndId, ConductorDocument? Conductor, LandingDocument? Landing, ConductorDocument? Second, HouseRulesDocument? HouseRules, LandedEnd? Landed, string Says);

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

        if (stored.Withdrawn && await events.FindAsync(request.Id) is null)
        {
            throw new ImpossibleInputException("corrects", "That event was taken back already.");
        }
    }
}
