using System.Globalization;
using System.Text.RegularExpressions;
using Lacet.Exchange.Documents;
using Lacet.Exchange.Jobs;

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

    private Dictionary<ColumnMeaning, string> Cells(
        IReadOnlyList<string> row,
        int number,
        IReadOnlyDictionary<(int, ColumnMeaning), string> corrections
    )
    {
        var cells = new Dictionary<ColumnMeaning, string>();
        foreach (var column in _columns)
        {
            var cell = corrections.TryGetValue((number, column.Meaning), out var right)
                ? right.Trim()
                : Sheet.Cell(row, column.Index);
            if (column.Meaning != ColumnMeaning.Note && cell.Length > 0)
            {
                cells[column.Meaning] = Plain(cell);
            }
        }

        return cells;
    }

    /// <summary>Our own exports put an apostrophe before what a spreadsheet would take for a formula.</summary>
    private static string Plain(string cell) =>
        cell.Length > 1 && cell[0] == '\'' && "=+-@'".Contains(cell[1], StringComparison.Ordinal) ? cell[1..] : cell;

    private void ReadRow(int number, Dictionary<ColumnMeaning, string> cells, List<ListRow> rows)
    {
        var unread = cells.Where(c => c.Value.Length > ImportLimits.Cell).Select(c => c.Key).ToList();
        var problems = unread.ConvertAll(column => new CellProblem(
            column,
            $"This cell has more than {ImportLimits.Cell} characters: it is not read. Shorten it."
        ));
        unread.ForEach(column => cells.Remove(column));
        var name = cells.GetValueOrDefault(ColumnMeaning.Wire);
        if (name is null)
        {
            name = string.Create(CultureInfo.InvariantCulture, $"W{number}");
            _doubts.Count(Doubts.Names);
        }

        var (conductor, count) = _sizes.Read(cells, problems);
        var ferrule = cells.GetValueOrDefault(ColumnMeaning.Ferrule);
        var (given, bare) = ferrule is null ? (null, false) : ListCells.Ferrule(ferrule, problems);
        var wire = new ListedWire(number, name)
        {
            From = End(cells, ColumnMeaning.From, ColumnMeaning.FromEnclosure, ColumnMeaning.FromLanding, problems),
            To = End(cells, ColumnMeaning.To, ColumnMeaning.ToEnclosure, ColumnMeaning.ToLanding, problems),
            Conductor = conductor,
            Colour = cells.TryGetValue(ColumnMeaning.Colour, out var colour)
                ? ListCells.Colour(colour, problems)
                : null,
            Function = cells.TryGetValue(ColumnMeaning.Function, out var function) ? Function(function) : null,
            Circuit = cells.GetValueOrDefault(ColumnMeaning.Circuit),
            BreakerAmps = ListCells.Positive(
                cells,
                ColumnMeaning.Breaker,
                WireWords.Amps,
                "amperes, such as 20 or 20 A",
                problems
            ),
            Volts = ListCells.Positive(
                cells,
                ColumnMeaning.Volts,
                WireWords.Volts,
                "volts, such as 120 or 24 V",
                problems
            ),
            LoadAmps = ListCells.Positive(
                cells,
                ColumnMeaning.Load,
                WireWords.Amps,
                "amperes, such as 12 or 12 A",
                problems
            ),
            Length = _cells.Length(cells, problems),
            Run = cells.GetValueOrDefault(ColumnMeaning.Run),
            Ferrule = given,
            SaidBare = bare,
        };
        if (count > 1 && _doubts.Answer(Doubts.Several, "one") is "each" && problems.Count == 0)
        {
            for (var i = 0; i < count; i++)
            {
                rows.Add(
                    new(
                        number,
                        cells,
                        wire with
                        {
                            Name = string.Create(CultureInfo.InvariantCulture, $"{name}.{i + 1}"),
                        },
                        []
                    )
                );
            }

            return;
        }

        rows.Add(new(number, cells, problems.Count == 0 ? wire : null, problems));
    }

    private ListedEnd? End(
        Dictionary<ColumnMeaning, string> cells,
        ColumnMeaning place,
        ColumnMeaning enclosure,
        ColumnMeaning landing,
        List<CellProblem> problems
    )
    {
        if (!cells.TryGetValue(place, out var cell) || Nowhere().IsMatch(cell))
        {
            return null;
        }

        if (cell.Length > 200)
        {
            problems.Add(new(place, "A landing’s name has at most 200 characters."));
            return null;
        }

        var end = LandingWords.Place(cell, cells.GetValueOrDefault(enclosure));
        if (!cells.TryGetValue(landing, out var words))
        {
            return end;
        }

        if (Describe(words) is { } described)
        {
            return described with { Enclosure = end.Enclosure, Device = end.Device, Name = end.Name };
        }

        problems.Add(
            new(
                landing,
                $"“{WireWords.Shown(words)}” is no landing that is known: write its code on the Shelf, or such as screw clamp, push-in, binding screw brass, lug."
            )
        );
        return end;
    }

    private ListedEnd? Describe(string words)
    {
        if (!_described.TryGetValue(words, out var described))
        {
            _described[words] = described = LandingWords.Describe(new(null, null, ""), words, _onShelf);
        }

        return described;
    }

    private Core.Jobs.WireFunction? Function(string cell)
    {
        var function = WireWords.Function(cell);
        if (function is null)
        {
            _unknownFunctions[cell] = _unknownFunctions.GetValueOrDefault(cell) + 1;
        }

        return function;
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

    [GeneratedRegex(
        @"^(?:-+|—|–|n/?a|nowhere|spare)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Nowhere();
}
