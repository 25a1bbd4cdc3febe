using System.Globalization;
using System.Text;
using System.Text.Json;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Exchange.Shelf;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Shelf;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Lacet.Web.Shelf;

/// <summary>The catalogue: searched, extended, exported.</summary>
internal static class ShelfEndpoints
{
    private const int LargestPage = 200;

    internal static void MapShelf(this WebApplication app)
    {
        var shelf = app.MapGroup("/api/shelf").WithTags("Shelf").Needs(Right.Read);
        shelf.MapGet("/{kind}", List).WithSummary("Items of a kind, searched as you type").ProducesInputProblems();
        shelf
            .MapPost("", Add)
            .WithSummary("Puts something on the Shelf")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ChangeShelf);
        shelf
            .MapPut("/items/{id:guid}", Change)
            .WithSummary("Changes an item; If-Match names the version that was seen")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ChangeShelf);
        shelf
            .MapDelete("/items/{id:guid}", Remove)
            .WithSummary("Takes an item off the Shelf")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ChangeShelf);
        shelf
            .MapPost("/changes/{batch:guid}/undo", Undo)
            .WithSummary("Undoes a change or an import")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ChangeShelf);
        shelf
            .MapGet("/export/shelf.json", ExportJson)
            .WithSummary("The whole Shelf as one JSON document")
            .Produces(StatusCodes.Status200OK, contentType: "application/json");
        shelf
            .MapGet("/export/{kind}.csv", ExportCsv)
            .WithSummary("One kind as CSV")
            .Produces(StatusCodes.Status200OK, contentType: "text/csv")
            .ProducesInputProblems();
        shelf.MapImports();
    }

    internal static string CheckedKind(string kind) =>
        ShelfColumns.Kinds.Contains(kind, StringComparer.Ordinal)
            ? kind
            : throw new ImpossibleInputException(
                "kind",
                $"kind must be one of {string.Join(", ", ShelfColumns.Kinds)}."
            );

    private static async Task<Ok<ShelfPage>> List(
        string kind,
        ShelfTable shelf,
        ShelfEntries entries,
        string q = "",
        string after = "",
        int limit = 60
    )
    {
        if (limit is < 1 or > LargestPage)
        {
            throw new ImpossibleInputException("limit", $"A page has 1 to {LargestPage} items.");
        }

        var words = Words(q);
        var rows =
            q.Trim().Length > 0 && words.Count == 0
                ? []
                : await shelf.SearchAsync(CheckedKind(kind), words, after, limit + 1);
        return TypedResults.Ok(
            new ShelfPage([.. rows.Take(limit).Select(entries.Entry)], rows.Count > limit ? rows[limit - 1].Code : null)
        );
    }

    private static async Task<Results<Ok<ShelfChanged>, ProblemHttpResult>> Add(
        ShelfPut put,
        ShelfTable shelf,
        ShelfEntries entries,
        Caller caller,
        CancellationToken cancellation
    )
    {
        put.Item.Check();
        var edit = ShelfEntries.Edit(put.Item);
        return await shelf.FindAsync(edit.Kind, edit.Code) is not null
            ? TypedResults.Problem(
                $"The code {edit.Code} is on the Shelf already. Give it another, or change the one that is there.",
                statusCode: StatusCodes.Status409Conflict
            )
            : await SaveAsync(edit, caller.Person, shelf, entries, cancellation);
    }

    private static async Task<Results<Ok<ShelfChanged>, ProblemHttpResult>> Change(
        Guid id,
        ShelfPut put,
        [FromHeader(Name = "If-Match")] string? version,
        ShelfTable shelf,
        ShelfEntries entries,
        Caller caller,
        CancellationToken cancellation
    )
    {
        put.Item.Check();
        return await shelf.FindAsync(id) is { } row
            ? string.Equals(row.Kind, put.Item.Kind, StringComparison.Ordinal)
                ? await SaveAsync(
                    ShelfEntries.Edit(put.Item, id, Version(version)),
                    caller.Person,
                    shelf,
                    entries,
                    cancellation
                )
                : throw new ImpossibleInputException(
                    "item.kind",
                    "An item keeps its kind: put the other on the Shelf as a new one."
                )
            : NotThere();
    }

    private static async Task<Results<Ok<ShelfChanged>, ProblemHttpResult>> Remove(
        Guid id,
        [FromHeader(Name = "If-Match")] string? version,
        ShelfTable shelf,
        ShelfEntries entries,
        Caller caller,
        CancellationToken cancellation
    )
    {
        return await shelf.FindAsync(id) is { } row
            ? await SaveAsync(
                new ShelfEdit(id, row.Kind, row.Code, null, "", Version(version)),
                caller.Person,
                shelf,
                entries,
                cancellation
            )
            : NotThere();
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Undo(
        Guid batch,
        ShelfTable shelf,
        CancellationToken cancellation
    )
    {
        try
        {
            return await shelf.UndoAsync(batch, cancellation) is null
                ? TypedResults.Problem(
                    "There is no such change, or it was undone already.",
                    statusCode: StatusCodes.Status404NotFound
                )
                : TypedResults.NoContent();
        }
        catch (ShelfConflictException conflict)
        {
            return TypedResults.Problem(conflict.Message, statusCode: StatusCodes.Status409Conflict);
        }
    }

    private static async Task<FileContentHttpResult> ExportJson(ShelfTable shelf)
    {
        var rows = await shelf.AllAsync();
        var document = new ShelfDocument(ShelfDocument.FormatName, [.. rows.Select(ShelfLandings.Read)]);
        return TypedResults.File(
            JsonSerializer.SerializeToUtf8Bytes(
                document,
                new JsonSerializerOptions(Json.Options) { WriteIndented = true }
            ),
            "application/json; charset=utf-8",
            "lacet-shelf.json"
        );
    }

    private static async Task<FileContentHttpResult> ExportCsv(string kind, ShelfTable shelf) =>
        TypedResults.File(
            Encoding.UTF8.GetBytes(
                ShelfCsv.Write(CheckedKind(kind), (await shelf.AllAsync(kind)).Select(ShelfLandings.Read))
            ),
            "text/csv; charset=utf-8",
            $"lacet-shelf-{kind}.csv"
        );

    private static async Task<Results<Ok<ShelfChanged>, ProblemHttpResult>> SaveAsync(
        ShelfEdit edit,
        Guid person,
        ShelfTable shelf,
        ShelfEntries entries,
        CancellationToken cancellation
    )
    {
        try
        {
            var batch = await shelf.ChangeAsync([edit], person, cancellation);
            var row = edit.Body is null ? null : await shelf.FindAsync(edit.Kind, edit.Code);
            return TypedResults.Ok(new ShelfChanged(batch, row is null ? null : entries.Entry(row)));
        }
        catch (ShelfConflictException conflict)
        {
            return TypedResults.Problem(conflict.Message, statusCode: StatusCodes.Status409Conflict);
        }
    }

    private static long Version(string? header) =>
        long.TryParse(header?.Trim('"'), CultureInfo.InvariantCulture, out var version)
            ? version
            : throw new ImpossibleInputException("If-Match", "Name the version that you saw in If-Match.");

    /// <summary>The words of a search; whatever is no letter or digit parts them.</summary>
    private static List<string> Words(string text) =>
        [
            .. new string([.. text.Select(c => char.IsLetterOrDigit(c) ? c : ' ')])
                .Split(' ', StringSplitOptions.RemoveEmptyEntries)
                .Take(8),
        ];

    private static ProblemHttpResult NotThere() =>
        TypedResults.Problem("There is no such item on the Shelf.", statusCode: StatusCodes.Status404NotFound);
}
