using Lacet.Core.People;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;
using Lacet.Workshop.Jobs;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.Jobs;

/// <summary>Landings of which nobody said what they are, asked about by group.</summary>
internal static class LandingGroupEndpoints
{
    internal static void MapLandingGroups(this WebApplication app)
    {
        var groups = app.MapGroup("/api/jobs/{id:guid}/landing-groups").WithTags("Jobs").Needs(Right.Read);
        groups
            .MapGet("", List)
            .WithSummary("Landings of which nobody said what they are, by how their devices’ names begin")
            .ProducesProblem(StatusCodes.Status404NotFound);
        groups
            .MapPost("", Say)
            .WithSummary("Says what the landings of a group are, as one command")
            .Changes()
            .Needs(Right.ChangeJobs);
    }

    private static async Task<Results<Ok<IReadOnlyList<LandingGroup>>, ProblemHttpResult>> List(
        Guid id,
        LandingGroups groups,
        CancellationToken cancellation
    ) => await groups.OfAsync(id, cancellation) is { } found ? TypedResults.Ok(found) : Answers.NoJob();

    private static async Task<Results<Ok<CommandDone>, ProblemHttpResult>> Say(
        Guid id,
        SaidOfGroup request,
        LandingGroups groups,
        Caller caller,
        CancellationToken cancellation
    ) =>
        Answers.Of(await groups.SayAsync(id, request.Id, caller.Person, request.Prefix, request.Landing, cancellation));
}

/// <summary>What the landings of a group are.</summary>
/// <param name="Id">Made by the client, so that sending twice changes once.</param>
/// <param name="Prefix">Which group.</param>
/// <param name="Landing">What they are.</param>
public sealed record SaidOfGroup(Guid Id, string Prefix, LandingDocument Landing);
