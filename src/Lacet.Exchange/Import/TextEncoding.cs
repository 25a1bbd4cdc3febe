namespace Lacet.Exchange.Import;

/// <summary>How a text file is written.</summary>
/// <param name="Id">Its stable name, as IANA registers it, such as "windows-1252".</param>
/// <param name="DisplayName">What people call it.</param>
public sealed record TextEncoding(string Id, string DisplayName)
{
    /// <summary>Those that can be chosen, the usual ones first.</summary>
    public static IReadOnlyList<TextEncoding> All { get; } =
    [
        new("utf-8", "UTF-8"),
        new("windows-1252", "Windows, Western (1252)"),
        new("macintosh", "Mac Roman"),
        new("iso-8859-15", "ISO 8859-15, Western with €"),
        new("windows-1250", "Windows, Central European (1250)"),
        new("iso-8859-2", "ISO 8859-2, Central European"),
        new("windows-1251", "Windows, Cyrillic (1251)"),
        new("koi8-r", "KOI8-R, Cyrillic"),
        new("windows-1253", "Windows, Greek (1253)"),
        new("windows-1254", "Windows, Turkish (1254)"),
        new("windows-1257", "Windows, Baltic (1257)"),
        new("ibm850", "DOS, Western (850)"),
        new("utf-16", "UTF-16, little-endian"),
        new("utf-16BE", "UTF-16, big-endian"),
        new("shift_jis", "Japanese (Shift JIS)"),
        new("gb18030", "Chinese (GB 18030)"),
    ];
}
