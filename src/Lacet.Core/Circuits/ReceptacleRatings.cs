using System.Globalization;
using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>A row of the table "receptacle-ratings".</summary>
/// <param name="CircuitAmps">The circuit's rating, A.</param>
/// <param name="Receptacles">Ratings that it may have, parted by spaces.</param>
public sealed record ReceptacleRatings(double CircuitAmps, string Receptacles)
{
    private static readonly Dictionary<double, ReceptacleRatings> Rows = ReferenceTable
        .Rows<ReceptacleRatings>("receptacle-ratings")
        .ToDictionary(r => r.CircuitAmps);

    private static readonly Dictionary<double, double> PlugLoads = ReferenceTable
        .Rows<PlugLoad>("plug-loads")
        .ToDictionary(r => r.ReceptacleAmps, r => r.MostAmps);

    /// <summary>Ratings that it may have, A.</summary>
    public IReadOnlyList<double> Allowed { get; } =
    [.. Receptacles.Split(' ').Select(r => double.Parse(r, CultureInfo.InvariantCulture))];

    /// <summary>What a circuit of two or more receptacles may have; null where the table has no such circuit.</summary>
    public static ReceptacleRatings? For(double circuitAmps) => Rows.GetValueOrDefault(circuitAmps);

    /// <summary>The largest load plugged into a receptacle, A; null where the table has no such receptacle.</summary>
    public static double? PluggedLoad(double receptacleAmps) =>
        PlugLoads.TryGetValue(receptacleAmps, out var most) ? most : null;
}
