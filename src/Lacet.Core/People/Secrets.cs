namespace Lacet.Core.People;

/// <summary>What a password and a PIN must be.</summary>
public static class Secrets
{
    /// <summary>
    /// Shortest password, characters. NIST SP 800-63B-4, 3.1.1.2 (from memory): at least 8 where something else is asked
    /// too, 15 where the password stands alone; this takes 10, since no sign-in passes the network of the shop and wrong
    /// ones are slowed down.
    /// </summary>
    public const int ShortestPassword = 10;

    /// <summary>Longest password, characters; NIST SP 800-63B-4, 3.1.1.2 asks for 64 at least (from memory).</summary>
    public const int LongestPassword = 128;

    /// <summary>Fewest digits of a PIN; NIST SP 800-63B-4, 3.1.1.2 (from memory) asks for 4 where a device is known.</summary>
    public const int FewestDigits = 4;

    /// <summary>Most digits of a PIN.</summary>
    public const int MostDigits = 8;

    /// <summary>What is wrong with a password; null where it will do.</summary>
    /// <param name="password">As typed: no character of it is changed or left out.</param>
    /// <param name="name">Whose it is to be.</param>
    public static string? PasswordProblem(string password, string name) =>
        password.Length is < ShortestPassword or > LongestPassword
            ? $"A password has {ShortestPassword} to {LongestPassword} characters. Three words that do not belong together are easy to keep."
        : password.Distinct().Count() < 4 || IsRun(password)
            ? "That password is one character after another: anybody tries it first."
        : password.Contains(name, StringComparison.OrdinalIgnoreCase)
            ? "A password with your own name in it is the first that is tried."
        : null;

    /// <summary>What is wrong with a PIN; null where it will do.</summary>
    public static string? PinProblem(string pin) =>
        pin.Length is < FewestDigits or > MostDigits || !pin.All(char.IsAsciiDigit)
            ? $"A PIN has {FewestDigits} to {MostDigits} digits."
        : pin.Distinct().Count() == 1 || IsRun(pin)
            ? "That PIN is the first that anybody tries. Choose digits that are no row and not all alike."
        : null;

    /// <summary>Whether each character follows the one before by the same step, up, down or none.</summary>
    private static bool IsRun(string text)
    {
        var step = text[1] - text[0];
        return step is >= -1 and <= 1 && text.Zip(text.Skip(1)).All(p => p.Second - p.First == step);
    }
}
