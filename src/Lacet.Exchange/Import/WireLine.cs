using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Import;

/// <summary>
/// A wire in one line, as somebody dictates it: "W7 X1:5 X2:3 2.5 fine black line". Its name first, then where it goes,
/// then in any order whatever else is said; words that belong together may stand apart.
/// </summary>
public static class WireLine
{
    /// <summary>What stands before the earth of a cable.</summary>
    private static readonly HashSet<string> Earths = new(StringComparer.OrdinalIgnoreCase)
    {
        "with",
        "w/",
        "w/o",
        "without",
        "no",
        "and",
        "plus",
    };

    /// <summary>
    /// The cells of a line. <paramref name="isPlace"/> tells whether a word names a slot that is there. Throws
    /// <see cref="ImpossibleInputException"/> with the word that says nothing.
    /// </summary>
    public static IReadOnlyDictionary<ColumnMeaning, string> Read(string line, Func<string, bool> isPlace)
    {
        // A comma inside a word is a decimal comma.
        var words = line.Split([' ', '\t', ';'], StringSplitOptions.RemoveEmptyEntries)
            .Select(w => w.Trim(','))
            .Where(w => w is not ("" or "→" or "->" or "to" or "from"))
            .ToList();
        if (words.Count == 0)
        {
            throw new ImpossibleInputException(
                "line",
                "Type a wire’s name, and where it goes, such as: W7 X1:5 X2:3 2.5 black."
            );
        }

        var cells = new Dictionary<ColumnMeaning, string> { [ColumnMeaning.Wire] = words[0] };
        var rest = words.Skip(1).ToList();
        var conductor = new List<string>();
        while (rest.Count > 0)
        {
            var taken = Take(rest, isPlace, cells);
            if (taken == 0)
            {
                // "With ground" is said of a cable, and no function of the wire.
                taken = rest is [{ } with, _, ..] && Earths.Contains(with) ? 2 : 1;
                conductor.AddRange(rest.Take(taken));
            }

            rest.RemoveRange(0, taken);
        }

        ReadConductor(string.Join(' ', conductor), cells);
        return cells;
    }

    /// <summary>Reads the first word, or several that mean one thing; gives how many it took.</summary>
    private static int Take(List<string> words, Func<string, bool> isPlace, Dictionary<ColumnMeaning, string> cells)
    {
        // Slots may have spaces in their names: the longest that is there is meant.
        for (var count = Math.Min(4, words.Count); count > 0; count--)
        {
            var together = string.Join(' ', words.Take(count));
            if (
                (isPlace(together) || (count == 1 && together.Contains(':', StringComparison.Ordinal)))
                && Free(cells, ColumnMeaning.From, ColumnMeaning.To) is { } end
            )
            {
                cells[end] = together;
                return count;
            }

            if (WireWords.Function(together) is not null && cells.TryAdd(ColumnMeaning.Function, together))
            {
                return count;
            }
        }

        return 0;
    }

    private static void ReadConductor(string text, Dictionary<ColumnMeaning, string> cells)
    {
        var read = WireText.Read(text);
        if (read.NotUnderstood.FirstOrDefault() is { } unknown)
        {
            var said = text.Substring(unknown.Start, Math.Min(unknown.Length, 40));
            throw new ImpossibleInputException(
                "line",
                $"“{said}{(unknown.Length > 40 ? "…" : "")}” is no slot, size, colour or function that is known. A slot that is not there yet is written with its device, such as X1:5."
            );
        }

        foreach (var part in read.Parts.Where(p => p.Kind != WirePartKind.Filler))
        {
            var column = part.Kind switch
            {
                WirePartKind.Colour => ColumnMeaning.Colour,
                WirePartKind.Length => ColumnMeaning.Length,
                _ => ColumnMeaning.Size,
            };
            var said = text.Substring(part.Start, part.Length).Trim();
            cells[column] = cells.TryGetValue(column, out var before) ? $"{before} {said}" : said;
        }
    }

    private static ColumnMeaning? Free(Dictionary<ColumnMeaning, string> cells, params ColumnMeaning[] of) =>
        of.Where(m => !cells.ContainsKey(m)).Select(m => (ColumnMeaning?)m).FirstOrDefault();
}
