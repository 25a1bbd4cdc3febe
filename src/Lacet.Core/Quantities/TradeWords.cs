using System.Collections.Concurrent;
using System.Text.RegularExpressions;

namespace Lacet.Core.Quantities;

/// <summary>
/// What one thing is called on the two sides of the ocean: sentences are written with earth and line (IEC 60050-195, 826)
/// and read with ground and hot in North America (NEC article 100 for ground; common practice for hot).
/// </summary>
public static partial class TradeWords
{
    private static readonly ConcurrentDictionary<string, string> American = new(StringComparer.Ordinal);

    /// <summary>A sentence with the names in it as they are, and everything else in the reader’s words and units.</summary>
    public static string Said(this FormattableString sentence, ReaderFormat reader) =>
        string.Format(
            reader,
            sentence.Format.InWords(reader.Region),
            [.. sentence.GetArguments().Select(part => part is FormattableString inner ? inner.Said(reader) : part)]
        );

    /// <summary>A text of ours, in which nobody’s names stand, in a region’s words.</summary>
    public static string InWords(this string text, Region region) =>
        region == Region.Iec ? text : American.GetOrAdd(text, one => British().Replace(one, Translate));

    private static string Translate(Match found)
    {
        if (found.Groups["phases"].Success)
        {
            return found.Value;
        }

        var earth = found.Groups["earth"];
        var word = earth.Success ? "ground" : "hot";
        var first = (earth.Success ? earth : found.Groups["line"]).Value[0];
        var article = found.Groups["article"] is { Success: true } an ? $"{an.Value[0]} " : "";
        return $"{article}{(char.IsUpper(first) ? char.ToUpperInvariant(word[0]) : word[0])}{word[1..]}{found.Groups["ending"].Value}";
    }

    // Line to line is said on both sides; a splice is in-line everywhere.
    [GeneratedRegex(
        @"(?<phases>\b[Ll]ine to line\b)|(?:\b(?<article>[Aa]n) )?(?<![-\w])(?:(?<earth>[Ee]arth)(?<ending>s|ed|ing)?|(?<line>[Ll]ine)(?<ending>s)?)(?![-\w])",
        RegexOptions.ExplicitCapture | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex British();
}
