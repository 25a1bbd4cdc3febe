using System.Globalization;
using System.Text;
using Lacet.Core.Quantities;
using UtfUnknown;

namespace Lacet.Exchange.Import;

/// <summary>
/// Finds how a text file is written, and decodes it. A mark at its beginning is believed, then UTF-8 where every byte
/// agrees, then the zeros of UTF-16; else each encoding is tried, and the one whose letters make the most sense in a
/// wire list is taken: mm², °C, µ, words in small letters. A detector for running text has a voice among them.
/// </summary>
internal static class TextDecoder
{
    private const int MostLookedAt = 200_000;
    private const int MostProof = 5;

    static TextDecoder() => CodePages.Register();

    /// <summary>
    /// Decodes a file; in <paramref name="chosen"/> where somebody chose. Throws
    /// <see cref="ImpossibleInputException"/> where that is none that can be chosen.
    /// </summary>
    internal static DecodedText Decode(byte[] file, string? chosen)
    {
        var (encoding, sure) = chosen is null ? Find(file) : (Chosen(chosen), true);
        var text = Encoding.GetEncoding(encoding.Id).GetString(file).TrimStart('\uFEFF');
        return new(text, encoding, Proof(text), sure);
    }

    private static TextEncoding Named(string id) =>
        TextEncoding.All.First(e => string.Equals(e.Id, id, StringComparison.OrdinalIgnoreCase));

    private static TextEncoding Chosen(string id) =>
        TextEncoding.All.FirstOrDefault(e => string.Equals(e.Id, id, StringComparison.OrdinalIgnoreCase))
        ?? throw new ImpossibleInputException("encoding", "That is no encoding that can be chosen.");

    private static (TextEncoding Encoding, bool Sure) Find(byte[] file)
    {
        switch (file)
        {
            case [0xEF, 0xBB, 0xBF, ..]:
                return (Named("utf-8"), true);
            case [0xFF, 0xFE, ..]:
                return (Named("utf-16"), true);
            case [0xFE, 0xFF, ..]:
                return (Named("utf-16BE"), true);
        }

        var (even, odd) = Zeros(file);
        // Every second byte of English in UTF-16 is zero; no other text has any.
        if (even + odd > file.Length / 8)
        {
            return (Named(odd > even ? "utf-16" : "utf-16BE"), true);
        }

        if (IsUtf8(file))
        {
            return (Named("utf-8"), true);
        }

        var some = Telling(file);
        var detected = CharsetDetector.DetectFromBytes(some).Detected;
        var judged = TextEncoding
            .All.Where(e => !e.Id.StartsWith("utf", StringComparison.Ordinal))
            .Select(e => (Encoding: e, Sense: Sense(Encoding.GetEncoding(e.Id).GetString(some)) + Voice(e, detected)))
            .OrderByDescending(e => e.Sense)
            .ToList();
        return (judged[0].Encoding, judged[0].Sense - judged[1].Sense >= 1);
    }

    private static double Voice(TextEncoding encoding, DetectionDetail? detected) =>
        detected is { Confidence: > 0.5f }
        && string.Equals(detected.EncodingName, encoding.Id, StringComparison.OrdinalIgnoreCase)
            ? 1.5 * detected.Confidence
            : 0;

    private static (int Even, int Odd) Zeros(byte[] file)
    {
        var (even, odd) = (0, 0);
        for (var i = 0; i < file.Length; i++)
        {
            if (file[i] == 0)
            {
                (even, odd) = i % 2 == 0 ? (even + 1, odd) : (even, odd + 1);
            }
        }

        return (even, odd);
    }

    private static bool IsUtf8(byte[] file)
    {
        try
        {
            _ = new UTF8Encoding(encoderShouldEmitUTF8Identifier: false, throwOnInvalidBytes: true).GetCharCount(file);
            return true;
        }
        catch (DecoderFallbackException)
        {
            return false;
        }
    }

    /// <summary>The lines that hold any letter beyond English: the others tell nothing.</summary>
    private static byte[] Telling(byte[] file)
    {
        using var telling = new MemoryStream();
        var from = 0;
        while (from < file.Length && telling.Length < MostLookedAt)
        {
            var end = Array.IndexOf(file, (byte)'\n', from);
            var line = file.AsSpan(from, (end < 0 ? file.Length : end + 1) - from);
            if (line.ContainsAnyExceptInRange((byte)0, (byte)127))
            {
                telling.Write(line);
            }

            from += line.Length;
        }

        return telling.ToArray();
    }

    /// <summary>How much sense a text makes in a wire list, by its letters beyond English; each is weighed once.</summary>
    private static double Sense(string text)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        var sense = 0.0;
        for (var i = 0; i < text.Length; i++)
        {
            if (text[i] < 128)
            {
                continue;
            }

            var (before, after) = (i > 0 ? text[i - 1] : ' ', i + 1 < text.Length ? text[i + 1] : ' ');
            if (seen.Add($"{before}{text[i]}{after}"))
            {
                sense += Sense(before, text[i], after);
            }
        }

        return sense / Math.Max(1, seen.Count) * 4;
    }

    private static double Sense(char before, char letter, char after)
    {
        var isLetter = char.IsLetter(letter);
        return letter switch
        {
            '²' or '³' => before is 'm' or 'M' ? 4 : 0,
            '°' => char.IsDigit(before) || after is 'C' or 'F' or ' ' ? 2 : 0,
            'µ' or 'Ω' or 'Ø' or 'ø' when !char.IsLetter(before) => 1.5,
            '–' or '—' or '×' or '±' or '’' or '‘' or '“' or '”' or '…' or '\u00A0' => 0.5,
            '€' or '§' or '½' or '¼' or '¾' or 'º' or 'ª' => 0,
            '\uFFFD' => -6,
            _ when char.IsControl(letter) => -5,
            _ when !isLetter => -3,
            _ when letter is >= '\uFF61' and <= '\uFF9F' => -3,
            // A capital within small letters, or letters of two scripts in one word, are no word.
            _ when char.IsUpper(letter) && char.IsLower(before) => -2,
            _ when char.IsUpper(letter) && char.IsLower(after) && char.IsLetter(before) => -1,
            _ when char.IsLower(letter) && char.IsUpper(before) && char.IsUpper(after) => -2,
            _ when IsLatin(letter) != (IsLatin(before) || !char.IsLetter(before)) && char.IsLetter(before) => -3,
            _ when !IsLatin(letter) && IsLatin(after) => -3,
            _ when IsLatin(letter) => "äöüßéèàçñãõáíóúâêîôûëïåæœ".Contains(
                char.ToLowerInvariant(letter),
                StringComparison.Ordinal
            )
                ? 1.2
                : 0.8,
            _ => char.IsLetter(before) || char.IsLetter(after) ? 1 : -1,
        };
    }

    private static bool IsLatin(char letter) => char.IsAsciiLetter(letter) || letter is >= '\u00C0' and <= '\u024F';

    /// <summary>The first words with letters beyond English, so that somebody sees whether they are right.</summary>
    private static IReadOnlyList<string> Proof(string text)
    {
        var words = new List<string>();
        for (var i = 0; i < text.Length && words.Count < MostProof; i++)
        {
            if (text[i] < 128 || char.GetUnicodeCategory(text[i]) == UnicodeCategory.SpaceSeparator)
            {
                continue;
            }

            var (start, end) = (i, i);
            while (start > 0 && i - start < 20 && !IsEdge(text[start - 1]))
            {
                start--;
            }

            while (end + 1 < text.Length && end - i < 20 && !IsEdge(text[end + 1]))
            {
                end++;
            }

            var word = text[start..(end + 1)];
            if (!words.Contains(word, StringComparer.Ordinal))
            {
                words.Add(word);
            }

            i = end;
        }

        return words;
    }

    private static bool IsEdge(char c) =>
        char.IsWhiteSpace(c) || c is ',' or ';' or '|' or '"' or '(' or ')' or '[' or ']';
}
