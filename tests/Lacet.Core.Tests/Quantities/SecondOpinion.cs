using System.Diagnostics;
using System.Globalization;

namespace Lacet.Core.Tests.Quantities;

/// <summary>
/// GNU units (Debian package "units"), asked where it is installed. Where it is not, what it answered when these tests
/// were written (version 2.22) stands in.
/// </summary>
internal static class SecondOpinion
{
    private const string Program = "/usr/bin/units";

    private static readonly Dictionary<(string From, string To), double> Recorded = new()
    {
        [("wiregauge(28)", "mm")] = 0.32109385,
        [("wiregauge(20)", "mm")] = 0.81182097,
        [("wiregauge(18)", "mm")] = 1.0236873,
        [("wiregauge(14)", "mm")] = 1.6277266,
        [("wiregauge(12)", "mm")] = 2.0525254,
        [("wiregauge(10)", "mm")] = 2.5881867,
        [("wiregauge(6)", "mm")] = 4.1153781,
        [("wiregauge(1)", "mm")] = 7.3481398,
        [("wiregauge(0)", "mm")] = 8.2514628,
        [("wiregauge(-3)", "mm")] = 11.684,
        [("1 lbf inch", "N m")] = 0.11298483,
        [("14 lbf inch", "N m")] = 1.5817876,
        [("1 lbf ft", "N m")] = 1.3558179,
        [("250000 circularmil", "mm^2")] = 126.67687,
        [("1000 circularmil", "mm^2")] = 0.50670748,
        [("3|4 inch", "mm")] = 19.05,
    };

    internal static IEnumerable<(string From, string To)> Questions => Recorded.Keys;

    internal static double Convert(string from, string to)
    {
        if (!File.Exists(Program))
        {
            return Recorded[(from, to)];
        }

        using var process = Process.Start(
            new ProcessStartInfo(Program, ["-t", "-d", "8", from, to])
            {
                RedirectStandardOutput = true,
                UseShellExecute = false,
            }
        )!;
        var said = process.StandardOutput.ReadToEnd();
        process.WaitForExit();
        return double.Parse(said, CultureInfo.InvariantCulture);
    }

    internal static double Remembered(string from, string to) => Recorded[(from, to)];
}
