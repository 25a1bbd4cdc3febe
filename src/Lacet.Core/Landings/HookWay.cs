namespace Lacet.Core.Landings;

/// <summary>Which way a hook lies under its screw.</summary>
public enum HookWay
{
    /// <summary>With the screw: it closes as it is tightened.</summary>
    Clockwise,

    /// <summary>Against the screw: it is driven out.</summary>
    CounterClockwise,

    /// <summary>No hook at all.</summary>
    Straight,
}
