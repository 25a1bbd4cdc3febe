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
    private readonly ConductorCells _conductors;
    private readonly ListCells _cells;

    // A list says the same of many landings: each is read once.
    private readonly Dictionary<string, ListedEnd?> _described = new(StringComparer.Ordinal);
    private readonly HashSet<string> _withPlus = new(StringComparer.OrdinalIgnoreCase);

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
        (_conductors, _cells) = (new(columns, _doubts), new(_doubts));
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
        LookForPlus(sheet, headingRow);
        _conductors.LookThrough(sheet, headingRow);
        _cells.LookThrough(sheet, headingRow, _columns, _conductors.MetricColumn);
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

        var listed = RepeatedNumbers.NumberedOn(
            RowsOfCables.Named(RowsOfEnds.Joined(rows, _columns, _doubts), _doubts),
            _doubts
        );
        return new(
            listed,
            _doubts.Questions(_conductors.MetricColumn, _cells.UsualLength),
            ListNotices.Of(
                _doubts,
                left.GetValueOrDefault(RowIs.Title),
                left.GetValueOrDefault(RowIs.Headings),
                left.GetValueOrDefault(RowIs.Total)
            ),
            ListGaps.Of(listed, _columns, left.Where(l => l.Key != RowIs.Blank).Sum(l => l.Value))
        );
    }

    private RowIs Look(IReadOnlyList<string> row, Dictionary<ColumnMeaning, string> cells) =>
        row.FirstOrDefault(c => !string.IsNullOrWhiteSpace(c)) is not { } first ? RowIs.Blank
        : Total().IsMatch(first.Trim()) && !cells.Keys.Any(EndColumns.SaysPlace) ? RowIs.Total
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
                or ColumnMeaning.Remark
                or ColumnMeaning.Length
                or ColumnMeaning.LengthM
                or ColumnMeaning.LengthFt
                or ColumnMeaning.LengthMm
                or ColumnMeaning.LengthCm
                or ColumnMeaning.LengthIn;

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
        return RowsOfCables.Named(rows, reader._doubts)[0];
    }

    [GeneratedRegex(
        @"^(?:sub)?-?\s*(?:total|sum|count)\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Total();
}
