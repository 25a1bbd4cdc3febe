namespace Lacet.Web.Http;

/// <summary>
/// Answers only under its own names, so that no foreign name can be pointed at loopback (DNS rebinding); and takes
/// changes only from its own pages.
/// </summary>
internal static class OwnHost
{
    internal static void UseOwnHostOnly(this WebApplication app) =>
        app.Use(
            async (context, next) =>
            {
                var request = context.Request;
                var names = context.RequestServices.GetRequiredService<OwnNames>();
                if (!names.Has(request.Host.Host))
                {
                    await Problems.WriteAsync(
                        context,
                        StatusCodes.Status400BadRequest,
                        $"This server answers only as {names}."
                    );
                    return;
                }

                if (!HttpMethods.IsGet(request.Method) && !HttpMethods.IsHead(request.Method) && IsForeign(request))
                {
                    await Problems.WriteAsync(
                        context,
                        StatusCodes.Status403Forbidden,
                        "Changes are taken only from Lacet’s own pages."
                    );
                    return;
                }

                await next(context);
            }
        );

    /// <summary>
    /// Every browser names the origin of a change; a program that names none is no page that was lured here.
    /// </summary>
    private static bool IsForeign(HttpRequest request)
    {
        var site = request.Headers["Sec-Fetch-Site"].ToString();
        if (site.Length > 0 && site is not ("same-origin" or "none"))
        {
            return true;
        }

        var origin = request.Headers.Origin.ToString();
        return origin.Length > 0
            && !string.Equals(origin, $"{request.Scheme}://{request.Host}", StringComparison.OrdinalIgnoreCase);
    }
}
