using Lacet.Core.People;
using Lacet.Store;
using Lacet.Web.Http;
using Lacet.Workshop.People;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Lacet.Web.People;

/// <summary>What a screen is told of who is signed in on it.</summary>
internal sealed class SessionAnswers(
    Accounts accounts,
    Sessions sessions,
    FirstLead first,
    DemoPeople demo,
    Tablets tablets,
    IAntiforgery antiforgery
)
{
    /// <summary>Where somebody signs in.</summary>
    internal async Task<Screen> ScreenAsync(HttpContext context) =>
        new(
            context.Connection.RemoteIpAddress?.ToString() ?? "",
            context.Request.Headers.UserAgent.ToString(),
            (await tablets.FindAsync(TabletCookie.Read(context.Request)))?.Id
        );

    /// <summary>
    /// Lets somebody try to sign in, in place of whoever is signed in on their screen; gives what became of it.
    /// </summary>
    internal async Task<Results<Ok<SessionDocument>, ProblemHttpResult>> SignInAsync(
        HttpContext context,
        Func<Screen, SignedIn?, Task<SignInOutcome>> tries
    ) => await OfAsync(context, await tries(await ScreenAsync(context), Caller.Of(context)?.Who));

    /// <summary>What became of somebody who signs in, as an answer.</summary>
    internal async Task<Results<Ok<SessionDocument>, ProblemHttpResult>> OfAsync(
        HttpContext context,
        SignInOutcome outcome
    )
    {
        switch (outcome)
        {
            case SignInOutcome.Welcome(var key):
                SessionCookie.Write(context, key);
                return TypedResults.Ok(await NowAsync(context, await sessions.FindAsync(key, context.RequestAborted)));
            case SignInOutcome.TooMany(var says, var wait):
                context.Response.Headers.RetryAfter = $"{Math.Ceiling(wait.TotalSeconds):0}";
                return TypedResults.Problem(says, statusCode: StatusCodes.Status429TooManyRequests);
            case SignInOutcome.Wrong(var says):
                return TypedResults.Problem(says, statusCode: StatusCodes.Status401Unauthorized);
            default:
                throw new InvalidOperationException("There is no other outcome.");
        }
    }

    /// <summary>Who is signed in, and what the page needs to go on.</summary>
    internal async Task<SessionDocument> NowAsync(HttpContext context, SignedIn? who, string? tabletKey = null)
    {
        var tablet = await tablets.FindAsync(tabletKey ?? TabletCookie.Read(context.Request));
        var stranger = new SessionDocument(
            null,
            null,
            null,
            [],
            [],
            null,
            await first.IsAwaitedAsync(),
            [.. (await ListedAsync(tablet)).Select(SignedInPerson.Of)],
            demo.Password,
            tablet?.Name,
            null
        );
        if (who is null)
        {
            return stranger;
        }

        // The token belongs to the session, and this request may have come without it.
        context.User = SessionAuthentication.PrincipalOf(who);
        var supervisor = who.Actor.Supervisor is { } over ? await accounts.FindAsync(over) : null;
        return stranger with
        {
            Person = new(who.Actor.Person, who.Name, who.Actor.Role),
            Proof = who.Actor.Proof,
            Supervisor = supervisor is null ? null : SignedInPerson.Of(supervisor),
            Rights = [.. Enum.GetValues<Right>().Where(who.Actor.May)],
            Refused =
            [
                .. Enum.GetValues<Right>()
                    .Select(r => (Right: r, Says: who.Actor.Refusal(r)))
                    .Where(r => r.Says is not null)
                    .Select(r => new RightRefused(r.Right, r.Says!)),
            ],
            Token = antiforgery.GetAndStoreTokens(context).RequestToken,
            IdleSeconds = (int)SessionLimits.Idle(who.Actor.Proof).TotalSeconds,
        };
    }

    /// <summary>Whom a screen names to whoever stands before it: on a tablet those with a PIN, in the demo its people.</summary>
    private async Task<List<AccountRow>> ListedAsync(TabletRow? tablet) =>
        tablet is null
            ? await demo.ListAsync()
            : (await accounts.AllAsync()).FindAll(a => a is { Closed: false, Pin: not null });
}
