using Lacet.Workshop.People;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>Who works here: added, changed, reset, and one person however the name is typed.</summary>
public sealed class PeopleTests
{
    /// <summary>
    /// Unicode’s own examples of what looks the same: composed and not, wide letters, what takes no room, any case.
    /// </summary>
    [Theory]
    [InlineData("Ada", "ADA")]
    [InlineData("Ada", " ada  ")]
    [InlineData("Zoë Quist", "Zoe\u0308  quist")]
    [InlineData("Ada", "Ａｄａ")]
    [InlineData("Straße", "STRASSE")]
    public async Task A_name_typed_otherwise_is_the_same_person(string first, string then)
    {
        await using var server = await RunningServer.StartAsync();
        var added = await AddAsync(server, first);
        Assert.Equal(HttpStatusCode.Created, added.Status);
        Assert.Equal(HttpStatusCode.Conflict, (await AddAsync(server, then)).Status);
        Assert.Equal(2, (await server.GetAsync("/api/people")).Json.GetArrayLength());
        // And signs in by either.
        using var browser = new Browser(server.Stranger.Http.BaseAddress!);
        Assert.Equal(HttpStatusCode.OK, (await UseAsync(browser, then, added.Code)).Status);
    }

    /// <summary>A body’s text with what cannot be seen in it is refused by field; nothing is stored.</summary>
    [Theory]
    [InlineData("A\u200Bda")]
    [InlineData("\u202EadA")]
    [InlineData("Ada\u0000")]
    [InlineData("Ada\u0007")]
    [InlineData("   ")]
    public async Task A_name_that_cannot_be_seen_is_refused(string name)
    {
        await using var server = await RunningServer.StartAsync();
        var (status, problem) = await server.PostAsync("/api/people", new { name, role = "electrician" });
        Assert.Equal((HttpStatusCode.UnprocessableEntity, "name"), (status, problem.GetProperty("field").GetString()));
        Assert.Equal(1, (await server.GetAsync("/api/people")).Json.GetArrayLength());
    }

    /// <summary>
    /// Names of jobs and their parts are composed where they come in, so that what looks the same is found as the same.
    /// </summary>
    [Fact]
    public async Task A_wire_s_name_is_found_however_its_accent_is_typed()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "Pre\u0301-1", size = "2.5" });
        var (_, found) = await bench.Server.GetAsync($"/api/jobs/{job}/wires?q={Uri.EscapeDataString("Pré")}");
        Assert.Equal("Pré-1", found.GetProperty("items")[0].GetProperty("wire").GetProperty("name").GetString());
    }

    [Fact]
    public async Task A_code_lets_somebody_in_once_and_a_new_one_undoes_what_was_forgotten()
    {
        await using var server = await RunningServer.StartAsync();
        var added = await AddAsync(server, "Ada");
        using var browser = new Browser(server.Stranger.Http.BaseAddress!);
        // A password that anybody tries first is refused, and the code is still good.
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "password"),
            await UseAsync(browser, "Ada", added.Code, "adaadaadaada")
        );
        // NIST SP 800-63B-4, 3.1.1.2 (from memory): what leaked, dictionary words, and what is made of them are refused.
        foreach (var leaked in new[] { "password123", "qwertyuiop", "1q2w3e4r5t", "football1234", "passw0rd2024" })
        {
            Assert.Equal(
                (HttpStatusCode.UnprocessableEntity, "password"),
                await UseAsync(browser, "Ada", added.Code, leaked)
            );
        }

        Assert.Equal(HttpStatusCode.OK, (await UseAsync(browser, "ada", added.Code.ToLowerInvariant())).Status);
        using var other = new Browser(server.Stranger.Http.BaseAddress!);
        Assert.Equal(HttpStatusCode.Unauthorized, (await UseAsync(other, "Ada", added.Code)).Status);

        var (_, people) = await server.GetAsync("/api/people");
        var ada = people.EnumerateArray().Single(p => p.GetProperty("name").GetString() == "Ada").GetProperty("id");
        var (reset, given) = await server.PostAsync($"/api/people/{ada.GetGuid()}/code", new { });
        Assert.Equal(HttpStatusCode.OK, reset);
        // Signed out where she was, and the old password is no more.
        using var asked = await browser.Http.GetAsync(new Uri("/api/jobs", UriKind.Relative));
        Assert.Equal(HttpStatusCode.Unauthorized, asked.StatusCode);
        await Assert.ThrowsAsync<HttpRequestException>(() => other.SignInAsync("Ada", RunningServer.Password));
        Assert.Equal(HttpStatusCode.OK, (await UseAsync(other, "Ada", given.GetProperty("code").GetString()!)).Status);
    }

    [Fact]
    public async Task A_code_is_good_for_three_days()
    {
        await using var server = await RunningServer.StartAsync();
        var added = await AddAsync(server, "Ada");
        server.Time.Advance(Codes.Life);
        using var browser = new Browser(server.Stranger.Http.BaseAddress!);
        Assert.Equal(HttpStatusCode.Unauthorized, (await UseAsync(browser, "Ada", added.Code)).Status);
    }

    [Fact]
    public async Task The_last_lead_stays_one_and_who_works_here_no_more_is_signed_out()
    {
        await using var server = await RunningServer.StartAsync();
        var ines = (await server.GetAsync("/api/people")).Json[0].GetProperty("id").GetGuid();
        Assert.Equal(HttpStatusCode.Conflict, await ChangeAsync(server, ines, "electrician"));
        Assert.Equal(HttpStatusCode.Conflict, await ChangeAsync(server, ines, "lead", closed: true));
        var ada = await server.PersonAsync("Ada");
        Assert.Equal(HttpStatusCode.OK, await ChangeAsync(server, ines, "lead", closed: true));
        using var asked = await server.BrowserOf(ada).Http.GetAsync(new Uri("/api/jobs", UriKind.Relative));
        Assert.Equal(HttpStatusCode.OK, asked.StatusCode);
        using var browser = new Browser(server.Stranger.Http.BaseAddress!);
        await Assert.ThrowsAsync<HttpRequestException>(() =>
            browser.SignInAsync("Ines Okafor", RunningServer.Password)
        );
    }

    [Fact]
    public async Task The_first_lead_comes_in_by_the_printed_code_and_nobody_after()
    {
        await using var server = await RunningServer.StartAsync(signedIn: false);
        var code = server.Services.GetRequiredService<FirstLead>().Code;
        var (_, before) = await server.GetAsync("/api/session");
        Assert.True(before.GetProperty("awaitsFirstLead").GetBoolean());
        Assert.Equal(HttpStatusCode.Unauthorized, (await UseAsync(server.Stranger, "Eve", Codes.New())).Status);
        // Four at once are one.
        var browsers = Enumerable.Range(0, 4).Select(_ => new Browser(server.Stranger.Http.BaseAddress!)).ToList();
        var came = await Task.WhenAll(browsers.Select((b, i) => UseAsync(b, $"Ada {i}", code)));
        Assert.Single(came, c => c.Status == HttpStatusCode.OK);
        Assert.Equal(HttpStatusCode.Unauthorized, (await UseAsync(server.Stranger, "Eve", code)).Status);
        var (_, after) = await server.GetAsync("/api/session");
        Assert.False(after.GetProperty("awaitsFirstLead").GetBoolean());
        Assert.Single(await server.Services.GetRequiredService<Accounts>().AllAsync());
        browsers.ForEach(b => b.Dispose());
    }

    /// <summary>What somebody did outlives their name, and the record is as whole as it was.</summary>
    [Fact]
    public async Task An_erased_name_is_gone_from_everywhere_and_the_chain_still_closes()
    {
        await using var server = await RunningServer.StartAsync();
        var ines = (await server.GetAsync("/api/people")).Json[0].GetProperty("id").GetGuid();
        using (var last = await server.Client.DeleteAsync(new Uri($"/api/people/{ines}/name", UriKind.Relative)))
        {
            Assert.Equal(HttpStatusCode.Conflict, last.StatusCode);
        }

        var zelda = await server.PersonAsync("Zelda Quince");
        await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        var (_, job) = await server.PostAsync("/api/jobs", new { name = "Dome" });
        await server.PersonAsync("Ines Okafor");
        using (var erased = await server.Client.DeleteAsync(new Uri($"/api/people/{zelda}/name", UriKind.Relative)))
        {
            Assert.Equal(HttpStatusCode.OK, erased.StatusCode);
        }

        var id = job.GetProperty("title").GetProperty("id").GetGuid();
        foreach (
            var address in new[]
            {
                "/api/records",
                "/api/records/export.csv",
                "/api/records/export.json",
                "/api/jobs",
                $"/api/jobs/{id}/commands",
                "/api/people",
                "/api/sessions",
            }
        )
        {
            var text = await server.Client.GetStringAsync(new Uri(address, UriKind.Relative));
            Assert.DoesNotContain("Zelda", text, StringComparison.Ordinal);
        }

        var seal = (await server.GetAsync("/api/records/seal")).Json;
        Assert.True(seal.GetProperty("isWhole").GetBoolean(), seal.ToString());
        Assert.Equal(1, await server.EventsAsync());
        using var asked = await server.BrowserOf(zelda).Http.GetAsync(new Uri("/api/jobs", UriKind.Relative));
        Assert.Equal(HttpStatusCode.Unauthorized, asked.StatusCode);
        // Nobody brings it back: neither as somebody who works here, nor by a code.
        Assert.Equal(HttpStatusCode.NotFound, await ChangeAsync(server, zelda, "lead"));
        Assert.Equal(HttpStatusCode.NotFound, (await server.PostAsync($"/api/people/{zelda}/code", new { })).Status);
        // The name is free again, and is somebody else’s.
        Assert.NotEqual(zelda, await server.PersonAsync("Zelda Quince"));
    }

    private static async Task<(HttpStatusCode Status, string Code)> AddAsync(RunningServer server, string name)
    {
        var (status, json) = await server.PostAsync("/api/people", new { name, role = "electrician" });
        return (status, json.TryGetProperty("code", out var code) ? code.GetString()! : "");
    }

    private static async Task<(HttpStatusCode Status, string? Field)> UseAsync(
        Browser browser,
        string name,
        string code,
        string password = RunningServer.Password
    )
    {
        using var response = await browser.Http.PostAsJsonAsync(
            new Uri("/api/session/code", UriKind.Relative),
            new
            {
                name,
                code,
                password,
            }
        );
        if (response.StatusCode == HttpStatusCode.OK)
        {
            await browser.KeepAsync(response);
            return (response.StatusCode, null);
        }

        var problem = await response.Content.ReadFromJsonAsync<JsonElement>();
        return (response.StatusCode, problem.TryGetProperty("field", out var field) ? field.GetString() : null);
    }

    private static async Task<HttpStatusCode> ChangeAsync(
        RunningServer server,
        Guid person,
        string role,
        bool closed = false
    )
    {
        using var response = await server.Client.PutAsJsonAsync(
            new Uri($"/api/people/{person}", UriKind.Relative),
            new { role, closed }
        );
        return response.StatusCode;
    }
}
