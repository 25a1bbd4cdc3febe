using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace Lacet.Exchange;

/// <summary>The Log as CSV: one row an event, oldest first. Columns are listed in docs/formats.</summary>
public static class RecordCsv
{
    /// <summary>Writes rows as they come, so that a long log needs no memory.</summary>
    public static async Task WriteAsync(
        TextWriter writer,
        IAsyncEnumerable<RecordRow> rows,
        CancellationToken cancellation
    )
    {
        var configuration = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            NewLine = "\r\n",
            // A name such as "=1+1" must not become a formula in somebody's spreadsheet.
            InjectionOptions = InjectionOptions.Escape,
        };
        await using var csv = new CsvWriter(writer, configuration, leaveOpen: true);
        csv.WriteHeader<RecordRow>();
        await csv.NextRecordAsync();
        await foreach (var row in rows.WithCancellation(cancellation))
        {
            csv.WriteRecord(row);
            await csv.NextRecordAsync();
        }
    }
}
