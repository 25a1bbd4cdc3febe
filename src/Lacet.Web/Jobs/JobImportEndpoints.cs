using System.Runtime.CompilerServices;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using Lacet.Web.Http;
using Lacet.Workshop.Lists;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Lacet.Web.Jobs;

/// <summary>Wire lists: read, previewed, asked about, accepted as one command. Nothing is stored before that.</summary>
internal static class JobImportEndpoints
{
    private const int LargestPage = 500;

    /// <summary>
    /// A list of usual length is read before anybody notices; a long one answers at once and is asked for again.
    /// </summary>
    private static readonly TimeSpan WaitedFor = TimeSpan.FromSeconds(1.5);

    internal static void MapJobImports(this WebApplication app)
    {
        var import = app.MapGroup("/api/jobs/import").WithTags("Import").Needs(Right.ChangeJobs);
        import
            .MapPost("/preview", PreviewFile)
            .RequireRateLimiting(Limits.Uploads)
            .WithSummary("Reads a wire list from a file: CSV, TSV or XLSX as it is, in the body")
            .Accepts<byte[]>("application/octet-stream")
            .WithMetadata(new RequestSizeLimitAttribute(ImportLimits.Bytes))
            .ProducesInputProblems();
        import
            .MapPost("/preview/text", PreviewText)
            .RequireRateLimiting(Limits.Uploads)
            .WithSummary("Reads a wire list that was pasted")
            .WithMetadata(new RequestSizeLimitAttribute(ImportLimits.Bytes), new AnyText())
            .ProducesInputProblems();
        import
            .MapGet("/{id:guid}", Get)
            .WithSummary("What an import would do, row by row")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        import
            .MapPut("/{id:guid}", Change)
            .WithSummary("Says what the columns hold, answers questions, puts cells right")
            .WithMetadata(new RequestSizeLimitAttribute(ImportLimits.Bytes))
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        import
            .MapGet("/{id:guid}/progress", (Guid id, PendingImports imports, IHostApplicationLifetime host) =>
                TypedResults.ServerSentEvents(ProgressAsync(id, imports, host.ApplicationStopping))
            )
            .RequireRateLimiting(Limits.Streams)
            .WithSummary("How far it is, until it is read")
            .Produces<ImportDocument>(StatusCodes.Status200OK, "text/event-stream");
        import
            .MapPost("/{id:guid}/accept", Accept)
            .WithSummary("Takes an import into its job, as one command that can be undone")
            .Changes();
        import
            .MapDelete("/{id:guid}", Cancel)
            .WithSummary("Stops an import; nothing of it was stored")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<ImportDocument>> PreviewFile(
        HttpRequest request,
        PendingImports imports,
        CancellationToken cancellation,
        Guid? jobId = null
    )
    {
        using var file = new MemoryStream();
        await request.Body.CopyToAsync(file, cancellation);
        return await AnswerAsync(imports.Begin(new ImportSettings(jobId), file.ToArray()), cancellation);
    }

    private static Task<Ok<ImportDocument>> PreviewText(
        PastedList pasted,
        PendingImports imports,
        CancellationToken cancellation
    ) => AnswerAsync(imports.Begin(new ImportSettings(pasted.JobId), pasted.Text), cancellation);

    private static Results<Ok<ImportDocument>, ProblemHttpResult> Get(
        Guid id,
        PendingImports imports,
        int offset = 0,
        int limit = 100
    )
    {
        Endpoints.CheckedLimit(limit, LargestPage);
        return imports.Find(id) is { } pending
            ? TypedResults.Ok(ImportDocument.Of(pending, offset, limit))
            : NoImport();
    }

    private static async Task<Results<Ok<ImportDocument>, ProblemHttpResult>> Change(
        Guid id,
        ImportSettings settings,
        PendingImports imports,
        CancellationToken cancellation
    )
    {
        if (imports.Find(id) is not { State: not ImportState.Accepted } pending)
        {
            return NoImport();
        }

        if (pending.Sheets.Count == 0)
        {
            throw new ImpossibleInputException("file", pending.Refusal ?? "The file is still being read.");
        }

        imports.Again(pending, settings);
        return await AnswerAsync(pending, cancellation);
    }

    private static async Task<Results<Ok<ImportAccepted>, ProblemHttpResult>> Accept(
        Guid id,
        AcceptImport request,
        ImportAcceptance acceptance,
        Caller caller,
        CancellationToken cancellation
    ) => Answers.Of(await acceptance.AcceptAsync(id, request, caller.Person, cancellation));

    private static Results<NoContent, ProblemHttpResult> Cancel(Guid id, PendingImports imports)
    {
        if (imports.Find(id) is not { } pending)
        {
            return NoImport();
        }

        imports.Drop(pending);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<ImportDocument>> AnswerAsync(PendingImport pending, CancellationToken cancellation)
    {
        await Task.WhenAny(pending.Work, Task.Delay(WaitedFor, cancellation));
        return pending is { State: ImportState.Refused, Refusal: { } refusal }
            ? throw new ImpossibleInputException("file", refusal)
            : TypedResults.Ok(ImportDocument.Of(pending, 0, 100));
    }

    private static async IAsyncEnumerable<ImportDocument> ProgressAsync(
        Guid id,
        PendingImports imports,
        CancellationToken stopping,
        [EnumeratorCancellation] CancellationToken cancellation = default
    )
    {
        while (
            !stopping.IsCancellationRequested
            && !cancellation.IsCancellationRequested
            && imports.Find(id) is { } pending
        )
        {
            // Looked at once: what ends the stream is what was told.
            var state = pending.State;
            yield return new(pending.Id, state, pending.RowsRead, pending.Refusal, null);
            if (state != ImportState.Reading)
            {
                yield break;
            }

            await Task.WhenAny(pending.Work, Task.Delay(200, CancellationToken.None));
        }
    }

    private static ProblemHttpResult NoImport() => Answers.Missing(ImportAcceptance.NoSuchImport);
}
