using System.Globalization;

namespace Lacet.Core.Quantities;

/// <summary>Decimal rounding that keeps a window's ends inside the window.</summary>
internal static class Decimals
{
    /// <summary>
    /// A small part of a step hides what was lost where a value was written and read again: 14 lbf·in stays 14.
    /// </summary>
    private const double Noise = 0.005;

    /// <summary>
    /// Rounds one part of a window to a decimal step; to a finer one where the window is narrower than the step, or
    /// where a target that is no limit would be said as one.
    /// </summary>
    internal static string Say((double Target, double Least, double Most) window, WindowPart part, int decimals)
    {
        for (var places = decimals; places < decimals + 3; places++)
        {
            var step = Math.Pow(10, -places);
            var low = Math.Ceiling((window.Least / step) - Noise) * step;
            var high = Math.Floor((window.Most / step) + Noise) * step;
            var target = Math.Clamp(
                Math.Round(window.Target / step, MidpointRounding.AwayFromZero) * step,
                Math.Min(low, high),
                Math.Max(low, high)
            );
            if (
                low > high + (step * Noise)
                || IsMistaken(target, low, window.Target - window.Least, step)
                || IsMistaken(target, high, window.Most - window.Target, step)
            )
            {
                continue;
            }

            return Number(
                part switch
                {
                    WindowPart.Least => low,
                    WindowPart.Most => high,
                    _ => target,
                },
                places
            );
        }

        return Number(
            part switch
            {
                WindowPart.Least => window.Least,
                WindowPart.Most => window.Most,
                _ => window.Target,
            },
            decimals + 3
        );
    }

    /// <summary>A number with at most so many decimals and no trailing zeros.</summary>
    internal static string Number(double value, int decimals) =>
        Math.Round(value, decimals).ToString("0.######", CultureInfo.InvariantCulture);

    /// <summary>Whether a target would be said as a limit that it stands off from.</summary>
    private static bool IsMistaken(double target, double limit, double apart, double step) =>
        Math.Abs(target - limit) < step * Noise && apart > step * Noise;
}
