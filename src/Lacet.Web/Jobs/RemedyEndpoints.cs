using Lacet.Core.Drawings;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.People;
using Lacet.Core.Planning;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Lacet.Workshop.Findings;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>What can be done about an end, looked at and taken.</summary>
internal static class RemedyEndpoints
{
    internal static void MapRemedies(this WebApplication app)
    {
        var remedies = app.MapGroup("/api/jobs/{id:guid}/wires/{wire:guid}/ends/{side}/remedies")
            .WithTags("Board")
            .Needs(Right.Read);
        remedies
            .MapGet("", List)
            .WithSummary("What puts right what was found at an end, each tried before it is offered")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status404NotFound);
        remedies
            .MapPost("", Take)
            .WithSummary("Takes one of them, as a command that can be undone")
            .Changes()
            .Needs(Right.ChangeJobs);
    }

    private static async Task<Results<Ok<IReadOnlyList<RemedyDocument>>, ProblemHttpResult>> List(
        Guid id,
        Guid wire,
        QueryWord<EndSide> side,
        OpenJobs open,
        CancellationToken cancellation,
        QueryWord<Lead>? lead = null
    )
    {
        var (which, reader) = (side.Value, lead.Unit());
        return
            await open.ReadAsync<IReadOnlyList<RemedyDocument>>(
                id,
                job =>
                    Remedies.End(job, wire, which) is { } end
                        ? [.. Remedies.Of(job, end).Select(r => Document(job, end, r, reader))]
                        : null,
                cancellation
            )
                is { } found
            ? TypedResults.Ok(found)
            : Answers.NoJob();
    }

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> Take(
        Guid id,
        Guid wire,
        QueryWord<EndSide> side,
        TakeRemedy request,
        Remedies remedies,
        Caller caller,
        CancellationToken cancellation
    ) =>
        Answers.Of(
            await remedies.TakeAsync(id, request.Id, caller.Person, wire, side.Value, request.Key, cancellation)
        );

    private static RemedyDocument Document(JobSession job, EndOfWire end, EndRemedy remedy, ReaderFormat reader)
    {
        var undo = job.Judged.Apply(remedy.Changes).Undo;
        var scene = job.Judged.Plan(end.Wire.Id, end.Side) is { } plan
            ? SceneDocument.Of(
                EndSection.Of(plan.AtHand, job.Job.Wires[end.Wire.Id][end.Side].Found ?? new AsMade(null, null)),
                reader
            )
            : null;
        job.Judged.Apply(undo);
        return new(
            Remedies.Key(remedy),
            remedy.Id,
            remedy.Says,
            remedy.At,
            Difference.Short(remedy.Gone, reader),
            Difference.Short(remedy.Come, reader),
            scene
        );
    }
}

/// <summary>Something that puts an end right.</summary>
/// <param name="Key">By which it is taken.</param>
/// <param name="Id">What kind of change, such as "move" or "pigtail".</param>
/// <param name="Says">What it does, in the imperative.</param>
/// <param name="At">Where the end lands afterwards; null where it stays.</param>
/// <param name="Gone">What is found no more.</param>
/// <param name="Come">What is found instead.</param>
/// <param name="Section">The end as it will be, drawn; null where it is not known well enough.</param>
public sealed record RemedyDocument(
    string Key,
    string Id,
    string Says,
    Guid? At,
    IReadOnlyList<FindingInShort> Gone,
    IReadOnlyList<FindingInShort> Come,
    SceneDocument? Section
);

/// <summary>Takes a remedy.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="Key">Which.</param>
public sealed record TakeRemedy(Guid Id, string Key);
