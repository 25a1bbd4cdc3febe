using System.Globalization;
using ICU4N.Text;

namespace Lacet.Exchange;

/// <summary>Text that people typed, so that what looks the same is the same.</summary>
public static class PlainText
{
    /// <summary>
    /// Below it every letter is one character already (Unicode, chapter 3.11): most text needs no more than a glance.
    /// </summary>
    private const char FirstCombining = '\u0300';

    /// <summary>Composed (NFC): "é" is one character, however it was typed.</summary>
    public static string Composed(string text) =>
        text.AsSpan().IndexOfAnyInRange(FirstCombining, char.MaxValue) < 0
            ? text
            : Normalizer2.NFCInstance.Normalize(text);

    /// <summary>
    /// What a name is compared by (NFKC_Casefold, Unicode, chapter 3.13): Ada, ADA and an Ada with something in it that
    /// nobody can see are one. Spaces count as one each.
    /// </summary>
    public static string NameKey(string name) => OneSpaced(Normalizer2.NFKCCaseFoldInstance.Normalize(name));

    /// <summary>Composed, trimmed, one space where there are several, and nothing in it that nobody can see.</summary>
    public static string Name(string typed) => OneSpaced(Seen(Composed(typed)));

    /// <summary>
    /// What a cell of a list says: composed, trimmed, and without what nobody can see in it, which is copied along from
    /// pages and other programs.
    /// </summary>
    public static string Cell(string text) => Seen(Composed(text)).Trim();

    /// <summary>
    /// Whether a character cannot be seen: control characters but for line ends and tabs, and what turns the direction
    /// of writing or takes no room. Joiners shape letters in some scripts and stay.
    /// </summary>
    public static bool IsUnseen(char c) =>
        c is not ('\n' or '\r' or '\t' or '\u200C' or '\u200D')
        && char.GetUnicodeCategory(c) is (UnicodeCategory.Control or UnicodeCategory.Format);

    private static string Seen(string text) => text.Any(IsUnseen) ? string.Concat(text.Where(c => !IsUnseen(c))) : text;

    private static string OneSpaced(string text) =>
        string.Join(' ', text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
}
