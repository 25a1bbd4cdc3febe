using Lacet.Core.People;
using Lacet.Store;

namespace Lacet.Web.Tests;

/// <summary>Signing in and out: what is kept, how long it holds, and what whoever guesses meets.</summary>
public sealed class SignInTests
{
    /// <summary>RFC 6265 and its revision: what a script or another site must not reach is marked so.</summary>
    [Fact]
    public async Task The_cookie_is_out_of_reach_and_no_secret_lies_in_the_database()
    {
        await using var server = await RunningServer.StartAsync();
        using var response = await server.Stranger.Http.PostAsJsonAsync(
            new Uri("/api/session/password", UriKind.Relative),
            new { name = "Ines Okafor", password = RunningServer.Password }
        );
        var cookie = response
            .Headers.GetValues("Set-Cookie")
            .Single(c => c.StartsWith("lacet-session=", StringComparison.Ordinal));
        Assert.Contains("httponly", cookie, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("samesite=strict", cookie, StringComparison.OrdinalIgnoreCase);
        Assert.DoesNotContain("expires", cookie, StringComparison.OrdinalIgnoreCase);
        var key = cookie["lacet-session=".Length..cookie.IndexOf(';', StringComparison.Ordinal)];
        var files = Directory
            .GetFiles(server.Folder, LacetDatabase.FileName + "*")
            .Where(f => !f.EndsWith("-shm", StringComparison.Ordinal));
        foreach (var file in files)
        {
            using var open = new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
            using var reader = new StreamReader(open, System.Text.Encoding.Latin1);
            var bytes = await reader.ReadToEndAsync();
            Assert.DoesNotContain(key, bytes, StringComparison.Ordinal);
            Assert.DoesNotContain(RunningServer.Password, bytes, StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task A_session_holds_over_a_restart_and_ends_when_nobody_is_there()
    {
        var first = await RunningServer.StartAsync();
        var ada = await first.PersonAsync("Ada");
        var cookies = first.BrowserOf(ada).Cookies;
        await first.DisposeAsync();
        await using var server = await RunningServer.StartAsync(first.Folder, signedIn: false);
        using var browser = new Browser(server.Stranger.Http.BaseAddress!, cookies);
        Assert.Equal(HttpStatusCode.OK, await AskAsync(browser));
        server.Time.Advance(SessionLimits.Idle(Proof.Password) - TimeSpan.FromMinutes(1));
        Assert.Equal(HttpStatusCode.OK, await AskAsync(browser));
        server.Time.Advance(SessionLimits.Idle(Proof.Password));
        Assert.Equal(HttpStatusCode.Unauthorized, await AskAsync(browser));
    }

    [Fact]
    public async Task A_session_ends_after_a_long_shift_whatever_is_done_in_it()
    {
        await using var server = await RunningServer.StartAsync();
        var browser = server.BrowserOf(await server.PersonAsync("Ada"));
        var step = TimeSpan.FromHours(1);
        for (var worked = step; worked < SessionLimits.Whole; worked += step)
        {
            server.Time.Advance(step);
            Assert.Equal(HttpStatusCode.OK, await AskAsync(browser));
        }

        server.Time.Advance(step);
        Assert.Equal(HttpStatusCode.Unauthorized, await AskAsync(browser));
    }

    [Fact]
    public async Task Signed_out_is_signed_out_on_one_screen_or_on_all()
    {
        await using var server = await RunningServer.StartAsync();
        var ada = await server.PersonAsync("Ada");
        var one = server.BrowserOf(ada);
        using var two = new Browser(one.Http.BaseAddress!);
        await two.SignInAsync("Ada", RunningServer.Password);
        using var three = new Browser(one.Http.BaseAddress!);
        await three.SignInAsync("Ada", RunningServer.Password);
        using var bo = new Browser(one.Http.BaseAddress!);
        await server.PersonAsync("Bo", Role.Electrician);
        await bo.SignInAsync("Bo", RunningServer.Password);

        var sessions = await one.Http.GetFromJsonAsync<JsonElement>(new Uri("/api/sessions", UriKind.Relative));
        Assert.Equal(3, sessions.EnumerateArray().Count(s => s.GetProperty("name").GetString() == "Ada"));
        Assert.Single(sessions.EnumerateArray(), s => s.GetProperty("isThis").GetBoolean());

        // Only a lead ends somebody else’s.
        var mine = sessions
            .EnumerateArray()
            .Single(s => s.GetProperty("isThis").GetBoolean())
            .GetProperty("id")
            .GetGuid();
        Assert.Equal(HttpStatusCode.Forbidden, await DeleteAsync(bo, $"/api/sessions/{mine}"));
        Assert.Equal(HttpStatusCode.Forbidden, await DeleteAsync(bo, $"/api/sessions?personId={ada}"));
        Assert.Equal(HttpStatusCode.NoContent, await DeleteAsync(two, "/api/session"));
        Assert.Equal(HttpStatusCode.Unauthorized, await AskAsync(two));
        Assert.Equal(HttpStatusCode.OK, await AskAsync(three));
        Assert.Equal(HttpStatusCode.NoContent, await DeleteAsync(one, "/api/sessions"));
        Assert.Equal(HttpStatusCode.Unauthorized, await AskAsync(one));
        Assert.Equal(HttpStatusCode.Unauthorized, await AskAsync(three));
        Assert.Equal(HttpStatusCode.OK, await AskAsync(bo));
    }

    [Fact]
    public async Task Whoever_guesses_is_slowed_down_and_so_are_ten_at_once()
    {
        await using var server = await RunningServer.StartAsync();
        // Ten at once are no more than ten one after another: five free ones, and the rest is not even looked at.
        var guesses = await Task.WhenAll(
            Enumerable.Range(0, 10).Select(i => GuessAsync(server, "Ines Okafor", $"wrong guess {i}"))
        );
        Assert.True(guesses.Count(g => g.Status == HttpStatusCode.Unauthorized) <= Attempts.Free);
        Assert.All(guesses, g =>
            Assert.True(g.Status is HttpStatusCode.Unauthorized or HttpStatusCode.TooManyRequests)
        );
        for (var i = 0; i < Attempts.Free; i++)
        {
            await GuessAsync(server, "Ines Okafor", "wrong again");
        }

        // Now the right one waits too, and it is said for how long.
        var right = await GuessAsync(server, "Ines Okafor", RunningServer.Password);
        Assert.Equal(HttpStatusCode.TooManyRequests, right.Status);
        Assert.True(right.RetryAfter > TimeSpan.Zero && right.RetryAfter <= Attempts.Wait(Attempts.Free));
        server.Time.Advance(right.RetryAfter!.Value);
        Assert.Equal(HttpStatusCode.OK, (await GuessAsync(server, "Ines Okafor", RunningServer.Password)).Status);
        // What was wrong before counts no more.
        Assert.Equal(HttpStatusCode.Unauthorized, (await GuessAsync(server, "Ines Okafor", "wrong")).Status);
    }

    [Fact]
    public async Task Whoever_guesses_at_everybody_is_slowed_down_by_their_address()
    {
        await using var server = await RunningServer.StartAsync();
        var statuses = new List<HttpStatusCode>();
        for (var i = 0; i < 40; i++)
        {
            statuses.Add((await GuessAsync(server, $"Nobody {i}", "some old password")).Status);
        }

        Assert.Equal(HttpStatusCode.Unauthorized, statuses[0]);
        Assert.Equal(HttpStatusCode.TooManyRequests, statuses[^1]);
    }

    /// <summary>A lead whose role is taken away is one no more, at the very next request.</summary>
    [Fact]
    public async Task A_role_that_is_taken_away_is_gone_at_once()
    {
        await using var server = await RunningServer.StartAsync();
        var bo = await server.PersonAsync("Bo");
        await server.PersonAsync("Ada");
        using (
            var changed = await server.Client.PutAsJsonAsync(
                new Uri($"/api/people/{bo}", UriKind.Relative),
                new { role = "inspector" }
            )
        )
        {
            changed.EnsureSuccessStatusCode();
        }

        Assert.Equal(
            HttpStatusCode.Forbidden,
            (await server.PostAsAsync(bo, "/api/jobs", new { name = "Dome" })).Status
        );
    }

    [Fact]
    public async Task Another_password_signs_out_everywhere_else()
    {
        await using var server = await RunningServer.StartAsync();
        var ada = server.BrowserOf(await server.PersonAsync("Ada"));
        using var other = new Browser(ada.Http.BaseAddress!);
        await other.SignInAsync("Ada", RunningServer.Password);
        using var wrong = await ada.Http.PutAsJsonAsync(
            new Uri("/api/session/secrets", UriKind.Relative),
            new { password = "not mine at all", newPassword = "quite another one" }
        );
        Assert.Equal(HttpStatusCode.Unauthorized, wrong.StatusCode);
        using var changed = await ada.Http.PutAsJsonAsync(
            new Uri("/api/session/secrets", UriKind.Relative),
            new { password = RunningServer.Password, newPassword = "quite another one" }
        );
        changed.EnsureSuccessStatusCode();
        await ada.KeepAsync(changed);
        Assert.Equal(HttpStatusCode.OK, await AskAsync(ada));
        Assert.Equal(HttpStatusCode.Unauthorized, await AskAsync(other));
        Assert.Equal(HttpStatusCode.Unauthorized, (await GuessAsync(server, "Ada", RunningServer.Password)).Status);
        Assert.Equal(HttpStatusCode.OK, (await GuessAsync(server, "Ada", "quite another one")).Status);
    }

    private static async Task<HttpStatusCode> AskAsync(Browser browser)
    {
        using var response = await browser.Http.GetAsync(new Uri("/api/jobs", UriKind.Relative));
        return response.StatusCode;
    }

    private static async Task<HttpStatusCode> DeleteAsync(Browser browser, string address)
    {
        using var response = await browser.Http.DeleteAsync(new Uri(address, UriKind.Relative));
        return response.StatusCode;
    }

    private static async Task<(HttpStatusCode Status, TimeSpan? RetryAfter)> GuessAsync(
        RunningServer server,
        string name,
        string password
    )
    {
        using var browser = new Browser(server.Stranger.Http.BaseAddress!);
        using var response = await browser.Http.PostAsJsonAsync(
            new Uri("/api/session/password", UriKind.Relative),
            new { name, password }
        );
        return (response.StatusCode, response.Headers.RetryAfter?.Delta);
    }
}
