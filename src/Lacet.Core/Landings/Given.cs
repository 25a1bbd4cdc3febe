using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>
/// Checks of the numbers that a person reads off a landing: each says in a sentence what would be right.
/// </summary>
internal static class Given
{
    internal static double? Area(double? mm2, string field) =>
        mm2 is null or (> 0 and <= 400)
            ? mm2
            : throw new ImpossibleInputException(field, "A size must be more than 0 and at most 400 mm².");

    internal static Length? Depth(Length? depth, string field, string what) =>
        depth is null or { Millimetres: >= 3 and <= 60 }
            ? depth
            : throw new ImpossibleInputException(field, $"{what} must be from 3 to 60 mm.");

    internal static Length? Width(Length? width, string field, string what) =>
        width is null or { Millimetres: >= 0.5 and <= 60 }
            ? width
            : throw new ImpossibleInputException(field, $"{what} must be from 0.5 to 60 mm.");

    internal static double? Millimetres(double? mm, string field, string what, double least, double most) =>
        Between(mm, field, what, least, most, "mm");

    internal static double? Inches(double? inches, string field, string what, double least, double most) =>
        Between(inches, field, what, least, most, "in");

    /// <summary>
    /// A range of areas; an end that is not given is the typical one, moved where the given end passes it.
    /// </summary>
    internal static (double Least, double Most) Range(
        double? least,
        double? most,
        double typicalLeast,
        double typicalMost
    )
    {
        var low = Area(least, "landing.leastMm2") ?? Math.Min(typicalLeast, most ?? typicalLeast);
        var high = Area(most, "landing.mostMm2") ?? Math.Max(typicalMost, low);
        return low <= high
            ? (low, high)
            : throw new ImpossibleInputException("landing.leastMm2", "The least size must not be more than the most.");
    }

    private static double? Between(double? value, string field, string what, double least, double most, string unit) =>
        value is null || (value >= least && value <= most)
            ? value
            : throw new ImpossibleInputException(
                field,
                FormattableString.Invariant($"{what} must be from {least} to {most} {unit}.")
            );
}
