using Lacet.Core.Reference;

namespace Lacet.Core.Landings;

/// <summary>
/// A row of the table "lug-sockets": what a set-screw lug with that socket usually takes, where its stamp is not read.
/// </summary>
/// <param name="Socket">As it is named, in.</param>
/// <param name="Inches">Size across flats, in; 0 where it is not known.</param>
/// <param name="LeastMm2">Smallest conductor, mm².</param>
/// <param name="MostMm2">Largest conductor, mm².</param>
/// <param name="Sizes">The same in gauges.</param>
public sealed record LugSocket(string Socket, double Inches, double LeastMm2, double MostMm2, string Sizes)
{
    private static readonly IReadOnlyList<LugSocket> Rows = ReferenceTable.Rows<LugSocket>("lug-sockets");

    /// <summary>The row of a socket; the usual small lug where nobody measured.</summary>
    public static LugSocket For(double? acrossFlatsIn) =>
        acrossFlatsIn is { } inches ? Rows.LastOrDefault(r => r.Inches <= inches + 0.005) ?? Rows[0] : Rows[0];
}
