using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Devices;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop;
using Lacet.Workshop.DeadChecks;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.DeadChecks;

/// <summary>How enclosures are made dead, and live again.</summary>
internal static class DeadEndpoints
{
    private const string NoSuchEnclosure = "There is no such job, or no such enclosure in it.";

    internal static void MapDeadChecks(this WebApplication app)
    {
        var dead = app.MapGroup("/api/jobs/{id:guid}/enclosures/{enclosure:guid}/dead")
            .WithTags("Dead-checks")
            .Needs(Right.Read);
        dead.MapGet("", Read)
            .WithSummary("How an enclosure was made dead, and what is missing")
            .ProducesProblem(StatusCodes.Status404NotFound);
        dead.MapPost("", Record)
            .WithSummary("Records what was done to make it dead, or live")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);
        dead.MapGet("/meter", Measure)
            .WithSummary("What the stand-in multimeter shows there")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Results<Ok<DeadDocument>, ProblemHttpResult>> Read(
        Guid id,
        Guid enclosure,
        Caller caller,
        DeadPages pages,
        CancellationToken cancellation
    ) =>
        await pages.OfAsync(id, enclosure, caller.Person, cancellation) is { } page
            ? TypedResults.Ok(page)
            : Answers.Missing(NoSuchEnclosure);

    private static async Task<Results<Ok<DeadDocument>, ProblemHttpResult>> Record(
        Guid id,
        Guid enclosure,
        NewDeadRecord request,
        Caller caller,
        DeadRecorder recorder,
        DeadPages pages,
        CancellationToken cancellation
    )
    {
        var outcome = await recorder.RecordAsync(id, enclosure, request, caller.Actor, cancellation);
        return outcome is Outcome<Guid>.Done
            ? await Read(id, enclosure, caller, pages, cancellation)
            : Answers.Of(outcome.Select(_ => (DeadDocument)null!));
    }

    private static async Task<Results<Ok<MeterDocument>, ProblemHttpResult>> Measure(
        Guid id,
        Guid enclosure,
        Guid from,
        OpenJobs open,
        MultimeterStandIn meter,
        TimeProvider time,
        CancellationToken cancellation,
        Guid? to = null
    )
    {
        if (!meter.IsThere)
        {
            return Answers.Missing("No meter is connected. Measure by hand, and type what it shows.");
        }

        return
            await open.ReadAsync(
                id,
                job =>
                {
                    var landings = job.Job.LandingsIn(enclosure).ToDictionary(l => l.Id);
                    if (!landings.TryGetValue(from, out var one) || (to is { } far && !landings.ContainsKey(far)))
                    {
                        throw new ImpossibleInputException("from", "The tips go on landings of that enclosure.");
                    }

                    return new MeterDocument(
                        SimulatedVolts.Between(job, one, to is { } other ? landings[other] : null, time.GetUtcNow())
                    );
                },
                cancellation
            )
                is { } shown
            ? TypedResults.Ok(shown)
            : Answers.Missing(NoSuchEnclosure);
    }
}
