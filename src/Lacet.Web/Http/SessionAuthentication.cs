using System.Security.Claims;
using System.Text.Encodings.Web;
using Lacet.Workshop.People;
using Microsoft.AspNetCore.Authentication;
using Microsoft.Extensions.Options;

namespace Lacet.Web.Http;

/// <summary>Knows who asks by the key in their cookie.</summary>
internal sealed class SessionAuthentication(
    IOptionsMonitor<AuthenticationSchemeOptions> options,
    ILoggerFactory logger,
    UrlEncoder encoder,
    Sessions sessions
) : AuthenticationHandler<AuthenticationSchemeOptions>(options, logger, encoder)
{
    internal const string SchemeName = "session";

    /// <inheritdoc/>
    protected override async Task<AuthenticateResult> HandleAuthenticateAsync()
    {
        if (SessionCookie.Read(Request) is not { } key)
        {
            return AuthenticateResult.NoResult();
        }

        if (await sessions.FindAsync(key, Context.RequestAborted) is not { } who)
        {
            return AuthenticateResult.Fail("The session has ended.");
        }

        Context.Features.Set(who);
        return AuthenticateResult.Success(new(PrincipalOf(who), SchemeName));
    }

    /// <summary>
    /// Somebody, as the framework knows them: by their session, and not only by who they are, so that what protects a
    /// page against foreign ones ends with it.
    /// </summary>
    internal static ClaimsPrincipal PrincipalOf(SignedIn who) =>
        new(new ClaimsIdentity([new(ClaimTypes.NameIdentifier, who.Session.ToString())], SchemeName));
}
