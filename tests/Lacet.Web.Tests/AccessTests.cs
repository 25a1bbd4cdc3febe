using System.Text.RegularExpressions;
using Lacet.Core.People;
using Lacet.Web.Http;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>
/// Who may reach what, read from the server’s own table of routes: none is missed, and what docs/security.md says of each
/// is what it does.
/// </summary>
public sealed partial class AccessTests
{
    private const string Somebody = "somebody";
    private const string Open = "open";

    /// <summary>A route as docs/security.md has it.</summary>
    private sealed record Route(string Verb, string Pattern, string Needs)
    {
        public override string ToString() => $"| {Verb} | {Pattern} | {Needs} |";
    }

    [Fact]
    public async Task Every_route_says_who_may_and_the_page_of_security_says_the_same()
    {
        await using var server = await RunningServer.StartAsync(signedIn: false);
        var page = await File.ReadAllLinesAsync(
            Repository.Of("docs", "security.md"),
            TestContext.Current.CancellationToken
        );
        var written = page.Where(l => RouteLine().IsMatch(l)).ToHashSet(StringComparer.Ordinal);
        var routes = Routes(server).Select(r => r.ToString()).Order(StringComparer.Ordinal).ToList();
        Assert.True(written.SetEquals(routes), $"docs/security.md is to say:\n{string.Join('\n', routes)}");
    }

    /// <summary>What the page of security says is held by a test, is held by one that there is.</summary>
    [Fact]
    public void Every_test_that_the_page_of_security_names_is_there()
    {
        var tests = Directory
            .EnumerateFiles(Repository.Of("tests"), "*Tests*.cs", SearchOption.AllDirectories)
            .Select(f => Path.GetFileName(f).Split('.')[0])
            .ToHashSet(StringComparer.Ordinal);
        var named = TestName()
            .Matches(File.ReadAllText(Repository.Of("docs", "security.md")))
            .Select(m => m.Groups[1].Value);
        Assert.Empty(named.Except(tests));
    }

    [GeneratedRegex("`([A-Za-z]+Tests)`")]
    private static partial Regex TestName();

    [Fact]
    public async Task A_stranger_gets_nothing_but_what_is_open()
    {
        await using var server = await RunningServer.StartAsync(signedIn: false);
        var wrong = new List<string>();
        foreach (var route in Routes(server))
        {
            var (status, text) = await AskAsync(server.Stranger, route);
            var isShut =
                status == HttpStatusCode.Unauthorized && text.Contains("Sign in first.", StringComparison.Ordinal);
            if (isShut == (route.Needs == Open))
            {
                wrong.Add($"{route}: {(int)status}");
            }
        }

        Assert.Empty(wrong);
    }

    /// <summary>Each role at each route: shut where the matrix says so, and nowhere else.</summary>
    [Theory]
    [InlineData(Role.Lead)]
    [InlineData(Role.Electrician)]
    [InlineData(Role.Apprentice)]
    [InlineData(Role.Inspector)]
    public async Task A_role_reaches_what_its_rights_say(Role role)
    {
        await using var server = await RunningServer.StartAsync();
        var browser = server.BrowserOf(await server.PersonAsync("Cleo", role));
        var wrong = new List<string>();
        // What ends the session comes last, or the rest would be asked by a stranger.
        foreach (
            var route in Routes(server).Where(r => !r.Pattern.StartsWith("/api/session", StringComparison.Ordinal))
        )
        {
            var (status, text) = await AskAsync(browser, route);
            var rights = route
                .Needs.Split(", ")
                .Where(n => n is not (Open or Somebody))
                .Select(n => Enum.Parse<Right>(n, ignoreCase: true));
            var isShut = status == HttpStatusCode.Forbidden && text.Contains("may ", StringComparison.Ordinal);
            if (isShut == rights.All(r => Rights.Has(role, r)))
            {
                wrong.Add($"{route}: {(int)status} {text}");
            }
        }

        Assert.Empty(wrong);
    }

    /// <summary>A page on another site may make a browser send its cookies; the token it cannot send.</summary>
    [Fact]
    public async Task A_change_without_the_page_s_token_is_refused_and_changes_nothing()
    {
        await using var server = await RunningServer.StartAsync();
        var ada = server.BrowserOf(await server.PersonAsync("Ada"));
        var token = ada.Token;
        foreach (var wrong in new[] { null, "", "x", server.BrowserOf(await server.PersonAsync("Bo")).Token })
        {
            ada.Token = wrong;
            using var refused = await ada.Http.PostAsJsonAsync(
                new Uri("/api/jobs", UriKind.Relative),
                new { name = "Dome" },
                TestContext.Current.CancellationToken
            );
            Assert.Equal(HttpStatusCode.BadRequest, refused.StatusCode);
            var problem = await refused.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);
            Assert.Equal("token", problem.GetProperty("needs").GetString());
        }

        ada.Token = token;
        using var made = await ada.Http.PostAsJsonAsync(
            new Uri("/api/jobs", UriKind.Relative),
            new { name = "Dome" },
            TestContext.Current.CancellationToken
        );
        Assert.Equal(HttpStatusCode.Created, made.StatusCode);
        Assert.Equal(1, (await server.GetAsync("/api/jobs")).Json.GetProperty("items").GetArrayLength());
    }

    /// <summary>The stream of an open page ends with the session of whoever opened it.</summary>
    [Fact]
    public async Task A_stream_ends_with_its_session()
    {
        await using var server = await RunningServer.StartAsync();
        var ada = await server.PersonAsync("Ada");
        using var stream = await server
            .BrowserOf(ada)
            .Http.GetAsync(
                new Uri("/api/stream", UriKind.Relative),
                HttpCompletionOption.ResponseHeadersRead,
                TestContext.Current.CancellationToken
            );
        using var reader = new StreamReader(
            await stream.Content.ReadAsStreamAsync(TestContext.Current.CancellationToken)
        );
        Assert.Contains(
            "tools",
            await reader.ReadLineAsync(TestContext.Current.CancellationToken),
            StringComparison.Ordinal
        );
        await server.PersonAsync("Ines Okafor");
        using var ended = await server.Client.DeleteAsync(
            new Uri($"/api/sessions?personId={ada}", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        ended.EnsureSuccessStatusCode();
        // To its end, which comes because the server ends it.
        var rest = await reader.ReadToEndAsync(TestContext.Current.CancellationToken);
        Assert.Contains("signed-out", rest, StringComparison.Ordinal);
        using var again = await server
            .BrowserOf(ada)
            .Http.GetAsync(new Uri("/api/stream", UriKind.Relative), TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.Unauthorized, again.StatusCode);
    }

    /// <summary>What is kept on the Shelf is not for strangers, by whatever route.</summary>
    [Fact]
    public async Task A_stranger_asks_the_bench_about_landings_but_not_about_the_shelf_s()
    {
        await using var server = await RunningServer.StartAsync();
        var id = (await server.GetAsync("/api/shelf/landing")).Json.GetProperty("items")[0].GetProperty("id").GetGuid();
        var asked = new
        {
            conductor = new { size = "2.5 mm²", build = "fine-stranded" },
            landing = new { kind = "screw-clamp-block", id },
        };
        using var refused = await server.Stranger.Http.PostAsJsonAsync(
            new Uri("/api/bench/recipe", UriKind.Relative),
            asked,
            TestContext.Current.CancellationToken
        );
        Assert.Equal(HttpStatusCode.Unauthorized, refused.StatusCode);
    }

    private static List<Route> Routes(RunningServer server) =>
        [
            .. server
                .Services.GetRequiredService<EndpointDataSource>()
                .Endpoints.OfType<RouteEndpoint>()
                .Where(e => e.RoutePattern.RawText!.StartsWith("/api", StringComparison.Ordinal))
                .SelectMany(e =>
                    e.Metadata.GetMetadata<HttpMethodMetadata>()!
                        .HttpMethods.Select(verb => new Route(
                            verb,
                            Parameter().Replace(e.RoutePattern.RawText!.TrimEnd('/'), "{${name}}"),
                            NeedsOf(e)
                        ))
                )
                .Where(r => !r.Pattern.Contains('*', StringComparison.Ordinal)),
        ];

    private static string NeedsOf(RouteEndpoint endpoint)
    {
        if (endpoint.Metadata.GetMetadata<IAllowAnonymous>() is not null)
        {
            return Open;
        }

        var rights = endpoint
            .Metadata.GetOrderedMetadata<AuthorizationPolicy>()
            .SelectMany(p => p.Requirements.OfType<RightNeeded>())
            .Select(n => JsonNamingPolicy.CamelCase.ConvertName(n.Right.ToString()))
            .Distinct(StringComparer.Ordinal)
            .ToList();
        return rights.Count > 0 ? string.Join(", ", rights)
            : endpoint.Metadata.GetMetadata<IAuthorizeData>() is not null ? Somebody
            : "nobody said";
    }

    private static async Task<(HttpStatusCode Status, string Text)> AskAsync(Browser browser, Route route)
    {
        using var request = new HttpRequestMessage(
            new(route.Verb),
            new Uri(
                Parameter()
                    .Replace(route.Pattern, m => m.Groups["name"].Value switch
                        {
                            "side" => "a",
                            "kind" => "landing",
                            "table" => "none",
                            _ => "0198f000-0000-7000-8000-000000000001",
                        }),
                UriKind.Relative
            )
        );
        if (route.Verb is "POST" or "PUT")
        {
            // Files come as they are.
            var type = route.Pattern is "/api/jobs/import/preview" ? "application/octet-stream" : "application/json";
            request.Content = new StringContent("{}", System.Text.Encoding.UTF8, type);
        }

        using var response = await browser.Http.SendAsync(
            request,
            HttpCompletionOption.ResponseHeadersRead,
            TestContext.Current.CancellationToken
        );
        // A stream has no end.
        return response.Content.Headers.ContentType?.MediaType == "text/event-stream"
            ? (response.StatusCode, "")
            : (response.StatusCode, await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    [GeneratedRegex(@"\{(?<name>[a-zA-Z]+)(:[a-z]+)?\}", RegexOptions.ExplicitCapture, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Parameter();

    [GeneratedRegex(@"^\| (GET|POST|PUT|DELETE) \| /api", RegexOptions.ExplicitCapture, matchTimeoutMilliseconds: 1000)]
    private static partial Regex RouteLine();
}
