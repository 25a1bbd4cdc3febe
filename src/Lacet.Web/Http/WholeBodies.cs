using System.Text.Json;
using Lacet.Exchange;

namespace Lacet.Web.Http;

/// <summary>Every JSON body is looked at once before it is bound, so that no route has to ask each of its lists for nulls.</summary>
internal static class WholeBodies
{
    internal static void UseWholeBodies(this WebApplication app) => app.Use(async (context, next) =>
    {
        if (context.Request.HasJsonContentType())
        {
            context.Request.EnableBuffering();
            try
            {
                using var body = await JsonDocument.ParseAsync(context.Request.Body, cancellationToken: context.RequestAborted);
                JsonBody.Check(body.RootElement);
            }
            catch (JsonException)
            {
                // What is no JSON at all is said where it is bound, with the place.
            }

            context.Request.Body.Position = 0;
        }

        await next(context);
    });
}
