namespace Lacet.Core.Conductors;

/// <summary>A row of the table "conductors": see its head for sources and units.</summary>
/// <param name="Size">The size's name.</param>
/// <param name="Strands">Strands when stranded.</param>
/// <param name="FineStrands">Strands when fine-stranded.</param>
/// <param name="InsulationOd">Typical outside diameter of the insulation, mm.</param>
/// <param name="InsulationTrust">"standard" or "generic".</param>
/// <param name="InsulationSource">Where the diameter is from.</param>
/// <param name="OhmClass12">Greatest resistance of class 1 and 2, Ω/km at 20 °C; null where IEC 60228 has none.</param>
/// <param name="OhmClass5">The same for class 5.</param>
public sealed record SizeRow(
    string Size,
    int Strands,
    int FineStrands,
    double InsulationOd,
    string InsulationTrust,
    string InsulationSource,
    double? OhmClass12,
    double? OhmClass5
);
