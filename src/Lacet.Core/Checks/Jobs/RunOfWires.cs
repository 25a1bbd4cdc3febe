using Lacet.Core.Jobs;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Wires that run together.</summary>
/// <param name="Name">The run's name.</param>
/// <param name="Wires">The wires.</param>
public sealed record RunOfWires(string Name, IReadOnlyList<JobWire> Wires);
