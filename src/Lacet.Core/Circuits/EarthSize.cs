using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Circuits;

/// <summary>How thick the earth of a circuit must be.</summary>
public static class EarthSize
{
    /// <summary>
    /// Up to this the earth is as thick as the line, and this is enough up to <see cref="HalfFrom"/>; beyond that it is
    /// half the line (IEC 60364-5-54 table 54.2, from memory), mm².
    /// </summary>
    private const double LikeTheLine = 16;

    private const double HalfFrom = 35;

    private static readonly IReadOnlyList<EarthSizeRow> Rows =
    [
        .. ReferenceTable.Rows<EarthSizeRow>("nec-250-122").OrderBy(r => r.Amps),
    ];

    /// <summary>
    /// The least size by what protects the circuit (NEC table 250.122); null above the table.
    /// </summary>
    /// <param name="amps">The breaker's rating, A.</param>
    /// <param name="material">The earth's metal.</param>
    public static ConductorSize? ByBreaker(double amps, Material material) =>
        Rows.FirstOrDefault(r => r.Amps >= amps) is { } row
            ? ConductorSize.Parse(material == Material.Copper ? row.Copper : row.Aluminium)
            : null;

    /// <summary>
    /// The least area beside a line conductor of the same metal (IEC 60364-5-54 table 54.2, from memory).
    /// </summary>
    public static Area ByLine(Area line) =>
        line.SquareMillimetres switch
        {
            <= LikeTheLine => line,
            <= HalfFrom => new(LikeTheLine),
            var thick => new(thick / 2),
        };
}
