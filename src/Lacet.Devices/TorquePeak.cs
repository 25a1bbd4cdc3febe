using Lacet.Core.Quantities;

namespace Lacet.Devices;

/// <summary>The highest torque of a turn.</summary>
/// <param name="Id">The turn's id; a record names it.</param>
/// <param name="ToolId">Which tool.</param>
/// <param name="Tool">Its name.</param>
/// <param name="Torque">The peak.</param>
/// <param name="Simulated">Whether a stand-in read it.</param>
public sealed record TorquePeak(Guid Id, string ToolId, string Tool, Torque Torque, bool Simulated);
