using System.Text.Json.Nodes;

namespace Lacet.Web.Tests;

public sealed partial class ReworkTests
{
    [Fact]
    public async Task A_rejected_end_is_recorded_and_what_was_cut_back_is_free_no_more()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 170);
        var address = $"/api/jobs/{job}/wires/{wire}/ends/a/rework";
        var (_, assessed) = await bench.Server.PostAsync(address, new { faults = new[] { "ring" } });
        var spent = assessed.GetProperty("spent").GetProperty("value").GetDouble();
        Assert.True(spent > 20);
        Assert.Equal(170 - spent, assessed.GetProperty("left").GetProperty("value").GetDouble(), 6);

        var id = Guid.NewGuid();
        Assert.Equal(
            HttpStatusCode.Created,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id)
        );
        Assert.Equal(("rejected", 170 - spent), await StandsAsync(bench, job));
        // Sent twice, it is spent once.
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id);
        Assert.Equal(("rejected", 170 - spent), await StandsAsync(bench, job));
        Assert.Contains(await bench.FindingsAsync(job), f => f.GetProperty("check").GetString() == "free-length-short");
        var pigtail = (await bench.Server.GetAsync($"/api/jobs/{job}/wires/{wire}/ends/a/remedies"))
            .Json.EnumerateArray()
            .Single(r => r.GetProperty("id").GetString() == "pigtail");
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/wires/{wire}/ends/a/remedies",
            new { id = Guid.NewGuid(), key = pigtail.GetProperty("key").GetString() }
        );
        Assert.DoesNotContain(await bench.FindingsAsync(job), f =>
            f.GetProperty("check").GetString() == "free-length-short"
        );

        // In the Log, in words that a machine reads too.
        var item = (await bench.Server.GetAsync("/api/records")).Json.GetProperty("items")[0];
        Assert.Equal(
            ("rework", "rejected", "cut-back"),
            (
                item.GetProperty("kind").GetString(),
                item.GetProperty("state").GetString(),
                item.GetProperty("rework").GetProperty("verdict").GetString()
            )
        );
    }

    [Fact]
    public async Task A_rework_that_is_taken_back_gives_its_length_back_once_whatever_came_between()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 300);
        var (first, second) = (Guid.NewGuid(), Guid.NewGuid());
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: first);
        var spent = 300 - (await StandsAsync(bench, job)).Free!.Value;
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "nick" } }, id: second);
        Assert.Equal(300 - (2 * spent), (await StandsAsync(bench, job)).Free!.Value, 6);
        var withdrawal = Requests.Withdrawal(first);
        await bench.Server.PostAsync("/api/records", withdrawal);
        await bench.Server.PostAsync("/api/records", withdrawal);
        Assert.Equal(300 - spent, (await StandsAsync(bench, job)).Free!.Value, 6);
        await bench.Server.PostAsync("/api/records", Requests.Withdrawal(second));
        Assert.Equal(("ready", 300.0), await StandsAsync(bench, job));
    }

    /// <summary>“Nothing was stored” must be true of the job too.</summary>
    [Fact]
    public async Task A_record_that_is_refused_because_its_id_is_another_s_shortens_no_wire()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 300);
        var taken = Guid.NewGuid();
        Assert.Equal(HttpStatusCode.Created, await RecordAsync(bench, job, wire, "park", park: "unclear", id: taken));
        Assert.Equal(
            HttpStatusCode.Conflict,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: taken)
        );
        Assert.Equal(("parked", 300.0), await StandsAsync(bench, job));
        // And an id that a command of the job has already is no event's.
        var command = Guid.NewGuid();
        var row = (await bench.WiresAsync(job)).Single();
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands",
            new
            {
                id = command,
                changes = new[]
                {
                    new
                    {
                        put = JobBench.Part(row, w => w["run"] = "W1"),
                        version = row.GetProperty("version").GetInt64(),
                    },
                },
            }
        );
        Assert.Equal(
            HttpStatusCode.Conflict,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: command)
        );
        Assert.Equal((("parked", 300.0), 1L), (await StandsAsync(bench, job), await bench.Server.EventsAsync()));
    }

    /// <summary>
    /// The store refuses the second half of what a rework writes: then the first half is not there either.
    /// </summary>
    [Fact]
    public async Task An_event_and_the_length_it_spends_are_stored_together_or_not_at_all()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 300);
        var id = Guid.NewGuid();
        await SqlAsync(
            bench,
            "CREATE TRIGGER broken BEFORE INSERT ON job_change BEGIN SELECT RAISE(ABORT, 'the disk is full'); END"
        );
        Assert.Equal(
            HttpStatusCode.InternalServerError,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id)
        );
        Assert.Equal((("ready", 300.0), 0L), (await StandsAsync(bench, job), await bench.Server.EventsAsync()));
        await SqlAsync(bench, "DROP TRIGGER broken");
        Assert.Equal(
            HttpStatusCode.Created,
            await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id)
        );
        var (state, free) = await StandsAsync(bench, job);
        Assert.Equal(("rejected", true, 1L), (state, free < 290, await bench.Server.EventsAsync()));

        // So is what it gives back when it is taken back.
        var withdrawal = Requests.Withdrawal(id);
        await SqlAsync(
            bench,
            "CREATE TRIGGER broken BEFORE INSERT ON job_change BEGIN SELECT RAISE(ABORT, 'the disk is full'); END"
        );
        Assert.Equal(
            HttpStatusCode.InternalServerError,
            (await bench.Server.PostAsync("/api/records", withdrawal)).Status
        );
        Assert.Equal((state, free), await StandsAsync(bench, job));
        await SqlAsync(bench, "DROP TRIGGER broken");
        Assert.Equal(HttpStatusCode.Created, (await bench.Server.PostAsync("/api/records", withdrawal)).Status);
        Assert.Equal(("ready", 300.0), await StandsAsync(bench, job));
    }

    [Fact]
    public async Task A_rework_taken_back_four_times_at_once_gives_its_length_back_once()
    {
        await using var bench = await JobBench.StartAsync();
        var (job, wire) = await EndAsync(bench, freeMm: 300);
        var id = Guid.NewGuid();
        await RecordAsync(bench, job, wire, "rework", new { faults = new[] { "ring" } }, id: id);
        var answers = await Task.WhenAll(
            Enumerable.Range(0, 4).Select(_ => bench.Server.PostAsync("/api/records", Requests.Withdrawal(id)))
        );
        Assert.Equal(
            [
                HttpStatusCode.Created,
                HttpStatusCode.UnprocessableEntity,
                HttpStatusCode.UnprocessableEntity,
                HttpStatusCode.UnprocessableEntity,
            ],
            answers.Select(a => a.Status).Order()
        );
        Assert.Equal((("ready", 300.0), 2L), (await StandsAsync(bench, job), await bench.Server.EventsAsync()));
    }

    private static async Task SqlAsync(JobBench bench, string sql)
    {
        await using var connection = new Microsoft.Data.Sqlite.SqliteConnection(
            $"Data Source={Path.Combine(bench.Server.Folder, Store.LacetDatabase.FileName)}"
        );
        await connection.OpenAsync();
        await using var command = connection.CreateCommand();
        command.CommandText = sql;
        await command.ExecuteNonQueryAsync();
    }
}
