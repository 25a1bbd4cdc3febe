using System.Runtime.CompilerServices;
using System.Text.Json;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Core.Rework;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Web.Bench;
using Lacet.Web.People;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Records;

/// <summary>Who did what, with what, and is it whole.</summary>
internal static class RecordEndpoints
{
    private const int LargestPage = 200;

    internal static void MapRecords(this WebApplication app)
    {
        var records = app.MapGroup("/api/records").WithTags("Records");
        records.MapPost("", Add).WithSummary("Records what happened at an end")
            .ProducesProblem(StatusCodes.Status409Conflict).ProducesInputProblems();
        records.MapGet("", List).WithSummary("The Log, newest first").ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        records.MapGet("/seal", Verify).WithSummary("Walks the whole chain");
        records.MapGet("/export.csv", ExportCsv).WithSummary("The Log as CSV").Produces(StatusCodes.Status200OK, contentType: "text/csv");
        records.MapGet("/export.json", ExportJson).WithSummary("The events as they were sealed, with names beside them")
            .Produces(StatusCodes.Status200OK, contentType: "application/json");
    }

    private static async Task<Results<Created<RecordItem>, Ok<RecordItem>, ProblemHttpResult>> Add(
        NewRecord request, Recorder recorder, PeopleTable people, CancellationToken cancellation, string lead = "metric")
    {
        var unitLead = BenchEndpoints.LeadOf(lead);
        return await recorder.RecordAsync(request, cancellation) switch
        {
            { Appended: Appended.Stored, Event: { } stored } => TypedResults.Created($"/api/records?before={stored.Sequence + 1}&limit=1", await ItemAsync(stored, people, unitLead, [])),
            { Appended: Appended.Repeated, Event: { } stored } => TypedResults.Ok(await ItemAsync(stored, people, unitLead, [])),
            _ => TypedResults.Problem("Another record has this id already. Nothing was stored.", statusCode: StatusCodes.Status409Conflict),
        };
    }

    private static async Task<Ok<RecordPage>> List(
        EventsTable events, PeopleTable people, long? before = null, int limit = 50, string lead = "metric")
    {
        if (limit is < 1 or > LargestPage || before is < 1)
        {
            throw new ImpossibleInputException("limit", $"A page has 1 to {LargestPage} events.");
        }

        var unitLead = BenchEndpoints.LeadOf(lead);
        var page = await events.NewestAsync(before ?? long.MaxValue, limit);
        var known = new Dictionary<Guid, Person>();
        var items = new List<RecordItem>(page.Count);
        foreach (var stored in page)
        {
            items.Add(await ItemAsync(stored, people, unitLead, known));
        }

        return TypedResults.Ok(new RecordPage(items, page.Count == limit && page[^1].Sequence > 1 ? page[^1].Sequence : null, await events.CountAsync()));
    }

    private static async Task<Ok<ChainReport>> Verify(EventsTable events, CancellationToken cancellation) =>
        TypedResults.Ok(await events.VerifyAsync(cancellation));

    private static async Task ExportCsv(HttpContext context, EventsTable events, PeopleTable people)
    {
        Attach(context, "text/csv; charset=utf-8", "lacet-log.csv");
        await using var writer = new StreamWriter(context.Response.Body);
        await RecordCsv.WriteAsync(writer, RowsAsync(events, people, context.RequestAborted), context.RequestAborted);
    }

    private static async Task ExportJson(HttpContext context, EventsTable events, PeopleTable people)
    {
        Attach(context, "application/json; charset=utf-8", "lacet-log.json");
        var cancellation = context.RequestAborted;
        await using var json = new Utf8JsonWriter(context.Response.BodyWriter, new JsonWriterOptions { Encoder = Json.Options.Encoder });
        json.WriteStartObject();
        json.WriteString("format", "lacet-log/1");
        json.WriteStartArray("events");
        var head = Seal.Origin;
        var persons = new HashSet<Guid>();
        await foreach (var stored in events.AllAsync(cancellation))
        {
            // The bytes themselves go out, so that whoever gets the file can check the chain without Lacet.
            json.WriteStartObject();
            json.WriteString("hash", stored.Hash);
            json.WritePropertyName("event");
            json.WriteRawValue(stored.Bytes);
            json.WriteEndObject();
            head = stored.Hash;
            persons.Add(Read(stored).Person.Id);
            await json.FlushAsync(cancellation);
        }

        json.WriteEndArray();
        json.WriteString("head", head);
        json.WriteStartArray("people");
        foreach (var id in persons)
        {
            JsonSerializer.Serialize(json, await PersonAsync(id, people, []), Json.Options);
        }

        json.WriteEndArray();
        json.WriteEndObject();
    }

    private static void Attach(HttpContext context, string type, string file)
    {
        context.Response.ContentType = type;
        context.Response.Headers.ContentDisposition = $"attachment; filename=\"{file}\"";
    }

    private static async IAsyncEnumerable<RecordRow> RowsAsync(
        EventsTable events, PeopleTable people, [EnumeratorCancellation] CancellationToken cancellation)
    {
        var known = new Dictionary<Guid, Person>();
        await foreach (var stored in events.AllAsync(cancellation))
        {
            var recorded = Read(stored);
            var person = await PersonAsync(recorded.Person.Id, people, known);
            yield return RecordRow.Of(recorded, stored.Hash, person.Name, person.Proved, StateOf(stored, recorded));
        }
    }

    private static async Task<RecordItem> ItemAsync(StoredEvent stored, PeopleTable people, UnitLead lead, Dictionary<Guid, Person> known)
    {
        var recorded = Read(stored);
        var made = recorded.Termination;
        return new RecordItem(
            stored.Sequence,
            recorded.Id,
            recorded.Kind,
            StateOf(stored, recorded),
            recorded.ClaimedAt,
            recorded.ReceivedAt,
            await PersonAsync(recorded.Person.Id, people, known),
            recorded.Device,
            recorded.Corrects,
            made?.Conductor.Read().ToString(),
            made,
            made is { Recipe.Strip: { } strip, MeasuredStrip: { } measured } ? strip.Read().Judge(new(measured.Value)) : null,
            made is { Recipe.Torque: { } torque, Tightening.Torque: { } tightened } ? torque.Read().Judge(new(tightened.Value)) : null,
            made is null ? [] : [.. made.Judge().Select(f => FindingDocument.Of(f, lead))],
            stored.Hash,
            recorded.Subject,
            recorded.Rework,
            recorded.Park,
            recorded.Continuity);
    }

    private static RecordState StateOf(StoredEvent stored, EventDocument recorded) =>
        stored.Withdrawn || recorded.Kind == EventKind.Withdrawal ? RecordState.Withdrawn
        : recorded.Kind == EventKind.Check ? RecordState.Checked
        : recorded.Kind == EventKind.SignOff ? RecordState.Signed
        : recorded.Kind == EventKind.Park ? RecordState.Parked
        : recorded.Rework is { } rework ? rework.Verdict == FaultVerdict.CutBack ? RecordState.Rejected : RecordState.PutRight
        : recorded.Continuity is { } tested ? tested.Readings.All(r => r.IsWhole) ? RecordState.Checked : RecordState.Wanting
        : recorded.Termination is { } made && made.Judge().Any(f => f.Severity != Severity.Note) ? RecordState.Wanting
        : RecordState.Landed;

    private static async Task<Person> PersonAsync(Guid id, PeopleTable people, Dictionary<Guid, Person> known)
    {
        if (!known.TryGetValue(id, out var person))
        {
            person = await people.FindAsync(id) is { } row ? Person.Of(row) : new Person(id, "erased", Proved: false);
            known[id] = person;
        }

        return person;
    }

    private static EventDocument Read(StoredEvent stored) => JsonSerializer.Deserialize<EventDocument>(stored.Bytes, Json.Options)!;
}
