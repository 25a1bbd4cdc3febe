namespace Lacet.Exchange.Import;

/// <summary>What the cells of a column look like together.</summary>
internal sealed class ColumnLook
{
    /// <summary>So many cells tell what a column is; more only take time.</summary>
    private const int MostLookedAt = 400;

    private readonly Dictionary<CellLook, int> _looks = [];
    private readonly HashSet<string> _distinct = new(StringComparer.OrdinalIgnoreCase);

    /// <summary>Looks through a column below its headings.</summary>
    internal ColumnLook(
        IReadOnlyList<IReadOnlyList<string>> rows,
        int firstRow,
        int column,
        Dictionary<string, CellLook> known
    )
    {
        var step = Math.Max(1, (rows.Count - firstRow) / MostLookedAt);
        var last = int.MinValue;
        for (var row = firstRow; row < rows.Count; row += step)
        {
            // A row of one cell is a title, and no part of a column.
            var cell = Sheet.Cell(rows[row], column);
            if (cell.Length == 0 || IsLonely(rows[row]))
            {
                continue;
            }

            if (!known.TryGetValue(cell, out var look))
            {
                known[cell] = look = CellLooks.Of(cell);
            }

            Filled++;
            IsCounting &=
                int.TryParse(cell, System.Globalization.CultureInfo.InvariantCulture, out var number) && number > last;
            last = number;
            _distinct.Add(cell);
            _looks[look] = _looks.GetValueOrDefault(look) + 1;
        }
    }

    /// <summary>Cells that are not empty, of those that were looked at.</summary>
    internal int Filled { get; }

    /// <summary>Whether they are whole numbers, each greater than the one above it: rows are counted so.</summary>
    internal bool IsCounting { get; } = true;

    /// <summary>How many of them differ, from 0 to 1.</summary>
    internal double Distinct => Filled == 0 ? 0 : (double)_distinct.Count / Filled;

    /// <summary>How many differ.</summary>
    internal int DistinctCount => _distinct.Count;

    /// <summary>How many cells look like one of these.</summary>
    internal int Count(CellLook any) => _looks.Where(l => (l.Key & any) != CellLook.None).Sum(l => l.Value);

    /// <summary>The same as a part of all, from 0 to 1.</summary>
    internal double Part(CellLook any) => Filled == 0 ? 0 : (double)Count(any) / Filled;

    /// <summary>The part that looks like the first and not like the second.</summary>
    internal double Part(CellLook any, CellLook butNot) =>
        Filled == 0
            ? 0
            : (double)
                _looks.Where(l => (l.Key & any) != CellLook.None && (l.Key & butNot) == CellLook.None).Sum(l => l.Value)
                / Filled;

    private static bool IsLonely(IReadOnlyList<string> row) => row.Count(c => !string.IsNullOrWhiteSpace(c)) < 2;
}
