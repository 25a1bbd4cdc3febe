namespace Lacet.Web.People;

/// <summary>What tells a shared tablet again. It stays when everybody has signed out, and lets nobody in by itself.</summary>
internal static class TabletCookie
{
    private const string Name = "lacet-tablet";
    private const string SecureName = "__Host-" + Name;

    /// <summary>Browsers keep no cookie for longer than some 400 days.</summary>
    private static readonly TimeSpan Life = TimeSpan.FromDays(400);

    internal static string? Read(HttpRequest request) => request.Cookies[NameOf(request)];

    internal static void Write(HttpContext context, string key) =>
        context.Response.Cookies.Append(
            NameOf(context.Request),
            key,
            new CookieOptions
            {
                HttpOnly = true,
                IsEssential = true,
                MaxAge = Life,
                Path = "/",
                SameSite = SameSiteMode.Strict,
                Secure = context.Request.IsHttps,
            }
        );

    private static string NameOf(HttpRequest request) => request.IsHttps ? SecureName : Name;
}
