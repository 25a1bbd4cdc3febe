using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using Lacet.Core.Jobs;
using Lacet.Exchange;
using Lacet.Exchange.Jobs;
using Microsoft.Data.Sqlite;

namespace Lacet.Bench;

/// <summary>
/// What people wait for at a server: a large job taken in, a long list accepted, and recording meanwhile.
/// </summary>
internal static class DeedBench
{
    private static readonly string[] Columns =
    [
        "Wire",
        "From",
        "From type",
        "To",
        "To type",
        "Size",
        "Colour",
        "Function",
        "Circuit",
        "Breaker",
        "Length",
    ];

    internal static async Task RunAsync(string program)
    {
        var (server, address, code) = await StartUp.StartAsync(program);
        using var http = new HttpClient { BaseAddress = address, Timeout = TimeSpan.FromMinutes(5) };
        await StartUp.ComeInAsync(http, address, code);
        await TakeInAsync(http, 500);
        var stored = await TakeInAsync(http, 10_000);
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Job of 10,000 wires taken in, and its findings answered: {stored.Took:0.00} s; a script puts the same rows into SQLite in {stored.Script:0.00} s: {stored.Took / stored.Script:0.0} ×"
            )
        );
        Figures.Say(
            "Records, 50 people at once, the first of a server",
            "records",
            await RecordsAsync(http, clients: 50, each: 10, default)
        );
        Figures.Say("Records, 50 people at once", "records", await RecordsAsync(http, clients: 50, each: 40, default));
        using var done = new CancellationTokenSource();
        var meanwhile = Task.Run(() => RecordsAsync(http, clients: 2, each: int.MaxValue, done.Token));
        var accepted = await AcceptAsync(http, 50_000);
        await done.CancelAsync();
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"List of 50,000 wires: previewed in {accepted.Preview:0.0} s, accepted in {accepted.Accept:0.0} s"
            )
        );
        Figures.Say("Records while that list is read and accepted, 2 people", "records", await meanwhile);
        server.Refresh();
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"The server takes {server.WorkingSet64 / 1024.0 / 1024:0} MB after that"
            )
        );
        server.Kill();
        server.Dispose();
    }

    private static async Task<(double Took, double Script)> TakeInAsync(HttpClient http, int wires)
    {
        var title = new JobTitle(Guid.NewGuid(), $"Bench {wires}") { Order = 1 };
        var parts = JobBench.Parts(wires).ToList();
        var document = JobDocument.Of(title, parts).Write();
        var started = Stopwatch.GetTimestamp();
        using var content = new ByteArrayContent(document);
        content.Headers.ContentType = new("application/json");
        (await http.PostAsync(new Uri("/api/jobs/document", UriKind.Relative), content)).EnsureSuccessStatusCode();
        await http.GetByteArrayAsync(new Uri($"/api/jobs/{title.Id}/findings", UriKind.Relative));
        var took = Stopwatch.GetElapsedTime(started).TotalSeconds;
        return (took, Script([.. parts.Prepend(title).Select(p => (p.Id.ToString(), PartJson.Write(p)))]));
    }

    /// <summary>
    /// What a script needs to put the same rows where they go: two rows a part, prepared, one transaction.
    /// </summary>
    private static double Script(List<(string Id, string Body)> parts)
    {
        var file = Path.Combine(Directory.CreateTempSubdirectory("lacet-bench-").FullName, "script.db");
        using var connection = new SqliteConnection($"Data Source={file};Pooling=false");
        connection.Open();
        using (var make = connection.CreateCommand())
        {
            make.CommandText =
                "PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL; CREATE TABLE part (job TEXT, id TEXT, body TEXT, PRIMARY KEY (job, id)) WITHOUT ROWID; CREATE TABLE change (command TEXT, position INTEGER, part TEXT, after TEXT, PRIMARY KEY (command, position)) WITHOUT ROWID; CREATE INDEX change_part ON change (part)";
            make.ExecuteNonQuery();
        }

        var started = Stopwatch.GetTimestamp();
        using var transaction = connection.BeginTransaction();
        using var put = connection.CreateCommand();
        (put.Transaction, put.CommandText) = (transaction, "INSERT INTO part VALUES ($job, $id, $body)");
        using var change = connection.CreateCommand();
        (change.Transaction, change.CommandText) = (transaction, "INSERT INTO change VALUES ($job, $at, $id, $body)");
        var (job, id, body, at) = (
            new SqliteParameter("$job", Guid.NewGuid().ToString()),
            new SqliteParameter("$id", ""),
            new SqliteParameter("$body", ""),
            new SqliteParameter("$at", SqliteType.Integer)
        );
        put.Parameters.AddRange([job, id, body]);
        change.Parameters.AddRange([
            new SqliteParameter("$job", job.Value),
            at,
            new SqliteParameter("$id", ""),
            new SqliteParameter("$body", ""),
        ]);
        for (var i = 0; i < parts.Count; i++)
        {
            (id.Value, body.Value) = parts[i];
            put.ExecuteNonQuery();
            (at.Value, change.Parameters[2].Value, change.Parameters[3].Value) = (i, parts[i].Id, parts[i].Body);
            change.ExecuteNonQuery();
        }

        transaction.Commit();
        return Stopwatch.GetElapsedTime(started).TotalSeconds;
    }

    private static async Task<(double Preview, double Accept)> AcceptAsync(HttpClient http, int rows)
    {
        var text = new StringBuilder(string.Join(';', Columns)).Append("\r\n");
        for (var i = 0; i < rows - 1; i++)
        {
            text.Append(
                CultureInfo.InvariantCulture,
                $"{i};P{i / 50}/X1:{i};screw clamp;P{i / 50}/X2:{i};spring cage;{(i % 3 == 0 ? "14 AWG" : "2,5")};black;line;C{i / 20};16 A;3,2 m\r\n"
            );
        }

        var started = Stopwatch.GetTimestamp();
        using var content = new ByteArrayContent(Encoding.UTF8.GetBytes(text.ToString()));
        content.Headers.ContentType = new("application/octet-stream");
        var preview = await (await http.PostAsync(new Uri("/api/jobs/import/preview", UriKind.Relative), content))
            .EnsureSuccessStatusCode()
            .Content.ReadFromJsonAsync<JsonElement>();
        var id = preview.GetProperty("id").GetGuid();
        while (preview.GetProperty("state").ValueEquals("reading"))
        {
            await Task.Delay(50);
            preview = await http.GetFromJsonAsync<JsonElement>(
                new Uri($"/api/jobs/import/{id}?limit=1", UriKind.Relative)
            );
        }

        var previewed = Stopwatch.GetElapsedTime(started).TotalSeconds;
        started = Stopwatch.GetTimestamp();
        (
            await http.PostAsJsonAsync(
                new Uri($"/api/jobs/import/{id}/accept", UriKind.Relative),
                new { id = Guid.NewGuid(), jobName = "Long" }
            )
        ).EnsureSuccessStatusCode();
        return (previewed, Stopwatch.GetElapsedTime(started).TotalSeconds);
    }

    private static async Task<List<double>> RecordsAsync(
        HttpClient http,
        int clients,
        int each,
        CancellationToken done
    ) =>
        [
            .. (
                await Task.WhenAll(Enumerable.Range(0, clients).Select(c => RecordAsync(http, c, each, done)))
            ).SelectMany(t => t),
        ];

    /// <summary>A termination at the Bench, as a page sends it.</summary>
    internal static object BenchRecord(string device, int sequence) =>
        new
        {
            id = Guid.NewGuid(),
            device,
            deviceSequence = sequence,
            claimedAt = DateTimeOffset.Now,
            conductor = new { size = "2.5 mm²", build = "fine-stranded" },
            landing = new
            {
                kind = "screw-clamp-block",
                leastMm2 = 0.5,
                mostMm2 = 4,
                stripDepthMm = 9,
                ferrule = "allowed",
                torqueMarking = new
                {
                    least = 0.5,
                    most = 0.8,
                    unit = "N·m",
                },
            },
            tightening = new { method = "by-feel" },
        };

    private static async Task<List<double>> RecordAsync(HttpClient http, int client, int count, CancellationToken done)
    {
        var times = new List<double>();
        for (var i = 0; i < count && !done.IsCancellationRequested; i++)
        {
            var body = JsonSerializer.Serialize(BenchRecord($"bench-{client}", i), Json.Options);
            using var content = new StringContent(body, Encoding.UTF8, "application/json");
            var started = Stopwatch.GetTimestamp();
            using var response = await http.PostAsync(
                new Uri("/api/records", UriKind.Relative),
                content,
                CancellationToken.None
            );
            response.EnsureSuccessStatusCode();
            times.Add(Stopwatch.GetElapsedTime(started).TotalMilliseconds);
        }

        return times;
    }
}
