namespace Lacet.Core.PinMaps;

/// <summary>What a machine's plate says; null where nobody read it.</summary>
/// <param name="Volts">Its voltage.</param>
/// <param name="Watts">Its power.</param>
/// <param name="FrameMm">The spacing of its mounting.</param>
/// <param name="Speeds">How many speeds it has.</param>
public sealed record MachineData(double? Volts = null, double? Watts = null, double? FrameMm = null, int? Speeds = null);
