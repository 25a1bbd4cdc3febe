using System.Runtime.CompilerServices;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Import;
using Lacet.Exchange.Jobs;
using Lacet.Store;
using Lacet.Web.Bench;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Lacet.Web.Jobs;

/// <summary>Wire lists: read, previewed, asked about, accepted as one command. Nothing is stored before that.</summary>
internal static class JobImportEndpoints
{
    private const int LargestPage = 500;

    /// <summary>How an import begins in a job’s history, and is known again.</summary>
    private const string Imported = "Imported a wire list";

    /// <summary>A list of usual length is read before anybody notices; a long one answers at once and is asked for again.</summary>
    private static readonly TimeSpan WaitedFor = TimeSpan.FromSeconds(1.5);

    internal static void MapJobImports(this WebApplication app)
    {
        var import = app.MapGroup("/api/jobs/import").WithTags("Import");
        import.MapPost("/preview", PreviewFile).WithSummary("Reads a wire list from a file: CSV, TSV or XLSX as it is, in the body").Accepts<byte[]>("application/octet-stream")
            .WithMetadata(new RequestSizeLimitAttribute(ImportLimits.Bytes)).ProducesInputProblems();
        import.MapPost("/preview/text", PreviewText).WithSummary("Reads a wire list that was pasted")
            .WithMetadata(new RequestSizeLimitAttribute(ImportLimits.Bytes)).ProducesInputProblems();
        import.MapGet("/{id:guid}", Get).WithSummary("What an import would do, row by row").ProducesInputProblems().ProducesProblem(StatusCodes.Status404NotFound);
        import.MapPut("/{id:guid}", Change).WithSummary("Says what the columns hold, answers questions, puts cells right")
            .WithMetadata(new RequestSizeLimitAttribute(ImportLimits.Bytes)).ProducesInputProblems().ProducesProblem(StatusCodes.Status404NotFound);
        import.MapGet("/{id:guid}/progress", (Guid id, ImportDesk desk, IHostApplicationLifetime host) => TypedResults.ServerSentEvents(ProgressAsync(id, desk, host.ApplicationStopping)))
            .WithSummary("How far it is, until it is read").Produces<ImportDocument>(StatusCodes.Status200OK, "text/event-stream");
        import.MapPost("/{id:guid}/accept", Accept).WithSummary("Takes an import into its job, as one command that can be undone").Changes();
        import.MapDelete("/{id:guid}", Cancel).WithSummary("Stops an import; nothing of it was stored").ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static async Task<Ok<ImportDocument>> PreviewFile(HttpRequest request, ImportDesk desk, CancellationToken cancellation, Guid? jobId = null)
    {
        using var file = new MemoryStream();
        await request.Body.CopyToAsync(file, cancellation);
        var bytes = file.ToArray();
        return await AnswerAsync(desk.Begin(new ImportSettings(jobId), (progress, stop) => SheetReader.Read(bytes, progress, stop)), cancellation);
    }

    private static Task<Ok<ImportDocument>> PreviewText(PastedList pasted, ImportDesk desk, CancellationToken cancellation) => AnswerAsync(
        desk.Begin(new ImportSettings(pasted.JobId), (progress, stop) => [SheetReader.ReadText(pasted.Text, progress, stop)]), cancellation);

    private static Results<Ok<ImportDocument>, ProblemHttpResult> Get(Guid id, ImportDesk desk, int offset = 0, int limit = 100)
    {
        JobEndpoints.CheckedLimit(limit, LargestPage);
        return desk.Find(id) is { } pending ? TypedResults.Ok(pending.Document(offset, limit)) : NoImport();
    }

    private static async Task<Results<Ok<ImportDocument>, ProblemHttpResult>> Change(Guid id, ImportSettings settings, ImportDesk desk, CancellationToken cancellation)
    {
        if (desk.Find(id) is not { State: not ImportState.Accepted } pending)
        {
            return NoImport();
        }

        if (pending.Sheets.Count == 0)
        {
            throw new ImpossibleInputException("file", pending.Refusal ?? "The file is still being read.");
        }

        desk.Again(pending, settings);
        return await AnswerAsync(pending, cancellation);
    }

    private static async Task<Results<Ok<ImportAccepted>, ProblemHttpResult>> Accept(
        Guid id, AcceptImport request, ImportDesk desk, JobDesk jobs, JobsTable table, CancellationToken cancellation)
    {
        // Sent again, whether or not the preview is still here: answered as the first time.
        if (await table.FindCommandAsync(request.Id) is { } before)
        {
            return TypedResults.Ok(AnswerOf(request.Id, before, desk.Find(id)));
        }

        if (desk.Find(id) is not { } pending)
        {
            return NoImport();
        }

        // Whoever accepts before it is read through waits for that; who comes twice at once, for the first.
        await Task.WhenAny(pending.Work, Task.Delay(Timeout.Infinite, cancellation));
        await pending.Accepting.WaitAsync(cancellation);
        try
        {
            return await table.FindCommandAsync(request.Id) is { } meanwhile
                ? TypedResults.Ok(AnswerOf(request.Id, meanwhile, pending))
                : await AcceptAsync(pending, request, desk, jobs, cancellation);
        }
        finally
        {
            pending.Accepting.Release();
        }
    }

    /// <summary>What a stored import did, by its wires; rows that were left out are known as long as its preview is.</summary>
    private static ImportAccepted AnswerOf(Guid command, StoredCommand stored, PendingImport? pending)
    {
        if (!stored.Says.StartsWith(Imported, StringComparison.Ordinal))
        {
            throw new CommandIdTakenException(stored.Says);
        }

        var wires = stored.Edits.Where(e => string.Equals(e.Kind, "wire", StringComparison.Ordinal)).ToList();
        var taken = wires.Count(JobDesk.IsTakenOut);
        return new(stored.Job, command, wires.Count(e => !e.WasThere), wires.Count(e => e.WasThere) - taken, taken, pending?.Read?.Plan.Effects.Count(e => e.Does == RowDoes.Wrong) ?? 0);
    }

    private static async Task<Results<Ok<ImportAccepted>, ProblemHttpResult>> AcceptAsync(
        PendingImport pending, AcceptImport request, ImportDesk desk, JobDesk jobs, CancellationToken cancellation)
    {
        if (pending is not { State: ImportState.Ready, Read: { } read })
        {
            return pending.Refusal is { } refusal ? throw new ImpossibleInputException("file", refusal) : NoImport();
        }

        var wrong = read.Plan.Effects.Count(e => e.Does == RowDoes.Wrong);
        if (wrong > 0 && !request.OnlyGood)
        {
            throw new ImpossibleInputException(
                "onlyGood", $"{wrong} of {read.Plan.Effects.Count} rows are wrong. Put them right, or say that only the good ones are to be taken.");
        }

        try
        {
            var (job, plan) = pending.Settings.JobId is { } there
                ? (there, await IntoAsync(there, request, pending, read, desk, jobs, cancellation))
                : await AsNewAsync(request, read.Plan, jobs, cancellation);
            if (plan is null)
            {
                return JobEndpoints.NoJob();
            }

            pending.State = ImportState.Accepted;
            int Count(RowDoes does) => plan.Effects.Count(e => e.Does == does);
            return TypedResults.Ok(new ImportAccepted(job, request.Id, Count(RowDoes.Add), Count(RowDoes.Change), plan.Removed.Count, wrong));
        }
        catch (JobConflictException conflict)
        {
            return JobEndpoints.Conflict(conflict);
        }
    }

    /// <summary>Into a job that is there: what was previewed must be what is done, so a job that moved on is planned and looked at again.</summary>
    private static async Task<ListPlan?> IntoAsync(
        Guid job, AcceptImport request, PendingImport pending, PendingImport.Reading read, ImportDesk desk, JobDesk jobs, CancellationToken cancellation)
    {
        var (now, sequence) = await desk.PlanAsync(pending, read.List);
        if (sequence != read.JobSequence)
        {
            pending.Read = read with { Plan = now, JobSequence = sequence };
            throw new ImpossibleInputException("jobId", "The job was changed since this preview. It was read again: look once more, and accept.");
        }

        var done = await jobs.ChangeAsync(
            job,
            request.Id,
            request.PersonId,
            open => (
                $"{Imported}: {read.Plan.Effects.Count(e => e.Does is RowDoes.Add)} added, {read.Plan.Effects.Count(e => e.Does is RowDoes.Change)} changed, {read.Plan.Removed.Count} taken out.",
                [
                    .. read.Plan.Removed.Select(w => new PartChange(null, w.Id, open.Version(w.Id))),
                    .. read.Plan.Put.Select(p => new PartChange(p, null, open.Version(p.Id))),
                ]),
            cancellation);
        return done is null ? null : read.Plan;
    }

    private static async Task<(Guid Job, ListPlan Plan)> AsNewAsync(AcceptImport request, ListPlan plan, JobDesk jobs, CancellationToken cancellation)
    {
        if (request.JobName?.Trim() is not { Length: > 0 and <= 200 } name)
        {
            throw new ImpossibleInputException("jobName", "Name the new job, in 1 to 200 characters.");
        }

        var title = new TitleDocument
        {
            Id = Guid.CreateVersion7(),
            Order = 1,
            Name = name,
            HouseRules = HouseRulesDocument.Of((request.HouseRules ?? new()).Read()),
        };
        var says = $"{Imported} of {plan.Effects.Count(e => e.Does is RowDoes.Add)} wires.";
        return (await jobs.CreateAsync(title, request.PersonId, request.Id, says, plan.Put, cancellation), plan);
    }

    private static Results<NoContent, ProblemHttpResult> Cancel(Guid id, ImportDesk desk)
    {
        if (desk.Find(id) is not { } pending)
        {
            return NoImport();
        }

        desk.Drop(pending);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<ImportDocument>> AnswerAsync(PendingImport pending, CancellationToken cancellation)
    {
        await Task.WhenAny(pending.Work, Task.Delay(WaitedFor, cancellation));
        return pending is { State: ImportState.Refused, Refusal: { } refusal }
            ? throw new ImpossibleInputException("file", refusal)
            : TypedResults.Ok(pending.Document(0, 100));
    }

    private static async IAsyncEnumerable<ImportDocument> ProgressAsync(
        Guid id, ImportDesk desk, CancellationToken stopping, [EnumeratorCancellation] CancellationToken cancellation = default)
    {
        while (!stopping.IsCancellationRequested && !cancellation.IsCancellationRequested && desk.Find(id) is { } pending)
        {
            yield return new(pending.Id, pending.State, pending.RowsRead, pending.Refusal, null);
            if (pending.State != ImportState.Reading)
            {
                yield break;
            }

            await Task.WhenAny(pending.Work, Task.Delay(200, CancellationToken.None));
        }
    }

    private static ProblemHttpResult NoImport() => TypedResults.Problem(
        "There is no such import: it was accepted, stopped, or forgotten after two hours. Send the file again.", statusCode: StatusCodes.Status404NotFound);
}
