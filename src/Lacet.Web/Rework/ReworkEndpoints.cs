using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.People;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Records;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Rework;

/// <summary>Ends that something is wrong with: left, put right, or cut back. Nothing here is stored.</summary>
internal static class ReworkEndpoints
{
    internal static void MapRework(this WebApplication app)
    {
        app.MapPost("/api/rework/assess", (ReworkRequest request) =>
                TypedResults.Ok(ReworkDocument.Of(request.Read(), HouseRules.Default, request.Lead.Unit()))
            )
            .WithTags("Rework")
            .WithSummary("Whether an end may stay as it was made, and what is lost of it")
            .ProducesInputProblems()
            .IsOpen();
        app.MapPost("/api/jobs/{id:guid}/wires/{wire:guid}/ends/{side}/rework", InJob)
            .WithTags("Rework")
            .WithSummary("The same at an end of a job, by its wire, landing and house rules")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .Needs(Right.Read);
    }

    private static async Task<Results<Ok<ReworkDocument>, ProblemHttpResult>> InJob(
        Guid id,
        Guid wire,
        QueryWord<EndSide> side,
        FaultsFound found,
        OpenJobs open,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    )
    {
        var (which, reader) = (side.Value, lead.Unit());
        return
            await open.ReadAsync(
                id,
                job =>
                    job.Job.Wires.TryGetValue(wire, out var of) && !of.Retired
                        ? ReworkDocument.Of(SpoiledEnds.Of(job, new(of, which), found), job.Job.Title.Rules, reader)
                        : null,
                cancellation
            )
                is { } assessed
            ? TypedResults.Ok(assessed)
            : Answers.NoJob();
    }
}
