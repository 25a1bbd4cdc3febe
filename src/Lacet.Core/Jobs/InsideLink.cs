using Lacet.Core.Quantities;

namespace Lacet.Core.Jobs;

/// <summary>What a device has between two of its terminals, by what is written at them.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="One">The mark of the one, such as "A1".</param>
/// <param name="Other">The mark of the other.</param>
public sealed record InsideLink(InsideKind Kind, string One, string Other)
{
    private const int LongestMark = 20;
    private const int MostLinks = 200;

    /// <summary>Throws <see cref="ImpossibleInputException"/> where what a device is said to have inside cannot be.</summary>
    public static void Check(IReadOnlyList<InsideLink>? inside)
    {
        if (inside?.Count > MostLinks)
        {
            throw new ImpossibleInputException("inside", "A device has at most 200 contacts, coils and joints.");
        }

        foreach (var (link, i) in (inside ?? []).Select((link, i) => (link, i)))
        {
            if (
                !IsMark(link.One)
                || !IsMark(link.Other)
                || string.Equals(link.One.Trim(), link.Other.Trim(), StringComparison.OrdinalIgnoreCase)
            )
            {
                throw new ImpossibleInputException(
                    $"inside[{i}]",
                    "What stands between two terminals names both by what is written there, in 1 to 20 characters without blanks or semicolons."
                );
            }
        }
    }

    private static bool IsMark(string mark) =>
        mark.Trim().Length is > 0 and <= LongestMark && !mark.Trim().Any(c => char.IsWhiteSpace(c) || c == ';');
}
