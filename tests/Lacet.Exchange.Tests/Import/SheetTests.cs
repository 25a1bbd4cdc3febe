using System.Diagnostics;
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
            SheetReader
                .Read(Encoding.UTF8.GetBytes($"Wire{separator}From\r\n1{separator}X1:1\r\n"), null, null, default)
                .Sheets
        );
        Assert.Equal(["1", "X1:1"], sheet.Rows[1]);
    }

    [Fact]
    public void A_spreadsheet_s_unicode_text_is_read() =>
        Assert.Equal(
            ["2", "2.5 mm²"],
            SheetReader
                .Read([0xFF, 0xFE, .. Encoding.Unicode.GetBytes("Wire\tSize\r\n2\t2.5 mm²\r\n")], null, null, default)
                .Sheets[0]
                .Rows[1]
        );

    public static TheoryData<string, byte[], string> BadFiles =>
        new()
        {
            { "empty", [], "empty" },
            { "zero bytes", Encoding.UTF8.GetBytes("Wire;Size\r\n1;2\0\r\n"), "zero bytes" },
            { "no table", Encoding.UTF8.GetBytes("once upon a time"), "no table" },
            { "an old workbook", [0xD0, 0xCF, 0x11, 0xE0, 1, 2, 3], "Save it as XLSX" },
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
        var refused = Assert.Throws<ImpossibleInputException>(() => SheetReader.Read(file, null, null, default).Sheets);
        Assert.Contains(says, refused.Message, StringComparison.OrdinalIgnoreCase);
        Assert.True(refused.Message.Length < 250);
    }

    /// <summary>In a process of its own, in which nothing made the encodings known yet.</summary>
    [Fact]
    public async Task The_first_file_that_a_server_reads_may_be_a_workbook()
    {
        using var alone = Process.Start(
            new ProcessStartInfo(
                Path.ChangeExtension(typeof(SheetTests).Assembly.Location, null),
                ["-method", "*A_list_of_120_rows_gives_exactly*"]
            )
            {
                RedirectStandardOutput = true,
                UseShellExecute = false,
            }
        )!;
        var said = await alone.StandardOutput.ReadToEndAsync(TestContext.Current.CancellationToken);
        await alone.WaitForExitAsync(TestContext.Current.CancellationToken);
        Assert.True(alone.ExitCode == 0, said);
        Assert.Contains("Total: 1", said, StringComparison.Ordinal);
    }

    [Fact]
    public void Reading_can_be_stopped()
    {
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        Assert.Throws<OperationCanceledException>(() =>
            SheetReader.Read(Encoding.UTF8.GetBytes("Wire;Size\r\n1;2\r\n"), null, null, stop.Token)
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
        var sheets = SheetReader.Read(stream.ToArray(), null, null, default).Sheets;
        Assert.Equal(["Cover", "Wires"], sheets.Select(s => s.Name));
        // A number stays a number however the reader's country writes it; a date is a day.
        Assert.Equal(["1", "2.5", "true", "2026-03-01"], sheets[1].Rows[1]);
    }

    /// <summary>
    /// What a spreadsheet does to cells, in the form that it saves them (ECMA-376, from memory): a day of what was typed
    /// as 1-2, a power of ten of 4E3, zeros shown by a format, a cell merged down, a hidden row and column.
    /// </summary>
    [Fact]
    public void What_a_spreadsheet_made_of_a_cell_is_read_as_it_was_typed_and_said()
    {
        var sheet = Assert.Single(
            SheetReader
                .Read(
                    Zip(
                        (
                            "[Content_Types].xml",
                            """<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/></Types>"""
                        ),
                        (
                            "xl/workbook.xml",
                            """<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets><sheet name="Wires" sheetId="1" r:id="rId1"/></sheets></workbook>"""
                        ),
                        (
                            "xl/_rels/workbook.xml.rels",
                            """<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="rId2" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/styles" Target="styles.xml"/></Relationships>"""
                        ),
                        (
                            "xl/styles.xml",
                            """<styleSheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><numFmts count="1"><numFmt numFmtId="170" formatCode="0000"/></numFmts><cellXfs count="4"><xf numFmtId="0"/><xf numFmtId="16" applyNumberFormat="1"/><xf numFmtId="11" applyNumberFormat="1"/><xf numFmtId="170" applyNumberFormat="1"/></cellXfs></styleSheet>"""
                        ),
                        (
                            "xl/worksheets/sheet1.xml",
                            """<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><cols><col min="5" max="5" width="0" hidden="1" customWidth="1"/></cols><sheetData><row r="1"><c r="A1" t="inlineStr"><is><t>Device</t></is></c><c r="B1" s="1"><v>46024</v></c><c r="C1" s="2"><v>4000</v></c><c r="D1" s="3"><v>42</v></c><c r="E1" t="inlineStr"><is><t>secret</t></is></c></row><row r="2" hidden="1"><c r="B2" t="inlineStr"><is><t>x</t></is></c><c r="C2"><f>1+1</f><v>2</v></c></row></sheetData><mergeCells count="1"><mergeCell ref="A1:A2"/></mergeCells></worksheet>"""
                        )
                    ),
                    null,
                    null,
                    default
                )
                .Sheets
        );
        Assert.Equal(["Device", "2-1", "4E3", "0042", "secret"], sheet.Rows[0]);
        Assert.Equal(["Device", "x", "2"], sheet.Rows[1]);
        Assert.Equal(
            [
                "One row is hidden in the workbook; it is read too.",
                "One column is hidden in the workbook; it is read too.",
                "The spreadsheet made a date of one cell: read as it was typed, such as 2-1. Look whether that is right.",
                "The spreadsheet made a power of ten of one cell: read as it was typed, such as 4E3. Look whether that is right.",
            ],
            sheet.Notices
        );
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
