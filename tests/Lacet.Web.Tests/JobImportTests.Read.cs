using System.Text;

namespace Lacet.Web.Tests;

/// <content>How a list is read: its encoding, its columns, and what is remembered of lists like it.</content>
public sealed partial class JobImportTests
{
    private const string Shop =
        "Wire No,From Device,From Terminal,To Device,To Terminal,Size/Color,Lacquer\r\n101,TB1,1,PLC1,I0.0,18 BLU,q\r\n102,TB1,2,PLC1,I0.1,18 BLU,q\r\n103,TB1,3,,,,q\r\n";

    [Fact]
    public async Task A_list_saved_by_a_spreadsheet_is_read_and_its_encoding_can_be_chosen()
    {
        await using var bench = await JobBench.StartAsync();
        Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);
        var file = Encoding
            .GetEncoding(1252)
            .GetBytes("Draht;Von;Nach;Querschnitt;Länge\r\n1;X1:1;X2:1;2,5 mm²;3 m\r\n2;X1:2;X2:2;2,5 mm²;3 m\r\n");
        var (status, read) = await bench.PreviewAsync(file);
        Assert.Equal(HttpStatusCode.OK, status);
        var written = read.GetProperty("preview").GetProperty("written");
        Assert.Equal("windows-1252", written.GetProperty("encoding").GetProperty("id").GetString());
        Assert.Equal(
            ["Länge", "mm²"],
            written.GetProperty("proof").EnumerateArray().Select(p => p.GetString()).Order(StringComparer.Ordinal)
        );
        Assert.StartsWith(
            "2.5 mm²",
            read.GetProperty("preview").GetProperty("rows")[0].GetProperty("conductor").GetString(),
            StringComparison.Ordinal
        );

        var id = read.GetProperty("id").GetGuid();
        var (_, other) = await bench.ChangeImportAsync(id, new { encoding = "macintosh" });
        written = other.GetProperty("preview").GetProperty("written");
        Assert.Equal("macintosh", written.GetProperty("encoding").GetProperty("id").GetString());
        Assert.DoesNotContain("Länge", written.GetProperty("proof").EnumerateArray().Select(p => p.GetString()));
        var (refused, problem) = await bench.ChangeImportAsync(id, new { encoding = "ebcdic" });
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused);
        Assert.Contains("no encoding", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Device_and_terminal_land_and_what_is_missing_is_counted_first()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = (await bench.PreviewAsync(Shop)).GetProperty("preview");
        var first = preview.GetProperty("rows")[0];
        Assert.Equal(
            ("TB1:1", "PLC1:I0.0", "18 AWG stranded copper", "blue"),
            (
                first.GetProperty("from").GetString(),
                first.GetProperty("to").GetString(),
                first.GetProperty("conductor").GetString(),
                first.GetProperty("colour").GetString()
            )
        );
        var gaps = preview.GetProperty("gaps");
        Assert.Equal(
            (0, 1, 1, "Lacquer"),
            (
                gaps.GetProperty("withoutFrom").GetInt32(),
                gaps.GetProperty("withoutTo").GetInt32(),
                gaps.GetProperty("withoutSize").GetInt32(),
                gaps.GetProperty("notRead")[0].GetString()
            )
        );
        // Each column says what it could hold, and why.
        var candidate = preview.GetProperty("columns")[5].GetProperty("candidates")[0];
        Assert.Equal("conductor", candidate.GetProperty("meaning").GetString());
        Assert.Contains(
            "cells are a size with more",
            candidate.GetProperty("why").GetString(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_column_that_could_be_two_things_is_shown_both_ways()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = (
            await bench.PreviewAsync("1,TB1,1,K1,A1,18\r\n2,TB1,2,K2,A1,16\r\n3,TB1,3,K3,A1,18\r\n")
        ).GetProperty("preview");
        var doubts = preview.GetProperty("doubts").EnumerateArray().ToList();
        Assert.NotEmpty(doubts);
        Assert.All(doubts, d =>
        {
            var readings = d.GetProperty("readings").EnumerateArray().ToList();
            Assert.Equal(2, readings.Count);
            Assert.All(readings, r => Assert.Equal(3, r.GetProperty("says").GetArrayLength()));
            Assert.NotEqual(
                readings[0].GetProperty("meaning").GetString(),
                readings[1].GetProperty("meaning").GetString()
            );
        });
    }

    /// <summary>An answer is of its column: what else is in doubt is asked still.</summary>
    [Fact]
    public async Task One_column_that_was_said_leaves_the_others_in_doubt()
    {
        await using var bench = await JobBench.StartAsync();
        var first = await bench.PreviewAsync("1,TB1,1,K1,A1,18\r\n2,TB1,2,K2,A1,16\r\n3,TB1,3,K3,A1,18\r\n");
        static List<int> Doubts(JsonElement of) =>
            [
                .. of.GetProperty("preview")
                    .GetProperty("doubts")
                    .EnumerateArray()
                    .Select(d => d.GetProperty("index").GetInt32()),
            ];
        var before = Doubts(first);
        Assert.True(before.Count > 1);
        var columns = first
            .GetProperty("preview")
            .GetProperty("columns")
            .EnumerateArray()
            .Select(c => c.GetProperty("meaning").GetString());
        var (_, then) = await bench.ChangeImportAsync(
            first.GetProperty("id").GetGuid(),
            new { columns, said = before.Take(1) }
        );
        Assert.Equal(before.Skip(1), Doubts(then));
    }

    /// <summary>The next list of that shop asks nothing; what was said of the last one holds.</summary>
    [Fact]
    public async Task A_list_whose_headings_are_known_is_read_as_the_last_one_was()
    {
        await using var bench = await JobBench.StartAsync();
        var first = await bench.PreviewAsync(Shop);
        var id = first.GetProperty("id").GetGuid();
        Assert.Equal(JsonValueKind.Null, first.GetProperty("preview").GetProperty("layout").ValueKind);
        var meanings = first
            .GetProperty("preview")
            .GetProperty("columns")
            .EnumerateArray()
            .Select(c => c.GetProperty("meaning").GetString())
            .ToList();
        meanings[^1] = "run";
        var (_, said) = await bench.ChangeImportAsync(
            id,
            new
            {
                columns = meanings,
                answers = new Dictionary<string, string>(StringComparer.Ordinal) { ["build"] = "solid" },
            }
        );
        await bench.AcceptAsync(said, new { jobName = "Dome" });

        var next = await bench.PreviewAsync(Shop.Replace("101", "901", StringComparison.Ordinal));
        var preview = next.GetProperty("preview");
        Assert.Equal("Dome", preview.GetProperty("layout").GetProperty("name").GetString());
        Assert.Equal("18 AWG solid copper", preview.GetProperty("rows")[0].GetProperty("conductor").GetString());
        Assert.Empty(preview.GetProperty("gaps").GetProperty("notRead").EnumerateArray());
        Assert.Empty(preview.GetProperty("doubts").EnumerateArray());
        var (_, afresh) = await bench.ChangeImportAsync(next.GetProperty("id").GetGuid(), new { afresh = true });
        Assert.Equal(
            "18 AWG stranded copper",
            afresh.GetProperty("preview").GetProperty("rows")[0].GetProperty("conductor").GetString()
        );
    }

    [Fact]
    public async Task A_known_layout_is_named_exported_deleted_and_taken_back()
    {
        await using var bench = await JobBench.StartAsync();
        await bench.AcceptAsync(await bench.PreviewAsync(Shop), new { jobName = "Dome" });
        var layout = Assert.Single((await bench.Server.GetAsync("/api/list-layouts")).Json.EnumerateArray());
        var id = layout.GetProperty("id").GetGuid();
        using (
            var named = await bench.Server.Client.PutAsJsonAsync(
                new Uri($"/api/list-layouts/{id}", UriKind.Relative),
                new { name = "North shop" }
            )
        )
        {
            Assert.Equal(HttpStatusCode.NoContent, named.StatusCode);
        }

        var exported = (await bench.Server.GetAsync("/api/list-layouts")).Json;
        Assert.Equal("North shop", exported[0].GetProperty("name").GetString());
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await bench.PutAsync($"/api/list-layouts/{id}", new { name = " " })).Status
        );
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await bench.Server.Client.DeleteAsync(new Uri($"/api/list-layouts/{id}", UriKind.Relative))).StatusCode
        );
        Assert.Empty((await bench.Server.GetAsync("/api/list-layouts")).Json.EnumerateArray());
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await bench.Server.Client.DeleteAsync(new Uri($"/api/list-layouts/{id}", UriKind.Relative))).StatusCode
        );

        Assert.Equal(HttpStatusCode.OK, (await bench.Server.PostAsync("/api/list-layouts", exported)).Status);
        Assert.Equal(
            "North shop",
            (await bench.PreviewAsync(Shop))
                .GetProperty("preview")
                .GetProperty("layout")
                .GetProperty("name")
                .GetString()
        );
    }

    /// <summary>A list goes out as it came in: its headings, its units, and what is new behind them.</summary>
    [Fact]
    public async Task Wires_go_out_in_the_columns_of_the_list_that_came_in()
    {
        await using var bench = await JobBench.StartAsync();
        var preview = await bench.PreviewAsync(
            "Draht;Von;Nach;Querschnitt;Länge [m]\r\n1;DCP/X1:1;DCP/X2:1;2,5;3,25\r\n"
        );
        var (_, taken) = await bench.AcceptAsync(preview, new { jobName = "Dome" });
        var job = taken.GetProperty("jobId").GetGuid();
        Task<string> Out(string file) =>
            bench.Server.Client.GetStringAsync(new Uri($"/api/jobs/{job}/export/{file}", UriKind.Relative));
        Assert.StartsWith(
            "Draht;Von;Nach;Querschnitt;Länge [m];Type\r\n1;DCP/X1:1;DCP/X2:1;2,5 mm²;3,25;fine-stranded copper",
            (await Out("wires.csv")).TrimStart('\uFEFF'),
            StringComparison.Ordinal
        );
        Assert.StartsWith("Draht\tVon", (await Out("wires.tsv")).TrimStart('\uFEFF'), StringComparison.Ordinal);
        Assert.StartsWith(
            "Wire,From enclosure,From",
            (await Out("wires.csv?own=true")).TrimStart('\uFEFF'),
            StringComparison.Ordinal
        );
        // What was typed and not imported has no form but our own.
        var typed = await bench.JobAsync();
        await bench.TypeAsync(
            typed,
            new
            {
                name = "1",
                from = "X1:1",
                size = "14",
            }
        );
        job = typed;
        Assert.Contains("Wire,From enclosure", await Out("wires.csv"), StringComparison.Ordinal);
    }
}
