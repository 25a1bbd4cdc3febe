using System.IO.Compression;
using System.Text;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using MiniExcelLibs;

namespace Lacet.Exchange.Tests.Import;

/// <summary>Files that people send: what is read of them, and what is refused.</summary>
public sealed class SheetTests
{
    [Theory]
    [InlineData(";")]
    [InlineData(",")]
    [InlineData("\t")]
    public void Any_usual_separator_is_found(string separator)
    {
        var sheet = Assert.Single(
            SheetReader.Read(Encoding.UTF8.GetBytes($"Wire{separator}From\r\n1{separator}X1:1\r\n"), null, default)
        );
        Assert.Equal(["1", "X1:1"], sheet.Rows[1]);
    }

    [Fact]
    public void A_spreadsheet_s_unicode_text_is_read() =>
        Assert.Equal(
            ["2", "2.5 mm²"],
            SheetReader
                .Read([0xFF, 0xFE, .. Encoding.Unicode.GetBytes("Wire\tSize\r\n2\t2.5 mm²\r\n")], null, default)[0]
                .Rows[1]
        );

    public static TheoryData<string, byte[], string> BadFiles =>
        new()
        {
            { "empty", [], "empty" },
            { "wrong encoding", Encoding.Latin1.GetBytes("Wire;Size\r\n1;2.5mm²\r\n"), "UTF-8" },
            { "zero bytes", Encoding.UTF8.GetBytes("Wire;Size\r\n1;2\0\r\n"), "zero bytes" },
            { "no table", Encoding.UTF8.GetBytes("once upon a time"), "no table" },
            { "no workbook", [(byte)'P', (byte)'K', 3, 4, 0, 0], "cannot be opened" },
            { "another archive", Zip(("readme.txt", "hello")), "cannot be opened" },
            { "bomb", Zip(("xl/worksheets/sheet1.xml", new string('0', 320_000_000))), "unpacks to far more" },
            {
                "wide workbook",
                Zip(("xl/worksheets/sheet1.xml", "<worksheet><dimension ref=\"A1:XFD9\"/></worksheet>")),
                "columns"
            },
            {
                "doctype",
                Zip(("xl/worksheets/sheet1.xml", "<!DOCTYPE x [<!ENTITY a 'b'>]><worksheet>&a;</worksheet>")),
                "cannot be opened"
            },
            {
                "a million columns",
                Encoding.UTF8.GetBytes(string.Join(';', Enumerable.Repeat("x", 1_000_000)) + "\r\n"),
                "columns"
            },
            {
                "endless list",
                Encoding.UTF8.GetBytes("Wire;Size\r\n" + string.Concat(Enumerable.Repeat("1;2\r\n", 50_001))),
                "rows"
            },
        };

    [Theory]
    [MemberData(nameof(BadFiles))]
    public void A_bad_file_gives_one_clear_sentence(string what, byte[] file, string says)
    {
        Assert.NotEmpty(what);
        var refused = Assert.Throws<ImpossibleInputException>(() => SheetReader.Read(file, null, default));
        Assert.Contains(says, refused.Message, StringComparison.OrdinalIgnoreCase);
        Assert.True(refused.Message.Length < 250);
    }

    [Fact]
    public void Reading_can_be_stopped()
    {
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        Assert.Throws<OperationCanceledException>(() =>
            SheetReader.Read(Encoding.UTF8.GetBytes("Wire;Size\r\n1;2\r\n"), null, stop.Token)
        );
    }

    [Fact]
    public void A_workbook_s_sheets_are_read_in_order_and_empty_ones_left_out()
    {
        using var stream = new MemoryStream();
        stream.SaveAs(
            new Dictionary<string, object>(StringComparer.Ordinal)
            {
                ["Cover"] = new[] { new Dictionary<string, object>(StringComparer.Ordinal) { ["Workshop"] = "rev C" } },
                ["Wires"] = new[]
                {
                    new Dictionary<string, object>(StringComparer.Ordinal)
                    {
                        ["Wire"] = "1",
                        ["Size"] = 2.5,
                        ["Sure"] = true,
                        ["Day"] = new DateTime(2026, 3, 1),
                    },
                },
            }
        );
        var sheets = SheetReader.Read(stream.ToArray(), null, default);
        Assert.Equal(["Cover", "Wires"], sheets.Select(s => s.Name));
        // A number stays a number however the reader's country writes it; a date is a day.
        Assert.Equal(["1", "2.5", "true", "2026-03-01"], sheets[1].Rows[1]);
    }

    [Theory]
    [InlineData("Wire;From\n\n1;X1:1\n", 3)] // a blank line keeps its number, so that errors name the right row
    [InlineData("Wire;From;;;\r\n1;X1:1;;;\r\n", 2)]
    [InlineData("\"Wire\";\"From\"\n\"1\";\"X1;\"\"1\"\"\"", 2)]
    public void Rows_are_counted_as_a_spreadsheet_counts_them(string text, int rows) =>
        Assert.Equal(rows, SheetReader.ReadText(text, null, default).Rows.Count);

    [Fact]
    public void Quotes_and_line_breaks_inside_a_cell_are_part_of_it() =>
        Assert.Equal(
            ["1", "two\nlines; and \"quotes\""],
            SheetReader
                .ReadText("Wire;Note\n1;\"two\nlines; and \"\"quotes\"\"\"\n", null, default)
                .Rows[1]
                .Select(c => c.ReplaceLineEndings("\n"))
        );

    [Fact]
    public void Cells_past_the_last_that_is_written_are_left_out() =>
        Assert.Equal(2, SheetReader.ReadText("Wire;From;;;;\n1;X1:1; ; ;;\n", null, default).Rows[1].Count);

    [Fact]
    public void Empty_rows_far_below_the_list_are_no_rows_of_it()
    {
        var text = "Wire;Size\r\n1;2\r\n" + string.Concat(Enumerable.Repeat(";\r\n", 60_000));
        Assert.True(SheetReader.ReadText(text, null, default).Rows.Count <= 50_000);
    }

    [Fact]
    public void Progress_is_told_while_a_long_file_is_read()
    {
        var told = new List<int>();
        SheetReader.ReadText(
            "Wire;Size\r\n" + string.Concat(Enumerable.Repeat("1;2\r\n", 5_000)),
            new Told(told),
            default
        );
        Assert.NotEmpty(told);
        Assert.Equal(told.Order(), told);
        Assert.InRange(told[^1], 4_000, 5_001);
    }

    private static byte[] Zip(params (string Name, string Text)[] entries)
    {
        using var stream = new MemoryStream();
        using (var archive = new ZipArchive(stream, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (name, text) in entries)
            {
                using var writer = new StreamWriter(archive.CreateEntry(name).Open());
                writer.Write(text);
            }
        }

        return stream.ToArray();
    }

    private sealed class Told(List<int> told) : IProgress<int>
    {
        public void Report(int value) => told.Add(value);
    }
}
