using Dapper;
using Lacet.Store;
using Lacet.Web.Hosting;
using Microsoft.Data.Sqlite;

namespace Lacet.Web.Tests;

/// <summary>
/// What somebody changes by hand in the database is found and placed, and everything else can still be read.
/// </summary>
public sealed class SealedLogTests
{
    /// <summary>Each is what a person could change to make the record say something else.</summary>
    public static TheoryData<string, string, long> Changes =>
        new()
        {
            {
                "UPDATE event SET corrects = (SELECT id FROM event WHERE sequence = 1) WHERE sequence = 2",
                "What event 2 is found by",
                2
            },
            { "UPDATE event SET wire_end = 'a1b2' WHERE sequence = 2", "What event 2 is found by", 2 },
            { "UPDATE event SET job = (SELECT id FROM job LIMIT 1) WHERE sequence = 3", "What event 3 is found by", 3 },
            { "UPDATE event SET id = 'b' WHERE sequence = 2", "What event 2 is found by", 2 },
            {
                "UPDATE person SET name = 'Somebody Else' WHERE name = 'Ada'",
                "A person of event 1 does not bear the name",
                1
            },
            {
                "UPDATE event SET bytes = replace(bytes, 'test', 'tset') WHERE sequence = 2",
                "Event 2 was changed after it was received.",
                2
            },
            {
                "UPDATE event SET bytes = 'no json', hash = '0011' WHERE sequence = 4",
                "Event 4 was changed after it was received.",
                4
            },
            { "DELETE FROM event WHERE sequence = 3", "Event 3 is missing.", 4 },
        };

    [Theory]
    [MemberData(nameof(Changes))]
    public async Task A_change_by_hand_is_found_and_placed(string change, string says, long at)
    {
        var folder = await RecordedAsync(4);
        Tamper(folder, change);
        await using var server = await RunningServer.StartAsync(folder);
        var (_, seal) = await server.GetAsync("/api/records/seal");
        Assert.StartsWith(says, seal.GetProperty("says").GetString(), StringComparison.Ordinal);
        Assert.Equal(at, seal.GetProperty("brokenAt").GetInt64());
        Assert.Equal(at, seal.GetProperty("faults")[0].GetProperty("sequence").GetInt64());
    }

    /// <summary>
    /// One damaged event is shown in its place; the Log before and after it, both exports and a new record are as ever.
    /// </summary>
    [Theory]
    [InlineData("UPDATE event SET bytes = 'no json' WHERE sequence = 2")]
    [InlineData("UPDATE event SET bytes = x'ff00' WHERE sequence = 4")]
    public async Task A_damaged_event_stands_in_its_place_and_the_rest_is_read(string damage)
    {
        var folder = await RecordedAsync(4);
        Tamper(folder, damage);
        var at = damage[^1] - '0';
        await using var server = await RunningServer.StartAsync(folder);
        var (status, page) = await server.GetAsync("/api/records");
        Assert.Equal(HttpStatusCode.OK, status);
        var states = page.GetProperty("items")
            .EnumerateArray()
            .OrderBy(i => i.GetProperty("sequence").GetInt64())
            .Select(i => i.GetProperty("state").GetString()!)
            .ToList();
        Assert.Equal("damaged", states[at - 1]);
        Assert.Equal(3, states.Count(s => s == "landed"));
        var csv = await server.Client.GetStringAsync(
            new Uri("/api/records/export.csv", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        Assert.Equal(6, csv.Split("\r\n").Length);
        Assert.Contains("damaged", csv.Split("\r\n")[at], StringComparison.Ordinal);
        var (_, exported) = await server.GetAsync("/api/records/export.json");
        Assert.Equal(4, exported.GetProperty("events").GetArrayLength());
        Assert.True(exported.GetProperty("events")[at - 1].TryGetProperty("damaged", out _));
        var (made, _) = await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        Assert.Equal(HttpStatusCode.Created, made);
    }

    /// <summary>
    /// A job is read though an event at one of its ends is damaged: that event says nothing, the others what they said.
    /// </summary>
    [Fact]
    public async Task A_job_with_a_damaged_event_is_read()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List, job), new { });
        var wires = await bench.WiresAsync(job);
        foreach (var wire in wires)
        {
            Assert.Equal(
                HttpStatusCode.Created,
                (
                    await bench.RecordAsync(
                        job,
                        wire.GetProperty("wire").GetProperty("id").GetGuid(),
                        "termination",
                        bench.Ada
                    )
                ).Status
            );
        }

        var folder = bench.Server.Folder;
        await bench.DisposeAsync();
        Tamper(folder, "UPDATE event SET bytes = 'no json' WHERE sequence = 1");
        await using var again = await RunningServer.StartAsync(folder);
        var (status, read) = await again.GetAsync($"/api/jobs/{job}/wires");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            ["ready", "landed"],
            read.GetProperty("items").EnumerateArray().Select(w => w.GetProperty("a").GetProperty("state").GetString())
        );
    }

    [Theory]
    [InlineData(null, null, 0, "All 3 events are as they were received")]
    [InlineData(null, "its head", 0, "That head is event 3’s: all up to it is as it was")]
    [InlineData(null, "0123456789abcdef", 1, "No event has that head")]
    [InlineData("UPDATE person SET name = 'X' WHERE name = 'Ada'", null, 1, "does not bear the name")]
    [InlineData("UPDATE event SET bytes = 'x' WHERE sequence = 2", "its head", 1, "something up to it was changed")]
    public async Task Verify_walks_the_record_from_outside(string? change, string? head, int exit, string says)
    {
        var folder = await RecordedAsync(3);
        using (var database = LacetDatabase.OpenToRead(folder))
        {
            head =
                head == "its head"
                    ? (
                        await new EventsTable(database, new JobsTable(database, TimeProvider.System)).NewestAsync(
                            long.MaxValue,
                            1
                        )
                    )[0].Hash[..16] + "…"
                    : head;
        }

        if (change is not null)
        {
            Tamper(folder, change);
        }

        await using var found = new StringWriter();
        Assert.Equal(exit, await ChainCheck.RunAsync(folder, head, found, TextWriter.Null, CancellationToken.None));
        Assert.Contains(says, found.ToString(), StringComparison.Ordinal);
    }

    /// <summary>A data folder with so many records of Ada's at the Bench, and no server that uses it.</summary>
    private static async Task<string> RecordedAsync(int events)
    {
        await using var server = await RunningServer.StartAsync();
        var ada = await server.PersonAsync("Ada");
        for (var i = 0; i < events; i++)
        {
            await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        }

        await server.PostAsync("/api/jobs", new { id = Guid.NewGuid(), name = "Dome" });
        return server.Folder;
    }

    private static void Tamper(string folder, string change)
    {
        using var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = Path.Combine(folder, LacetDatabase.FileName),
                Pooling = false,
            }.ToString()
        );
        connection.Open();
        connection.Execute(
            "DROP TRIGGER event_no_update; DROP TRIGGER event_no_delete; PRAGMA ignore_check_constraints = ON; PRAGMA foreign_keys = OFF"
        );
        connection.Execute(
            change
                .Replace("'no json'", "CAST('no json' AS BLOB)", StringComparison.Ordinal)
                .Replace("= 'x'", "= CAST('x' AS BLOB)", StringComparison.Ordinal)
                .Replace(
                    "replace(bytes, 'test', 'tset')",
                    "CAST(replace(CAST(bytes AS TEXT), 'test', 'tset') AS BLOB)",
                    StringComparison.Ordinal
                )
        );
    }
}
