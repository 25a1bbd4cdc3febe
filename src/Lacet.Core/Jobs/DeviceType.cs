namespace Lacet.Core.Jobs;

/// <summary>Types of a device.</summary>
public enum DeviceType
{
    /// <summary>A row of terminal blocks, or anything else.</summary>
    Block,

    /// <summary>A receptacle, duplex or single.</summary>
    Receptacle,

    /// <summary>A receptacle with ground-fault protection: it has a LINE and a LOAD side.</summary>
    GroundFaultReceptacle,

    /// <summary>A switch.</summary>
    Switch,

    /// <summary>A breaker or fuse: where a circuit begins.</summary>
    Breaker,

    /// <summary>An earth bar.</summary>
    EarthBar,

    /// <summary>A neutral bar.</summary>
    NeutralBar,

    /// <summary>A plug or connector.</summary>
    Plug,

    /// <summary>A load: a motor, heater, lamp, supply.</summary>
    Load,
}
