using System.Text;

namespace Lacet.Web.Tests;

/// <summary>Jobs over HTTP: made, typed into, changed by commands, undone, imported, judged, recorded at, exported.</summary>
public sealed class JobTests
{
    private const string List = "Wire;From;From type;To;To type;Size;Colour;Circuit;Breaker\r\n1;DCP/X1:1;spring cage;DCP/X2:1;push-in;2.5 fine;black;C1;16\r\n2;DCP/X1:2;spring cage;DCP/X2:2;push-in;2.5 fine;black;C1;16\r\n";

    [Fact]
    public async Task A_job_is_made_once_listed_put_away_and_taken_out_again()
    {
        await using var bench = await Bench.StartAsync();
        var id = Guid.NewGuid();
        var body = new { id, personId = bench.Ada, name = "Dome" };
        Assert.Equal(HttpStatusCode.Created, (await bench.Server.PostAsync("/api/jobs", body)).Status);
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.PostAsync("/api/jobs", body)).Status);
        Assert.Equal(HttpStatusCode.Conflict, (await bench.Server.PostAsync("/api/jobs", new { id, personId = bench.Ada, name = "Other" })).Status);
        Assert.Equal(["Dome"], await bench.NamesAsync());
        await bench.DeleteAsync($"/api/jobs/{id}");
        Assert.Empty(await bench.NamesAsync());
        Assert.Equal(HttpStatusCode.NotFound, (await bench.Server.GetAsync($"/api/jobs/{id}")).Status);
        await bench.Server.PostAsync($"/api/jobs/{id}/restore", new { });
        Assert.Equal(["Dome"], await bench.NamesAsync());
    }

    [Theory]
    [InlineData("", HttpStatusCode.UnprocessableEntity)]
    [InlineData("x", HttpStatusCode.Created)]
    public async Task A_job_needs_a_name(string name, HttpStatusCode status)
    {
        await using var bench = await Bench.StartAsync();
        Assert.Equal(status, (await bench.Server.PostAsync("/api/jobs", new { personId = bench.Ada, name })).Status);
    }

    [Fact]
    public async Task A_job_is_its_maker_s_by_house_rules_and_nobody_else_s()
    {
        await using var bench = await Bench.StartAsync();
        var (_, made) = await bench.Server.PostAsync("/api/jobs", new { personId = bench.Ada, name = "Dome", houseRules = new { region = "iec" } });
        Assert.Equal("iec", made.GetProperty("title").GetProperty("houseRules").GetProperty("region").GetString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.Server.PostAsync("/api/jobs", new { personId = Guid.NewGuid(), name = "Dome" })).Status);
    }

    [Fact]
    public async Task Rows_are_typed_read_as_people_write_and_undone()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        var (status, done) = await bench.TypeAsync(job, new { name = "12", from = "DCP/X1:5", fromLanding = "screw terminal", to = "X2:1", size = "#14", colour = "BK", length = "12' 6\"", function = "hot" });
        Assert.Equal(HttpStatusCode.OK, status);
        var row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(("DCP/X1:5", "DCP/X2:1", "14 AWG", "black", 3810), (row.GetProperty("from").GetString(), row.GetProperty("to").GetString(), row.GetProperty("size").GetString(), row.GetProperty("wire").GetProperty("colour").GetString(), row.GetProperty("wire").GetProperty("lengthMm").GetDouble()));
        Assert.Equal("line", row.GetProperty("wire").GetProperty("function").GetString());

        await bench.TypeAsync(job, new { wireId = Id(row), version = 1, type = "solid" });
        row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(("14 AWG", "solid copper", 2), (row.GetProperty("size").GetString(), row.GetProperty("type").GetString(), row.GetProperty("version").GetInt64()));
        await bench.TypeAsync(job, new { wireId = Id(row), version = 2, size = "2,5", colour = "" });
        row = (await bench.WiresAsync(job)).Single();
        Assert.Equal(("2.5 mm²", "solid copper", JsonValueKind.Null), (row.GetProperty("size").GetString(), row.GetProperty("type").GetString(), row.GetProperty("wire").GetProperty("colour").ValueKind));

        var undone = await bench.Server.PostAsync($"/api/jobs/{job}/commands/{done.GetProperty("commandId").GetGuid()}/undo", new { personId = bench.Ada });
        Assert.Equal(HttpStatusCode.Conflict, undone.Status);
        Assert.Single(await bench.WiresAsync(job));
    }

    [Theory]
    [InlineData("size", "fat", "rows[0].size")]
    [InlineData("colour", "mauve", "rows[0].colour")]
    [InlineData("function", "whatever", "rows[0].function")]
    [InlineData("length", "far", "rows[0].length")]
    [InlineData("name", " ", "rows[0].name")]
    public async Task A_cell_that_is_wrong_is_refused_by_its_name_and_nothing_is_stored(string cell, string text, string field)
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        var row = new Dictionary<string, string>(StringComparer.Ordinal) { ["name"] = "1", ["from"] = "DCP/X1:1", [cell] = text };
        var (status, problem) = await bench.TypeAsync(job, row);
        Assert.Equal((HttpStatusCode.UnprocessableEntity, field), (status, problem.GetProperty("field").GetString()));
        Assert.Empty(await bench.WiresAsync(job));
    }

    [Fact]
    public async Task Two_people_who_change_the_same_wire_get_a_clear_conflict_and_neither_is_lost()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", size = "14" });
        var wire = (await bench.WiresAsync(job)).Single();
        Assert.Equal(HttpStatusCode.OK, (await bench.TypeAsync(job, new { wireId = Id(wire), version = 1, colour = "red" })).Status);
        var (status, problem) = await bench.TypeAsync(job, new { wireId = Id(wire), version = 1, colour = "blue" });
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Equal(("red", 2), (problem.GetProperty("now").GetProperty("colour").GetString(), problem.GetProperty("version").GetInt64()));
        Assert.Equal("red", (await bench.WiresAsync(job)).Single().GetProperty("wire").GetProperty("colour").GetString());
    }

    [Fact]
    public async Task A_bulk_change_is_all_or_none_and_sent_twice_changes_once()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        var (_, overview) = await bench.Server.GetAsync($"/api/jobs/{job}");
        Assert.Equal(JsonValueKind.Array, overview.GetProperty("circuits").ValueKind);
        var circuit = Guid.NewGuid();
        object Put(Guid id, string name) => new { put = new { part = "circuit", id, name, ocpdAmps = 15 } };
        var bad = await bench.CommandAsync(job, Put(circuit, "1"), Put(Guid.NewGuid(), "1"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, bad.Status);
        Assert.Empty((await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits").EnumerateArray());

        var command = new { id = Guid.NewGuid(), personId = bench.Ada, changes = new[] { Put(circuit, "1"), Put(Guid.NewGuid(), "2") } };
        var first = await bench.Server.PostAsync($"/api/jobs/{job}/commands", command);
        var second = await bench.Server.PostAsync($"/api/jobs/{job}/commands", command);
        Assert.Equal((HttpStatusCode.OK, HttpStatusCode.OK), (first.Status, second.Status));
        Assert.Equal(first.Json.GetProperty("sequence").GetInt64(), second.Json.GetProperty("sequence").GetInt64());
        Assert.Equal(2, (await bench.Server.GetAsync($"/api/jobs/{job}")).Json.GetProperty("circuits").GetArrayLength());
    }

    [Fact]
    public async Task What_is_undone_comes_back_with_a_version_of_its_own()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", size = "14" });
        var wire = Id((await bench.WiresAsync(job)).Single());
        await bench.TypeAsync(job, new { wireId = wire, version = 1, colour = "red" });
        // Nothing is taken out unseen: without its version, or with an older one, it stays.
        Assert.Equal(HttpStatusCode.Conflict, (await bench.CommandAsync(job, new { remove = wire })).Status);
        Assert.Equal(HttpStatusCode.Conflict, (await bench.CommandAsync(job, new { remove = wire, version = 1 })).Status);
        Assert.Single(await bench.WiresAsync(job));
        var (_, removed) = await bench.CommandAsync(job, new { remove = wire, version = 2 });
        Assert.Empty(await bench.WiresAsync(job));
        await bench.Server.PostAsync($"/api/jobs/{job}/commands/{removed.GetProperty("commandId").GetGuid()}/undo", new { personId = bench.Ada });
        var back = (await bench.WiresAsync(job)).Single();
        Assert.Equal(("red", 3), (back.GetProperty("wire").GetProperty("colour").GetString(), back.GetProperty("version").GetInt64()));
        // Whoever still holds what it was before it was taken out is told.
        Assert.Equal(HttpStatusCode.Conflict, (await bench.TypeAsync(job, new { wireId = wire, version = 1, colour = "blue" })).Status);
        var (_, history) = await bench.Server.GetAsync($"/api/jobs/{job}/commands");
        Assert.Equal(["Undid: Took out wire 1.", "Took out wire 1.", "Changed wire 1.", "Added wire 1.", "Made Dome."], history.GetProperty("items").EnumerateArray().Select(c => c.GetProperty("says").GetString()));
        Assert.Equal(HttpStatusCode.NotFound, (await bench.Server.PostAsync($"/api/jobs/{job}/commands/{removed.GetProperty("commandId").GetGuid()}/undo", new { personId = bench.Ada })).Status);
    }

    [Fact]
    public async Task A_list_is_previewed_accepted_and_undone()
    {
        await using var bench = await Bench.StartAsync();
        var preview = await bench.PreviewAsync(List);
        Assert.Equal((2, 0, "ready"), (preview.GetProperty("preview").GetProperty("added").GetInt32(), preview.GetProperty("preview").GetProperty("wrong").GetInt32(), preview.GetProperty("state").GetString()));
        Assert.Empty(await bench.NamesAsync());
        var (status, taken) = await bench.AcceptAsync(preview, new { jobName = "Panel" });
        Assert.Equal(HttpStatusCode.OK, status);
        var job = taken.GetProperty("jobId").GetGuid();
        Assert.Equal(2, (await bench.WiresAsync(job)).Count);
        Assert.Equal(HttpStatusCode.NotFound, (await bench.AcceptAsync(preview, new { jobName = "Panel" })).Status);
        await bench.Server.PostAsync($"/api/jobs/{job}/commands/{taken.GetProperty("commandId").GetGuid()}/undo", new { personId = bench.Ada });
        Assert.Empty(await bench.WiresAsync(job));
    }

    [Fact]
    public async Task A_revised_list_is_previewed_as_added_changed_and_removed_and_touches_nothing_else()
    {
        await using var bench = await Bench.StartAsync();
        var job = (await bench.AcceptAsync(await bench.PreviewAsync(List), new { jobName = "Panel" })).Json.GetProperty("jobId").GetGuid();
        await bench.TypeAsync(job, new { name = "other", from = "LP/Q1:1", size = "12" });
        var first = (await bench.WiresAsync(job))[0];
        await bench.CommandAsync(job, new { put = Part(first, w => w["a"]!["freeLengthMm"] = 200), version = 1 });

        var preview = await bench.PreviewAsync("Wire;From;To;Size;Colour\r\n1;DCP/X1:1;DCP/X2:1;4 fine;black\r\n3;DCP/X1:3;DCP/X2:3;2.5 fine;black\r\n", job);
        var id = preview.GetProperty("id").GetGuid();
        var (_, read) = await bench.PutAsync($"/api/jobs/import/{id}", new { jobId = job, revision = "D", drawing = "DR-1", replaces = true });
        var seen = read.GetProperty("preview");
        Assert.Equal((1, 1, 0), (seen.GetProperty("added").GetInt32(), seen.GetProperty("changed").GetInt32(), seen.GetProperty("same").GetInt32()));
        Assert.Equal(["2"], seen.GetProperty("removed").EnumerateArray().Select(r => r.GetString()));
        var change = Assert.Single(seen.GetProperty("rows").EnumerateArray().Single(r => r.GetProperty("does").GetString() == "change").GetProperty("changes").EnumerateArray());
        Assert.Equal(("size", "2.5 mm² fine-stranded copper", "4 mm² fine-stranded copper"), (change.GetProperty("column").GetString(), change.GetProperty("was").GetString(), change.GetProperty("is").GetString()));

        Assert.Equal(HttpStatusCode.OK, (await bench.AcceptAsync(read, new { })).Status);
        var wires = await bench.WiresAsync(job);
        Assert.Equal(["1", "3", "other"], wires.Select(w => w.GetProperty("wire").GetProperty("name").GetString()).Order(StringComparer.Ordinal));
        var kept = wires.Single(w => Id(w) == Id(first)).GetProperty("wire");
        Assert.Equal((200, first.GetProperty("wire").GetProperty("a").GetProperty("id").GetGuid(), "4 mm²"), (kept.GetProperty("a").GetProperty("freeLengthMm").GetDouble(), kept.GetProperty("a").GetProperty("id").GetGuid(), kept.GetProperty("conductor").GetProperty("size").GetString()));
        var (_, overview) = await bench.Server.GetAsync($"/api/jobs/{job}");
        Assert.Equal("D", overview.GetProperty("enclosures").EnumerateArray().Single(e => e.GetProperty("part").GetProperty("name").GetString() == "DCP").GetProperty("part").GetProperty("revision").GetString());
    }

    [Fact]
    public async Task A_job_that_moved_on_since_the_preview_is_looked_at_again()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        var preview = await bench.PreviewAsync(List, job);
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X9:1", size = "14" });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.AcceptAsync(preview, new { })).Status);
        var (_, again) = await bench.Server.GetAsync($"/api/jobs/import/{preview.GetProperty("id").GetGuid()}");
        Assert.Equal(1, again.GetProperty("preview").GetProperty("changed").GetInt32());
        Assert.Equal(HttpStatusCode.OK, (await bench.AcceptAsync(preview, new { })).Status);
    }

    [Fact]
    public async Task Wrong_rows_are_put_right_in_the_preview_or_left_out_only_when_told()
    {
        await using var bench = await Bench.StartAsync();
        var preview = await bench.PreviewAsync(List.Replace("2.5 fine;black;C1;16\r\n2", "2.5 fine;mauve;C1;16\r\n2", StringComparison.Ordinal));
        Assert.Equal(1, preview.GetProperty("preview").GetProperty("wrong").GetInt32());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.AcceptAsync(preview, new { jobName = "P" })).Status);
        var (_, right) = await bench.PutAsync(
            $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}", new { corrections = new[] { new { row = 2, column = "colour", text = "violet" } } });
        Assert.Equal(0, right.GetProperty("preview").GetProperty("wrong").GetInt32());
    }

    [Fact]
    public async Task Columns_are_mapped_by_hand()
    {
        await using var bench = await Bench.StartAsync();
        var preview = await bench.PreviewAsync("Alpha;Beta;From;To\r\n1;14 AWG;DCP/X1:1;DCP/X2:1\r\n");
        var (_, mapped) = await bench.PutAsync($"/api/jobs/import/{preview.GetProperty("id").GetGuid()}", new { columns = new[] { "wire", "size", "from", "to" } });
        Assert.Equal("14 AWG stranded copper", mapped.GetProperty("preview").GetProperty("rows")[0].GetProperty("conductor").GetString());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.PutAsync($"/api/jobs/import/{preview.GetProperty("id").GetGuid()}", new { columns = new[] { "wire", "wire", "from", "to" } })).Status);
    }

    [Fact]
    public async Task A_long_list_is_read_with_progress_and_can_be_stopped()
    {
        await using var bench = await Bench.StartAsync(realTime: true);
        var text = new StringBuilder("Wire;From;To;Size\r\n");
        for (var i = 0; i < 20_000; i++)
        {
            text.Append(System.Globalization.CultureInfo.InvariantCulture, $"{i};DCP/X1:{i};DCP/X2:{i};2.5\r\n");
        }

        var preview = await bench.PreviewAsync(text.ToString());
        var id = preview.GetProperty("id").GetGuid();
        var last = (await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/import/{id}/progress", UriKind.Relative))).Split("data: ", StringSplitOptions.RemoveEmptyEntries)[^1];
        Assert.Equal("ready", JsonDocument.Parse(last).RootElement.GetProperty("state").GetString());
        var (_, taken) = await bench.AcceptAsync(preview, new { jobName = "Long" });
        Assert.Equal(20_000, taken.GetProperty("added").GetInt32());

        var stopped = await bench.PreviewAsync(text.ToString());
        await bench.DeleteAsync($"/api/jobs/import/{stopped.GetProperty("id").GetGuid()}");
        Assert.Equal(HttpStatusCode.NotFound, (await bench.Server.GetAsync($"/api/jobs/import/{stopped.GetProperty("id").GetGuid()}")).Status);
    }

    [Fact]
    public async Task A_file_that_cannot_be_read_is_one_sentence_and_changes_nothing()
    {
        await using var bench = await Bench.StartAsync();
        var (status, problem) = await bench.SendAsync("/api/jobs/import/preview", [0, 1, 2, 3]);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.NotEmpty(problem.GetProperty("detail").GetString()!);
        using var huge = new ByteArrayContent(new byte[25 * 1024 * 1024]);
        huge.Headers.ContentType = new("application/octet-stream");
        // A client that asks first is answered before it sends all of it.
        using var request = new HttpRequestMessage(HttpMethod.Post, new Uri("/api/jobs/import/preview", UriKind.Relative)) { Content = huge };
        request.Headers.ExpectContinue = true;
        using var refused = await bench.Server.Client.SendAsync(request);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, refused.StatusCode);
        Assert.Empty(await bench.NamesAsync());
    }

    [Fact]
    public async Task A_finding_is_accepted_with_a_reason_and_comes_back_when_what_it_rests_on_changes()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", fromLanding = "spring cage", to = "DCP/X1:2", toLanding = "spring cage", size = "14", colour = "white", function = "line" });
        var finding = Assert.Single(await bench.FindingsAsync(job));
        Assert.Equal("colour-against-function", finding.GetProperty("check").GetString());
        var accept = new { id = Guid.NewGuid(), personId = bench.Ada, key = finding.GetProperty("key").GetString(), reason = "re-marked at both ends" };
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.PostAsync($"/api/jobs/{job}/findings/accept", accept)).Status);
        var accepted = Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted");
        Assert.Equal(("Ada", "re-marked at both ends"), (accepted.GetProperty("person").GetString(), accepted.GetProperty("reason").GetString()));

        var wire = Id((await bench.WiresAsync(job)).Single());
        await bench.TypeAsync(job, new { wireId = wire, version = 1, size = "12" });
        Assert.Equal(JsonValueKind.Object, Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted").ValueKind);
        await bench.TypeAsync(job, new { wireId = wire, version = 2, colour = "grey" });
        Assert.Equal(JsonValueKind.Null, Assert.Single(await bench.FindingsAsync(job)).GetProperty("accepted").ValueKind);
    }

    [Fact]
    public async Task A_stop_is_never_accepted()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", fromLanding = "spring cage", to = "DCP/X1:2", toLanding = "spring cage", size = "14", colour = "green", function = "line" });
        var key = Assert.Single(await bench.FindingsAsync(job)).GetProperty("key").GetString();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.Server.PostAsync($"/api/jobs/{job}/findings/accept", new { id = Guid.NewGuid(), personId = bench.Ada, key, reason = "it is fine" })).Status);
    }

    [Fact]
    public async Task A_job_goes_out_and_comes_in_elsewhere_the_same()
    {
        await using var bench = await Bench.StartAsync();
        var job = (await bench.AcceptAsync(await bench.PreviewAsync(List), new { jobName = "Panel" })).Json.GetProperty("jobId").GetGuid();
        var bytes = await bench.Server.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative));
        Assert.Equal(HttpStatusCode.Conflict, (await bench.SendAsync($"/api/jobs/document?personId={bench.Ada}", bytes)).Status);
        await using var elsewhere = await Bench.StartAsync();
        Assert.Equal(HttpStatusCode.Created, (await elsewhere.SendAsync($"/api/jobs/document?personId={elsewhere.Ada}", bytes)).Status);
        Assert.Equal(bytes, await elsewhere.Server.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative)));
        Assert.StartsWith("Wire,", Encoding.UTF8.GetString((await elsewhere.Server.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export/wires.csv", UriKind.Relative)))[3..]), StringComparison.Ordinal);
        Assert.Equal((byte)'P', (await elsewhere.Server.Client.GetByteArrayAsync(new Uri($"/api/jobs/{job}/export/wires.xlsx", UriKind.Relative)))[0]);
    }

    [Fact]
    public async Task An_end_is_landed_checked_signed_by_another_and_tells_when_its_plan_changes()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", fromLanding = "spring cage", to = "DCP/X1:2", toLanding = "spring cage", size = "14" });
        var wire = Id((await bench.WiresAsync(job)).Single());
        var subject = new { jobId = job, wireId = wire, side = "a" };
        async Task<HttpStatusCode> Record(string kind, Guid person) => (await bench.Server.PostAsync("/api/records", new
        {
            id = Guid.NewGuid(),
            device = "t",
            deviceSequence = 1,
            personId = person,
            claimedAt = RunningServer.Now,
            kind,
            subject,
            tightening = kind == "termination" ? new { method = "seated" } : null,
        })).Status;
        async Task<string> State() => string.Join(' ', (await bench.WiresAsync(job)).Single().GetProperty("a").EnumerateObject().Select(p => p.Value.ToString()));
        Assert.Equal("ready False", await State());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record("check", bench.Bo));
        Assert.Equal(HttpStatusCode.Created, await Record("termination", bench.Ada));
        Assert.Equal("landed False", await State());
        Assert.Equal(HttpStatusCode.Created, await Record("check", bench.Ada));
        Assert.Equal("checked False", await State());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record("sign-off", bench.Ada));
        Assert.Equal(HttpStatusCode.Created, await Record("sign-off", bench.Bo));
        Assert.Equal("signed False", await State());
        await bench.TypeAsync(job, new { wireId = wire, version = 1, size = "12" });
        Assert.Equal("signed True", await State());
        Assert.Equal("signed", (await bench.Server.GetAsync("/api/jobs")).Json.GetProperty("items")[0].GetProperty("summary").GetProperty("lace")[0].GetProperty("state").GetString());

        // What something is recorded at is retired, not taken out.
        await bench.CommandAsync(job, new { remove = wire, version = 2 });
        Assert.Empty(await bench.WiresAsync(job));
        var exported = await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/{job}/export/job.json", UriKind.Relative));
        Assert.Contains("\"retired\": true", exported, StringComparison.Ordinal);
    }

    [Fact]
    public async Task At_an_end_of_a_job_wire_and_landing_are_the_job_s()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", size = "14" });
        var wire = Id((await bench.WiresAsync(job)).Single());
        async Task<HttpStatusCode> Record(object? conductor) => (await bench.Server.PostAsync("/api/records", new
        {
            id = Guid.NewGuid(),
            device = "t",
            deviceSequence = 1,
            personId = bench.Ada,
            claimedAt = RunningServer.Now,
            subject = new { jobId = job, wireId = wire, side = "a" },
            conductor,
            tightening = new { method = "seated" },
        })).Status;
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record(new { size = "14", build = "solid" }));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await Record(null));
    }

    [Fact]
    public async Task An_open_page_is_told_of_every_change()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        using var stream = new StreamReader(await bench.Server.Client.GetStreamAsync(new Uri("/api/stream", UriKind.Relative)));
        await stream.ReadLineAsync();
        await bench.TypeAsync(job, new { name = "1", from = "DCP/X1:1", size = "14" });
        string? line;
        do
        {
            line = await stream.ReadLineAsync();
        }
        while (line is not null && !line.Contains("\"job\"", StringComparison.Ordinal));
        Assert.Contains("Added wire 1.", line!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Three_devices_are_surveyed_counted_and_put_right_in_a_job()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync("survey");
        var (status, _) = await bench.Server.PostAsync($"/api/jobs/{job}/survey", new
        {
            id = Guid.NewGuid(),
            personId = bench.Ada,
            devices = new object[]
            {
                new { name = "Hall 1", wiring = "back-stab" },
                new { name = "Hall 2", wiring = "side-screw", doubled = true, polarity = "reversed" },
                new { name = "Hall 3", wiring = "clamp", condition = "scorched" },
                new { name = "Hall 4", wiring = "clamp" },
            },
        });
        Assert.Equal(HttpStatusCode.OK, status);
        var (_, survey) = await bench.Server.GetAsync($"/api/jobs/{job}/survey");
        var counts = survey.GetProperty("counts").EnumerateArray().ToDictionary(c => c.GetProperty("check").GetString()!, c => c.GetProperty("devices").GetInt32());
        Assert.Equal((1, 1, 1, 1), (counts["back-stab-by-house-rule"], counts["two-conductors"], counts["reversed-polarity"], counts["loose-or-scorched"]));
        Assert.Equal(3, survey.GetProperty("devices").EnumerateArray().Count(d => d.GetProperty("remedy").ValueKind != JsonValueKind.Null));
        var (made, taken) = await bench.Server.PostAsync($"/api/jobs/{job}/survey/job", new { personId = bench.Ada, name = "Put right" });
        Assert.Equal(HttpStatusCode.Created, made);
        var remedy = taken.GetProperty("id").GetGuid();
        Assert.DoesNotContain(await bench.FindingsAsync(remedy), f => f.GetProperty("severity").GetString() != "note");
        Assert.Contains("about", (await bench.Server.GetAsync($"/api/jobs/{remedy}")).Json.GetProperty("title").GetProperty("note").GetString()!, StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public async Task Only_a_survey_is_surveyed()
    {
        await using var bench = await Bench.StartAsync();
        var job = await bench.JobAsync();
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.Server.PostAsync($"/api/jobs/{job}/survey", new { id = Guid.NewGuid(), personId = bench.Ada, devices = new[] { new { name = "1" } } })).Status);
    }

    private static Guid Id(JsonElement row) => row.GetProperty("wire").GetProperty("id").GetGuid();

    private static System.Text.Json.Nodes.JsonNode Part(JsonElement row, Action<System.Text.Json.Nodes.JsonNode> change)
    {
        var part = System.Text.Json.Nodes.JsonNode.Parse(row.GetProperty("wire").GetRawText())!;
        part["part"] = "wire";
        change(part);
        return part;
    }

    /// <summary>A server with two people and short ways to ask it.</summary>
    private sealed class Bench : IAsyncDisposable
    {
        private Bench(RunningServer server, Guid ada, Guid bo) => (Server, Ada, Bo) = (server, ada, bo);

        internal RunningServer Server { get; }

        internal Guid Ada { get; }

        internal Guid Bo { get; }

        internal static async Task<Bench> StartAsync(bool realTime = false)
        {
            var server = await RunningServer.StartAsync(realTime: realTime);
            async Task<Guid> Person(string name) => (await server.PostAsync("/api/people", new { name })).Json.GetProperty("id").GetGuid();
            return new(server, await Person("Ada"), await Person("Bo"));
        }

        public ValueTask DisposeAsync() => Server.DisposeAsync();

        internal async Task<Guid> JobAsync(string purpose = "work")
        {
            var id = Guid.NewGuid();
            await Server.PostAsync("/api/jobs", new { id, personId = Ada, name = "Dome", purpose });
            return id;
        }

        internal Task<(HttpStatusCode Status, JsonElement Json)> TypeAsync(Guid job, params object[] rows) =>
            Server.PostAsync($"/api/jobs/{job}/wires", new { id = Guid.NewGuid(), personId = Ada, rows, enclosure = "DCP" });

        internal Task<(HttpStatusCode Status, JsonElement Json)> CommandAsync(Guid job, params object[] changes) =>
            Server.PostAsync($"/api/jobs/{job}/commands", new { id = Guid.NewGuid(), personId = Ada, changes });

        internal async Task<List<JsonElement>> WiresAsync(Guid job) => [.. (await Server.GetAsync($"/api/jobs/{job}/wires")).Json.GetProperty("items").EnumerateArray()];

        internal async Task<List<JsonElement>> FindingsAsync(Guid job) => [.. (await Server.GetAsync($"/api/jobs/{job}/findings")).Json.GetProperty("items").EnumerateArray()];

        internal async Task<List<string?>> NamesAsync() =>
            [.. (await Server.GetAsync("/api/jobs")).Json.GetProperty("items").EnumerateArray().Select(j => j.GetProperty("summary").GetProperty("name").GetString())];

        internal async Task<JsonElement> PreviewAsync(string text, Guid? job = null) =>
            (await SendAsync($"/api/jobs/import/preview{(job is null ? "" : $"?jobId={job}")}", Encoding.UTF8.GetBytes(text))).Json;

        internal Task<(HttpStatusCode Status, JsonElement Json)> AcceptAsync(JsonElement preview, object more)
        {
            var body = JsonSerializer.SerializeToNode(more)!;
            body["id"] = Guid.NewGuid();
            body["personId"] = Ada;
            return Server.PostAsync($"/api/jobs/import/{preview.GetProperty("id").GetGuid()}/accept", body.ToJsonString());
        }

        internal async Task<(HttpStatusCode Status, JsonElement Json)> SendAsync(string address, byte[] bytes)
        {
            using var content = new ByteArrayContent(bytes);
            content.Headers.ContentType = new("application/octet-stream");
            using var response = await Server.Client.PostAsync(new Uri(address, UriKind.Relative), content);
            return (response.StatusCode, await response.Content.ReadFromJsonAsync<JsonElement>());
        }

        internal async Task<(HttpStatusCode Status, JsonElement Json)> PutAsync(string address, object body)
        {
            using var response = await Server.Client.PutAsJsonAsync(new Uri(address, UriKind.Relative), body, Exchange.Json.Options);
            return (response.StatusCode, await response.Content.ReadFromJsonAsync<JsonElement>());
        }

        internal async Task DeleteAsync(string address) => (await Server.Client.DeleteAsync(new Uri(address, UriKind.Relative))).EnsureSuccessStatusCode();
    }
}
