using Lacet.Core.People;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Authorization.Policy;
using Microsoft.AspNetCore.DataProtection;

namespace Lacet.Web.Http;

/// <summary>
/// Who may reach what. Every route says which right it needs, or that it is open to strangers; one that says neither is
/// shut, and a test finds it.
/// </summary>
internal static class Access
{
    /// <summary>What the front end sends back with each change, which no foreign page knows.</summary>
    internal const string TokenHeader = "X-Lacet-Token";

    private const string TokenCookie = "lacet-token";

    /// <summary>Keys of the framework, in the data folder: whoever is signed in stays so over a restart.</summary>
    private const string KeyFolder = "keys";

    internal static void AddAccess(this IServiceCollection services, string? dataFolder)
    {
        services
            .AddAuthentication(SessionAuthentication.SchemeName)
            .AddScheme<AuthenticationSchemeOptions, SessionAuthentication>(SessionAuthentication.SchemeName, null);
        services
            .AddAuthorizationBuilder()
            .SetFallbackPolicy(new AuthorizationPolicyBuilder().RequireAssertion(_ => false).Build());
        services.AddSingleton<IAuthorizationHandler, RightHandler>();
        services.AddSingleton<IAuthorizationMiddlewareResultHandler, AccessRefusals>();
        services.AddAntiforgery(antiforgery =>
        {
            antiforgery.HeaderName = TokenHeader;
            antiforgery.Cookie.Name = TokenCookie;
            antiforgery.Cookie.SameSite = SameSiteMode.Strict;
            antiforgery.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
            // The page’s own policy says it, for every answer.
            antiforgery.SuppressXFrameOptionsHeader = true;
        });
        if (dataFolder is not null)
        {
            var keys = Path.Combine(dataFolder, KeyFolder);
            services.AddDataProtection().SetApplicationName("Lacet").PersistKeysToFileSystem(new(keys));
        }
    }

    internal static void UseAccess(this WebApplication app)
    {
        app.UseAuthentication();
        app.UseAuthorization();
        app.Use(
            async (context, next) =>
            {
                var isChange =
                    !HttpMethods.IsGet(context.Request.Method) && !HttpMethods.IsHead(context.Request.Method);
                if (
                    isChange
                    && Caller.Of(context) is not null
                    && !await context.RequestServices.GetRequiredService<IAntiforgery>().IsRequestValidAsync(context)
                )
                {
                    await Problems.WriteAsync(
                        context,
                        StatusCodes.Status400BadRequest,
                        "This page is older than the sign-in. Nothing was stored; send it again.",
                        needs: "token"
                    );
                    return;
                }

                await next(context);
            }
        );
    }

    /// <summary>It needs a right; within a group, that of the group too.</summary>
    internal static T Needs<T>(this T endpoint, Right right)
        where T : IEndpointConventionBuilder =>
        endpoint.RequireAuthorization(new AuthorizationPolicyBuilder().AddRequirements(new RightNeeded(right)).Build());

    /// <summary>A stranger may ask: it stores nothing and shows nothing that is stored.</summary>
    internal static T IsOpen<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.AllowAnonymous();

    /// <summary>Any right will do: being somebody is enough.</summary>
    internal static T NeedsSomebody<T>(this T endpoint)
        where T : IEndpointConventionBuilder => endpoint.RequireAuthorization();

    private sealed class RightHandler : AuthorizationHandler<RightNeeded>
    {
        protected override Task HandleRequirementAsync(AuthorizationHandlerContext context, RightNeeded requirement)
        {
            if (context.Resource is HttpContext http && Caller.Of(http) is { } caller)
            {
                try
                {
                    caller.Actor.Need(requirement.Right);
                    context.Succeed(requirement);
                }
                catch (NotAllowedException refused)
                {
                    http.Features.Set(refused);
                }
            }

            return Task.CompletedTask;
        }
    }

    /// <summary>A stranger is asked to sign in; somebody who may not is told who may.</summary>
    private sealed class AccessRefusals : IAuthorizationMiddlewareResultHandler
    {
        public Task HandleAsync(
            RequestDelegate next,
            HttpContext context,
            AuthorizationPolicy policy,
            PolicyAuthorizationResult authorizeResult
        ) =>
            // What is no route of ours, but the framework’s word that there is none, is nobody’s secret.
            authorizeResult.Succeeded || context.GetEndpoint() is not RouteEndpoint
                ? next(context)
            : Caller.Of(context) is null
                ? Problems.WriteAsync(context, StatusCodes.Status401Unauthorized, "Sign in first.", needs: "sign-in")
            : Problems.WriteAsync(
                context,
                context.Features.Get<NotAllowedException>() ?? new NotAllowedException("That is open to nobody.")
            );
    }
}

/// <summary>A right that a route needs.</summary>
/// <param name="Right">Which.</param>
internal sealed record RightNeeded(Right Right) : IAuthorizationRequirement;
