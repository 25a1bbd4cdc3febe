using Dapper;
using Lacet.Store;
using Microsoft.Data.Sqlite;

namespace Lacet.Web.Tests;

/// <summary>What looks at the whole process, or at how long something takes, runs while nothing else does.</summary>
[CollectionDefinition(nameof(Alone), DisableParallelization = true)]
public sealed class Alone;

/// <summary>A program that runs wild is refused with a sentence; everybody else goes on.</summary>
[Collection(nameof(Alone))]
public sealed class LimitTests
{
    [Fact]
    public async Task More_streams_than_there_are_pages_are_refused_and_the_page_still_answers()
    {
        await using var server = await RunningServer.StartAsync();
        using var handler = new SocketsHttpHandler
        {
            MaxConnectionsPerServer = 400,
            CookieContainer = server.BrowserOf(await server.PersonAsync("Ada")).Cookies,
        };
        using var client = new HttpClient(handler) { BaseAddress = server.Client.BaseAddress };
        var open = new List<HttpResponseMessage>();
        try
        {
            for (var i = 0; i < 200; i++)
            {
                open.Add(
                    await client.GetAsync(
                        new Uri("/api/stream", UriKind.Relative),
                        HttpCompletionOption.ResponseHeadersRead,
                        TestContext.Current.CancellationToken
                    )
                );
            }

            Assert.All(open, r => Assert.Equal(HttpStatusCode.OK, r.StatusCode));
            using var refused = await client.GetAsync(
                new Uri("/api/stream", UriKind.Relative),
                HttpCompletionOption.ResponseHeadersRead,
                TestContext.Current.CancellationToken
            );
            Assert.Equal(HttpStatusCode.TooManyRequests, refused.StatusCode);
            Assert.Contains(
                "more at once",
                await refused.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
                StringComparison.Ordinal
            );
            Assert.Equal(HttpStatusCode.OK, (await server.GetAsync("/api/house-rules")).Status);
        }
        finally
        {
            open.ForEach(r => r.Dispose());
        }
    }

    /// <summary>
    /// Whoever tries many passwords waits in a line of their own address, which has an end; who works is not in it. One
    /// that is looked at takes seconds here, so that all of them are there at once.
    /// </summary>
    [Fact]
    public async Task Whoever_tries_many_secrets_waits_in_a_line_of_their_own()
    {
        const int tried = 100;
        await using var server = await RunningServer.StartAsync(signedIn: false, hashing: 3_000_000);
        using var leaving = new CancellationTokenSource();
        using var handler = new SocketsHttpHandler { MaxConnectionsPerServer = tried };
        using var client = new HttpClient(handler) { BaseAddress = server.Client.BaseAddress };
        var refused = new TaskCompletionSource();
        var left = tried;
        var tries = Enumerable
            .Range(0, tried)
            .Select(async i =>
            {
                using var answer = await client.PostAsJsonAsync(
                    new Uri("/api/session/password", UriKind.Relative),
                    new { name = $"Nobody {i}", password = "not this one" },
                    leaving.Token
                );
                Assert.Equal(HttpStatusCode.TooManyRequests, answer.StatusCode);
                // All but the one that is looked at, and those that wait for it.
                if (Interlocked.Decrement(ref left) == 17)
                {
                    refused.SetResult();
                }
            })
            .ToList();
        await refused.Task.WaitAsync(TimeSpan.FromSeconds(60), TestContext.Current.CancellationToken);
        // More than all requests that are taken at once came, and there is room for others.
        Assert.Equal(HttpStatusCode.OK, (await server.GetAsync("/api/house-rules")).Status);
        await leaving.CancelAsync();
        await Task.WhenAll(tries.Select(t => t.ContinueWith(_ => { }, TaskScheduler.Default)));
    }

    /// <summary>What is refused leaves nothing behind: memory comes back to where it was, within a third.</summary>
    [Fact]
    public async Task Bad_requests_leave_no_memory_behind()
    {
        await using var server = await RunningServer.StartAsync();
        await SendBadAsync(500);
        var before = GC.GetTotalMemory(forceFullCollection: true);
        await SendBadAsync(4000);
        var after = GC.GetTotalMemory(forceFullCollection: true);
        Assert.True(after < before * 4 / 3, $"{before / 1024} kB before, {after / 1024} kB after");

        Task SendBadAsync(int count) =>
            Parallel.ForEachAsync(
                Enumerable.Range(0, count),
                new ParallelOptions { MaxDegreeOfParallelism = 8 },
                async (i, _) =>
                {
                    var (status, _) = await server.PostAsync(
                        "/api/jobs/import/preview/text",
                        $$"""{ "text": "no list {{i}}", "wibble": {{i}} }"""
                    );
                    Assert.InRange((int)status, 400, 499);
                    await server.PostAsync("/api/jobs/import/preview/text", new { text = $"no list {i}" });
                }
            );
    }

    /// <summary>
    /// Another program that holds the database is waited for once, then it is said; nothing of what was sent is there.
    /// </summary>
    [Fact]
    public async Task A_database_that_another_program_holds_is_said_in_seconds()
    {
        await using var server = await RunningServer.StartAsync();
        var ada = await server.PersonAsync("Ada");
        using (
            var other = new SqliteConnection(
                new SqliteConnectionStringBuilder
                {
                    DataSource = Path.Combine(server.Folder, LacetDatabase.FileName),
                    Pooling = false,
                }.ToString()
            )
        )
        {
            other.Open();
            other.Execute("BEGIN IMMEDIATE");
            var started = System.Diagnostics.Stopwatch.GetTimestamp();
            var answers = await Task.WhenAll(
                Enumerable
                    .Range(0, 4)
                    .Select(_ => server.PostAsync("/api/records", Requests.Termination(Requests.Typed())))
            );
            Assert.All(answers, a => Assert.Equal(HttpStatusCode.ServiceUnavailable, a.Status));
            Assert.All(answers, a =>
                Assert.StartsWith(
                    "Another program holds the database.",
                    a.Json.GetProperty("detail").GetString(),
                    StringComparison.Ordinal
                )
            );
            // One wait for all of them, and not one after the other; generous, since nothing is measured here.
            Assert.InRange(
                System.Diagnostics.Stopwatch.GetElapsedTime(started),
                TimeSpan.Zero,
                TimeSpan.FromSeconds(14)
            );
            other.Execute("ROLLBACK");
        }

        Assert.Equal(0, await server.EventsAsync());
        Assert.Equal(
            HttpStatusCode.Created,
            (await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()))).Status
        );
    }
}
