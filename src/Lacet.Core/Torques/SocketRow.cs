namespace Lacet.Core.Torques;

/// <summary>A row of the table "nec-annex-i-socket".</summary>
/// <param name="AcrossFlats">As the table names it.</param>
/// <param name="Inches">Size across flats, in.</param>
/// <param name="Torque">lbf·in.</param>
public sealed record SocketRow(string AcrossFlats, double Inches, double Torque);
