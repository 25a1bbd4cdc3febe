using System.Globalization;

namespace Lacet.Core.Quantities;

/// <summary>Decimal rounding that keeps a window's ends inside the window.</summary>
internal static class Decimals
{
    /// <summary>A hair that hides floating-point noise: 14 lbf·in must not round down to 13.9.</summary>
    private const double Noise = 1e-7;

    /// <summary>
    /// Rounds one part of a window to a decimal step; where the window is narrower than the step, to a finer one.
    /// </summary>
    internal static string Say(double value, double least, double most, WindowPart part, int decimals)
    {
        for (var places = decimals; places < decimals + 3; places++)
        {
            var step = Math.Pow(10, -places);
            var low = Math.Ceiling((least / step) - Noise) * step;
            var high = Math.Floor((most / step) + Noise) * step;
            if (low > high + (step * Noise))
            {
                continue;
            }

            var rounded = part switch
            {
                WindowPart.Least => low,
                WindowPart.Most => high,
                _ => Math.Clamp(Math.Round(value / step, MidpointRounding.AwayFromZero) * step, low, high),
            };
            return Number(rounded, places);
        }

        return Number(value, decimals + 3);
    }

    /// <summary>A number with at most so many decimals and no trailing zeros.</summary>
    internal static string Number(double value, int decimals) =>
        Math.Round(value, decimals).ToString("0.######", CultureInfo.InvariantCulture);
}
