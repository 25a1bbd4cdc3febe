using System.Collections.Concurrent;
using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Text.Json;

namespace Lacet.Bench;

/// <summary>
/// A hundred people signed in and at work, while ten tablets in the wrong hands try PINs, twenty a second together.
/// </summary>
internal static class AttackBench
{
    private const int People = 100;
    private const int Tablets = 10;
    private const int TriesASecond = 20;
    private const string Password = "three odd words";
    private static readonly TimeSpan Each = TimeSpan.FromSeconds(15);

    internal static async Task RunAsync(string program)
    {
        var (server, address, code) = await StartUp.StartAsync(program);
        try
        {
            using var lead = Client(address, 0);
            await StartUp.ComeInAsync(lead, address, code);
            var started = Stopwatch.GetTimestamp();
            var crew = new List<(Guid Id, HttpClient Http)>();
            for (var i = 0; i < People; i++)
            {
                crew.Add(await LetInAsync(lead, address, i));
            }

            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"{People} people let in and signed in, one after the other: {Stopwatch.GetElapsedTime(started).TotalSeconds:0.0} s"
                )
            );
            var tablets = new List<HttpClient>();
            for (var i = 0; i < Tablets; i++)
            {
                tablets.Add(await PairAsync(lead, address, i));
            }

            // The first of everything is slower, and not what is asked.
            await WorkAsync(crew, TimeSpan.FromSeconds(5));
            Figures.Say($"{People} people at work", "requests", await WorkAsync(crew, Each));
            using var ending = new CancellationTokenSource();
            var attack = AttackAsync(tablets, [.. crew.Select(c => c.Id)], ending.Token);
            Figures.Say($"{People} people at work, while PINs are tried", "requests", await WorkAsync(crew, Each));
            await ending.CancelAsync();
            var answers = await attack;
            Console.WriteLine(
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"Wrong PINs from {Tablets} addresses: {answers.Values.Sum() / Each.TotalSeconds:0.0} a second; answered {string.Join(", ", answers.OrderBy(a => a.Key).Select(a => $"{(int)a.Key}: {a.Value}"))}"
                )
            );
            foreach (var http in crew.Select(c => c.Http).Concat(tablets))
            {
                http.Dispose();
            }
        }
        finally
        {
            server.Kill();
            server.Dispose();
        }
    }

    /// <summary>A browser of its own, with an address of its own: all of 127.0.0.0/8 is this machine.</summary>
    private static HttpClient Client(Uri address, int from) =>
        new(
            new SocketsHttpHandler
            {
                CookieContainer = new CookieContainer(),
                ConnectCallback = async (context, cancellation) =>
                {
                    var socket = new Socket(SocketType.Stream, ProtocolType.Tcp) { NoDelay = true };
                    socket.Bind(new IPEndPoint(IPAddress.Parse($"127.0.{1 + (from / 200)}.{1 + (from % 200)}"), 0));
                    await socket.ConnectAsync(IPAddress.Loopback, context.DnsEndPoint.Port, cancellation);
                    return new NetworkStream(socket, ownsSocket: true);
                },
            }
        )
        {
            BaseAddress = address,
        };

    private static async Task<(Guid Id, HttpClient Http)> LetInAsync(HttpClient lead, Uri address, int number)
    {
        var name = $"Worker {number}";
        var added = await SendAsync(lead, "/api/people", new { name, role = "electrician" });
        var http = Client(address, 1 + number);
        var session = await SendAsync(
            http,
            "/api/session/code",
            new
            {
                name,
                code = added.GetProperty("code").GetString(),
                password = Password,
                pin = "2580",
            }
        );
        http.DefaultRequestHeaders.Add("X-Lacet-Token", session.GetProperty("token").GetString());
        return (session.GetProperty("person").GetProperty("id").GetGuid(), http);
    }

    private static async Task<HttpClient> PairAsync(HttpClient lead, Uri address, int number)
    {
        var offer = await SendAsync(lead, "/api/tablets", new { name = $"Tablet {number}" });
        var http = Client(address, 1 + People + number);
        await SendAsync(http, "/api/tablets/pair", new { code = offer.GetProperty("code").GetString() });
        return http;
    }

    private static async Task<JsonElement> SendAsync(HttpClient http, string path, object body)
    {
        using var answer = await http.PostAsJsonAsync(new Uri(path, UriKind.Relative), body);
        answer.EnsureSuccessStatusCode();
        return await answer.Content.ReadFromJsonAsync<JsonElement>();
    }

    /// <summary>Everybody looks at the jobs, or records at the Bench, every two seconds; how long each waited, ms.</summary>
    private static async Task<List<double>> WorkAsync(List<(Guid Id, HttpClient Http)> crew, TimeSpan time)
    {
        var until = Stopwatch.GetTimestamp() + (long)(time.TotalSeconds * Stopwatch.Frequency);
        var waits = await Task.WhenAll(crew.Select((c, i) => WorkAsync(c.Http, i, until)));
        return [.. waits.SelectMany(w => w)];
    }

    private static async Task<List<double>> WorkAsync(HttpClient http, int number, long until)
    {
        var waits = new List<double>();
        await Task.Delay(number * 2000 / People);
        for (var i = 0; Stopwatch.GetTimestamp() < until; i++)
        {
            var started = Stopwatch.GetTimestamp();
            using var answer =
                i % 2 == 0
                    ? await http.GetAsync(new Uri("/api/jobs", UriKind.Relative))
                    : await http.PostAsJsonAsync(
                        new Uri("/api/records", UriKind.Relative),
                        DeedBench.BenchRecord($"w{number}", i)
                    );
            answer.EnsureSuccessStatusCode();
            waits.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
            await Task.Delay(TimeSpan.FromSeconds(2));
        }

        return waits;
    }

    private static async Task<IReadOnlyDictionary<HttpStatusCode, int>> AttackAsync(
        List<HttpClient> tablets,
        List<Guid> people,
        CancellationToken cancellation
    )
    {
        var answers = new ConcurrentDictionary<HttpStatusCode, int>();
        var tries = new List<Task>();
        using var beat = new PeriodicTimer(TimeSpan.FromSeconds(1.0 / TriesASecond));
        try
        {
            for (var i = 0; await beat.WaitForNextTickAsync(cancellation); i++)
            {
                tries.Add(TryAsync(tablets[i % tablets.Count], people[i % people.Count], i));
            }
        }
        catch (OperationCanceledException)
        {
            await Task.WhenAll(tries);
        }

        return answers;

        async Task TryAsync(HttpClient tablet, Guid person, int number)
        {
            using var answer = await tablet.PostAsJsonAsync(
                new Uri("/api/session/pin", UriKind.Relative),
                new { personId = person, pin = (1000 + (number % 1000)).ToString(CultureInfo.InvariantCulture) },
                CancellationToken.None
            );
            answers.AddOrUpdate(answer.StatusCode, 1, (_, before) => before + 1);
        }
    }
}
