namespace Lacet.Core.Landings;

/// <summary>How a lug's screw is turned.</summary>
public enum LugDrive
{
    /// <summary>A slotted screw.</summary>
    Slotted,

    /// <summary>A socket, hexagonal or square.</summary>
    HexSocket,

    /// <summary>A hexagon head.</summary>
    Hex,

    /// <summary>A split-bolt's nut.</summary>
    SplitBolt,
}
