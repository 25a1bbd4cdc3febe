namespace Lacet.Core.Torques;

/// <summary>A row of the table "nec-annex-i-small-slot": lbf·in; null where the table has none.</summary>
/// <param name="Slot">Slot length as the table names it.</param>
/// <param name="MostLength">Shorter than this, in.</param>
/// <param name="Narrow">Slot up to 0.047 in wide.</param>
/// <param name="Wide">Slot over 0.047 in wide.</param>
public sealed record SmallSlotRow(string Slot, double MostLength, double? Narrow, double? Wide);
