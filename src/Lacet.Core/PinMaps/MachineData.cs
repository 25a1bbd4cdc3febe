namespace Lacet.Core.PinMaps;

/// <summary>What a machine's plate says; null where nobody read it.</summary>
/// <param name="Volts">Its voltage.</param>
/// <param name="Watts">Its power.</param>
/// <param name="FrameMm">The spacing of its mounting.</param>
/// <param name="Speeds">How many speeds it has.</param>
/// <param name="Horsepower">Its power, as motors of North America have it.</param>
/// <param name="Amps">Its full-load current, A.</param>
/// <param name="Frame">Its frame’s name.</param>
/// <param name="Rotation">Which way it turns, seen from where its plate says.</param>
public sealed record MachineData(
    double? Volts = null,
    double? Watts = null,
    double? FrameMm = null,
    int? Speeds = null,
    double? Horsepower = null,
    double? Amps = null,
    string? Frame = null,
    Rotation? Rotation = null
);
