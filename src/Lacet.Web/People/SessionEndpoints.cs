using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Web.Http;
using Lacet.Workshop.People;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.People;

/// <summary>Signing in and out, and who is signed in where.</summary>
internal static class SessionEndpoints
{
    internal static void MapSessions(this WebApplication app)
    {
        var session = app.MapGroup("/api/session").WithTags("People");
        session.MapGet("", Now).WithSummary("Who is signed in on this screen").IsOpen();
        session.MapPost("/password", ByPassword).WithSummary("Signs in by name and password").TriesSecret().IsOpen();
        session.MapPost("/pin", ByPin).WithSummary("Signs in by PIN, on a paired tablet").TriesSecret().IsOpen();
        session
            .MapPost("/code", ByCode)
            .WithSummary("Signs in by a code that is good once, and sets the password")
            .TriesSecret()
            .IsOpen();
        session
            .MapPost("/confirmation", Confirm)
            .WithSummary("Shows by the password who is signed in already")
            .TriesSecret()
            .NeedsSomebody();
        session
            .MapPut("/secrets", ChangeSecrets)
            .WithSummary("Sets another password or PIN, and signs out everywhere else")
            .TriesSecret()
            .NeedsSomebody();
        session
            .MapPut("/supervisor", Supervise)
            .WithSummary("Says who supervises an apprentice today")
            .ProducesInputProblems()
            .Needs(Right.Record);
        session.MapDelete("", SignOut).WithSummary("Signs out on this screen").NeedsSomebody();

        var sessions = app.MapGroup("/api/sessions").WithTags("People").NeedsSomebody();
        sessions.MapGet("", List).WithSummary("Where I am signed in; for a lead, where anybody is");
        sessions
            .MapDelete("/{id:guid}", End)
            .WithSummary("Signs out on one screen")
            .ProducesProblem(StatusCodes.Status404NotFound);
        sessions.MapDelete("", EndAll).WithSummary("Signs somebody out everywhere; me, where nobody is named");
    }

    /// <summary>Somebody shows what only they know.</summary>
    private static RouteHandlerBuilder TriesSecret(this RouteHandlerBuilder endpoint) =>
        endpoint
            .RequireRateLimiting(Limits.SignIns)
            .ProducesInputProblems()
            .ProducesProblem(StatusCodes.Status401Unauthorized)
            .ProducesProblem(StatusCodes.Status429TooManyRequests);

    private static async Task<Ok<SessionDocument>> Now(HttpContext context, SessionAnswers answers) =>
        TypedResults.Ok(await answers.NowAsync(context, Caller.Of(context)?.Who));

    private static Task<Results<Ok<SessionDocument>, ProblemHttpResult>> ByPassword(
        PasswordSignIn request,
        SignIns signIns,
        SessionAnswers answers,
        HttpContext context,
        CancellationToken cancellation
    ) =>
        answers.SignInAsync(context, (screen, instead) =>
            signIns.ByPasswordAsync(request.Name, request.Password, screen, instead, cancellation)
        );

    private static Task<Results<Ok<SessionDocument>, ProblemHttpResult>> ByPin(
        PinSignIn request,
        SignIns signIns,
        SessionAnswers answers,
        HttpContext context,
        CancellationToken cancellation
    ) =>
        answers.SignInAsync(context, (screen, instead) =>
            signIns.ByPinAsync(request.PersonId, request.Pin, screen, instead, cancellation)
        );

    private static Task<Results<Ok<SessionDocument>, ProblemHttpResult>> ByCode(
        CodeSignIn request,
        SignIns signIns,
        SessionAnswers answers,
        HttpContext context,
        CancellationToken cancellation
    ) =>
        answers.SignInAsync(context, (screen, instead) =>
            signIns.ByCodeAsync(
                request.Name,
                request.Code,
                new(request.Password, request.Pin),
                screen,
                instead,
                cancellation
            )
        );

    private static Task<Results<Ok<SessionDocument>, ProblemHttpResult>> Confirm(
        PasswordConfirmed request,
        Caller caller,
        SignIns signIns,
        SessionAnswers answers,
        HttpContext context,
        CancellationToken cancellation
    ) =>
        answers.SignInAsync(context, (screen, _) =>
            signIns.ConfirmAsync(caller.Who, request.Password, screen, cancellation)
        );

    private static Task<Results<Ok<SessionDocument>, ProblemHttpResult>> ChangeSecrets(
        ChangedSecrets request,
        Caller caller,
        SignIns signIns,
        SessionAnswers answers,
        HttpContext context,
        CancellationToken cancellation
    ) =>
        request is { NewPassword: null, NewPin: null }
            ? throw new ImpossibleInputException("newPassword", "Say what is to be changed.")
            : answers.SignInAsync(context, (screen, _) =>
                signIns.ChangeSecretsAsync(
                    caller.Who,
                    request.Password,
                    new(request.NewPassword, request.NewPin),
                    screen,
                    cancellation
                )
            );

    private static async Task<Ok<SessionDocument>> Supervise(
        SupervisorToday request,
        Caller caller,
        Supervision supervision,
        SessionAnswers answers,
        HttpContext context,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await answers.NowAsync(context, await supervision.BeginAsync(caller.Who, request.PersonId, cancellation))
        );

    private static async Task<NoContent> SignOut(
        Caller caller,
        Sessions sessions,
        HttpContext context,
        CancellationToken cancellation
    )
    {
        await sessions.EndAsync(caller.Who.Session, null, cancellation);
        SessionCookie.Delete(context);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<List<SessionItem>>> List(Caller caller, Sessions sessions) =>
        TypedResults.Ok(
            (await sessions.ListAsync(caller.Actor.May(Right.ManagePeople) ? null : caller.Person)).ConvertAll(s =>
                SessionItem.Of(s, caller.Who.Session)
            )
        );

    private static async Task<Results<NoContent, ProblemHttpResult>> End(
        Guid id,
        Caller caller,
        Sessions sessions,
        CancellationToken cancellation
    )
    {
        if ((await sessions.ListAsync(null)).Find(s => s.Id == id) is not { } row)
        {
            return Answers.Missing("That session has ended already.");
        }

        if (row.Person != caller.Person)
        {
            caller.Actor.Need(Right.ManagePeople);
        }

        await sessions.EndAsync(id, null, cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> EndAll(
        Caller caller,
        Sessions sessions,
        CancellationToken cancellation,
        Guid? personId = null
    )
    {
        if (personId is { } other && other != caller.Person)
        {
            caller.Actor.Need(Right.ManagePeople);
        }

        await sessions.EndAsync(null, personId ?? caller.Person, cancellation);
        return TypedResults.NoContent();
    }
}
