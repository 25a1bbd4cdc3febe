namespace Lacet.Web.Http;

/// <summary>Serves the built front end: files by name, and the page for every place of the application.</summary>
internal static class FrontEnd
{
    internal static StaticFileOptions Files { get; } =
        new()
        {
            // Names of built files carry their content's hash; the page itself is asked for anew.
            OnPrepareResponse = context =>
                context.Context.Response.Headers.CacheControl = context.Context.Request.Path.StartsWithSegments(
                    "/assets",
                    StringComparison.Ordinal
                )
                    ? "public, max-age=31536000, immutable"
                    : "no-cache",
        };

    /// <summary>A first page of its own; null leaves it.</summary>
    internal static void UseFirstPage(this WebApplication app, string? first)
    {
        if (first is null)
        {
            return;
        }

        app.Use(
            (context, next) =>
            {
                if (context.Request.Path != "/")
                {
                    return next(context);
                }

                context.Response.Redirect(first);
                return Task.CompletedTask;
            }
        );
    }

    internal static void MapFrontEnd(this WebApplication app)
    {
        // Only what a browser opens: a wrong method at a known address is answered as such.
        app.MapGet("/api/{**rest}", () => TypedResults.NotFound()).ExcludeFromDescription().IsOpen();
        app.MapFallbackToFile("index.html", Files).IsOpen();
    }
}
