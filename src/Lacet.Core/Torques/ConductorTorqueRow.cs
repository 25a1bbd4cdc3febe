namespace Lacet.Core.Torques;

/// <summary>A row of the table "nec-annex-i-conductor": lbf·in; null where the table has none.</summary>
/// <param name="Conductor">Sizes as the table names them.</param>
/// <param name="MostMm2">Upper bound, mm².</param>
/// <param name="NarrowSlot">Slotted screw, slot up to 0.047 in wide and 1/4 in long.</param>
/// <param name="WideSlot">Slotted screw, larger slot.</param>
/// <param name="SplitBolt">Hexagon, split-bolt connectors.</param>
/// <param name="Hexagon">Hexagon, other connectors.</param>
public sealed record ConductorTorqueRow(
    string Conductor,
    double MostMm2,
    double? NarrowSlot,
    double? WideSlot,
    double? SplitBolt,
    double? Hexagon
);
