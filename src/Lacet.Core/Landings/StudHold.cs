namespace Lacet.Core.Landings;

/// <summary>What holds a ring or fork down.</summary>
public enum StudHold
{
    /// <summary>A hexagon nut.</summary>
    Nut,

    /// <summary>A slotted nut, turned by a screwdriver.</summary>
    SlottedNut,

    /// <summary>A barrier block’s screw.</summary>
    Screw,

    /// <summary>A hold-down lever: nothing is tightened.</summary>
    Lever,
}
