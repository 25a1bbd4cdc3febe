namespace Lacet.Core.Circuits;

/// <summary>A row of the table "nec-310-16": A by temperature column, °C; null where the table has none.</summary>
/// <param name="Size">The size's name.</param>
/// <param name="Copper60">Copper, 60 °C.</param>
/// <param name="Copper75">Copper, 75 °C.</param>
/// <param name="Copper90">Copper, 90 °C, for derating only.</param>
/// <param name="Aluminium60">Aluminium, 60 °C.</param>
/// <param name="Aluminium75">Aluminium, 75 °C.</param>
/// <param name="Aluminium90">Aluminium, 90 °C, for derating only.</param>
/// <param name="OcpdCopper">Small-conductor limit of the overcurrent device, copper.</param>
/// <param name="OcpdAluminium">The same, aluminium.</param>
public sealed record AmpacityRow(
    string Size,
    double? Copper60,
    double? Copper75,
    double? Copper90,
    double? Aluminium60,
    double? Aluminium75,
    double? Aluminium90,
    double? OcpdCopper,
    double? OcpdAluminium
)
{
    /// <summary>Whether unmarked terminals of this size are taken at 75 °C.</summary>
    public bool IsOver1Awg =>
        Size.Contains("/0", StringComparison.Ordinal) || Size.EndsWith("kcmil", StringComparison.Ordinal);
}
