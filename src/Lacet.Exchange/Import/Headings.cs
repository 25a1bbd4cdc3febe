using System.Globalization;
using System.Reflection;
using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using CsvHelper;
using F23.StringSimilarity;

namespace Lacet.Exchange.Import;

/// <summary>
/// What headings speak for, in the languages of the tables beside it: "headings" has whole headings, "heading-parts" the
/// words that sides, devices and terminals are made of. Add a row, and one more is read.
/// </summary>
internal static partial class Headings
{
    /// <summary>What a heading that is known word for word counts.</summary>
    internal const double Exact = 6;

    private const double Misspelt = 4.5;
    private const int LongestHeading = 60;

    private static readonly Dictionary<string, (ColumnMeaning Meaning, string Language)> Known = Load();
    private static readonly Damerau Distance = new();

    /// <summary>
    /// What may stand in a column instead: "Wire" over 18 BLU, "Type" over 18 AWG MTW.
    /// </summary>
    private static readonly Dictionary<ColumnMeaning, (ColumnMeaning Instead, double Score)[]> Instead = new()
    {
        [ColumnMeaning.Wire] = [(ColumnMeaning.Conductor, 3.5), (ColumnMeaning.Cable, 2.5)],
        [ColumnMeaning.Conductor] = [(ColumnMeaning.Wire, 4), (ColumnMeaning.Size, 4), (ColumnMeaning.Build, 4)],
        [ColumnMeaning.Size] = [(ColumnMeaning.Conductor, 4.5), (ColumnMeaning.Awg, 3), (ColumnMeaning.Mm2, 3)],
        [ColumnMeaning.Awg] = [(ColumnMeaning.Conductor, 4), (ColumnMeaning.Size, 4)],
        [ColumnMeaning.Mm2] = [(ColumnMeaning.Conductor, 4), (ColumnMeaning.Size, 4)],
        [ColumnMeaning.Build] = [(ColumnMeaning.Conductor, 3.5), (ColumnMeaning.Remark, 2)],
        [ColumnMeaning.Colour] = [(ColumnMeaning.Conductor, 2)],
        [ColumnMeaning.Function] = [(ColumnMeaning.Conductor, 2), (ColumnMeaning.Remark, 3)],
        [ColumnMeaning.Run] = [(ColumnMeaning.Wire, 3.5), (ColumnMeaning.Conductor, 3.5), (ColumnMeaning.Build, 3)],
        [ColumnMeaning.Cable] =
        [
            (ColumnMeaning.Wire, 3.5),
            (ColumnMeaning.Run, 3.5),
            (ColumnMeaning.Conductor, 3.5),
            (ColumnMeaning.Build, 3),
        ],
        [ColumnMeaning.Remark] = [(ColumnMeaning.Wire, 3.5), (ColumnMeaning.Function, 1.5)],
        [ColumnMeaning.Load] = [(ColumnMeaning.To, 3), (ColumnMeaning.ToDevice, 3)],
        [ColumnMeaning.Circuit] = [(ColumnMeaning.Wire, 3)],
        [ColumnMeaning.Length] = [(ColumnMeaning.LengthM, 4), (ColumnMeaning.LengthFt, 4), (ColumnMeaning.LengthMm, 4)],
        [ColumnMeaning.From] = [(ColumnMeaning.FromDevice, 4.5), (ColumnMeaning.FromTerminal, 3)],
        [ColumnMeaning.To] = [(ColumnMeaning.ToDevice, 4.5), (ColumnMeaning.ToTerminal, 3)],
    };

    /// <summary>What a heading speaks for, the clearest first; nothing where it is not known.</summary>
    /// <param name="heading">As it is written.</param>
    /// <param name="forgiving">Whether slips of the hand are forgiven.</param>
    internal static IReadOnlyList<HeadingGuess> Guess(string heading, bool forgiving = true)
    {
        var words = Normal(heading);
        if (words.Length is 0 or > LongestHeading)
        {
            return [];
        }

        var guesses = new Dictionary<ColumnMeaning, HeadingGuess>();
        foreach (var guess in Whole(words, forgiving).Concat(HeadingParts.Guess(words)))
        {
            Keep(guess);
            foreach (var (instead, score) in Instead.GetValueOrDefault(guess.Meaning, []))
            {
                // What only looks like a heading speaks less for what may stand there instead, too.
                Keep(new(instead, score - Exact + guess.Score, guess.Language));
            }
        }

        return [.. guesses.Values.Where(g => g.Score > 0).OrderByDescending(g => g.Score)];

        void Keep(HeadingGuess guess)
        {
            if (!guesses.TryGetValue(guess.Meaning, out var before) || before.Score < guess.Score)
            {
                guesses[guess.Meaning] = guess;
            }
        }
    }

    private static IEnumerable<HeadingGuess> Whole(string words, bool forgiving)
    {
        if (Find(words) is var (meaning, language))
        {
            yield return new(meaning, Exact, language);
            yield break;
        }

        // A unit in the heading says which of several it is; without it, the heading is what it is.
        var bare = Spaces().Replace(Unit().Replace(words, " "), " ").Trim();
        if (bare.Length > 0 && bare.Length < words.Length && Find(bare) is var (of, from))
        {
            yield return new(OfUnit(of, words), Exact - 0.5, from);
            yield break;
        }

        if (!forgiving || HeadingParts.Guess(words).Any())
        {
            yield break;
        }

        // One slip in four letters: lenght, colur, swithced.
        foreach (var text in new[] { words, bare }.Where(t => t.Length > 3).Distinct(StringComparer.Ordinal))
        {
            // Words whose lengths differ by more than the slips that are forgiven are not compared.
            var (nearest, away) = Known
                .Where(k => k.Key.Length >= 4 && Math.Abs(k.Key.Length - text.Length) <= Slips(k.Key))
                .Select(k => (k, Distance.Distance(text, k.Key)))
                .DefaultIfEmpty((default, double.MaxValue))
                .MinBy(k => k.Item2);
            if (nearest.Key is not null && away <= Slips(nearest.Key))
            {
                yield return new(OfUnit(nearest.Value.Meaning, words), Misspelt - (0.1 * away), null);
                yield break;
            }
        }
    }

    private static int Slips(string word) => Math.Max(1, word.Length / 4);

    private static (ColumnMeaning Meaning, string Language)? Find(string words) =>
        Known.TryGetValue(words, out var known)
        || Known.TryGetValue(words.Replace(" ", "", StringComparison.Ordinal), out known)
            ? known
            : null;

    /// <summary>A length or a size whose heading says its unit.</summary>
    private static ColumnMeaning OfUnit(ColumnMeaning meaning, string words) =>
        (meaning, Unit().Match(words).Value) switch
        {
            (ColumnMeaning.Length, "ft" or "feet") => ColumnMeaning.LengthFt,
            (ColumnMeaning.Length, "in" or "inch" or "inches") => ColumnMeaning.LengthIn,
            (ColumnMeaning.Length, "cm") => ColumnMeaning.LengthCm,
            (ColumnMeaning.Length, "mm") => ColumnMeaning.LengthMm,
            (ColumnMeaning.Length, "m") => ColumnMeaning.LengthM,
            (ColumnMeaning.Size or ColumnMeaning.Wire or ColumnMeaning.Conductor, "mm2" or "qmm") => ColumnMeaning.Mm2,
            (ColumnMeaning.Size or ColumnMeaning.Wire or ColumnMeaning.Conductor, "awg" or "ga") => ColumnMeaning.Awg,
            _ => meaning,
        };

    /// <summary>"Length [ft]" → "length ft"; "Ø mm²" → "mm2"; "Wire #" → "wire no".</summary>
    internal static string Normal(string heading)
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

    /// <summary>The rows of a table that ships beside this class.</summary>
    internal static List<TRow> Rows<TRow>(string table)
    {
        using var reader = new StreamReader(Assembly.GetExecutingAssembly().GetManifestResourceStream(table)!);
        using var csv = new CsvReader(reader, CultureInfo.InvariantCulture);
        return [.. csv.GetRecords<TRow>()];
    }

    private static Dictionary<string, (ColumnMeaning, string)> Load()
    {
        var meanings = Enum.GetValues<ColumnMeaning>()
            .ToDictionary(m => JsonNamingPolicy.KebabCaseLower.ConvertName(m.ToString()), StringComparer.Ordinal);
        return Rows<Row>("headings.csv")
            .ToDictionary(h => h.heading, h => (meanings[h.meaning], h.language), StringComparer.Ordinal);
    }

    [GeneratedRegex(
        @"\b(?:mm2|qmm|mm|cm|m|ft|feet|inches|inch|in|a|v|awg|ga|amps|volts|approx|nominal)\b",
        RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Unit();

    [GeneratedRegex(@"\s+", RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Spaces();

    // Named as the columns of the table are.
    private sealed record Row(string language, string meaning, string heading);
}
