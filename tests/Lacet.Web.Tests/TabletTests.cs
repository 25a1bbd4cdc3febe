using Lacet.Core.People;
using Lacet.Store;
using Lacet.Workshop.People;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>A tablet that several people share: paired once, held by whoever typed their PIN last.</summary>
public sealed class TabletTests
{
    private const string Pin = "2580";

    [Fact]
    public async Task On_a_paired_tablet_a_name_and_a_PIN_are_enough_to_work_and_not_to_lead()
    {
        await using var server = await RunningServer.StartAsync();
        var ada = await server.PersonAsync("Ada");
        var bo = await server.PersonAsync("Bo", Role.Electrician);
        using var tablet = new Browser(server.Stranger.Http.BaseAddress!);
        // Before it is paired, no PIN is any good on it, and it names nobody.
        Assert.Equal(HttpStatusCode.Unauthorized, (await PinAsync(tablet, bo, Pin)).Status);
        Assert.Empty((await SessionAsync(tablet)).GetProperty("listed").EnumerateArray());

        await PairAsync(server, ada, tablet, "Dome cupboard");
        var session = await SessionAsync(tablet);
        Assert.Equal("Dome cupboard", session.GetProperty("tablet").GetString());
        Assert.Equal(
            ["Ada", "Bo", "Ines Okafor"],
            session.GetProperty("listed").EnumerateArray().Select(p => p.GetProperty("name").GetString())
        );

        Assert.Equal(HttpStatusCode.Unauthorized, (await PinAsync(tablet, bo, "9999")).Status);
        Assert.Equal(HttpStatusCode.OK, (await PinAsync(tablet, bo, Pin)).Status);
        // Another takes it over: the first is signed out by that.
        Assert.Equal(HttpStatusCode.OK, (await PinAsync(tablet, ada, Pin)).Status);
        using var sessions = await server.BrowserOf(bo).Http.GetAsync(new Uri("/api/sessions", UriKind.Relative));
        Assert.Single((await sessions.Content.ReadFromJsonAsync<JsonElement>()).EnumerateArray());

        // A lead by PIN records, and leads once the password is typed.
        Assert.Equal(("password", HttpStatusCode.Forbidden), await MakeJobAsync(tablet));
        using var confirmed = await tablet.Http.PostAsJsonAsync(
            new Uri("/api/session/confirmation", UriKind.Relative),
            new { password = RunningServer.Password }
        );
        Assert.Equal(HttpStatusCode.OK, confirmed.StatusCode);
        await tablet.KeepAsync(confirmed);
        Assert.Equal((null, HttpStatusCode.Created), await MakeJobAsync(tablet));
    }

    [Fact]
    public async Task A_code_pairs_one_tablet_within_ten_minutes()
    {
        await using var server = await RunningServer.StartAsync();
        var ada = await server.PersonAsync("Ada");
        var code = await OfferAsync(server, ada, "Cupboard");
        using var one = new Browser(server.Stranger.Http.BaseAddress!);
        using var two = new Browser(server.Stranger.Http.BaseAddress!);
        Assert.Equal(HttpStatusCode.OK, await UseAsync(one, code.ToLowerInvariant()));
        Assert.Equal(HttpStatusCode.Unauthorized, await UseAsync(two, code));
        var late = await OfferAsync(server, ada, "Cupboard");
        server.Time.Advance(Tablets.CodeLife);
        Assert.Equal(HttpStatusCode.Unauthorized, await UseAsync(two, late));
        Assert.Equal(HttpStatusCode.Unauthorized, await UseAsync(two, Codes.New()));
        Assert.Equal(1, (await server.GetAsync("/api/tablets")).Json.GetArrayLength());
    }

    [Fact]
    public async Task Unpaired_it_lets_nobody_in_and_whoever_was_on_it_is_signed_out()
    {
        await using var server = await RunningServer.StartAsync();
        var ada = await server.PersonAsync("Ada");
        using var tablet = new Browser(server.Stranger.Http.BaseAddress!);
        await PairAsync(server, ada, tablet, "Cupboard");
        await PinAsync(tablet, ada, Pin);
        var id = (await server.GetAsync("/api/tablets")).Json[0].GetProperty("id").GetGuid();
        using var removed = await server.Client.DeleteAsync(new Uri($"/api/tablets/{id}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.NoContent, removed.StatusCode);
        using var asked = await tablet.Http.GetAsync(new Uri("/api/jobs", UriKind.Relative));
        Assert.Equal(HttpStatusCode.Unauthorized, asked.StatusCode);
        Assert.Equal(HttpStatusCode.Unauthorized, (await PinAsync(tablet, ada, Pin)).Status);
        // Her own screen is untouched.
        Assert.Equal(HttpStatusCode.OK, (await server.GetAsync("/api/jobs")).Status);
    }

    /// <summary>
    /// A PIN of four digits is found in the end by whoever may try for ever: after so many it is no good before its owner
    /// has shown who they are.
    /// </summary>
    [Fact]
    public async Task A_PIN_that_was_guessed_at_is_no_good_until_the_password_is_typed()
    {
        await using var server = await RunningServer.StartAsync();
        var ada = await server.PersonAsync("Ada");
        using var tablet = new Browser(server.Stranger.Http.BaseAddress!);
        await PairAsync(server, ada, tablet, "Cupboard");
        var store = new AccountsTable(server.Services.GetRequiredService<LacetDatabase>(), server.Time);
        for (var wrong = 0; wrong < Attempts.MostOfPin; wrong++)
        {
            await store.CountAttemptAsync(ada, isPin: true, wrong, TestContext.Current.CancellationToken);
        }

        server.Time.Advance(TimeSpan.FromDays(1));
        var (status, says) = await PinAsync(tablet, ada, Pin);
        Assert.Equal(HttpStatusCode.Unauthorized, status);
        Assert.StartsWith("That PIN was typed wrong too often.", says, StringComparison.Ordinal);
        await server.PersonAsync("Ada");
        Assert.Equal(HttpStatusCode.OK, (await PinAsync(tablet, ada, Pin)).Status);
    }

    private static async Task<string> OfferAsync(RunningServer server, Guid lead, string name) =>
        (await server.PostAsAsync(lead, "/api/tablets", new { name })).Json.GetProperty("code").GetString()!;

    private static async Task PairAsync(RunningServer server, Guid lead, Browser tablet, string name) =>
        Assert.Equal(HttpStatusCode.OK, await UseAsync(tablet, await OfferAsync(server, lead, name)));

    private static async Task<HttpStatusCode> UseAsync(Browser tablet, string code)
    {
        using var response = await tablet.Http.PostAsJsonAsync(
            new Uri("/api/tablets/pair", UriKind.Relative),
            new { code }
        );
        return response.StatusCode;
    }

    private static async Task<(HttpStatusCode Status, string? Says)> PinAsync(Browser tablet, Guid person, string pin)
    {
        using var response = await tablet.Http.PostAsJsonAsync(
            new Uri("/api/session/pin", UriKind.Relative),
            new { personId = person, pin }
        );
        if (response.StatusCode == HttpStatusCode.OK)
        {
            await tablet.KeepAsync(response);
            return (response.StatusCode, null);
        }

        var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
        return (response.StatusCode, problem.GetProperty("detail").GetString());
    }

    private static Task<JsonElement> SessionAsync(Browser browser) =>
        browser.Http.GetFromJsonAsync<JsonElement>(new Uri("/api/session", UriKind.Relative))!;

    private static async Task<(string? Needs, HttpStatusCode Status)> MakeJobAsync(Browser browser)
    {
        using var response = await browser.Http.PostAsJsonAsync(
            new Uri("/api/jobs", UriKind.Relative),
            new { name = "Dome" }
        );
        var json = await response.Content.ReadFromJsonAsync<JsonElement>();
        return (json.TryGetProperty("needs", out var needs) ? needs.GetString() : null, response.StatusCode);
    }
}
