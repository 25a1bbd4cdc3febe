using Lacet.Core.Quantities;

namespace Lacet.Devices;

/// <summary>A tool that is connected now.</summary>
/// <param name="Identity">How it identified itself.</param>
/// <param name="Scale">The end of its scale.</param>
/// <param name="Paired">What a lead said of it.</param>
public sealed record ConnectedTool(ToolIdentity Identity, Torque Scale, PairedTool Paired);
