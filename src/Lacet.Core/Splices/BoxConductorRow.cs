namespace Lacet.Core.Splices;

/// <summary>A row of the table "nec-314-16-b": the room that a conductor takes in a box.</summary>
/// <param name="Size">Its size.</param>
/// <param name="CubicInches">in³.</param>
public sealed record BoxConductorRow(string Size, double CubicInches);
