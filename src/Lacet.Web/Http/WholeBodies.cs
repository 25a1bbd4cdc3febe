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
                    var body = await WholeAsync(context.Request, context.RequestAborted);
                    try
                    {
                        var anyText = context.GetEndpoint()?.Metadata.GetMetadata<AnyText>() is not null;
                        body = JsonBody.Check(body, anyText) ?? body;
                    }
                    catch (JsonException)
                    {
                        // What is no JSON at all is said where it is bound, with the place.
                    }

                    context.Request.Body = new MemoryStream(body, writable: false);
                    context.Request.ContentLength = body.Length;
                }

                await next(context);
            }
        );

    /// <summary>So much room is made ahead of what comes, bytes: what a request says of itself need not be true.</summary>
    private const int MostAhead = 1024 * 1024;

    /// <summary>All of a body. How long it may be is held by the server.</summary>
    private static async Task<byte[]> WholeAsync(HttpRequest request, CancellationToken cancellation)
    {
        using var body = new MemoryStream((int)Math.Min(request.ContentLength ?? 0, MostAhead));
        await request.Body.CopyToAsync(body, cancellation);
        return body.Length == body.Capacity ? body.GetBuffer() : body.ToArray();
    }
}

/// <summary>Marks an endpoint whose text is cleaned where it is read.</summary>
internal sealed class AnyText;
