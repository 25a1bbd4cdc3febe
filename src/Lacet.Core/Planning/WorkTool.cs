namespace Lacet.Core.Planning;

/// <summary>What is set, changed or fetched while ends are worked: each change of it costs time.</summary>
public enum WorkTool
{
    /// <summary>The hole of the stripper: by size and build of the conductor.</summary>
    Stripper,

    /// <summary>The length stop of the stripper.</summary>
    LengthStop,

    /// <summary>What is crimped on, with its die: a ferrule, a ring, a lug.</summary>
    Crimp,

    /// <summary>The torque that the driver is set to.</summary>
    Driver,
}
