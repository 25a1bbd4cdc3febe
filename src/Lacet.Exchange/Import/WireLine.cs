using Lacet.Core.Conductors;
using Lacet.Core.Quantities;

namespace Lacet.Exchange.Import;

/// <summary>
/// A wire in one line, as somebody dictates it: "W7 X1:5 X2:3 2.5 fine black line". Its name first, then where it goes,
/// then in any order whatever else is said; words that belong together may stand apart.
/// </summary>
public static class WireLine
{
    /// <summary>What a length is told by: m, ft, and the signs of feet and inches.</summary>
    private static readonly System.Buffers.SearchValues<char> Units = System.Buffers.SearchValues.Create("mft'\"’”");

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
        var unread = new List<string>();
        while (rest.Count > 0)
        {
            var read = Take(rest, isPlace, cells);
            if (read == 0)
            {
                unread.Add(rest[0]);
                read = 1;
            }

            rest.RemoveRange(0, read);
        }

        return unread.Count == 0
            ? cells
            : throw new ImpossibleInputException(
                "line",
                $"“{(unread[0].Length > 40 ? unread[0][..40] + "…" : unread[0])}” is no slot, size, colour or function that is known. A slot that is not there yet is written with its device, such as X1:5."
            );
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

            if (Meaning(together) is { } meaning && !cells.ContainsKey(meaning))
            {
                cells[meaning] = together;
                return count;
            }
        }

        return 0;
    }

    private static ColumnMeaning? Free(Dictionary<ColumnMeaning, string> cells, params ColumnMeaning[] of) =>
        of.Where(m => !cells.ContainsKey(m)).Select(m => (ColumnMeaning?)m).FirstOrDefault();

    private static ColumnMeaning? Meaning(string text) =>
        InsulationColour.TryParse(text, out _) ? ColumnMeaning.Colour
        : WireWords.Function(text) is not null ? ColumnMeaning.Function
        : ConductorText.IsWord(text) ? ColumnMeaning.Build
        : IsLength(text) ? ColumnMeaning.Length
        : IsSize(text) ? ColumnMeaning.Size
        : null;

    /// <summary>A length says its unit; a bare number is a size.</summary>
    private static bool IsLength(string text) =>
        text.AsSpan().IndexOfAny(Units) > 0
        && !text.Contains("mm²", StringComparison.Ordinal)
        && !text.Contains("mm2", StringComparison.OrdinalIgnoreCase)
        && WireWords.LengthMm(text, UnitsNet.Units.LengthUnit.Meter) is not null;

    private static bool IsSize(string text)
    {
        try
        {
            return ConductorText.Read(
                WireWords.BareNumber().IsMatch(text) && text.AsSpan().IndexOfAny('.', ',') >= 0 ? text + " mm²" : text,
                null
            )
                is not null;
        }
        catch (ImpossibleInputException)
        {
            return false;
        }
    }
}
