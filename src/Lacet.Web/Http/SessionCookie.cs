namespace Lacet.Web.Http;

/// <summary>
/// The cookie that holds a session’s key: out of reach of scripts, sent to this server by its own pages alone, and gone
/// with the browser’s window. Over TLS its name makes the browser refuse one that was set in any other way.
/// </summary>
internal static class SessionCookie
{
    private const string Name = "lacet-session";
    private const string SecureName = "__Host-" + Name;

    internal static string? Read(HttpRequest request) => request.Cookies[NameOf(request)];

    internal static void Write(HttpContext context, string key) =>
        context.Response.Cookies.Append(NameOf(context.Request), key, Options(context.Request));

    internal static void Delete(HttpContext context) =>
        context.Response.Cookies.Delete(NameOf(context.Request), Options(context.Request));

    private static string NameOf(HttpRequest request) => request.IsHttps ? SecureName : Name;

    private static CookieOptions Options(HttpRequest request) =>
        new()
        {
            HttpOnly = true,
            IsEssential = true,
            Path = "/",
            SameSite = SameSiteMode.Strict,
            Secure = request.IsHttps,
        };
}
