using System.Globalization;
using System.Reflection;
using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using CsvHelper;
using F23.StringSimilarity;

namespace Lacet.Exchange.Import;

/// <summary>Finds which row of a sheet names its columns, and what each holds.</summary>
public static partial class Headings
{
    /// <summary>Titles, dates and logos stand above a list; they do not stand above it for long.</summary>
    private const int RowsLookedThrough = 40;

    private static readonly Dictionary<string, ColumnMeaning> Known = Load();
    private static readonly Damerau Distance = new();

    /// <summary>
    /// The row of headings and its columns: the row that holds most that is known, of which at least two columns of a
    /// wire list. Null where no row does.
    /// </summary>
    public static (int Row, IReadOnlyList<ListColumn> Columns)? Find(Sheet sheet)
    {
        (int Row, IReadOnlyList<ListColumn> Columns, int Score)? best = null;
        for (var row = 0; row < Math.Min(sheet.Rows.Count, RowsLookedThrough); row++)
        {
            var columns = Read(sheet.Rows[row]);
            var score = columns.Where(c => c.Meaning != ColumnMeaning.Note).Sum(c => c.Sure ? 3 : 2);
            if (columns.Count(c => c.Meaning != ColumnMeaning.Note) >= 2 && score > (best?.Score ?? 0))
            {
                best = (row, columns, score);
            }
        }

        return best is { } found ? (found.Row, found.Columns) : null;
    }

    /// <summary>What each heading means; each meaning is given once, to the heading that fits it best.</summary>
    public static IReadOnlyList<ListColumn> Read(IReadOnlyList<string> headings)
    {
        var guesses = headings
            .Select(
                (heading, index) =>
                    (
                        Column: new ListColumn(index, heading.Trim(), ColumnMeaning.Note, Sure: true),
                        Guess: Guess(heading)
                    )
            )
            .ToList();
        var taken = new HashSet<ColumnMeaning>();
        var columns = guesses.ConvertAll(g => g.Column);
        foreach (var (column, guess) in guesses.Where(g => g.Guess is not null).OrderBy(g => g.Guess!.Value.Away))
        {
            var (meaning, away) = guess!.Value;
            if (meaning == ColumnMeaning.Note || taken.Add(meaning))
            {
                columns[column.Index] = column with { Meaning = meaning, Sure = away == 0 };
            }
        }

        return columns;
    }

    private static (ColumnMeaning Meaning, double Away)? Guess(string heading)
    {
        var words = Normal(heading);
        if (words.Length is 0 or > 60)
        {
            return null;
        }

        if (
            Known.TryGetValue(words, out var meaning)
            || Known.TryGetValue(words.Replace(" ", "", StringComparison.Ordinal), out meaning)
        )
        {
            return (meaning, 0);
        }

        // One slip in four letters: lenght, colur, swithced.
        var (nearest, away) = Known.Select(k => (k, Distance.Distance(words, k.Key))).MinBy(k => k.Item2);
        if (nearest.Key.Length >= 4 && away <= Math.Max(1, nearest.Key.Length / 4))
        {
            return (nearest.Value, away);
        }

        // A unit in the heading says which of several it is; without it, the heading is what it is.
        var bare = Unit().Replace(words, "").Trim();
        return bare.Length > 0 && bare.Length < words.Length && Known.TryGetValue(bare, out meaning)
            ? (meaning, 0.5)
            : null;
    }

    /// <summary>"Length [ft]" → "length ft"; "Ø mm²" → "mm2"; "Wire #" → "wire no".</summary>
    private static string Normal(string heading)
    {
        var text = new StringBuilder(heading.Length);
        foreach (var c in heading.Trim().ToLowerInvariant())
        {
            text.Append(
                c switch
                {
                    '²' => '2',
                    '#' => " no ",
                    '№' => " no ",
                    _ when char.IsLetterOrDigit(c) => c,
                    _ => ' ',
                }
            );
        }

        return Spaces().Replace(text.ToString(), " ").Trim();
    }

    private static Dictionary<string, ColumnMeaning> Load()
    {
        using var reader = new StreamReader(Assembly.GetExecutingAssembly().GetManifestResourceStream("headings.csv")!);
        using var csv = new CsvReader(reader, CultureInfo.InvariantCulture);
        var meanings = Enum.GetValues<ColumnMeaning>()
            .ToDictionary(m => JsonNamingPolicy.KebabCaseLower.ConvertName(m.ToString()), StringComparer.Ordinal);
        return csv.GetRecords<Heading>().ToDictionary(h => h.heading, h => meanings[h.meaning], StringComparer.Ordinal);
    }

    [GeneratedRegex(
        @"\b(?:mm2|mm|m|ft|in|a|v|awg|amps|volts|approx|nominal)\b",
        RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Unit();

    [GeneratedRegex(@"\s+", RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Spaces();

    // Named as the columns of the table are.
    private sealed record Heading(string meaning, string heading);
}
