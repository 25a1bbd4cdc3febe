namespace Lacet.Core.Conductors;

/// <summary>A row of the table "insulation-marks": what a mark on a wire says of its insulation.</summary>
/// <param name="Mark">As it is printed; the first of the table that a print holds counts.</param>
/// <param name="Says">In words.</param>
public sealed record InsulationMark(string Mark, string Says);
