namespace Lacet.Core.Torques;

/// <summary>A row of the table "lug-bolts".</summary>
/// <param name="Bolt">As the table names it.</param>
/// <param name="Inches">Diameter, in.</param>
/// <param name="Torque">lbf·ft.</param>
public sealed record BoltRow(string Bolt, double Inches, double Torque);
