using System.Globalization;

namespace Lacet.Core.Quantities;

/// <summary>
/// Lengths as a folding rule reads them: fractions of an inch. Targets to 1/16, window ends and lengths under 1/4 in to
/// 1/32, and finer only where nothing coarser lies inside the window.
/// </summary>
internal static class InchFraction
{
    private const double Noise = 1e-7;
    private const double QuarterInch = 0.25;
    private static readonly double MillimetresPerInch = UnitsNet.Length.FromInches(1).Millimeters;

    /// <summary>Says one part of a window of millimetres in inches.</summary>
    internal static string Say(double value, double least, double most, WindowPart part)
    {
        var (inches, low, high) = (value / MillimetresPerInch, least / MillimetresPerInch, most / MillimetresPerInch);
        var coarsest = part == WindowPart.Target && inches >= QuarterInch ? 16 : 32;
        for (var denominator = coarsest; denominator <= 128; denominator *= 2)
        {
            var first = (long)Math.Ceiling((low * denominator) - Noise);
            var last = (long)Math.Floor((high * denominator) + Noise);
            var nearest = (long)Math.Round(inches * denominator, MidpointRounding.AwayFromZero);
            var numerator = part switch
            {
                WindowPart.Least => first,
                WindowPart.Most => last,
                _ => nearest,
            };
            if (first <= last && numerator >= first && numerator <= last)
            {
                return Text(numerator, denominator);
            }
        }

        return string.Create(CultureInfo.InvariantCulture, $"{inches:0.000} in");
    }

    /// <summary>Says a length alone, such as a measured one, to the nearest 1/32.</summary>
    internal static string Say(double millimetres)
    {
        const int Finest = 32;
        return Text((long)Math.Round(millimetres / MillimetresPerInch * Finest, MidpointRounding.AwayFromZero), Finest);
    }

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
