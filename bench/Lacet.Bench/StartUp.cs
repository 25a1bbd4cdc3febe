using System.Diagnostics;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using Lacet.Core.Jobs;
using Lacet.Exchange.Jobs;

namespace Lacet.Bench;

/// <summary>
/// From the start of the program to its first answer and its first edit, a built program and a data folder of its own
/// each time.
/// </summary>
internal static class StartUp
{
    private const int Runs = 5;

    internal static async Task<(Process Server, Uri Address, string? Code)> StartAsync(
        string program,
        string? folder = null
    )
    {
        folder ??= Directory.CreateTempSubdirectory("lacet-bench-").FullName;
        var process = Process.Start(
            new ProcessStartInfo("dotnet", [program, "serve", "--port", "0", "--data", folder])
            {
                RedirectStandardOutput = true,
                UseShellExecute = false,
            }
        )!;
        string? code = null;
        while (await process.StandardOutput.ReadLineAsync() is { } line)
        {
            if (line.IndexOf("http", StringComparison.Ordinal) is >= 0 and var at)
            {
                return (process, new Uri(line[at..]), code);
            }

            code = line.Split(' ')[^1];
        }

        throw new InvalidOperationException("The server did not start.");
    }

    /// <summary>The first lead comes in by the code that was printed.</summary>
    internal static async Task ComeInAsync(HttpClient http, Uri address, string? code)
    {
        using var answer = await http.PostAsJsonAsync(
            new Uri(address, "/api/session/code"),
            new
            {
                name = "Bench",
                code,
                password = "three odd words",
            }
        );
        answer.EnsureSuccessStatusCode();
        var session = await answer.Content.ReadFromJsonAsync<JsonElement>();
        http.DefaultRequestHeaders.Add("X-Lacet-Token", session.GetProperty("token").GetString());
    }

    internal static async Task RunAsync(string program)
    {
        var times = new List<double>();
        for (var i = 0; i < Runs; i++)
        {
            var started = Stopwatch.GetTimestamp();
            var (server, address, _) = await StartAsync(program);
            using var http = new HttpClient();
            await http.GetStringAsync(new Uri(address, "/api/bench/starters"));
            times.Add(Stopwatch.GetElapsedTime(started).TotalSeconds);
            await EndAsync(server);
        }

        var edits = new List<double>();
        for (var i = 0; i < Runs; i++)
        {
            edits.Add(await FirstEditAsync(program));
        }

        edits.Sort();
        Console.WriteLine(
            $"First edit after a start, {Runs} runs: median {edits[Runs / 2]:0} ms ({edits[0]:0} to {edits[^1]:0})"
        );
        times.Sort();
        Console.WriteLine(
            $"Start to first answer, {Runs} runs: median {times[Runs / 2]:0.00} s ({times[0]:0.00} to {times[^1]:0.00})"
        );
    }

    /// <summary>A job of 1,000 wires is there; the server has been started for so long as a page takes to be opened.</summary>
    private static async Task<double> FirstEditAsync(string program)
    {
        var folder = Directory.CreateTempSubdirectory("lacet-bench-").FullName;
        var title = new JobTitle(Guid.NewGuid(), "Bench") { Order = 1 };
        var parts = JobBench.Parts(1000).ToList();
        var (server, address, code) = await StartAsync(program, folder);
        // The session outlives the server.
        using var browser = new HttpClientHandler();
        using var http = new HttpClient(browser);
        await ComeInAsync(http, address, code);
        using var document = new ByteArrayContent(JobDocument.Of(title, parts).Write());
        document.Headers.ContentType = new("application/json");
        using var taken = await http.PostAsync(new Uri(address, "/api/jobs/document"), document);
        taken.EnsureSuccessStatusCode();
        await EndAsync(server);
        (server, address, _) = await StartAsync(program, folder);
        await Task.Delay(TimeSpan.FromSeconds(3));
        var wire = parts.OfType<JobWire>().First() with { Function = WireFunction.Signal };
        using var edit = new StringContent(
            $$"""{"id":"{{Guid.NewGuid()}}","changes":[{"put":{{PartJson.Write(wire)}},"version":1}]}""",
            Encoding.UTF8,
            "application/json"
        );
        var started = Stopwatch.GetTimestamp();
        using var answer = await http.PostAsync(new Uri(address, $"/api/jobs/{title.Id}/commands"), edit);
        var took = Stopwatch.GetElapsedTime(started).TotalMilliseconds;
        answer.EnsureSuccessStatusCode();
        await EndAsync(server);
        return took;
    }

    private static async Task EndAsync(Process server)
    {
        server.Kill();
        await server.WaitForExitAsync();
        server.Dispose();
    }
}
