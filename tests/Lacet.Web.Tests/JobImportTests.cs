using System.Text;
using Lacet.Workshop.Lists;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

/// <summary>Wire lists over HTTP: previewed, mapped, put right, accepted, undone, refused.</summary>
public sealed partial class JobImportTests
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
        var (status, preview) = await bench.WhenReadAsync(
            await bench.Server.PostAsync(
                "/api/jobs/import/preview/text",
                new { text = "Wire\tFrom\tSize\n\u200E1\u200B\tX1\u200D:1\t2.5\u00AD fine\u0007\n" }
            )
        );
        Assert.Equal(HttpStatusCode.OK, status);
        var row = preview.GetProperty("preview").GetProperty("rows")[0];
        Assert.Equal("1", row.GetProperty("wire").GetString());
        Assert.StartsWith("2.5 mm²", row.GetProperty("conductor").GetString(), StringComparison.Ordinal);
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
            new { }
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
        var (_, read) = await bench.ChangeImportAsync(
            id,
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
        var (_, preview) = await bench.PreviewAsync(stream.ToArray());
        Assert.Equal(
            ["Old", "New"],
            preview.GetProperty("preview").GetProperty("sheets").EnumerateArray().Select(s => s.GetString())
        );
        var (_, other) = await bench.ChangeImportAsync(preview.GetProperty("id").GetGuid(), new { sheet = "New" });
        Assert.Equal(2, other.GetProperty("preview").GetProperty("added").GetInt32());
    }

    [Fact]
    public async Task Sheets_with_the_same_headings_are_read_together_where_somebody_says_so()
    {
        await using var bench = await JobBench.StartAsync();
        using var stream = new MemoryStream();
        MiniExcelLibs.MiniExcel.SaveAs(
            stream,
            new Dictionary<string, object>(StringComparer.Ordinal)
            {
                ["Left"] = new[]
                {
                    new
                    {
                        Wire = "1",
                        From = "DCP/X1:1",
                        To = "DCP/X2:1",
                    },
                },
                ["Cover"] = new[] { new { Sheet = "1", Made = "today" } },
                ["Right"] = new[]
                {
                    new
                    {
                        Wire = "2",
                        From = "DCP/X1:2",
                        To = "DCP/X2:2",
                    },
                    new
                    {
                        Wire = "3",
                        From = "DCP/X1:3",
                        To = "DCP/X2:3",
                    },
                },
            }
        );
        var (_, one) = await bench.PreviewAsync(stream.ToArray());
        var preview = one.GetProperty("preview");
        Assert.Equal(1, preview.GetProperty("added").GetInt32());
        var asked = preview.GetProperty("questions")[0];
        Assert.Equal("sheets", asked.GetProperty("id").GetString());
        Assert.Contains("2 sheets have these headings: Left, Right", asked.GetProperty("says").GetString());
        var (_, all) = await bench.ChangeImportAsync(
            one.GetProperty("id").GetGuid(),
            new { answers = new { sheets = "all" } }
        );
        Assert.Equal(3, all.GetProperty("preview").GetProperty("added").GetInt32());
        Assert.Contains(
            "2 to 2 of Left, 3 to 4 of Right",
            string.Join(' ', all.GetProperty("preview").GetProperty("notices").EnumerateArray()),
            StringComparison.Ordinal
        );
        var (status, taken) = await bench.AcceptAsync(all, new { jobName = "Both" });
        Assert.Equal((HttpStatusCode.OK, 3), (status, taken.GetProperty("added").GetInt32()));
    }
}
