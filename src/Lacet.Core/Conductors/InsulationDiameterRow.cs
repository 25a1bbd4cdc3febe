namespace Lacet.Core.Conductors;

/// <summary>A row of the table "insulation-diameters".</summary>
/// <param name="Group">Whose diameters they are.</param>
/// <param name="Size">The size's name.</param>
/// <param name="Mm">Over the insulation, mm.</param>
public sealed record InsulationDiameterRow(string Group, string Size, double Mm);
