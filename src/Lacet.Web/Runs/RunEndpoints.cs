using Lacet.Core.People;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Runs;

/// <summary>The work of an enclosure, in its order.</summary>
internal static class RunEndpoints
{
    internal static void MapRuns(this WebApplication app) =>
        app.MapGroup("/api/jobs/{id:guid}")
            .WithTags("Runs")
            .Needs(Right.Read)
            .MapGet("/enclosures/{enclosure:guid}/run", Run)
            .WithSummary("In which order what is left of an enclosure is worked")
            .ProducesProblem(StatusCodes.Status404NotFound);

    private static async Task<Results<Ok<RunDocument>, ProblemHttpResult>> Run(
        Guid id,
        Guid enclosure,
        OpenJobs open,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    )
    {
        var reader = lead.Unit();
        return
            await open.ReadAsync(
                id,
                job =>
                    job.Job.Enclosures.ContainsKey(enclosure)
                        ? RunDocument.Of(
                            job.Job,
                            WorkOrder.Of(job.Judged, enclosure, end =>
                                job.Progress(end).State is EndState.Planned or EndState.Ready or EndState.Rejected
                            ),
                            reader
                        )
                        : null,
                cancellation
            )
                is { } run
            ? TypedResults.Ok(run)
            : Answers.Missing("There is no such job, or no such enclosure in it.");
    }
}
