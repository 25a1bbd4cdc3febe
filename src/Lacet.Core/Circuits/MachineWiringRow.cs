namespace Lacet.Core.Circuits;

/// <summary>A row of the table "iec-60204-1".</summary>
/// <param name="Mm2">Nominal size, mm².</param>
/// <param name="Amps">Current-carrying capacity, A.</param>
public sealed record MachineWiringRow(double Mm2, double Amps);
