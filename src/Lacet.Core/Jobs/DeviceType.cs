namespace Lacet.Core.Jobs;

/// <summary>Types of a device.</summary>
public enum DeviceType
{
    /// <summary>A row of terminal blocks, each of which joins what is landed on it and nothing else.</summary>
    Block,

    /// <summary>A receptacle, duplex or single.</summary>
    Receptacle,

    /// <summary>A receptacle with ground-fault protection: it has a LINE and a LOAD side.</summary>
    GroundFaultReceptacle,

    /// <summary>A switch with one way: on and off.</summary>
    Switch,

    /// <summary>A breaker or fuse: where a circuit begins.</summary>
    Breaker,

    /// <summary>An earth bar.</summary>
    EarthBar,

    /// <summary>A neutral bar.</summary>
    NeutralBar,

    /// <summary>A plug or connector.</summary>
    Plug,

    /// <summary>A load: a lamp, a heater, a controller.</summary>
    Load,

    /// <summary>A contactor: poles and auxiliary contacts behind a coil.</summary>
    Contactor,

    /// <summary>A relay: contacts, often one common with two ways, behind a coil.</summary>
    Relay,

    /// <summary>A disconnector or a block with a fuse or a knife: poles that a hand opens.</summary>
    Isolator,

    /// <summary>A switch with a common and two travellers.</summary>
    ThreeWaySwitch,

    /// <summary>A switch between two pairs of travellers.</summary>
    FourWaySwitch,

    /// <summary>A supply of direct current.</summary>
    PowerSupply,

    /// <summary>A transformer: its secondary is another system than its primary.</summary>
    Transformer,

    /// <summary>A motor.</summary>
    Motor,

    /// <summary>An overload relay: poles that carry a motor’s current, and contacts that trip.</summary>
    OverloadRelay,

    /// <summary>A push button, a selector, a limit switch: contacts that a hand or a machine moves.</summary>
    ControlSwitch,

    /// <summary>Another device: it joins what its own data says, and nothing where there is none.</summary>
    Other,
}
