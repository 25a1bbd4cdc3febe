using Lacet.Core.Quantities;

namespace Lacet.Core.Conductors;

/// <summary>A row of the table "cable-cores".</summary>
/// <param name="Region">Whose colours they are.</param>
/// <param name="Kind">Cable or cord.</param>
/// <param name="Insulated">How many conductors, without the earth.</param>
/// <param name="Colours">Their colours, in order, with blanks between.</param>
public sealed record CableCoresRow(Region Region, DesignationKind Kind, int Insulated, string Colours);
