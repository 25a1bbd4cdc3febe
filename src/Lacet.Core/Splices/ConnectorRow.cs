using Lacet.Core.Quantities;

namespace Lacet.Core.Splices;

/// <summary>A row of the table "splice-connectors": what a kind usually asks for.</summary>
/// <param name="Kind">The kind.</param>
/// <param name="Strip">Usual strip, mm; 0 where the house rule of pigtails says it.</param>
/// <param name="Within">That much more or less passes, mm.</param>
/// <param name="Trim">What is left bare after trimming, mm; 0 where nothing is trimmed.</param>
/// <param name="LeastCount">Fewest conductors of a usual one.</param>
/// <param name="MostCount">Most conductors of a usual one.</param>
/// <param name="LeastMm2">Least area of a usual one, mm²: of each, or of all together.</param>
/// <param name="MostMm2">Most area of a usual one, mm².</param>
public sealed record ConnectorRow(
    ConnectorKind Kind,
    double Strip,
    double Within,
    double Trim,
    int LeastCount,
    int MostCount,
    double LeastMm2,
    double MostMm2
)
{
    /// <summary>Every kind's row.</summary>
    public static IReadOnlyDictionary<ConnectorKind, ConnectorRow> All { get; } =
        Reference.ReferenceTable.Rows<ConnectorRow>("splice-connectors").ToDictionary(r => r.Kind);

    /// <summary>A usual connector of the kind, for whoever has no sheet.</summary>
    public SpliceConnector Usual =>
        new(SpliceConnector.Say(Kind), LeastCount, MostCount, LeastMm2, MostMm2) { Kind = Kind };

    /// <summary>The strip of a usual one; null where the house rule says it.</summary>
    public Window<Length>? Window => Strip == 0 ? null : new(new(Strip), new(Strip - Within), new(Strip + Within));
}
