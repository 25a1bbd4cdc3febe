using Lacet.Core.People;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Boards;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>Enclosures as they stand.</summary>
internal static class BoardEndpoints
{
    /// <summary>Names of people are few; those of one shop fit many times over.</summary>
    internal static void MapBoards(this WebApplication app) =>
        app.MapGroup("/api/jobs/{id:guid}/boards")
            .WithTags("Board")
            .Needs(Right.Read)
            .MapGet("/{enclosure:guid}", Board)
            .WithSummary("An enclosure as it stands, every end in its slot")
            .ProducesProblem(StatusCodes.Status404NotFound);

    /// <summary>
    /// With the mark of a board that was read before, only what has changed since, where that can be told.
    /// </summary>
    private static async Task<Results<Ok<BoardDocument>, ProblemHttpResult>> Board(
        Guid id,
        Guid enclosure,
        OpenJobs open,
        BoardCache boards,
        PeopleTable people,
        CancellationToken cancellation,
        string? since = null
    )
    {
        var names = await people.NamesAsync();
        return await open.ReadAsync(id, job => boards.Of(job, enclosure)?.Read(since, names), cancellation) is { } board
            ? TypedResults.Ok(board)
            : Answers.Missing("There is no such job, or no such enclosure in it.");
    }
}
