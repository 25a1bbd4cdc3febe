using System.Security.Cryptography;
using System.Text;
using Lacet.Store;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

public sealed partial class RecordTests
{
    /// <summary>It refuses nothing and blames nobody; whoever reads the Log is told.</summary>
    [Fact]
    public async Task A_clock_that_is_ahead_or_goes_backwards_is_noted_in_the_event()
    {
        await using var server = await RunningServer.StartAsync();
        async Task<string?[]> OddAsync(int sequence, DateTimeOffset claimed)
        {
            var record = new
            {
                id = Guid.NewGuid(),
                device = "tablet",
                deviceSequence = sequence,
                claimedAt = claimed,
                conductor = new { size = "12 AWG", build = "solid" },
                landing = new { kind = "binding-screw" },
                tightening = Requests.Typed(),
            };
            var (status, item) = await server.PostAsync("/api/records", record);
            Assert.Equal(HttpStatusCode.Created, status);
            return [.. item.GetProperty("clock").EnumerateArray().Select(c => c.GetString())];
        }

        Assert.Empty(await OddAsync(1, RunningServer.Now));
        Assert.Equal(["ahead"], await OddAsync(2, RunningServer.Now.AddYears(80)));
        Assert.Equal(["backwards"], await OddAsync(3, RunningServer.Now));
        // One that was made before and arrives late is no clock that went backwards.
        Assert.Empty(await OddAsync(2, RunningServer.Now.AddDays(-1)));
        server.Time.AdjustTime(RunningServer.Now.AddDays(-3));
        Assert.Equal(["ahead", "server-backwards"], await OddAsync(4, RunningServer.Now.AddHours(1)));
        Assert.True((await server.GetAsync("/api/records/seal")).Json.GetProperty("isWhole").GetBoolean());
    }

    [Fact]
    public async Task The_log_pages_newest_first()
    {
        await using var server = await RunningServer.StartAsync();
        for (var i = 0; i < 5; i++)
        {
            await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        }

        var seen = new List<long>();
        long? before = null;
        do
        {
            var (_, page) = await server.GetAsync($"/api/records?limit=2{(before is null ? "" : $"&before={before}")}");
            seen.AddRange(page.GetProperty("items").EnumerateArray().Select(i => i.GetProperty("sequence").GetInt64()));
            before = page.GetProperty("next") is { ValueKind: JsonValueKind.Number } next ? next.GetInt64() : null;
        } while (before is not null);

        Assert.Equal([5, 4, 3, 2, 1], seen);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await server.GetAsync("/api/records?limit=5000")).Status);
        Assert.Equal(HttpStatusCode.BadRequest, (await server.GetAsync("/api/records?limit=all")).Status);
    }

    [Fact]
    public async Task Events_can_be_neither_changed_nor_deleted_and_forgery_breaks_the_seal()
    {
        await using var server = await RunningServer.StartAsync();
        for (var i = 0; i < 3; i++)
        {
            await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        }

        await using var database = new SqliteConnection(
            $"Data Source={Path.Combine(server.Folder, LacetDatabase.FileName)}"
        );
        await database.OpenAsync(TestContext.Current.CancellationToken);
        void Run(string sql)
        {
            using var command = database.CreateCommand();
            command.CommandText = sql;
            command.ExecuteNonQuery();
        }

        const string Forge =
            "UPDATE event SET bytes = CAST(replace(CAST(bytes AS TEXT), '0.65', '0.75') AS BLOB) WHERE sequence = 2";
        Assert.Contains(
            "never changed",
            Assert.Throws<SqliteException>(() => Run(Forge)).Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "never deleted",
            Assert.Throws<SqliteException>(() => Run("DELETE FROM event")).Message,
            StringComparison.Ordinal
        );
        Run("DROP TRIGGER event_no_update");
        Run(Forge);
        var (_, seal) = await server.GetAsync("/api/records/seal");
        Assert.False(seal.GetProperty("isWhole").GetBoolean());
        Assert.Equal(2, seal.GetProperty("brokenAt").GetInt64());
        Assert.Contains("Event 2 was changed", seal.GetProperty("says").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_JSON_export_can_be_checked_without_Lacet()
    {
        await using var server = await RunningServer.StartAsync();
        for (var i = 0; i < 4; i++)
        {
            await server.PostAsync("/api/records", Requests.Termination(Requests.Typed(0.6 + (i * 0.02))));
        }

        var export = JsonSerializer.Deserialize<JsonElement>(
            await server.Client.GetStringAsync(new Uri("/api/records/export.json", UriKind.Relative))
        );
        var previous = new string('0', 64);
        foreach (var entry in export.GetProperty("events").EnumerateArray())
        {
            Assert.Equal(previous, entry.GetProperty("event").GetProperty("previous").GetString());
            previous = Convert.ToHexStringLower(
                SHA256.HashData(Encoding.UTF8.GetBytes(entry.GetProperty("event").GetRawText()))
            );
            Assert.Equal(previous, entry.GetProperty("hash").GetString());
        }

        Assert.Equal(previous, export.GetProperty("head").GetString());
        Assert.Equal("Ines Okafor", export.GetProperty("people")[0].GetProperty("name").GetString());
        Assert.DoesNotContain("Ines", export.GetProperty("events").GetRawText(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_name_that_begins_like_a_formula_is_harmless_in_the_CSV()
    {
        await using var server = await RunningServer.StartAsync();
        await server.PersonAsync("=HYPERLINK(1)");
        await server.PostAsync("/api/records", Requests.Termination(Requests.Typed()));
        var csv = await server.Client.GetStringAsync(new Uri("/api/records/export.csv", UriKind.Relative));
        Assert.DoesNotContain(",=HYPERLINK", csv, StringComparison.Ordinal);
        Assert.DoesNotContain(",\"=HYPERLINK", csv, StringComparison.Ordinal);
        Assert.Contains("HYPERLINK(1)", csv, StringComparison.Ordinal);
        Assert.Equal(2, csv.TrimEnd().Split("\r\n").Length);
    }
}
