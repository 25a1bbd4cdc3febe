using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;
using Lacet.Exchange.Import;
using MiniExcelLibs;

namespace Lacet.Exchange.Jobs;

/// <summary>A job's wires as a table, with headings that its own import knows: as CSV or as a workbook.</summary>
public static class WireListFile
{
    private static readonly CsvConfiguration Writing = new(CultureInfo.InvariantCulture)
    {
        NewLine = "\r\n",
        ShouldQuote = args => args.Field.AsSpan().IndexOfAny("\",;\r\n") >= 0,
    };

    private static readonly string[] Columns =
    [
        "Wire",
        "From enclosure",
        "From",
        "To enclosure",
        "To",
        "Size",
        "Type",
        "Colour",
        "Function",
        "Circuit",
        "Breaker",
        "Length",
        "Run",
        "Ferrule",
    ];

    /// <summary>The list as CSV, UTF-8 with its mark, so that spreadsheets take it for what it is.</summary>
    public static byte[] Csv(JobDocument job)
    {
        using var stream = new MemoryStream();
        using (
            var writer = new StreamWriter(stream, new System.Text.UTF8Encoding(encoderShouldEmitUTF8Identifier: true))
        )
        using (var csv = new CsvWriter(writer, Writing))
        {
            foreach (var row in Rows(job).Prepend(Columns))
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
    public static byte[] Xlsx(JobDocument job)
    {
        using var stream = new MemoryStream();
        var rows = Rows(job)
            .Select(cells =>
                Columns.Zip(cells).ToDictionary(c => c.First, c => (object)c.Second, StringComparer.Ordinal)
            )
            .ToList();
        if (rows.Count == 0)
        {
            rows.Add(Columns.ToDictionary(c => c, _ => (object)"", StringComparer.Ordinal));
        }

        stream.SaveAs(rows, sheetName: "Wires");
        return stream.ToArray();
    }

    private static IEnumerable<string[]> Rows(JobDocument job) =>
        Wires(job).Concat(Bridges(job)).Select(row => row.Select(Harmless).ToArray());

    /// <summary>A bridge is a row from each of its terminals to the next, without a size: so lists have them.</summary>
    private static IEnumerable<IEnumerable<string>> Bridges(JobDocument job)
    {
        var enclosures = job.Enclosures.ToDictionary(e => e.Id, e => e.Name);
        var landings = job.Landings.ToDictionary(l => l.Id);
        foreach (var bridge in job.Bridges ?? [])
        {
            var on = bridge.Landings.Select(id => landings[id]).OrderBy(l => l.Order).ThenBy(l => l.Id).ToList();
            foreach (var (from, to) in on.Zip(on.Skip(1)))
            {
                string[] said =
                [
                    "",
                    enclosures[from.EnclosureId],
                    from.Name,
                    enclosures[to.EnclosureId],
                    to.Name,
                    "",
                    new ListedBridge(bridge.Form, []).Says,
                ];
                yield return said.Concat(Enumerable.Repeat("", Columns.Length - said.Length));
            }
        }
    }

    private static IEnumerable<IEnumerable<string>> Wires(JobDocument job)
    {
        var enclosures = job.Enclosures.ToDictionary(e => e.Id, e => e.Name);
        var landings = job.Landings.ToDictionary(l => l.Id);
        var circuits = job.Circuits.ToDictionary(c => c.Id);
        var region = job.Job.Rules.Region;
        foreach (var wire in job.Wires.Where(w => !w.Retired))
        {
            var (conductor, circuit) = (wire.Conductor, wire.CircuitId is { } id ? circuits[id] : null);
            var (from, to) = (At(wire.A), At(wire.B));
            yield return
            [
                wire.Name,
                from is null ? "" : enclosures[from.EnclosureId],
                from?.Name ?? "",
                to is null ? "" : enclosures[to.EnclosureId],
                to?.Name ?? "",
                conductor?.Size.Name ?? "",
                conductor?.Make ?? "",
                wire.Colour?.ToString() ?? "",
                wire.Function == WireFunction.Unknown ? "" : wire.Function.Say().Word.InWords(region),
                circuit?.Name ?? "",
                circuit?.OcpdAmps is { } amps ? FormattableString.Invariant($"{amps} A") : "",
                wire.Length is { } length ? FormattableString.Invariant($"{length.Millimetres / 1000:0.###} m") : "",
                wire.Run ?? "",
                wire.A.SaidBare ? "none"
                : wire.A.Ferrule?.SizeMm2 is { } size
                    ? FormattableString.Invariant(
                        $"{size}{(wire.A.Ferrule.Pin is { } pin ? $"/{pin.Millimetres}" : "")}"
                    )
                : "",
            ];
        }

        JobLanding? At(JobEnd end) => end.LandingId is { } id ? landings[id] : null;
    }

    /// <summary>
    /// A text such as "=1+1" must not become a formula in somebody's spreadsheet; the import takes the apostrophe off
    /// again.
    /// </summary>
    private static string Harmless(string cell) =>
        cell.Length > 0 && "'=@+-\t\r".Contains(cell[0], StringComparison.Ordinal) ? "'" + cell : cell;
}
