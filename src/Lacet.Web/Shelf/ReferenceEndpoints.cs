using Lacet.Core.Reference;
using Lacet.Web.Http;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Shelf;

/// <summary>The tables that the rules use, each with its source.</summary>
internal static class ReferenceEndpoints
{
    internal static void MapReference(this WebApplication app)
    {
        var reference = app.MapGroup("/api/reference").WithTags("Shelf").IsOpen();
        reference
            .MapGet("", () => TypedResults.Ok(ReferenceTable.Names.Select(Summary).ToList()))
            .WithSummary("The tables that the rules use");
        reference
            .MapGet("/{table}", Table)
            .WithSummary("A table, with its source")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static TableSummary Summary(string name)
    {
        var use = TableUse.All[name];
        return new(name, use.Title, use.Trust, use.UsedBy);
    }

    private static Results<Ok<TableDocument>, ProblemHttpResult> Table(string table)
    {
        if (!TableUse.All.TryGetValue(table, out var use))
        {
            return TypedResults.Problem(
                $"There is no such table. Tables are {string.Join(", ", ReferenceTable.Names)}.",
                statusCode: StatusCodes.Status404NotFound
            );
        }

        var cells = ReferenceTable.Cells(table);
        return TypedResults.Ok(
            new TableDocument(table, ReferenceTable.Head(table), use.Trust, use.UsedBy, cells[0], [.. cells.Skip(1)])
        );
    }
}
