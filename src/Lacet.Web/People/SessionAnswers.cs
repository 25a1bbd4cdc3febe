using Lacet.Core.People;
using Lacet.Web.Hosting;
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
    IAntiforgery antiforgery
)
{
    internal static Screen ScreenOf(HttpContext context) =>
        new(context.Connection.RemoteIpAddress?.ToString() ?? "", context.Request.Headers.UserAgent.ToString());

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
    internal async Task<SessionDocument> NowAsync(HttpContext context, SignedIn? who)
    {
        IReadOnlyList<SignedInPerson> listed = [.. (await demo.ListAsync()).Select(SignedInPerson.Of)];
        if (who is null)
        {
            return new(null, null, null, [], null, await first.IsAwaitedAsync(), listed, demo.Password);
        }

        // The token belongs to the session, and this request may have come without it.
        context.User = SessionAuthentication.PrincipalOf(who);
        var supervisor = who.Actor.Supervisor is { } over ? await accounts.FindAsync(over) : null;
        return new(
            new(who.Actor.Person, who.Name, who.Actor.Role),
            who.Actor.Proof,
            supervisor is null ? null : SignedInPerson.Of(supervisor),
            [.. Enum.GetValues<Right>().Where(who.Actor.May)],
            antiforgery.GetAndStoreTokens(context).RequestToken,
            AwaitsFirstLead: false,
            listed,
            demo.Password
        );
    }
}
