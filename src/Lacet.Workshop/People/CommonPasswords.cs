namespace Lacet.Workshop.People;

/// <summary>
/// Passwords that are guessed early: from lists of those that leaked elsewhere, words, names, years and walks over the
/// keyboard, and what is put together of them.
/// </summary>
internal static class CommonPasswords
{
    /// <summary>Of four: fewer guesses than a patient program makes over the network in a day.</summary>
    private const int LeastScore = 2;

    /// <summary>What is longer is guessed by no list, and would take long to take apart.</summary>
    private const int LongestLooked = 40;

    /// <summary>What is wrong with a password; null where it will do.</summary>
    internal static string? Problem(string password, string name) =>
        password.Length <= LongestLooked && Zxcvbn.Zxcvbn.MatchPassword(password, [name]).Score < LeastScore
            ? "That password is among those that are guessed first. Three words that do not belong together are easy to keep."
            : null;
}
