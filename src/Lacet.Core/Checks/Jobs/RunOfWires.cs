using Lacet.Core.Jobs;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Wires that run together, in one raceway or one jacket.</summary>
/// <param name="Name">The raceway's or the cable's name.</param>
/// <param name="Wires">The wires.</param>
public sealed record RunOfWires(string Name, IReadOnlyList<JobWire> Wires);
