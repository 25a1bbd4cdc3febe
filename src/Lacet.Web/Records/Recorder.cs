using System.Text.Json;
using Lacet.Core.Checks.End;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Recipes;
using Lacet.Core.Records;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Web.Bench;
using Lacet.Web.Shelf;

namespace Lacet.Web.Records;

/// <summary>Turns what a client sends into an event in the chain.</summary>
internal sealed class Recorder(ShelfEntries shelf, EventsTable events, PeopleTable people, ReadingsTable readings, TimeProvider time)
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
        var termination = request.Kind == EventKind.Termination ? await TerminationAsync(request) : null;
        if (request.Kind == EventKind.Withdrawal)
        {
            await CheckWithdrawalAsync(request);
        }

        var nameDigest = Seal.Digest(person.Salt, person.Name);
        return await events.AppendAsync(
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
                    new(null, null, null),
                    request.ClaimedAt,
                    receivedAt,
                    request.Kind,
                    request.Corrects,
                    termination),
                Json.Options),
            cancellation);
    }

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
        if (before.Kind != EventKind.Termination)
        {
            throw new ImpossibleInputException("corrects", "Only a termination can be taken back.");
        }

        if (stored.Withdrawn && await events.FindAsync(request.Id) is null)
        {
            throw new ImpossibleInputException("corrects", "That event was taken back already.");
        }
    }
}
