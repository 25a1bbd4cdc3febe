using System.Globalization;

namespace Lacet.Core.Quantities;

/// <summary>
/// Lengths as a folding rule reads them: sixteenths of an inch, ends of a window inward. What a rule can't show is said
/// in millimetres alone, in both systems.
/// </summary>
internal static class InchFraction
{
    /// <summary>Under this, and in windows narrower than it, a sixteenth is too coarse to work to.</summary>
    internal const double Coarse = 25.4 / 8;

    private const int Finest = 16;
    private const double Noise = 1e-4;
    private static readonly double MillimetresPerInch = UnitsNet.Length.FromInches(1).Millimeters;

    /// <summary>
    /// Says one part of a window of millimetres in inches; null where sixteenths are too coarse for it.
    /// </summary>
    internal static string? Say((double Target, double Least, double Most) window, WindowPart part)
    {
        if (window.Most - window.Least < Coarse - Noise)
        {
            return null;
        }

        var least = (long)Math.Ceiling((window.Least / MillimetresPerInch * Finest) - Noise);
        var most = (long)Math.Floor((window.Most / MillimetresPerInch * Finest) + Noise);
        var target = Nearest(window.Target);
        var isSaid =
            least > 0
            && least <= target
            && target <= most
            && (least != target || window.Target - window.Least < Noise)
            && (most != target || window.Most - window.Target < Noise);
        return isSaid
            ? Text(
                part switch
                {
                    WindowPart.Least => least,
                    WindowPart.Most => most,
                    _ => target,
                },
                Finest
            )
            : null;
    }

    /// <summary>Says a length alone, to the nearest sixteenth; null where that is too coarse.</summary>
    internal static string? Say(double millimetres) =>
        millimetres < Coarse - Noise ? null : Text(Nearest(millimetres), Finest);

    /// <summary>Says a length that is cut, rounded up to a quarter.</summary>
    internal static string SayCut(double millimetres) =>
        Text((long)Math.Ceiling((millimetres / MillimetresPerInch * 4) - Noise), 4);

    private static long Nearest(double millimetres) =>
        (long)Math.Round(millimetres / MillimetresPerInch * Finest, MidpointRounding.AwayFromZero);

    private static string Text(long numerator, long denominator)
    {
        var whole = numerator / denominator;
        var rest = numerator % denominator;
        if (rest == 0)
        {
            return string.Create(CultureInfo.InvariantCulture, $"{whole} in");
        }

        while (rest % 2 == 0)
        {
            rest /= 2;
            denominator /= 2;
        }

        return whole == 0
            ? string.Create(CultureInfo.InvariantCulture, $"{rest}/{denominator} in")
            : string.Create(CultureInfo.InvariantCulture, $"{whole} {rest}/{denominator} in");
    }
}
