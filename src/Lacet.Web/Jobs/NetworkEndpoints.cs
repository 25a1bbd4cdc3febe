using Lacet.Core.Checks.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.People;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>What only the network of a job answers.</summary>
internal static class NetworkEndpoints
{
    internal static void MapNetworks(this WebApplication app)
    {
        var group = app.MapGroup("/api/jobs/{id:guid}").WithTags("Networks").Needs(Right.Read);
        group
            .MapGet("/networks", Networks)
            .WithSummary("What is one piece of metal in a job, whatever is switched")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        group
            .MapGet("/trace", TraceFrom)
            .WithSummary("What a landing is connected to, through closed contacts where that is asked")
            .ProducesProblem(StatusCodes.Status404NotFound);
        group
            .MapGet("/opened", OpenDevice)
            .WithSummary("What goes dead when a breaker or switch is opened, and what stays live")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status422UnprocessableEntity);
        group
            .MapGet("/sources", SourcesOf)
            .WithSummary("What can make an enclosure live")
            .ProducesProblem(StatusCodes.Status404NotFound);
        group
            .MapGet("/directory", DirectoryOf)
            .WithSummary("What is on each breaker of an enclosure")
            .ProducesProblem(StatusCodes.Status404NotFound);
        group
            .MapGet("/circuits/weakest", Weakest)
            .WithSummary("Of each circuit the conductor that carries least where it ends")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Results<Ok<NetworkPage>, ProblemHttpResult>> Networks(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation,
        int offset = 0,
        int limit = 200
    )
    {
        Endpoints.CheckedLimit(limit);
        return
            await open.ReadAsync(
                id,
                job =>
                {
                    var all = Network.All(job.Job).ToList();
                    return new NetworkPage(
                        [.. all.Skip(offset).Take(limit).Select(n => NetworkDocument.Of(job.Job, n))],
                        offset + limit < all.Count ? offset + limit : null
                    );
                },
                cancellation
            )
                is { } page
            ? TypedResults.Ok(page)
            : Answers.NoJob();
    }

    private static async Task<Results<Ok<TraceDocument>, ProblemHttpResult>> TraceFrom(
        Guid id,
        Guid landing,
        OpenJobs open,
        CancellationToken cancellation,
        bool contacts = false
    ) =>
        await open.ReadAsync(
            id,
            job =>
                job.Job.Landings.TryGetValue(landing, out var from)
                    ? TraceDocument.Of(job.Job, Trace.Of(job.Job, from, contacts))
                    : null,
            cancellation
        )
            is { } trace
            ? TypedResults.Ok(trace)
            : Answers.Missing("There is no such job, or no such landing in it.");

    private static async Task<Results<Ok<OpenedDocument>, ProblemHttpResult>> OpenDevice(
        Guid id,
        Guid device,
        OpenJobs open,
        CancellationToken cancellation
    ) =>
        await open.ReadAsync(
            id,
            job => job.Job.Devices.TryGetValue(device, out var it) ? OpenedDocument.Of(job.Job, it) : null,
            cancellation
        )
            is { } opened
            ? TypedResults.Ok(opened)
            : Answers.Missing("There is no such job, or no such device in it.");

    private static async Task<Results<Ok<EnclosureSourcesDocument>, ProblemHttpResult>> SourcesOf(
        Guid id,
        Guid enclosure,
        OpenJobs open,
        CancellationToken cancellation
    ) =>
        await open.ReadAsync(
            id,
            job => job.Job.Enclosures.ContainsKey(enclosure) ? EnclosureSourcesDocument.Of(job.Job, enclosure) : null,
            cancellation
        )
            is { } sources
            ? TypedResults.Ok(sources)
            : Answers.Missing("There is no such job, or no such enclosure in it.");

    private static async Task<Results<Ok<DirectoryDocument>, ProblemHttpResult>> DirectoryOf(
        Guid id,
        Guid enclosure,
        OpenJobs open,
        CancellationToken cancellation
    ) =>
        await open.ReadAsync(
            id,
            job => job.Job.Enclosures.ContainsKey(enclosure) ? DirectoryDocument.Of(job.Job, enclosure) : null,
            cancellation
        )
            is { } directory
            ? TypedResults.Ok(directory)
            : Answers.Missing("There is no such job, or no such enclosure in it.");

    private static async Task<Results<Ok<IReadOnlyList<WeakestConductor>>, ProblemHttpResult>> Weakest(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation
    ) =>
        await open.ReadAsync(id, job => WeakestConductor.Of(job.Judged), cancellation) is { } weakest
            ? TypedResults.Ok(weakest)
            : Answers.NoJob();
}
