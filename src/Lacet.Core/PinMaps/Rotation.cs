namespace Lacet.Core.PinMaps;

/// <summary>Which way a machine turns.</summary>
public enum Rotation
{
    /// <summary>With the clock.</summary>
    Clockwise,

    /// <summary>Against the clock.</summary>
    CounterClockwise,

    /// <summary>Either way, by how it is connected.</summary>
    Reversible,
}
