using System.Globalization;
using System.IO.Compression;
using System.Xml;
using CsvHelper;
using CsvHelper.Configuration;
using ExcelDataReader;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Import;

/// <summary>
/// Reads the cells of a file that somebody sent: a workbook, or text whose cells are parted by commas, semicolons or
/// tabs. Nothing in it is run or computed. Throws <see cref="ImpossibleInputException"/> with one sentence where it is
/// no such file.
/// </summary>
public static class SheetReader
{
    private const string Field = "file";

    private static readonly CsvConfiguration Reading = new(CultureInfo.InvariantCulture)
    {
        DetectDelimiter = true,
        DetectDelimiterValues = [",", ";", "\t", "|"],
        BadDataFound = null,
        IgnoreBlankLines = false,
    };

    static SheetReader() => CodePages.Register();

    /// <summary>
    /// Reads all sheets that hold anything. <paramref name="encoding"/> is how somebody says that the text is written;
    /// null to find it. <paramref name="progress"/> hears how many rows were read.
    /// </summary>
    public static SheetFile Read(
        byte[] file,
        string? encoding,
        IProgress<int>? progress,
        CancellationToken cancellation
    )
    {
        if (file.Length == 0)
        {
            throw Refused("The file is empty.");
        }

        if (file.Length > ImportLimits.Bytes)
        {
            throw Refused($"The file is larger than {ImportLimits.Bytes / 1024 / 1024} MB: that is no wire list.");
        }

        if (file is [0xD0, 0xCF, 0x11, 0xE0, ..])
        {
            throw Refused(
                "This is a workbook of the old kind, or one that is locked with a password. Save it as XLSX, without a password."
            );
        }

        if (file is [(byte)'P', (byte)'K', ..])
        {
            return new(Workbook(file, progress, cancellation), null);
        }

        var decoded = TextDecoder.Decode(file, encoding);
        return decoded.Text.Contains('\0', StringComparison.Ordinal)
            ? throw Refused("The file holds zero bytes: it is no text. Send CSV, TSV or XLSX.")
            : new([new Sheet("list", Text(decoded.Text, progress, cancellation))], decoded);
    }

    /// <summary>Reads text that was pasted.</summary>
    public static Sheet ReadText(string text, IProgress<int>? progress, CancellationToken cancellation) =>
        new("paste", Text(text, progress, cancellation));

    private static List<IReadOnlyList<string>> Text(
        string text,
        IProgress<int>? progress,
        CancellationToken cancellation
    )
    {
        using var csv = new CsvParser(new StringReader(text), Reading);
        var rows = new List<IReadOnlyList<string>>();
        try
        {
            while (csv.Read())
            {
                Keep(rows, csv.Record!, progress, cancellation);
            }
        }
        catch (CsvHelperException)
        {
            throw Refused("The file cannot be read as a table. Send CSV, TSV or XLSX.");
        }

        return rows.Exists(r => r.Count > 1)
            ? rows
            : throw Refused("The file holds no table: no row has two cells. Send CSV, TSV or XLSX.");
    }

    private static IReadOnlyList<Sheet> Workbook(byte[] file, IProgress<int>? progress, CancellationToken cancellation)
    {
        CheckUnpacked(file, cancellation);
        var sheets = new List<Sheet>();
        try
        {
            using var reader = ExcelReaderFactory.CreateOpenXmlReader(new MemoryStream(file, writable: false));
            do
            {
                var sheet = new WorkbookSheet(reader);
                var rows = new List<IReadOnlyList<string>>();
                while (reader.Read())
                {
                    Keep(rows, sheet.Row(), progress, cancellation);
                }

                if (rows.Exists(r => r.Count > 0))
                {
                    sheets.Add(new(reader.Name, rows) { Notices = sheet.Notices() });
                }
            } while (reader.NextResult());
        }
        catch (Exception exception)
            when (exception is not (ImpossibleInputException or OperationCanceledException or OutOfMemoryException))
        {
            throw Refused("The workbook cannot be opened: it is damaged, locked with a password, or no XLSX.");
        }

        return sheets.Count > 0 ? sheets : throw Refused("The workbook holds no cells.");
    }

    private static void Keep(
        List<IReadOnlyList<string>> rows,
        string[] cells,
        IProgress<int>? progress,
        CancellationToken cancellation
    )
    {
        cancellation.ThrowIfCancellationRequested();
        var last = Array.FindLastIndex(cells, c => !string.IsNullOrWhiteSpace(c));
        if (last >= ImportLimits.Columns)
        {
            throw Refused($"Row {rows.Count + 1} has more than {ImportLimits.Columns} columns: that is no wire list.");
        }

        if (rows.Count >= ImportLimits.Rows)
        {
            // Something formatted far below the list is no row of it.
            if (last < 0)
            {
                return;
            }

            throw Refused(
                $"The list has more than {ImportLimits.Rows.ToString("#,0", CultureInfo.InvariantCulture)} rows. Part it by enclosure, and import one after the other."
            );
        }

        var kept = new string[last + 1];
        for (var i = 0; i <= last; i++)
        {
            // One cell that nobody can read is one row’s fault: it is kept as too long, and its row says so.
            var cell = PlainText.Cell(cells[i]);
            kept[i] = cell.Length <= ImportLimits.Cell ? cell : cell[..(ImportLimits.Cell + 1)];
        }

        rows.Add(kept);
        if (rows.Count % 500 == 0)
        {
            progress?.Report(rows.Count);
        }
    }

    /// <summary>
    /// A workbook is an archive, and a small one can unpack to more than any memory, or name a cell in column sixteen
    /// thousand of every row: it is unpacked once and counted before anything is made of it.
    /// </summary>
    private static void CheckUnpacked(byte[] file, CancellationToken cancellation)
    {
        try
        {
            using var archive = new ZipArchive(new MemoryStream(file, writable: false), ZipArchiveMode.Read);
            long unpacked = 0;
            var buffer = new byte[64 * 1024];
            foreach (var entry in archive.Entries)
            {
                using var content = entry.Open();
                int read;
                while ((read = content.Read(buffer)) > 0)
                {
                    cancellation.ThrowIfCancellationRequested();
                    if ((unpacked += read) > ImportLimits.Unpacked)
                    {
                        throw Refused(
                            "The workbook unpacks to far more than a wire list holds. Nothing of it was read."
                        );
                    }
                }

                if (
                    entry.FullName.StartsWith("xl/worksheets/", StringComparison.OrdinalIgnoreCase)
                    && entry.FullName.EndsWith(".xml", StringComparison.OrdinalIgnoreCase)
                )
                {
                    CheckReach(entry, cancellation);
                }
            }
        }
        catch (Exception damaged) when (damaged is InvalidDataException or XmlException or NotSupportedException)
        {
            throw Refused("The workbook cannot be opened: it is damaged, locked with a password, or no XLSX.");
        }
    }

    private static void CheckReach(ZipArchiveEntry sheet, CancellationToken cancellation)
    {
        using var xml = XmlReader.Create(
            sheet.Open(),
            new XmlReaderSettings { DtdProcessing = DtdProcessing.Prohibit, XmlResolver = null }
        );
        while (xml.Read())
        {
            if (xml.NodeType != XmlNodeType.Element)
            {
                continue;
            }

            cancellation.ThrowIfCancellationRequested();
            var reference = xml.LocalName switch
            {
                "dimension" => xml.GetAttribute("ref") is { } area ? area[(area.LastIndexOf(':') + 1)..] : null,
                "c" or "row" => xml.GetAttribute("r"),
                _ => null,
            };
            if (reference is not null && ColumnOf(reference) > ImportLimits.Columns)
            {
                throw Refused(
                    $"The workbook reaches to column {reference.TrimEnd("0123456789".ToCharArray())}; more than {ImportLimits.Columns} columns are no wire list. Nothing of it was read."
                );
            }
        }
    }

    private static int ColumnOf(string reference)
    {
        var column = 0;
        foreach (var letter in reference.TakeWhile(char.IsAsciiLetter).Take(4))
        {
            column = (column * 26) + (char.ToUpperInvariant(letter) - 'A' + 1);
        }

        return column;
    }

    private static ImpossibleInputException Refused(string sentence) => new(Field, sentence);
}
