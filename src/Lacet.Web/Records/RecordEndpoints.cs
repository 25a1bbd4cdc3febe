using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange.Documents;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Records;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Records;

/// <summary>Who did what, with what, and is it whole.</summary>
internal static class RecordEndpoints
{
    private const int LargestPage = 200;

    internal static void MapRecords(this WebApplication app)
    {
        var records = app.MapGroup("/api/records").WithTags("Records").Needs(Right.Read);
        records
            .MapPost("", Add)
            .WithSummary("Records what happened at an end")
            .ProducesProblem(StatusCodes.Status409Conflict)
            .ProducesInputProblems();
        records
            .MapGet("", List)
            .WithSummary("The Log, newest first")
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        records.MapGet("/seal", Verify).WithSummary("Walks the whole chain");
        records
            .MapGet("/export.csv", LogExport.Csv)
            .WithSummary("The Log as CSV")
            .Produces(StatusCodes.Status200OK, contentType: "text/csv");
        records
            .MapGet("/export.json", LogExport.Json)
            .WithSummary("The events as they were sealed, with names beside them")
            .Produces(StatusCodes.Status200OK, contentType: "application/json");
    }

    private static async Task<Results<Created<RecordItem>, Ok<RecordItem>, ProblemHttpResult>> Add(
        NewRecord request,
        Recorder recorder,
        PeopleTable people,
        Caller caller,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    )
    {
        var reader = lead.Unit();
        return await recorder.RecordAsync(request, caller.Actor, cancellation) switch
        {
            { Appended: Appended.Stored, Event: { } stored } => TypedResults.Created(
                $"/api/records?before={stored.Sequence + 1}&limit=1",
                await ItemAsync(stored, new(people), reader)
            ),
            { Appended: Appended.Repeated, Event: { } stored } => TypedResults.Ok(
                await ItemAsync(stored, new(people), reader)
            ),
            _ => TypedResults.Problem(
                "Another record has this id already. Nothing was stored.",
                statusCode: StatusCodes.Status409Conflict
            ),
        };
    }

    private static async Task<Ok<RecordPage>> List(
        EventsTable events,
        PeopleTable people,
        long? before = null,
        int limit = 50,
        QueryWord<Lead>? lead = null
    )
    {
        if (limit is < 1 or > LargestPage || before is < 1)
        {
            throw new ImpossibleInputException("limit", $"A page has 1 to {LargestPage} events.");
        }

        var reader = lead.Unit();
        var page = await events.NewestAsync(before ?? long.MaxValue, limit);
        var names = new Names(people);
        var items = new List<RecordItem>(page.Count);
        foreach (var stored in page)
        {
            items.Add(await ItemAsync(stored, names, reader));
        }

        return TypedResults.Ok(
            new RecordPage(
                items,
                page.Count == limit && page[^1].Sequence > 1 ? page[^1].Sequence : null,
                await events.CountAsync()
            )
        );
    }

    private static async Task<Ok<ChainReport>> Verify(EventsTable events, CancellationToken cancellation) =>
        TypedResults.Ok(await events.VerifyAsync(cancellation));

    private static RecordItem Unreadable(StoredEvent stored, string damage) =>
        new(
            stored.Sequence,
            stored.Id,
            null,
            RecordState.Damaged,
            null,
            null,
            null,
            "",
            null,
            null,
            null,
            null,
            null,
            [],
            stored.Hash,
            new(null, null, null),
            null,
            null,
            null,
            [],
            damage,
            null
        );

    private static async Task<RecordItem> ItemAsync(StoredEvent stored, Names names, ReaderFormat reader)
    {
        var damage = stored.IsIntact
            ? null
            : "This event was changed after it was received. What it says proves nothing.";
        if (EventDocument.TryRead(stored.Bytes) is not { } recorded)
        {
            return Unreadable(stored, damage ?? "This event cannot be read.");
        }

        var made = recorded.Termination;
        return new(
            stored.Sequence,
            stored.Id,
            recorded.Kind,
            stored.StateOf(recorded),
            recorded.ClaimedAt,
            recorded.ReceivedAt,
            await names.OfAsync(recorded.Person.Id),
            recorded.Device,
            recorded.Corrects,
            made?.Conductor.Read().ToString(),
            made,
            made is { Recipe.Strip: { } strip, MeasuredStrip: { } measured }
                ? strip.Read().Judge(new(measured.Value))
                : null,
            made is { Recipe.Torque: { } torque, Tightening.Torque: { } tightened }
                ? torque.Read().Judge(new(tightened.Value))
                : null,
            made is null ? [] : [.. made.Judge().Select(f => FindingDocument.Of(f, reader))],
            stored.Hash,
            recorded.Subject,
            recorded.Rework,
            recorded.Park,
            recorded.Continuity,
            recorded.Clock ?? [],
            damage,
            recorded.Says(),
            recorded.Role,
            recorded.Supervisor is { } over ? await names.OfAsync(over.Id) : null,
            recorded.DeadWork,
            recorded.DeadWork?.Says()
        );
    }
}
