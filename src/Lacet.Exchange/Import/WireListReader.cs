using System.Globalization;
using System.Text.RegularExpressions;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Import;

/// <summary>
/// Reads a sheet as a wire list, once its columns are known. What is doubtful is read one way and asked about; what is
/// wrong is said by row and column; titles, totals and headings that are repeated are left out, and said.
/// </summary>
public sealed partial class WireListReader
{
    private readonly IReadOnlyList<ListColumn> _columns;
    private readonly Func<string, LandingDocument?> _onShelf;
    private readonly Doubts _doubts;
    private readonly SizeCells _sizes;
    private readonly ListCells _cells;
    private readonly Dictionary<string, int> _unknownFunctions = new(StringComparer.OrdinalIgnoreCase);

    // A list says the same of many landings: each is read once.
    private readonly Dictionary<string, ListedEnd?> _described = new(StringComparer.Ordinal);

    /// <summary>A reader of lists with such columns.</summary>
    /// <param name="columns">What the columns hold.</param>
    /// <param name="answers">Answers to questions of an earlier reading, by id.</param>
    /// <param name="onShelf">Finds a landing on the Shelf by its code.</param>
    public WireListReader(
        IReadOnlyList<ListColumn> columns,
        IReadOnlyDictionary<string, string> answers,
        Func<string, LandingDocument?> onShelf
    )
    {
        (_columns, _onShelf, _doubts) = (columns, onShelf, new(answers));
        (_sizes, _cells) = (new(columns, _doubts), new(_doubts));
    }

    private enum RowIs
    {
        Wire,
        Blank,
        Title,
        Headings,
        Total,
    }

    /// <summary>
    /// Reads the rows below the headings. <paramref name="corrections"/> are cells that were put right, by row and
    /// column.
    /// </summary>
    public WireList Read(
        Sheet sheet,
        int headingRow,
        IReadOnlyDictionary<(int Row, ColumnMeaning Column), string> corrections,
        IProgress<int>? progress,
        CancellationToken cancellation
    )
    {
        _sizes.LookThrough(sheet, headingRow);
        var rows = new List<ListRow>();
        var left = new Dictionary<RowIs, int>();
        for (var i = headingRow + 1; i < sheet.Rows.Count; i++)
        {
            cancellation.ThrowIfCancellationRequested();
            var cells = Cells(sheet.Rows[i], i + 1, corrections);
            var what = Look(sheet.Rows[i], cells);
            if (what == RowIs.Wire)
            {
                ReadRow(i + 1, cells, rows);
            }
            else
            {
                left[what] = left.GetValueOrDefault(what) + 1;
            }

            if (rows.Count % 500 == 0)
            {
                progress?.Report(rows.Count);
            }
        }

        return new(rows, _doubts.Questions(_sizes.MetricColumn), Notices(left));
    }

    private RowIs Look(IReadOnlyList<string> row, Dictionary<ColumnMeaning, string> cells) =>
        row.FirstOrDefault(c => !string.IsNullOrWhiteSpace(c)) is not { } first ? RowIs.Blank
        : Total().IsMatch(first.Trim())
        && !cells.ContainsKey(ColumnMeaning.From)
        && !cells.ContainsKey(ColumnMeaning.To)
            ? RowIs.Total
        : _columns
            .Where(c => c.Meaning != ColumnMeaning.Note)
            .All(c => string.Equals(Sheet.Cell(row, c.Index), c.Heading, StringComparison.OrdinalIgnoreCase))
            ? RowIs.Headings
        // One cell across the page, or a remark beside a length, says nothing of a wire.
        : cells.Keys.All(SaysNothingAlone) ? RowIs.Title
        : RowIs.Wire;

    private static bool SaysNothingAlone(ColumnMeaning column) =>
        column
            is ColumnMeaning.Wire
                or ColumnMeaning.Note
                or ColumnMeaning.Length
                or ColumnMeaning.LengthM
                or ColumnMeaning.LengthFt
                or ColumnMeaning.LengthMm;

    /// <summary>The function that a cell says; null where it says none that is known.</summary>
    public static Core.Jobs.WireFunction? ReadFunction(string cell) => WireWords.Function(cell);

    /// <summary>Reads one row that somebody typed.</summary>
    public static ListRow ReadOne(
        IReadOnlyList<(ColumnMeaning Column, string Cell)> cells,
        Func<string, LandingDocument?> onShelf
    )
    {
        var reader = new WireListReader(
            [.. cells.Select((c, i) => new ListColumn(i, c.Column.ToString(), c.Column, Sure: true))],
            new Dictionary<string, string>(StringComparer.Ordinal),
            onShelf
        );
        var rows = new List<ListRow>();
        reader.ReadRow(1, cells.ToDictionary(c => c.Column, c => c.Cell.Trim()), rows);
        return rows[0];
    }

    private List<string> Notices(Dictionary<RowIs, int> left)
    {
        var notices = new List<string>();
        void Say(int count, string one, string many)
        {
            if (count > 0)
            {
                notices.Add(count == 1 ? one : string.Format(CultureInfo.InvariantCulture, many, count));
            }
        }

        Say(
            left.GetValueOrDefault(RowIs.Title),
            "One row is a title between the others and was left out.",
            "{0} rows are titles between the others and were left out."
        );
        Say(
            left.GetValueOrDefault(RowIs.Headings),
            "One row repeats the headings and was left out.",
            "{0} rows repeat the headings and were left out."
        );
        Say(
            left.GetValueOrDefault(RowIs.Total),
            "One row adds up and was left out.",
            "{0} rows add up and were left out."
        );
        Say(
            _doubts.Met(Doubts.Names),
            "One wire has no number and is named after its row.",
            "{0} wires have no number and are named after their rows."
        );
        Say(
            _unknownFunctions.Values.Sum(),
            $"One function is not known (“{WireWords.Shown(_unknownFunctions.Keys.FirstOrDefault() ?? "")}”) and is left open.",
            $"{{0}} functions are not known (such as “{WireWords.Shown(_unknownFunctions.Keys.FirstOrDefault() ?? "").Replace("{", "{{", StringComparison.Ordinal).Replace("}", "}}", StringComparison.Ordinal)}”) and are left open."
        );
        return notices;
    }

    [GeneratedRegex(
        @"^(?:sub)?-?\s*(?:total|sum|count)\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Total();
}
