using System.Text.Json;
using Lacet.Exchange;

namespace Lacet.Web.Http;

/// <summary>
/// Every JSON body is looked at once before it is bound, so that no route has to ask each of its lists for nulls, nor
/// each text how it was typed.
/// </summary>
internal static class WholeBodies
{
    internal static void UseWholeBodies(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                if (context.Request.HasJsonContentType())
                {
                    // JSON is UTF-8 (RFC 8259, 8.1). What else is said of it is not passed on: the framework would take
                    // it for a fault of its own.
                    var charset = context.Request.GetTypedHeaders().ContentType!.Charset;
                    if (
                        charset.HasValue && !charset.Value.Trim('"').Equals("utf-8", StringComparison.OrdinalIgnoreCase)
                    )
                    {
                        await Problems.WriteAsync(
                            context,
                            StatusCodes.Status415UnsupportedMediaType,
                            "Send JSON in UTF-8, which is what JSON is written in."
                        );
                        return;
                    }

                    context.Request.ContentType = "application/json";
                    context.Request.EnableBuffering();
                    byte[]? composed = null;
                    try
                    {
                        using var body = await JsonDocument.ParseAsync(
                            context.Request.Body,
                            cancellationToken: context.RequestAborted
                        );
                        JsonBody.Check(
                            body.RootElement,
                            context.GetEndpoint()?.Metadata.GetMetadata<AnyText>() is not null
                        );
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
            }
        );
}

/// <summary>Marks an endpoint whose text is cleaned where it is read.</summary>
internal sealed class AnyText;
