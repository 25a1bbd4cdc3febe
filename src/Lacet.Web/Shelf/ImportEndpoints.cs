using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Exchange.Shelf;
using Lacet.Store;
using Lacet.Web.Http;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Lacet.Web.Shelf;

/// <summary>Imports: previewed row by row, taken all or only where right, and undone as one.</summary>
internal static class ImportEndpoints
{
    /// <summary>Thousands of rows; a larger file is a mistake.</summary>
    private const int LargestImport = 2 * 1024 * 1024;

    internal static void MapImports(this RouteGroupBuilder shelf)
    {
        shelf
            .MapPost("/imports/preview", Preview)
            .WithSummary("What an import would do, row by row")
            .WithMetadata(new RequestSizeLimitAttribute(LargestImport))
            .ProducesInputProblems()
            .Needs(Right.ChangeShelf);
        shelf
            .MapPost("/imports", Import)
            .WithSummary("Imports, as one change that can be undone")
            .WithMetadata(new RequestSizeLimitAttribute(LargestImport))
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ChangeShelf);
    }

    private static async Task<Ok<ImportPreview>> Preview(ShelfImport import, ShelfTable shelf) =>
        TypedResults.Ok(PreviewOf(await ReadAsync(import, shelf)));

    private static async Task<Results<Ok<ImportDone>, ProblemHttpResult>> Import(
        ShelfImport import,
        ShelfTable shelf,
        Caller caller,
        CancellationToken cancellation
    )
    {
        var rows = await ReadAsync(import, shelf);
        var preview = PreviewOf(rows);
        if (preview.Bad > 0 && !import.OnlyGood)
        {
            throw new ImpossibleInputException(
                "text",
                $"{preview.Bad} of {preview.Rows.Count} rows are wrong. Put them right, or say that only the good ones are to be taken."
            );
        }

        var edits = rows.Where(r => r.Does is ImportDoes.Add or ImportDoes.Change)
            .Select(r => ShelfEntries.Edit(r.Row.Item!))
            .ToList();
        try
        {
            var batch = edits.Count == 0 ? (Guid?)null : await shelf.ChangeAsync(edits, caller.Person, cancellation);
            return TypedResults.Ok(new ImportDone(batch, preview.Added, preview.Changed, preview.Bad));
        }
        catch (ShelfConflictException conflict)
        {
            return TypedResults.Problem(conflict.Message, statusCode: StatusCodes.Status409Conflict);
        }
    }

    private static async Task<List<(ShelfRow Row, ImportDoes Does)>> ReadAsync(ShelfImport import, ShelfTable shelf)
    {
        var read = import.Kind is { } kind
            ? ShelfCsv.Read(ShelfEndpoints.CheckedKind(kind), import.Text)
            : ShelfRow.ReadJson(import.Text);
        var there = (await shelf.AllAsync()).ToDictionary(r => (r.Kind, r.Code));
        var seen = new Dictionary<(string, string), int>();
        var rows = new List<(ShelfRow, ImportDoes)>();
        foreach (var row in read)
        {
            if (row.Item is not { } item)
            {
                rows.Add((row, ImportDoes.Wrong));
                continue;
            }

            var key = (item.Kind, item.Code.Trim());
            if (!seen.TryAdd(key, row.Row))
            {
                rows.Add(
                    (
                        row with
                        {
                            Item = null,
                            Problems = [new ShelfProblem("code", $"Row {seen[key]} has this code already.")],
                        },
                        ImportDoes.Wrong
                    )
                );
                continue;
            }

            rows.Add(
                (
                    row,
                    !there.TryGetValue(key, out var old) ? ImportDoes.Add
                    : string.Equals(old.Body, ShelfEntries.Edit(item).Body, StringComparison.Ordinal)
                        ? ImportDoes.Nothing
                    : ImportDoes.Change
                )
            );
        }

        return rows;
    }

    private static ImportPreview PreviewOf(List<(ShelfRow Row, ImportDoes Does)> rows)
    {
        int Count(ImportDoes does) => rows.Count(r => r.Does == does);
        return new ImportPreview(
            [.. rows.Select(r => new ImportRow(r.Row.Row, r.Row.Item?.Code, r.Row.Item?.Name, r.Does, r.Row.Problems))],
            Count(ImportDoes.Add),
            Count(ImportDoes.Change),
            Count(ImportDoes.Nothing),
            Count(ImportDoes.Wrong)
        );
    }
}
