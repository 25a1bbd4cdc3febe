using System.Text;
using Dapper;
using Lacet.Store;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>
/// Every deed is cut short at one step of the database’s work after the other, as by a disk that fails there. It is
/// there whole or not at all, in the database and in what is open; sent again it is done, once.
/// </summary>
public sealed class InterruptedDeedTests
{
    /// <summary>
    /// Steps of SQLite’s own machine between two places that are tried, so that each statement is cut several times.
    /// </summary>
    private const int Stride = 11;

    private const int MostTries = 160;

    public static TheoryData<string> Deeds =>
        [
            "person",
            "job",
            "wires",
            "command",
            "import",
            "new list",
            "document",
            "record",
            "rework",
            "withdrawal",
            "undo",
            "put away",
        ];

    [Theory]
    [MemberData(nameof(Deeds))]
    public async Task Cut_short_it_is_whole_or_not_at_all_and_sent_again_it_is_done_once(string deed)
    {
        await using var bench = await JobBench.StartAsync();
        var (job, send) = await ReadyAsync(bench, deed);
        var database = bench.Server.Services.GetRequiredService<LacetDatabase>();
        var before = await StateAsync(bench, job);
        string? done = null;
        var (steps, cuts, left, isArmed) = (1L, 0, 0L, false);
        database.Opened = connection =>
            SQLitePCL.raw.sqlite3_progress_handler(connection.Handle!, 1, _ => isArmed && left-- == 0 ? 1 : 0, null);
        HttpStatusCode status;
        do
        {
            (left, isArmed) = (steps, true);
            status = (await send()).Status;
            isArmed = false;
            if (status == HttpStatusCode.InternalServerError)
            {
                cuts++;
                var now = await StateAsync(bench, job);
                // Cut after it was stored, only its answer is lost.
                done ??= now == before ? null : now;
                Assert.Equal(done ?? before, now);
            }

            // In small steps at first, where most is read, then wider: each deed is cut in all of its length.
            steps += Stride + (steps / 12);
        } while (status == HttpStatusCode.InternalServerError && cuts < MostTries);

        Assert.True(
            status is HttpStatusCode.OK or HttpStatusCode.Created or HttpStatusCode.NoContent,
            $"{status} after {cuts} cuts"
        );
        Assert.InRange(cuts, 2, MostTries - 1);
        var after = await StateAsync(bench, job);
        Assert.NotEqual(before, after);
        Assert.Equal(done ?? after, after);
        if (deed != "put away")
        {
            Assert.InRange((int)(await send()).Status, 200, 299);
        }

        Assert.Equal(after, await StateAsync(bench, job));
        var folder = bench.Server.Folder;
        await bench.DisposeAsync();
        await using var again = await RunningServer.StartAsync(folder);
        Assert.Equal(after, await StateAsync(again, job));
        Assert.True((await again.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
    }

    /// <summary>A job with two wires, one of them landed and one cut back, and the deed, always the same one.</summary>
    private static async Task<(Guid Job, Func<Task<(HttpStatusCode Status, JsonElement Json)>> Send)> ReadyAsync(
        JobBench bench,
        string deed
    )
    {
        var job = await bench.JobAsync();
        await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List, job), new { });
        var wires = (await bench.WiresAsync(job)).ConvertAll(w => w.GetProperty("wire"));
        var (first, second) = (wires[0].GetProperty("id").GetGuid(), wires[1].GetProperty("id").GetGuid());
        var measured = System.Text.Json.Nodes.JsonNode.Parse(wires[1].GetRawText())!;
        measured["part"] = "wire";
        measured["a"]!["freeLengthMm"] = 300;
        Assert.Equal(HttpStatusCode.OK, (await bench.CommandAsync(job, new { put = measured, version = 1 })).Status);
        Assert.Equal(HttpStatusCode.Created, (await bench.RecordAsync(job, first, "termination", bench.Ada)).Status);
        var id = Guid.NewGuid();
        object Rework(Guid of) =>
            new
            {
                id = of,
                device = "t",
                deviceSequence = 2,
                claimedAt = RunningServer.Now,
                kind = "rework",
                subject = new
                {
                    jobId = job,
                    wireId = second,
                    side = "a",
                },
                rework = new { strands = 50, damaged = 20 },
            };
        var reworked = Guid.NewGuid();
        if (deed == "withdrawal")
        {
            Assert.Equal(
                HttpStatusCode.Created,
                (await bench.Server.PostAsync("/api/records", Rework(reworked))).Status
            );
        }

        var typed = Guid.NewGuid();
        if (deed == "undo")
        {
            await bench.Server.PostAsync(
                $"/api/jobs/{job}/wires",
                new
                {
                    id = typed,
                    rows = new[] { new { name = "9", size = "2.5" } },
                    enclosure = "DCP",
                }
            );
        }

        var preview = deed switch
        {
            "import" => (
                await bench.PreviewAsync(JobBench.List.Replace("2.5 fine", "4 fine", StringComparison.Ordinal), job)
            )
                .GetProperty("id")
                .GetGuid(),
            "new list" => (await bench.PreviewAsync(JobBench.List)).GetProperty("id").GetGuid(),
            _ => Guid.Empty,
        };
        var document =
            deed == "document"
                ? (
                    await bench.Server.Client.GetStringAsync(
                        new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative)
                    )
                ).Replace(job.ToString(), id.ToString(), StringComparison.Ordinal)
                : "";
        return (
            job,
            deed switch
            {
                "person" => () =>
                    bench.Server.PostAsync(
                        "/api/people",
                        new
                        {
                            name = "Cleo",
                            role = "electrician",
                            id,
                        }
                    ),
                "job" => () => bench.Server.PostAsync("/api/jobs", new { id, name = "New" }),
                "wires" => () =>
                    bench.Server.PostAsync(
                        $"/api/jobs/{job}/wires",
                        new
                        {
                            id,
                            rows = new[] { new { name = "9", size = "2.5" }, new { name = "10", size = "4" } },
                            enclosure = "DCP",
                        }
                    ),
                "command" => () =>
                    bench.Server.PostAsync(
                        $"/api/jobs/{job}/commands",
                        new { id, changes = new[] { new { remove = second, version = 2 } } }
                    ),
                "import" or "new list" => () =>
                    bench.Server.PostAsync(
                        $"/api/jobs/import/{preview}/accept",
                        new { id, jobName = deed == "import" ? null : "Listed" }
                    ),
                "document" => async () =>
                    await bench.SendAsync($"/api/jobs/document", Encoding.UTF8.GetBytes(document)) is var (status, json)
                    && status == HttpStatusCode.Conflict
                        ? (HttpStatusCode.OK, json)
                        : (status, json),
                "record" => () => bench.RecordAsync(job, second, "termination", bench.Ada, id),
                "rework" => () => bench.Server.PostAsync("/api/records", Rework(id)),
                "withdrawal" => () => bench.Server.PostAsync("/api/records", Requests.Withdrawal(reworked, id)),
                "undo" => () => bench.Server.PostAsync($"/api/jobs/{job}/commands/{typed}/undo", new { id }),
                _ => async () =>
                {
                    using var answer = await bench.Server.Client.DeleteAsync(
                        new Uri($"/api/jobs/{job}", UriKind.Relative)
                    );
                    return (answer.StatusCode, default);
                },
            }
        );
    }

    private static Task<string> StateAsync(JobBench bench, Guid job) => StateAsync(bench.Server, job);

    /// <summary>All that is stored but the moments of it, and all that is shown of the job.</summary>
    private static async Task<string> StateAsync(RunningServer server, Guid job)
    {
        var state = new StringBuilder();
        await using (
            var connection = new SqliteConnection(
                new SqliteConnectionStringBuilder
                {
                    DataSource = Path.Combine(server.Folder, LacetDatabase.FileName),
                    Pooling = false,
                }.ToString()
            )
        )
        {
            await connection.OpenAsync();
            foreach (
                var table in new[] { "person", "event", "job", "job_part", "job_command", "job_change", "device_clock" }
            )
            {
                foreach (
                    IDictionary<string, object?> row in await connection.QueryAsync(
                        $"SELECT * FROM {table} ORDER BY 1, 2"
                    )
                )
                {
                    state
                        .AppendJoin(
                            '|',
                            row.Values.Select(v =>
                                v is byte[] bytes
                                    ? Convert.ToHexString(bytes)
                                    : Convert.ToString(v, System.Globalization.CultureInfo.InvariantCulture)
                            )
                        )
                        .Append('\n');
                }
            }
        }

        foreach (var shown in new[] { "wires", "findings", "commands", "landings" })
        {
            var (status, json) = await server.GetAsync($"/api/jobs/{job}/{shown}");
            state.Append(status).Append(status == HttpStatusCode.OK ? json : default).Append('\n');
        }

        return state.ToString();
    }
}
