using System.Diagnostics;

namespace Lacet.Bench;

/// <summary>
/// From the start of the program to its first answer, a built program and a data folder of its own each time.
/// </summary>
internal static class StartUp
{
    private const int Runs = 5;

    internal static async Task<(Process Server, Uri Address)> StartAsync(string program)
    {
        var folder = Directory.CreateTempSubdirectory("lacet-bench-").FullName;
        var process = Process.Start(
            new ProcessStartInfo("dotnet", [program, "serve", "--port", "0", "--data", folder])
            {
                RedirectStandardOutput = true,
                UseShellExecute = false,
            }
        )!;
        var line = await process.StandardOutput.ReadLineAsync()
            ?? throw new InvalidOperationException("The server did not start.");
        return (process, new Uri(line[line.IndexOf("http", StringComparison.Ordinal)..]));
    }

    internal static async Task RunAsync(string program)
    {
        var times = new List<double>();
        for (var i = 0; i < Runs; i++)
        {
            var started = Stopwatch.GetTimestamp();
            var (server, address) = await StartAsync(program);
            using var http = new HttpClient();
            await http.GetStringAsync(new Uri(address, "/api/bench/starters"));
            times.Add(Stopwatch.GetElapsedTime(started).TotalSeconds);
            server.Kill();
            await server.WaitForExitAsync();
            server.Dispose();
        }

        times.Sort();
        Console.WriteLine(
            $"Start to first answer, {Runs} runs: median {times[Runs / 2]:0.00} s ({times[0]:0.00} to {times[^1]:0.00})"
        );
    }
}
