using Lacet.Core.People;
using Lacet.Exchange.Jobs;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Lacet.Workshop.Lists;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Lacet.Web.Jobs;

/// <summary>Jobs as files.</summary>
internal static class JobFileEndpoints
{
    private const int LargestDocument = 64 * 1024 * 1024;

    private static readonly IReadOnlyList<(
        string Name,
        string Type,
        Func<JobDocument, WireListForm?, byte[]> Write
    )> Lists =
    [
        ("csv", "text/csv; charset=utf-8", WireListFile.Csv),
        ("tsv", "text/tab-separated-values; charset=utf-8", WireListFile.Tsv),
        ("xlsx", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet", WireListFile.Xlsx),
    ];

    internal static void MapJobFiles(this WebApplication app)
    {
        var jobs = app.MapGroup("/api/jobs").WithTags("Jobs").Needs(Right.Read);
        jobs.MapGet("/{id:guid}/export/job.json", Json)
            .WithSummary("The whole job as one document")
            .Produces(StatusCodes.Status200OK, contentType: "application/json")
            .ProducesProblem(StatusCodes.Status404NotFound);
        foreach (var (name, type, write) in Lists)
        {
            jobs.MapGet(
                    $"/{{id:guid}}/export/wires.{name}",
                    (Guid id, OpenJobs open, ListLayouts layouts, CancellationToken cancellation, bool own = false) =>
                        ListAsync(id, open, layouts, own, (name, type, write), cancellation)
                )
                .WithSummary("The wires in the columns and units of the list that came in, or in Lacet’s own")
                .Produces(StatusCodes.Status200OK, contentType: type)
                .ProducesProblem(StatusCodes.Status404NotFound);
        }

        jobs.MapPost("/document", Import)
            .RequireRateLimiting(Limits.Uploads)
            .WithSummary("Takes in a job from its document, in the body")
            .Accepts<byte[]>("application/octet-stream", "application/json")
            .WithMetadata(new RequestSizeLimitAttribute(LargestDocument))
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ChangeJobs);
    }

    private static Task<Results<FileContentHttpResult, ProblemHttpResult>> Json(
        Guid id,
        OpenJobs open,
        CancellationToken cancellation
    ) => FileAsync(id, open, job => job.Write(), "application/json; charset=utf-8", "job.json", cancellation);

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> ListAsync(
        Guid id,
        OpenJobs open,
        ListLayouts layouts,
        bool own,
        (string Name, string Type, Func<JobDocument, WireListForm?, byte[]> Write) list,
        CancellationToken cancellation
    )
    {
        var form = own ? null : await layouts.FormOfAsync(id);
        return await FileAsync(id, open, job => list.Write(job, form), list.Type, $"wires.{list.Name}", cancellation);
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> FileAsync(
        Guid id,
        OpenJobs open,
        Func<JobDocument, byte[]> write,
        string type,
        string name,
        CancellationToken cancellation
    ) =>
        await open.ReadAsync(id, job => job.Document(), cancellation) is { } document
            ? TypedResults.File(write(document), type, $"{FileName(document.Job.Name)} {name}")
            : Answers.NoJob();

    /// <summary>A job's name as every file system takes it: letters, digits and single spaces.</summary>
    private static string FileName(string name)
    {
        var plain = string.Concat(name.Select(c => char.IsLetterOrDigit(c) || c is '-' or '_' ? c : ' '));
        var words = string.Join(' ', plain.Split(' ', StringSplitOptions.RemoveEmptyEntries));
        return words.Length == 0 ? "job" : words[..Math.Min(words.Length, 60)].TrimEnd();
    }

    private static async Task<Results<Created<JobTaken>, ProblemHttpResult>> Import(
        HttpRequest request,
        NewJobs jobs,
        Caller caller,
        CancellationToken cancellation
    )
    {
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancellation);
        var document = JobDocument.Read(body.ToArray());
        return await jobs.CreateAsync(document, caller.Person, $"Imported {document.Job.Name}.", cancellation)
            ? TypedResults.Created($"/api/jobs/{document.Job.Id}", new JobTaken(document.Job.Id))
            : Answers.Conflict(
                $"The job “{document.Job.Name}” is here already, or was put away here. Nothing was stored."
            );
    }
}

/// <summary>A job that was taken in.</summary>
/// <param name="Id">Its id.</param>
public sealed record JobTaken(Guid Id);
