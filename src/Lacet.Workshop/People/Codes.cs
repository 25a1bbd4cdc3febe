using System.Security.Cryptography;

namespace Lacet.Workshop.People;

/// <summary>Codes that are good once, read off a screen or a console and typed in by hand.</summary>
public static class Codes
{
    /// <summary>How long a lead’s code for somebody is good.</summary>
    public static readonly TimeSpan Life = TimeSpan.FromDays(3);

    /// <summary>No letter or digit in it is taken for another.</summary>
    private const string Letters = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    /// <summary>Twelve of them: some 59 bits.</summary>
    private const int Length = 12;

    /// <summary>A new one, in groups of four.</summary>
    public static string New() =>
        string.Join('-', RandomNumberGenerator.GetString(Letters, Length).Chunk(4).Select(c => new string(c)));

    /// <summary>A code as it was made, however it was typed.</summary>
    public static string Plain(string typed) =>
        string.Concat(typed.Where(char.IsAsciiLetterOrDigit)).ToUpperInvariant();
}
