namespace Lacet.Devices;

/// <summary>A tool as it was paired: this a lead said, and nothing that the tool says changes it.</summary>
/// <param name="Id">Which pairing.</param>
/// <param name="Name">What people call it; it stands in every record.</param>
/// <param name="IsStandIn">Whether it only stands in for a tool; then all its readings are simulated.</param>
public sealed record PairedTool(Guid Id, string Name, bool IsStandIn);
