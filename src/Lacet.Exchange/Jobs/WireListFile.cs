using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using MiniExcelLibs;

namespace Lacet.Exchange.Jobs;

/// <summary>A job's wires as a table, in our own columns or in those of the list that came in: as CSV, parted by tabs, or as a workbook.</summary>
public static class WireListFile
{
    /// <summary>
    /// The list as CSV, UTF-8 with its mark, so that spreadsheets take it for what it is; with a semicolon where a comma is
    /// the decimal mark.
    /// </summary>
    /// <param name="job">The job.</param>
    /// <param name="form">The form of the list that came in; null for our own columns.</param>
    public static byte[] Csv(JobDocument job, WireListForm? form = null) =>
        Separated(job, form, form?.CommaIsDecimal is true ? ";" : ",");

    /// <summary>The same, parted by tabs.</summary>
    public static byte[] Tsv(JobDocument job, WireListForm? form = null) => Separated(job, form, "\t");

    private static byte[] Separated(JobDocument job, WireListForm? form, string delimiter)
    {
        var writing = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            NewLine = "\r\n",
            Delimiter = delimiter,
            ShouldQuote = args => args.Field.AsSpan().IndexOfAny($"\";\t\r\n{delimiter}") >= 0,
        };
        using var stream = new MemoryStream();
        using (
            var writer = new StreamWriter(stream, new System.Text.UTF8Encoding(encoderShouldEmitUTF8Identifier: true))
        )
        using (var csv = new CsvWriter(writer, writing))
        {
            foreach (var row in Rows(job, form))
            {
                foreach (var cell in row)
                {
                    csv.WriteField(cell);
                }

                csv.NextRecord();
            }
        }

        return stream.ToArray();
    }

    /// <summary>The list as a workbook.</summary>
    public static byte[] Xlsx(JobDocument job, WireListForm? form = null)
    {
        using var stream = new MemoryStream();
        // Headings of a shop's list may be alike: they go out as the first row.
        var rows = Rows(job, form)
            .Select(row =>
                row.Select((cell, i) => (Key: $"{i}", Cell: (object)cell))
                    .ToDictionary(c => c.Key, c => c.Cell, StringComparer.Ordinal)
            );
        stream.SaveAs(rows, printHeader: false, sheetName: "Wires");
        return stream.ToArray();
    }

    private static IEnumerable<IEnumerable<string>> Rows(JobDocument job, WireListForm? form)
    {
        var table = new WireTable(job, form);
        return table.Rows.Prepend(table.Form.Headings).Select(row => row.Select(Harmless));
    }

    /// <summary>
    /// A text such as "=1+1" must not become a formula in somebody's spreadsheet; the import takes the apostrophe off
    /// again.
    /// </summary>
    private static string Harmless(string cell) =>
        cell.Length > 0 && "'=@+-\t\r".Contains(cell[0], StringComparison.Ordinal) ? "'" + cell : cell;
}
