using System.Diagnostics;
using System.Text;

namespace Lacet.Bench;

/// <summary>Sixteen clients that ask for recipes as fast as they are answered, for a bounded number of times.</summary>
internal static class HttpLoad
{
    private const int Clients = 16;
    private const int WarmUp = 100;
    private const int Counted = 600;

    private const string Body = """
        {"conductor":{"size":"2.5 mm²","build":"fine-stranded","material":"copper"},
         "landing":{"kind":"screw-clamp-block","leastMm2":0.5,"mostMm2":4,"stripDepthMm":9,"ferrule":"allowed",
                    "torqueMarking":{"least":0.5,"most":0.8,"unit":"N·m"}}}
        """;

    internal static async Task RunAsync(Uri server)
    {
        using var http = new HttpClient { BaseAddress = server };
        await Task.WhenAll(Enumerable.Range(0, Clients).Select(_ => AskAsync(http, WarmUp)));
        var started = Stopwatch.GetTimestamp();
        var times = (await Task.WhenAll(Enumerable.Range(0, Clients).Select(_ => AskAsync(http, Counted))))
            .SelectMany(t => t)
            .Order()
            .ToList();
        var took = Stopwatch.GetElapsedTime(started);
        Console.WriteLine(
            $"HTTP recipe, {Clients} clients, {times.Count} requests: p50 {times[times.Count / 2]:0.00} ms, p99 {times[times.Count * 99 / 100]:0.00} ms, {times.Count / took.TotalSeconds:0} a second"
        );
    }

    private static async Task<List<double>> AskAsync(HttpClient http, int count)
    {
        var times = new List<double>(count);
        for (var i = 0; i < count; i++)
        {
            using var content = new StringContent(Body, Encoding.UTF8, "application/json");
            var started = Stopwatch.GetTimestamp();
            using var response = await http.PostAsync(new Uri("/api/bench/recipe", UriKind.Relative), content);
            response.EnsureSuccessStatusCode();
            await response.Content.ReadAsByteArrayAsync();
            times.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
        }

        return times;
    }
}
