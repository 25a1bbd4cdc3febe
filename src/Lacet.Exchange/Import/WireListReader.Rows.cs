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
            else if (cell.Length > 0 && BridgeRows.Form(cell) is not null)
            {
                // All else that remarks say is nothing of a wire.
                cells[ColumnMeaning.Remark] = cell;
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
        if (problems.Count == 0 && Bridge(cells) is { } bridge)
        {
            _doubts.Count(Doubts.Bridges);
            rows.Add(new(number, cells, null, []) { Bridge = bridge });
            return;
        }

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

        var wire = Wire(number, name, cells, problems);
        if (!cells.ContainsKey(ColumnMeaning.Wire))
        {
            wire = wire with { NameMadeOf = "" };
        }

        rows.Add(new(number, cells, problems.Count == 0 ? wire : null, problems));
    }

    /// <summary>One wire of a row that names a range of them.</summary>
    private ListRow OneOf(int number, Dictionary<ColumnMeaning, string> cells)
    {
        var problems = new List<CellProblem>();
        var wire = Wire(number, cells[ColumnMeaning.Wire], cells, problems);
        return new(number, cells, problems.Count == 0 ? wire : null, problems);
    }

    private ListedWire Wire(
        int number,
        string name,
        Dictionary<ColumnMeaning, string> cells,
        List<CellProblem> problems
    )
    {
        var conductor = _conductors.Read(cells, problems);
        var ferrule = cells.GetValueOrDefault(ColumnMeaning.Ferrule);
        var (given, bare) = ferrule is null ? (null, false) : ListCells.Ferrule(ferrule, problems);
        return new ListedWire(number, name)
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
            Cable = cells.GetValueOrDefault(ColumnMeaning.Cable),
            Make = conductor.Make,
            Ferrule = given,
            SaidBare = bare,
        };
    }

    /// <summary>The bridge that a row is; null where it is a wire.</summary>
    private ListedBridge? Bridge(Dictionary<ColumnMeaning, string> cells)
    {
        if (BridgeRows.Form(cells) is not { } form)
        {
            return null;
        }

        var problems = new List<CellProblem>();
        var ends = new[] { EndColumns.From, EndColumns.To }
            .SelectMany(columns => Each(cells, columns).Select(one => End(one, columns, problems)))
            .OfType<ListedEnd>()
            .ToList();
        return problems.Count == 0 && BridgeRows.CanJoin(form, ends) ? new(form, ends) : null;
    }

    /// <summary>The cells once for each terminal that they name on one side: X1:1..4 names four.</summary>
    private static IEnumerable<Dictionary<ColumnMeaning, string>> Each(
        Dictionary<ColumnMeaning, string> cells,
        EndColumns columns
    )
    {
        var ranged = new[] { columns.Place, columns.Terminal }
            .Where(cells.ContainsKey)
            .Select(c => (Column: c, Places: PlaceText.Range(cells[c])))
            .FirstOrDefault(r => r.Places.Count > 1);
        return ranged.Places is null
            ? [cells]
            : ranged.Places.Select(place => new Dictionary<ColumnMeaning, string>(cells) { [ranged.Column] = place });
    }

    private ListedEnd? End(Dictionary<ColumnMeaning, string> cells, EndColumns columns, List<CellProblem> problems)
    {
        string? Said(ColumnMeaning column) => cells.TryGetValue(column, out var cell) && !IsNowhere(cell) ? cell : null;
        var (place, device) = (Said(columns.Place), Said(columns.Device));
        var terminal = IsMinus(device, cells.GetValueOrDefault(columns.Terminal)) ? "-" : Said(columns.Terminal);
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

    /// <summary>A dash is no terminal, but for a device that has one marked +.</summary>
    private bool IsMinus(string? device, string? terminal) =>
        terminal is "-" or "–" or "−" && device is not null && _withPlus.Contains(device);

    /// <summary>The devices that have a terminal of their own marked +.</summary>
    private void LookForPlus(Sheet sheet, int headingRow)
    {
        foreach (var side in new[] { EndColumns.From, EndColumns.To })
        {
            var device = _columns.FirstOrDefault(c => c.Meaning == side.Device);
            var terminal = _columns.FirstOrDefault(c => c.Meaning == side.Terminal);
            if (device is not null && terminal is not null)
            {
                _withPlus.UnionWith(
                    sheet
                        .Rows.Skip(headingRow + 1)
                        .Where(r => Plain(Sheet.Cell(r, terminal.Index)) is "+")
                        .Select(r => Sheet.Cell(r, device.Index))
                );
            }
        }
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
