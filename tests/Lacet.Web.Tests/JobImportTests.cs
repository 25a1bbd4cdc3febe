using System.Text;
using Lacet.Workshop.Lists;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>Wire lists over HTTP: previewed, mapped, put right, accepted, undone, refused.</summary>
public sealed class JobImportTests
{
    /// <summary>One cell that nobody can read is its row’s fault: the row says so, and the others come in.</summary>
    [Fact]
    public async Task An_unreadable_cell_names_its_row_and_the_list_comes_in()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(
            $"{JobBench.List}3;DCP/X1:3;;DCP/X2:3;;2.5 fine;{new string('9', 5000)};C1;16\r\n"
        );
        Assert.Equal(1, preview.GetProperty("preview").GetProperty("wrong").GetInt32());
        var wrong = preview.GetProperty("preview").GetProperty("rows")[0];
        Assert.Equal(4, wrong.GetProperty("row").GetInt32());
        Assert.Contains(
            "500 characters",
            wrong.GetProperty("problems")[0].GetProperty("says").GetString(),
            StringComparison.Ordinal
        );
        var (status, taken) = await bench.AcceptAsync(preview, new { jobName = "Dome", onlyGood = true });
        Assert.Equal(
            (HttpStatusCode.OK, 2, 1),
            (status, taken.GetProperty("added").GetInt32(), taken.GetProperty("leftOut").GetInt32())
        );
    }

    /// <summary>What is copied along from pages and other programs is no part of a name, nor of a size.</summary>
    [Fact]
    public async Task What_cannot_be_seen_in_a_pasted_cell_is_left_out()
    {
        await using var bench = await JobBench.StartAsync();
        var (status, preview) = await bench.Server.PostAsync(
            "/api/jobs/import/preview/text",
            new { text = "Wire\tFrom\tSize\n\u200E1\u200B\tX1\u200D:1\t2.5\u00AD fine\u0007\n" }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var row = preview.GetProperty("preview").GetProperty("rows")[0];
        Assert.Equal("1", row.GetProperty("wire").GetString());
        Assert.StartsWith("2.5 mm²", row.GetProperty("conductor").GetString(), StringComparison.Ordinal);
    }

    /// <summary>
    /// A page that heard no answer sends again, four at once: it is one job with all its wires, and all are told of it
    /// alike.
    /// </summary>
    [Fact]
    public async Task A_list_that_is_accepted_several_times_is_one_job_with_all_its_wires()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(JobBench.List);
        var body = JsonSerializer.Serialize(
            new
            {
                id = Guid.NewGuid(),
                personId = bench.Ada,
                jobName = "Panel",
            }
        );
        var address = $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}/accept";
        var atOnce = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => bench.Server.PostAsync(address, body)));
        var after = await bench.Server.PostAsync(address, body);
        Assert.All([.. atOnce, after], a =>
            Assert.Equal((HttpStatusCode.OK, atOnce[0].Json.GetRawText()), (a.Status, a.Json.GetRawText()))
        );
        Assert.Equal(["Panel"], await bench.NamesAsync());
        var job = after.Json.GetProperty("jobId").GetGuid();
        Assert.Equal(after.Json.GetProperty("added").GetInt32(), (await bench.WiresAsync(job)).Count);
        // The import alone is undone, and the job stays.
        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/{job}/commands/{after.Json.GetProperty("commandId").GetGuid()}/undo",
                    new { personId = bench.Ada }
                )
            ).Status
        );
        Assert.Equal((0, 1), ((await bench.WiresAsync(job)).Count, (await bench.NamesAsync()).Count));
    }

    [Fact]
    public async Task A_list_of_which_nothing_can_be_taken_makes_no_job()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync("Wire;From;To;Size\r\n1;DCP/X1:1;DCP/X2:1;fat\r\n");
        var (status, problem) = await bench.AcceptAsync(preview, new { jobName = "Panel", onlyGood = true });
        Assert.Equal(
            (HttpStatusCode.UnprocessableEntity, "That changes nothing."),
            (status, problem.GetProperty("detail").GetString())
        );
        Assert.Empty(await bench.NamesAsync());
    }

    /// <summary>A store that fails at the list leaves no job behind: both are one transaction.</summary>
    [Fact]
    public async Task A_list_that_cannot_be_stored_leaves_no_empty_job()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(JobBench.List);
        var accept = $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}/accept";
        await using (
            var connection = await bench.Server.Services.GetRequiredService<Lacet.Store.LacetDatabase>().ConnectAsync()
        )
        {
            await using var command = connection.CreateCommand();
            command.CommandText =
                "CREATE TRIGGER broken BEFORE INSERT ON job_part WHEN NEW.kind = 'wire' BEGIN SELECT RAISE(ABORT, 'no room'); END";
            await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
            Assert.Equal(
                HttpStatusCode.InternalServerError,
                (
                    await bench.Server.PostAsync(
                        accept,
                        new
                        {
                            id = Guid.NewGuid(),
                            personId = bench.Ada,
                            jobName = "Panel",
                        }
                    )
                ).Status
            );
            Assert.Empty(await bench.NamesAsync());
            command.CommandText = "DROP TRIGGER broken";
            await command.ExecuteNonQueryAsync(TestContext.Current.CancellationToken);
        }

        Assert.Equal(
            HttpStatusCode.OK,
            (
                await bench.Server.PostAsync(
                    accept,
                    new
                    {
                        id = Guid.NewGuid(),
                        personId = bench.Ada,
                        jobName = "Panel",
                    }
                )
            ).Status
        );
        Assert.Equal(["Panel"], await bench.NamesAsync());
    }

    [Fact]
    public async Task A_list_is_previewed_accepted_and_undone()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(JobBench.List);
        Assert.Equal(
            (2, 0, "ready"),
            (
                preview.GetProperty("preview").GetProperty("added").GetInt32(),
                preview.GetProperty("preview").GetProperty("wrong").GetInt32(),
                preview.GetProperty("state").GetString()
            )
        );
        Assert.Empty(await bench.NamesAsync());
        var (status, taken) = await bench.AcceptAsync(preview, new { jobName = "Panel" });
        Assert.Equal(HttpStatusCode.OK, status);
        var job = taken.GetProperty("jobId").GetGuid();
        Assert.Equal(2, (await bench.WiresAsync(job)).Count);
        Assert.Equal(HttpStatusCode.NotFound, (await bench.AcceptAsync(preview, new { jobName = "Panel" })).Status);
        await bench.Server.PostAsync(
            $"/api/jobs/{job}/commands/{taken.GetProperty("commandId").GetGuid()}/undo",
            new { personId = bench.Ada }
        );
        Assert.Empty(await bench.WiresAsync(job));
    }

    [Fact]
    public async Task A_revised_list_is_previewed_as_added_changed_and_removed_and_touches_nothing_else()
    {
        await using var bench = await JobBench.StartAsync();
        var job = (await bench.AcceptAsync(await bench.PreviewAsync(JobBench.List), new { jobName = "Panel" }))
            .Json.GetProperty("jobId")
            .GetGuid();
        await bench.TypeAsync(
            job,
            new
            {
                name = "other",
                from = "LP/Q1:1",
                size = "12",
            }
        );
        var first = (await bench.WiresAsync(job))[0];
        await bench.CommandAsync(
            job,
            new { put = JobBench.Part(first, w => w["a"]!["freeLengthMm"] = 200), version = 1 }
        );

        var preview = await bench.PreviewAsync(
            "Wire;From;To;Size;Colour\r\n1;DCP/X1:1;DCP/X2:1;4 fine;black\r\n3;DCP/X1:3;DCP/X2:3;2.5 fine;black\r\n",
            job
        );
        var id = preview.GetProperty("id").GetGuid();
        var (_, read) = await bench.PutAsync(
            $"/api/jobs/import/{id}",
            new
            {
                jobId = job,
                revision = "D",
                drawing = "DR-1",
                replaces = true,
            }
        );
        var seen = read.GetProperty("preview");
        Assert.Equal(
            (1, 1, 0),
            (
                seen.GetProperty("added").GetInt32(),
                seen.GetProperty("changed").GetInt32(),
                seen.GetProperty("same").GetInt32()
            )
        );
        Assert.Equal(["2"], seen.GetProperty("removed").EnumerateArray().Select(r => r.GetString()));
        var change = Assert.Single(
            seen.GetProperty("rows")
                .EnumerateArray()
                .Single(r => r.GetProperty("does").GetString() == "change")
                .GetProperty("changes")
                .EnumerateArray()
        );
        Assert.Equal(
            ("size", "2.5 mm² fine-stranded copper", "4 mm² fine-stranded copper"),
            (
                change.GetProperty("column").GetString(),
                change.GetProperty("was").GetString(),
                change.GetProperty("is").GetString()
            )
        );

        Assert.Equal(HttpStatusCode.OK, (await bench.AcceptAsync(read, new { })).Status);
        var wires = await bench.WiresAsync(job);
        Assert.Equal(
            ["1", "3", "other"],
            wires.Select(w => w.GetProperty("wire").GetProperty("name").GetString()).Order(StringComparer.Ordinal)
        );
        var kept = wires.Single(w => JobBench.Id(w) == JobBench.Id(first)).GetProperty("wire");
        Assert.Equal(
            (200, first.GetProperty("wire").GetProperty("a").GetProperty("id").GetGuid(), "4 mm²"),
            (
                kept.GetProperty("a").GetProperty("freeLengthMm").GetDouble(),
                kept.GetProperty("a").GetProperty("id").GetGuid(),
                kept.GetProperty("conductor").GetProperty("size").GetString()
            )
        );
        var (_, overview) = await bench.Server.GetAsync($"/api/jobs/{job}");
        Assert.Equal(
            "D",
            overview
                .GetProperty("enclosures")
                .EnumerateArray()
                .Single(e => e.GetProperty("part").GetProperty("name").GetString() == "DCP")
                .GetProperty("part")
                .GetProperty("revision")
                .GetString()
        );
    }

    [Fact]
    public async Task A_job_that_moved_on_since_the_preview_is_looked_at_again()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var preview = await bench.PreviewAsync(JobBench.List, job);
        await bench.TypeAsync(
            job,
            new
            {
                name = "1",
                from = "DCP/X9:1",
                size = "14",
            }
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await bench.AcceptAsync(preview, new { })).Status);
        var (_, again) = await bench.Server.GetAsync($"/api/jobs/import/{preview.GetProperty("id").GetGuid()}");
        Assert.Equal(1, again.GetProperty("preview").GetProperty("changed").GetInt32());
        Assert.Equal(HttpStatusCode.OK, (await bench.AcceptAsync(preview, new { })).Status);
    }

    [Fact]
    public async Task Wrong_rows_are_put_right_in_the_preview_or_left_out_only_when_told()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(
            JobBench.List.Replace("2.5 fine;black;C1;16\r\n2", "2.5 fine;mauve;C1;16\r\n2", StringComparison.Ordinal)
        );
        Assert.Equal(1, preview.GetProperty("preview").GetProperty("wrong").GetInt32());
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.AcceptAsync(preview, new { jobName = "P" })).Status
        );
        var (_, right) = await bench.PutAsync(
            $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}",
            new
            {
                corrections = new[]
                {
                    new
                    {
                        row = 2,
                        column = "colour",
                        text = "violet",
                    },
                },
            }
        );
        Assert.Equal(0, right.GetProperty("preview").GetProperty("wrong").GetInt32());
    }

    [Fact]
    public async Task Columns_are_mapped_by_hand()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync("Alpha;Beta;From;To\r\n1;14 AWG;DCP/X1:1;DCP/X2:1\r\n");
        var (_, mapped) = await bench.PutAsync(
            $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}",
            new { columns = new[] { "wire", "size", "from", "to" } }
        );
        Assert.Equal(
            "14 AWG stranded copper",
            mapped.GetProperty("preview").GetProperty("rows")[0].GetProperty("conductor").GetString()
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await bench.PutAsync(
                    $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}",
                    new { columns = new[] { "wire", "wire", "from", "to" } }
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_file_that_cannot_be_read_is_one_sentence_and_changes_nothing()
    {
        await using var bench = await JobBench.StartAsync();
        var (status, problem) = await bench.SendAsync("/api/jobs/import/preview", [0, 1, 2, 3]);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.NotEmpty(problem.GetProperty("detail").GetString()!);
        using var huge = new ByteArrayContent(new byte[25 * 1024 * 1024]);
        huge.Headers.ContentType = new("application/octet-stream");
        // A client that asks first is answered before it sends all of it.
        using var request = new HttpRequestMessage(
            HttpMethod.Post,
            new Uri("/api/jobs/import/preview", UriKind.Relative)
        )
        {
            Content = huge,
        };
        request.Headers.ExpectContinue = true;
        using var refused = await bench.Server.Client.SendAsync(request);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, refused.StatusCode);
        Assert.Empty(await bench.NamesAsync());
    }

    [Fact]
    public async Task A_long_list_is_read_with_progress_and_can_be_stopped()
    {
        await using var bench = await JobBench.StartAsync(realTime: true);
        var text = new StringBuilder("Wire;From;To;Size\r\n");
        for (var i = 0; i < 20_000; i++)
        {
            text.Append(System.Globalization.CultureInfo.InvariantCulture, $"{i};DCP/X1:{i};DCP/X2:{i};2.5\r\n");
        }

        var preview = await bench.PreviewAsync(text.ToString());
        var id = preview.GetProperty("id").GetGuid();
        var last = (
            await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/import/{id}/progress", UriKind.Relative))
        ).Split("data: ", StringSplitOptions.RemoveEmptyEntries)[^1];
        Assert.Equal("ready", JsonDocument.Parse(last).RootElement.GetProperty("state").GetString());
        var (_, taken) = await bench.AcceptAsync(preview, new { jobName = "Long" });
        Assert.Equal(20_000, taken.GetProperty("added").GetInt32());

        var stopped = await bench.PreviewAsync(text.ToString());
        await bench.DeleteAsync($"/api/jobs/import/{stopped.GetProperty("id").GetGuid()}");
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.GetAsync($"/api/jobs/import/{stopped.GetProperty("id").GetGuid()}")).Status
        );
    }

    [Fact]
    public async Task Rows_are_looked_through_page_by_page()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(
            "Wire;From;Size\r\n"
                + string.Concat(
                    Enumerable.Range(1, 250).Select(i => FormattableString.Invariant($"{i};DCP/X1:{i};14\r\n"))
                )
        );
        var id = preview.GetProperty("id").GetGuid();
        var seen = new List<int>();
        int? offset = 0;
        while (offset is { } from)
        {
            var page = (await bench.Server.GetAsync($"/api/jobs/import/{id}?offset={from}&limit=100")).Json.GetProperty(
                "preview"
            );
            seen.AddRange(page.GetProperty("rows").EnumerateArray().Select(r => r.GetProperty("row").GetInt32()));
            offset = page.GetProperty("next") is { ValueKind: JsonValueKind.Number } next ? next.GetInt32() : null;
        }

        Assert.Equal(Enumerable.Range(2, 250), seen);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.Server.GetAsync($"/api/jobs/import/{id}?limit=0")).Status
        );
    }

    [Theory]
    [InlineData("""{ "sheet": "nowhere" }""", "no such sheet")]
    [InlineData("""{ "headingRow": 99 }""", "rows")]
    [InlineData("""{ "enclosure": "" }""", "Name the enclosure")]
    [InlineData("""{ "headingRow": 3 }""", "No row below the headings")]
    [InlineData("""{ "jobId": "00000000-0000-4000-8000-000000000001" }""", "no such job")]
    public async Task What_is_said_of_a_list_must_be_possible_and_the_list_is_not_lost(string settings, string says)
    {
        await using var bench = await JobBench.StartAsync();
        var id = (await bench.PreviewAsync(JobBench.List)).GetProperty("id").GetGuid();
        var (status, problem) = await bench.PutAsync(
            $"/api/jobs/import/{id}",
            JsonDocument.Parse(settings).RootElement
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(says, problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        var (_, again) = await bench.PutAsync($"/api/jobs/import/{id}", new { });
        Assert.Equal(2, again.GetProperty("preview").GetProperty("added").GetInt32());
    }

    [Fact]
    public async Task Questions_are_answered_and_the_answer_is_kept_with_the_rest()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync("Wire;From;Size;Length\r\n1;DCP/X1:1;4;10\r\n");
        var id = preview.GetProperty("id").GetGuid();
        Assert.Equal(
            ["size-system", "build", "length-unit"],
            preview
                .GetProperty("preview")
                .GetProperty("questions")
                .EnumerateArray()
                .Select(q => q.GetProperty("id").GetString())
        );
        var answers = new Dictionary<string, string>(StringComparer.Ordinal)
        {
            ["size-system"] = "mm2",
            ["length-unit"] = "ft",
        };
        var (_, read) = await bench.PutAsync($"/api/jobs/import/{id}", new { answers });
        var row = read.GetProperty("preview").GetProperty("rows")[0];
        Assert.Equal(
            ("4 mm² fine-stranded copper", "3.048 m"),
            (row.GetProperty("conductor").GetString(), row.GetProperty("length").GetString())
        );
        Assert.Equal(
            "mm2",
            read.GetProperty("preview")
                .GetProperty("settings")
                .GetProperty("answers")
                .GetProperty("size-system")
                .GetString()
        );
    }

    [Fact]
    public async Task Only_the_good_rows_are_taken_where_somebody_says_so()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync("Wire;From;Colour\r\n1;DCP/X1:1;mauve\r\n2;DCP/X1:2;black\r\n");
        var (status, taken) = await bench.AcceptAsync(preview, new { jobName = "P", onlyGood = true });
        Assert.Equal(
            (HttpStatusCode.OK, 1, 1),
            (status, taken.GetProperty("added").GetInt32(), taken.GetProperty("leftOut").GetInt32())
        );
        Assert.Equal(
            "2",
            (await bench.WiresAsync(taken.GetProperty("jobId").GetGuid()))
                .Single()
                .GetProperty("wire")
                .GetProperty("name")
                .GetString()
        );
    }

    [Theory]
    [InlineData(null)]
    [InlineData("  ")]
    public async Task A_new_job_needs_a_name_and_the_list_waits_for_it(string? name)
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(JobBench.List);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.AcceptAsync(preview, new { jobName = name })).Status
        );
        Assert.Empty(await bench.NamesAsync());
        Assert.Equal(HttpStatusCode.OK, (await bench.AcceptAsync(preview, new { jobName = "P" })).Status);
    }

    [Fact]
    public async Task An_import_that_nobody_looked_at_is_forgotten_after_two_hours()
    {
        await using var bench = await JobBench.StartAsync();
        var old = (await bench.PreviewAsync(JobBench.List)).GetProperty("id").GetGuid();
        bench.Server.Time.Advance(TimeSpan.FromMinutes(90));
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.GetAsync($"/api/jobs/import/{old}")).Status);
        bench.Server.Time.Advance(TimeSpan.FromMinutes(119));
        await bench.PreviewAsync(JobBench.List);
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.GetAsync($"/api/jobs/import/{old}")).Status);
        bench.Server.Time.Advance(TimeSpan.FromMinutes(121));
        await bench.PreviewAsync(JobBench.List);
        var (status, problem) = await bench.Server.GetAsync($"/api/jobs/import/{old}");
        Assert.Equal(HttpStatusCode.NotFound, status);
        Assert.Contains("Send the file again", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Of_many_at_once_as_many_of_the_last_are_kept_as_there_is_room_for()
    {
        await using var bench = await JobBench.StartAsync();
        bench.Server.Services.GetRequiredService<PendingImports>().MostBytes = 6 * 1024 * 1024;
        var ids = new List<Guid>();
        for (var i = 0; i < 10; i++)
        {
            bench.Server.Time.Advance(TimeSpan.FromSeconds(1));
            ids.Add((await bench.PreviewAsync(JobBench.List)).GetProperty("id").GetGuid());
        }

        Assert.Equal(HttpStatusCode.NotFound, (await bench.Server.GetAsync($"/api/jobs/import/{ids[0]}")).Status);
        Assert.Equal(HttpStatusCode.OK, (await bench.Server.GetAsync($"/api/jobs/import/{ids[^1]}")).Status);
    }

    [Fact]
    public async Task An_import_sent_twice_is_taken_once()
    {
        await using var bench = await JobBench.StartAsync();
        var job = await bench.JobAsync();
        var preview = await bench.PreviewAsync(JobBench.List, job);
        var accept = $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}/accept";
        var body = new { id = Guid.NewGuid(), personId = bench.Ada };
        var first = await bench.Server.PostAsync(accept, body);
        var again = await bench.Server.PostAsync(accept, body);
        Assert.Equal(
            (HttpStatusCode.OK, HttpStatusCode.OK, first.Json.GetRawText()),
            (first.Status, again.Status, again.Json.GetRawText())
        );
        // Under another id it is another import, and there is none any more.
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.PostAsync(accept, body with { id = Guid.NewGuid() })).Status
        );
        Assert.Equal(2, (await bench.WiresAsync(job)).Count);
    }

    [Fact]
    public async Task A_workbook_s_other_sheet_is_chosen()
    {
        await using var bench = await JobBench.StartAsync();
        using var stream = new MemoryStream();
        MiniExcelLibs.MiniExcel.SaveAs(
            stream,
            new Dictionary<string, object>(StringComparer.Ordinal)
            {
                ["Old"] = new[] { new { Wire = "1", From = "DCP/X1:1" } },
                ["New"] = new[] { new { Wire = "2", From = "DCP/X1:2" }, new { Wire = "3", From = "DCP/X1:3" } },
            }
        );
        var (_, preview) = await bench.SendAsync("/api/jobs/import/preview", stream.ToArray());
        Assert.Equal(
            ["Old", "New"],
            preview.GetProperty("preview").GetProperty("sheets").EnumerateArray().Select(s => s.GetString())
        );
        var (_, other) = await bench.PutAsync(
            $"/api/jobs/import/{preview.GetProperty("id").GetGuid()}",
            new { sheet = "New" }
        );
        Assert.Equal(2, other.GetProperty("preview").GetProperty("added").GetInt32());
    }

    [Fact]
    public async Task An_unknown_import_is_not_there()
    {
        await using var bench = await JobBench.StartAsync();
        var id = Guid.NewGuid();
        Assert.Equal(HttpStatusCode.NotFound, (await bench.PutAsync($"/api/jobs/import/{id}", new { })).Status);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await bench.Server.PostAsync(
                    $"/api/jobs/import/{id}/accept",
                    new { id = Guid.NewGuid(), personId = bench.Ada }
                )
            ).Status
        );
        Assert.Empty(
            await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/import/{id}/progress", UriKind.Relative))
        );
    }
}
