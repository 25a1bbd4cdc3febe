using Lacet.Core.People;
using Lacet.Web.Http;
using Lacet.Workshop;
using Lacet.Workshop.Lists;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>How shops keep their lists, as accepted imports were read.</summary>
internal static class ListLayoutEndpoints
{
    internal static void MapListLayouts(this WebApplication app)
    {
        var layouts = app.MapGroup("/api/list-layouts").WithTags("Import").Needs(Right.Read);
        layouts
            .MapGet("", async (ListLayouts known) => TypedResults.Ok(await known.AllAsync()))
            .WithSummary("Layouts of lists that are known, the last used first; as they are, they are the export");
        layouts
            .MapPost("", Take)
            .WithSummary("Takes layouts that were exported")
            .ProducesInputProblems()
            .Needs(Right.ChangeJobs);
        layouts
            .MapPut("/{id:guid}", Rename)
            .WithSummary("Names a layout")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .Needs(Right.ChangeJobs);
        layouts
            .MapDelete("/{id:guid}", Delete)
            .WithSummary("Forgets a layout")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .Needs(Right.ChangeJobs);
    }

    private static async Task<Ok<LayoutsTaken>> Take(
        IReadOnlyList<ListLayout> request,
        ListLayouts layouts,
        CancellationToken cancellation
    ) => TypedResults.Ok(new LayoutsTaken(await layouts.TakeAsync(request, cancellation)));

    private static async Task<Results<NoContent, ProblemHttpResult>> Rename(
        Guid id,
        LayoutName request,
        ListLayouts layouts,
        CancellationToken cancellation
    ) => Answer(await layouts.RenameAsync(id, request.Name, cancellation));

    private static async Task<Results<NoContent, ProblemHttpResult>> Delete(
        Guid id,
        ListLayouts layouts,
        CancellationToken cancellation
    ) => Answer(await layouts.DeleteAsync(id, cancellation));

    private static Results<NoContent, ProblemHttpResult> Answer(Outcome<Guid> outcome) =>
        outcome is Outcome<Guid>.Done ? TypedResults.NoContent() : Answers.Missing(ListLayouts.NoSuchLayout);
}

/// <summary>What a layout is called.</summary>
/// <param name="Name">In 1 to 200 characters.</param>
public sealed record LayoutName(string Name);

/// <summary>How many layouts were taken.</summary>
/// <param name="Taken">So many.</param>
public sealed record LayoutsTaken(int Taken);
