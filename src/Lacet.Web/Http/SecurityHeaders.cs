namespace Lacet.Web.Http;

/// <summary>What the browser may do with a page: run this server's scripts, none written into a page.</summary>
internal static class SecurityHeaders
{
    // The styling library writes style elements while the page runs; scripts have no such leave.
    private const string Policy =
        "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; object-src 'none'; "
        + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    internal static void UseSecurityHeaders(this WebApplication app) =>
        app.Use(
            (context, next) =>
            {
                var headers = context.Response.Headers;
                headers.ContentSecurityPolicy = Policy;
                headers.XContentTypeOptions = "nosniff";
                headers["Referrer-Policy"] = "no-referrer";
                headers["Cross-Origin-Opener-Policy"] = "same-origin";
                headers["Cross-Origin-Resource-Policy"] = "same-origin";
                if (context.Request.Path.StartsWithSegments("/api", StringComparison.OrdinalIgnoreCase))
                {
                    // What is kept here is for whoever is signed in now, and stays on no disk of theirs.
                    headers.CacheControl = "no-store";
                }

                return next(context);
            }
        );
}
