namespace Lacet.Core.Conductors;

/// <summary>A colour of insulation (names of IEC 60757, from memory); bare where there is none.</summary>
public enum Hue
{
    /// <summary>BK.</summary>
    Black,

    /// <summary>BN.</summary>
    Brown,

    /// <summary>RD.</summary>
    Red,

    /// <summary>OG.</summary>
    Orange,

    /// <summary>YE.</summary>
    Yellow,

    /// <summary>GN.</summary>
    Green,

    /// <summary>BU.</summary>
    Blue,

    /// <summary>VT.</summary>
    Violet,

    /// <summary>GY.</summary>
    Grey,

    /// <summary>WH.</summary>
    White,

    /// <summary>PK.</summary>
    Pink,

    /// <summary>TQ.</summary>
    Turquoise,

    /// <summary>Tan, or beige: common practice, with no letters in IEC 60757.</summary>
    Tan,

    /// <summary>No insulation.</summary>
    Bare,
}
