using System.Globalization;
using System.Text.RegularExpressions;

namespace Lacet.Exchange.Import;

/// <content>One row after the other.</content>
public sealed partial class WireListReader
{
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
            if (column.Meaning is not (ColumnMeaning.Note or ColumnMeaning.Remark) && cell.Length > 0)
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

        if (RowRanges.Of(cells, name, problems) is { } several && problems.Count == 0)
        {
            rows.AddRange(several.Select(one => OneOf(number, one)));
            return;
        }

        var (wire, count) = Wire(number, name, cells, problems);
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

    /// <summary>One wire of a row that names a range of them.</summary>
    private ListRow OneOf(int number, Dictionary<ColumnMeaning, string> cells)
    {
        var problems = new List<CellProblem>();
        var (wire, _) = Wire(number, cells[ColumnMeaning.Wire], cells, problems);
        return new(number, cells, problems.Count == 0 ? wire : null, problems);
    }

    private (ListedWire Wire, int Count) Wire(
        int number,
        string name,
        Dictionary<ColumnMeaning, string> cells,
        List<CellProblem> problems
    )
    {
        var conductor = _conductors.Read(cells, problems);
        var ferrule = cells.GetValueOrDefault(ColumnMeaning.Ferrule);
        var (given, bare) = ferrule is null ? (null, false) : ListCells.Ferrule(ferrule, problems);
        var wire = new ListedWire(number, name)
        {
            From = End(cells, EndColumns.From, problems),
            To = End(cells, EndColumns.To, problems),
            Conductor = conductor.Conductor,
            Colour = conductor.Colour,
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
            Length = _cells.Length(cells, problems) ?? conductor.Length,
            Run = cells.GetValueOrDefault(ColumnMeaning.Run),
            Ferrule = given,
            SaidBare = bare,
        };
        return (wire, conductor.Count);
    }

    private ListedEnd? End(Dictionary<ColumnMeaning, string> cells, EndColumns columns, List<CellProblem> problems)
    {
        string? Said(ColumnMeaning column) => cells.TryGetValue(column, out var cell) && !IsNowhere(cell) ? cell : null;
        var (place, device, terminal) = (Said(columns.Place), Said(columns.Device), Said(columns.Terminal));
        if (place is null && device is null && terminal is null)
        {
            return null;
        }

        foreach (var column in new[] { columns.Place, columns.Device, columns.Terminal })
        {
            if (Said(column) is { Length: > 200 })
            {
                problems.Add(new(column, "A landing’s name has at most 200 characters."));
                return null;
            }
        }

        var enclosure = Said(columns.Enclosure);
        var end = place is null ? PlaceText.Read(device, terminal, enclosure) : PlaceText.Read(place, enclosure);
        if (!cells.TryGetValue(columns.Landing, out var words))
        {
            return end;
        }

        if (Describe(words) is { } described)
        {
            return described with { Enclosure = end.Enclosure, Device = end.Device, Name = end.Name };
        }

        problems.Add(
            new(
                columns.Landing,
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
            _doubts.Unknown(Doubts.UnknownFunctions, cell);
        }

        return function;
    }

    /// <summary>Whether a cell says that an end goes nowhere.</summary>
    internal static bool IsNowhere(string cell) => cell.Length <= LongestNowhere && Nowhere().IsMatch(cell);

    private const int LongestNowhere = 10;

    [GeneratedRegex(
        @"^(?:-+|—|–|n/?a|nowhere|spare)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Nowhere();
}
