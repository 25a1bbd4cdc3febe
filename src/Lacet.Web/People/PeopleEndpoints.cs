using Lacet.Core.People;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.People;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.People;

/// <summary>Who works here.</summary>
internal static class PeopleEndpoints
{
    internal static void MapPeople(this WebApplication app)
    {
        var people = app.MapGroup("/api/people").WithTags("People").Needs(Right.Read);
        people.MapGet("", List).WithSummary("Who works here, by name");
        people
            .MapPost("", Add)
            .WithSummary("Adds somebody; the answer holds the code that lets them in once")
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ManagePeople);
        people
            .MapGet("/typed", Typed)
            .WithSummary("Names that were only typed, and whose they are by a lead’s word")
            .Needs(Right.ManagePeople);
        people
            .MapPost("/typed/{id:guid}/person", Join)
            .WithSummary("Says whose name it is that was only typed, as an event")
            .Changes()
            .Needs(Right.ManagePeople);
        people
            .MapPut("/{id:guid}", Change)
            .WithSummary("Says as what somebody works here, or that they do no more")
            .Changes()
            .Needs(Right.ManagePeople);
        people
            .MapPost("/{id:guid}/code", Reset)
            .WithSummary("Gives somebody who forgot their password a code, and signs them out everywhere")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .Needs(Right.ManagePeople);
        people
            .MapDelete("/{id:guid}/name", Erase)
            .WithSummary("Erases somebody’s name for good; what they did stays")
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict)
            .Needs(Right.ManagePeople);
    }

    private static async Task<Ok<List<TypedNameRow>>> Typed(TypedNames names) =>
        TypedResults.Ok(await names.AllAsync());

    private static async Task<Results<Ok<Guid>, ProblemHttpResult>> Join(
        Guid id,
        JoinName request,
        TypedNames names,
        Caller caller,
        CancellationToken cancellation
    ) => Answers.Of(await names.JoinAsync(id, request, caller.Actor, cancellation));

    private static async Task<Ok<List<PersonDocument>>> List(Accounts accounts, TimeProvider time) =>
        TypedResults.Ok((await accounts.AllAsync()).ConvertAll(row => PersonDocument.Of(row, time)));

    private static async Task<Results<Created<CodeGiven>, ProblemHttpResult>> Add(
        NewAccount request,
        Accounts accounts,
        TimeProvider time,
        CancellationToken cancellation
    ) => Answers.OfNew(await accounts.AddAsync(request, cancellation), _ => "/api/people", added => Given(added, time));

    private static async Task<Results<Ok<PersonDocument>, ProblemHttpResult>> Change(
        Guid id,
        ChangedAccount request,
        Accounts accounts,
        TimeProvider time,
        CancellationToken cancellation
    ) =>
        Answers.Of((await accounts.ChangeAsync(id, request, cancellation)).Select(row => PersonDocument.Of(row, time)));

    private static async Task<Results<Ok<CodeGiven>, ProblemHttpResult>> Reset(
        Guid id,
        Accounts accounts,
        TimeProvider time,
        CancellationToken cancellation
    ) => Answers.Of((await accounts.ResetAsync(id, cancellation)).Select(added => Given(added, time)));

    private static async Task<Results<Ok<Guid>, ProblemHttpResult>> Erase(
        Guid id,
        Accounts accounts,
        CancellationToken cancellation
    ) => Answers.Of(await accounts.EraseAsync(id, cancellation));

    private static CodeGiven Given(AddedPerson added, TimeProvider time) =>
        new(PersonDocument.Of(added.Account, time), added.Code);
}
