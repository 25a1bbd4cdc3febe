using System.Globalization;

namespace Lacet.Bench;

/// <summary>How long things took, said alike everywhere.</summary>
internal static class Figures
{
    /// <summary>A line of how many there were, and how long they took, ms.</summary>
    internal static void Say(string what, string ofWhat, List<double> times)
    {
        times.Sort();
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{what}: {times.Count} {ofWhat}, p50 {times[times.Count / 2]:0.0} ms, p99 {times[times.Count * 99 / 100]:0.0} ms, slowest {times[^1]:0} ms"
            )
        );
    }
}
