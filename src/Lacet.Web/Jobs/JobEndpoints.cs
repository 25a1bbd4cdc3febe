using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Exchange;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Lacet.Web.Jobs;

/// <summary>Jobs: listed, read in pages, changed by commands.</summary>
internal static partial class JobEndpoints
{
    /// <summary>Hundreds of parts at once.</summary>
    private const int LargestCommand = 4 * 1024 * 1024;

    internal static void MapJobs(this WebApplication app)
    {
        var jobs = app.MapGroup("/api/jobs").WithTags("Jobs").Needs(Right.Read);
        jobs.MapGet("", List).WithSummary("Jobs, the last changed first").ProducesInputProblems();
        jobs.MapPost("", Add)
            .WithSummary("Makes a job")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ChangeJobs);
        jobs.MapGet("/{id:guid}", Overview)
            .WithSummary("A job with its enclosures, devices and circuits")
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapDelete("/{id:guid}", Remove)
            .WithSummary("Puts a job away; nothing of it is lost")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .Needs(Right.ChangeJobs);
        jobs.MapPost("/{id:guid}/restore", Restore)
            .WithSummary("Takes a job out again")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .Needs(Right.ChangeJobs);
        MapWires(jobs);
        jobs.MapPost("/{id:guid}/commands", Command)
            .WithSummary("Changes of any parts, all or nothing; whoever records may keep what was found and measured")
            .WithMetadata(new RequestSizeLimitAttribute(LargestCommand))
            .Changes();
        jobs.MapGet("/{id:guid}/commands/{command:guid}/changes", Changed)
            .WithSummary("What a change made of each part: as it was, and as it became")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/{id:guid}/commands", Commands)
            .WithSummary("What was changed, newest first")
            .ProducesInputProblems();
        jobs.MapPost("/{id:guid}/commands/{command:guid}/undo", Undo)
            .WithSummary("Undoes a command, by a new one: one’s own, or as a lead")
            .Changes();
    }

    private static void MapWires(RouteGroupBuilder jobs)
    {
        jobs.MapGet("/{id:guid}/wires", Wires)
            .WithSummary("Wires in their order, searched as you type")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapPost("/{id:guid}/wires", TypeWires)
            .WithSummary("Rows as somebody types or pastes them, as one command")
            .WithMetadata(new RequestSizeLimitAttribute(LargestCommand))
            .Changes()
            .Needs(Right.ChangeJobs);
        jobs.MapPost("/{id:guid}/wires/try", TryWires)
            .WithSummary("What rows would make of the findings; nothing is stored")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);
        jobs.MapPost("/{id:guid}/wires/line", AddLine)
            .WithSummary("A wire in one line, as somebody dictates it")
            .Changes()
            .Needs(Right.ChangeJobs);
        jobs.MapGet("/{id:guid}/cables", Cables)
            .WithSummary("Cables and cords, with their conductors and the work at their ends")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/{id:guid}/landings", Landings)
            .WithSummary("Landings in their order")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        jobs.MapGet("/{id:guid}/wires/{wire:guid}/ends/{side}", End)
            .WithSummary("An end opened: recipe, section, how far it is")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<JobPage>> List(JobsTable jobs, int offset = 0, int limit = 50)
    {
        if (offset < 0)
        {
            throw new ImpossibleInputException("offset", "A page begins at 0 or later.");
        }

        var rows = await jobs.ListAsync(offset, Endpoints.CheckedLimit(limit, 200) + 1);
        return TypedResults.Ok(
            new JobPage(
                [
                    .. rows.Take(limit)
                        .Select(r => new JobCard(
                            r.Id,
                            r.ChangedAt,
                            r.ChangedBy,
                            System.Text.Json.JsonSerializer.Deserialize<JobSummary>(r.Summary, Json.Options)!
                        )),
                ],
                rows.Count > limit ? offset + limit : null
            )
        );
    }

    private static async Task<Results<Created<JobOverview>, Ok<JobOverview>, ProblemHttpResult>> Add(
        NewJob request,
        NewJobs jobs,
        OpenJobs open,
        Caller caller,
        CancellationToken cancellation
    )
    {
        var title = new JobTitle(request.Id ?? Guid.CreateVersion7(), request.Name.Trim())
        {
            Order = 1,
            Purpose = request.Purpose,
            Rules = request.HouseRules ?? HouseRules.Default,
        };
        _ = new Job(title, []).Apply([EntityChange.Put(title)]);
        var made = await jobs.CreateAsync(
            JobDocument.Of(title, []),
            caller.Person,
            $"Made {title.Name}.",
            cancellation
        );
        var overview = await open.ReadAsync(title.Id, OverviewOf, cancellation);
        return (made, overview) switch
        {
            (true, { } job) => TypedResults.Created($"/api/jobs/{title.Id}", job),
            (false, { } same) when string.Equals(same.Title.Name, title.Name, StringComparison.Ordinal) =>
                TypedResults.Ok(same),
            _ => Answers.Conflict(NewJobs.IdIsTaken),
        };
    }

    private static async Task<Results<Ok<JobOverview>, ProblemHttpResult>> Overview(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation
    ) => await open.ReadAsync(id, OverviewOf, cancellation) is { } job ? TypedResults.Ok(job) : Answers.NoJob();

    private static JobOverview OverviewOf(JobSession job)
    {
        IReadOnlyList<Versioned<T>> All<T>()
            where T : JobPart =>
            [
                .. job
                    .Parts.OfType<T>()
                    .OrderBy(p => p.Order)
                    .ThenBy(p => p.Id)
                    .Select(p => new Versioned<T>(p, job.Version(p.Id))),
            ];
        return new(
            job.Title,
            job.Version(job.Id),
            job.Sequence,
            JobSummary.Of(job),
            All<Enclosure>(),
            All<Device>(),
            All<Circuit>(),
            All<JobCord>(),
            All<JobPinMap>(),
            All<JobBridge>(),
            All<JobCable>()
        );
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Remove(
        Guid id,
        JobEditor editor,
        CancellationToken cancellation
    ) => await editor.SetRemovedAsync(id, removed: true, cancellation) ? TypedResults.NoContent() : Answers.NoJob();

    private static async Task<Results<NoContent, ProblemHttpResult>> Restore(
        Guid id,
        JobEditor editor,
        CancellationToken cancellation
    ) => await editor.SetRemovedAsync(id, removed: false, cancellation) ? TypedResults.NoContent() : Answers.NoJob();
}
