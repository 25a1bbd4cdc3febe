using Lacet.Core.Drawings;

namespace Lacet.Core.Boards;

/// <summary>Devices that stand side by side.</summary>
/// <param name="Kind">What they stand on.</param>
/// <param name="Box">The room that they take with their ends, mm.</param>
/// <param name="Devices">The devices, left to right.</param>
public sealed record BoardRail(RailKind Kind, SceneBox Box, IReadOnlyList<BoardDevice> Devices);
