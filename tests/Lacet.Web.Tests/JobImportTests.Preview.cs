using System.Text;
using Lacet.Workshop.Lists;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

public sealed partial class JobImportTests
{
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
        var (_, right) = await bench.ChangeImportAsync(
            preview.GetProperty("id").GetGuid(),
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
        var (_, mapped) = await bench.ChangeImportAsync(
            preview.GetProperty("id").GetGuid(),
            new { columns = new[] { "wire", "size", "from", "to" } }
        );
        Assert.Equal(
            "14 AWG stranded copper",
            mapped.GetProperty("preview").GetProperty("rows")[0].GetProperty("conductor").GetString()
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await bench.ChangeImportAsync(
                    preview.GetProperty("id").GetGuid(),
                    new { columns = new[] { "wire", "wire", "from", "to" } }
                )
            ).Status
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
        var (status, problem) = await bench.ChangeImportAsync(id, JsonDocument.Parse(settings).RootElement);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Contains(says, problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
        var (_, again) = await bench.ChangeImportAsync(id, new { });
        Assert.Equal(2, again.GetProperty("preview").GetProperty("added").GetInt32());
    }

    [Fact]
    public async Task Questions_are_answered_and_the_answer_is_kept_with_the_rest()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync("Wire;From;Size;Length\r\n1;DCP/X1:1;10;10\r\n");
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
        var (_, read) = await bench.ChangeImportAsync(id, new { answers });
        var row = read.GetProperty("preview").GetProperty("rows")[0];
        Assert.Equal(
            ("10 mm² fine-stranded copper", "3.048 m"),
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

    [Fact]
    public async Task An_unknown_import_is_not_there()
    {
        await using var bench = await JobBench.StartAsync();
        var id = Guid.NewGuid();
        Assert.Equal(HttpStatusCode.NotFound, (await bench.ChangeImportAsync(id, new { })).Status);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.PostAsync($"/api/jobs/import/{id}/accept", new { id = Guid.NewGuid() })).Status
        );
        Assert.Empty(
            await bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/import/{id}/progress", UriKind.Relative))
        );
    }
}
