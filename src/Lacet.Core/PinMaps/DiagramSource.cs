namespace Lacet.Core.PinMaps;

/// <summary>Where a pin map was read: pins differ between models, and between editions of one diagram.</summary>
/// <param name="Model">The exact model that it is of.</param>
/// <param name="From">Whose it is: the label inside the door, a sheet, a manual.</param>
/// <param name="Edition">Its edition or date.</param>
public sealed record DiagramSource(string? Model = null, string? From = null, string? Edition = null);
