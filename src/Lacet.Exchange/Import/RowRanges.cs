using System.Globalization;

namespace Lacet.Exchange.Import;

/// <summary>A row that names a range: wires 1..10 from X1:1..10 to X2:1..10.</summary>
internal static class RowRanges
{
    private static readonly ColumnMeaning[] Ranged =
    [
        ColumnMeaning.Wire,
        ColumnMeaning.From,
        ColumnMeaning.FromTerminal,
        ColumnMeaning.To,
        ColumnMeaning.ToTerminal,
    ];

    /// <summary>
    /// The cells of each wire; null where the row names no range. Ranges of unlike length are told as a problem.
    /// </summary>
    internal static IReadOnlyList<Dictionary<ColumnMeaning, string>>? Of(
        Dictionary<ColumnMeaning, string> cells,
        string name,
        List<CellProblem> problems
    )
    {
        var ranges = Ranged
            .Where(cells.ContainsKey)
            .Select(c => (Column: c, Places: PlaceText.Range(cells[c])))
            .Where(r => r.Places.Count > 1)
            .ToList();
        if (ranges.Count == 0 || ranges.TrueForAll(r => r.Column == ColumnMeaning.Wire))
        {
            return null;
        }

        var count = ranges[0].Places.Count;
        if (ranges.Find(r => r.Places.Count != count) is { Places: { } unlike } odd)
        {
            problems.Add(
                new(
                    odd.Column,
                    $"This range has {unlike.Count} places, and another of its row {count}: they must be as many."
                )
            );
            return null;
        }

        return
        [
            .. Enumerable
                .Range(0, count)
                .Select(i =>
                {
                    var one = new Dictionary<ColumnMeaning, string>(cells)
                    {
                        [ColumnMeaning.Wire] = string.Create(CultureInfo.InvariantCulture, $"{name}.{i + 1}"),
                    };
                    foreach (var (column, places) in ranges)
                    {
                        one[column] = places[i];
                    }

                    return one;
                }),
        ];
    }
}
