using System.Text.Json;
using Lacet.Exchange;

namespace Lacet.Web.Http;

/// <summary>Every JSON body is looked at once before it is bound, so that no route has to ask each of its lists for nulls, nor each text how it was typed.</summary>
internal static class WholeBodies
{
    internal static void UseWholeBodies(this WebApplication app) => app.Use(async (context, next) =>
    {
        if (context.Request.HasJsonContentType())
        {
            context.Request.EnableBuffering();
            byte[]? composed = null;
            try
            {
                using var body = await JsonDocument.ParseAsync(context.Request.Body, cancellationToken: context.RequestAborted);
                JsonBody.Check(body.RootElement, context.GetEndpoint()?.Metadata.GetMetadata<AnyText>() is not null);
                composed = JsonBody.Composed(body.RootElement);
            }
            catch (JsonException)
            {
                // What is no JSON at all is said where it is bound, with the place.
            }

            context.Request.Body.Position = 0;
            if (composed is not null)
            {
                context.Request.Body = new MemoryStream(composed, writable: false);
                context.Request.ContentLength = composed.Length;
            }
        }

        await next(context);
    });
}

/// <summary>Marks an endpoint whose text is cleaned where it is read.</summary>
internal sealed class AnyText;
