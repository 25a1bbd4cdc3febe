namespace Lacet.Core.Jobs;

/// <summary>Which side of a device with ground-fault protection a landing is on.</summary>
public enum DeviceSide
{
    /// <summary>It has no sides.</summary>
    None,

    /// <summary>LINE: the supply.</summary>
    Line,

    /// <summary>LOAD: what it protects.</summary>
    Load,
}
