namespace Lacet.Core.Circuits;

/// <summary>A row of the table "nec-250-122".</summary>
/// <param name="Amps">The largest breaker it is for, A.</param>
/// <param name="Copper">The least size in copper.</param>
/// <param name="Aluminium">The least size in aluminium.</param>
public sealed record EarthSizeRow(double Amps, string Copper, string Aluminium);
