namespace Lacet.Core.Jobs;

/// <summary>What devices of a type have in common.</summary>
public static class DeviceTypes
{
    /// <summary>What it is called: "terminal blocks", "three-way switch".</summary>
    public static string DisplayName(this DeviceType type) =>
        type switch
        {
            DeviceType.Block => "terminal blocks",
            DeviceType.Receptacle => "receptacle",
            DeviceType.GroundFaultReceptacle => "ground-fault receptacle",
            DeviceType.Switch => "switch",
            DeviceType.Breaker => "breaker or fuse",
            DeviceType.EarthBar => "earth bar",
            DeviceType.NeutralBar => "neutral bar",
            DeviceType.Plug => "plug or connector",
            DeviceType.Load => "load",
            DeviceType.Contactor => "contactor",
            DeviceType.Relay => "relay",
            DeviceType.Isolator => "disconnector or fuse block",
            DeviceType.ThreeWaySwitch => "three-way switch",
            DeviceType.FourWaySwitch => "four-way switch",
            DeviceType.PowerSupply => "DC supply",
            DeviceType.Transformer => "transformer",
            DeviceType.Motor => "motor",
            DeviceType.OverloadRelay => "overload relay",
            DeviceType.ControlSwitch => "push button or limit switch",
            _ => "another device",
        };

    /// <summary>Whether it takes current for itself: a lamp, a motor, a supply, the coil of a contactor.</summary>
    public static bool UsesCurrent(this DeviceType type) =>
        type
            is DeviceType.Load
                or DeviceType.Motor
                or DeviceType.PowerSupply
                or DeviceType.Transformer
                or DeviceType.Contactor
                or DeviceType.Relay;

    /// <summary>Whether it is a wall switch, of whatever kind.</summary>
    public static bool IsSwitch(this DeviceType type) =>
        type is DeviceType.Switch or DeviceType.ThreeWaySwitch or DeviceType.FourWaySwitch;

    /// <summary>Whether it is opened by hand, to make something dead.</summary>
    public static bool IsOpenedByHand(this DeviceType type) =>
        type is DeviceType.Breaker or DeviceType.Isolator || type.IsSwitch();

    /// <summary>Whether a supply of its own begins at its output.</summary>
    public static bool IsSupply(this DeviceType type) => type is DeviceType.PowerSupply or DeviceType.Transformer;

    /// <summary>Whether what it has inside is told by what is written at its terminals.</summary>
    public static bool GoesByMarks(this DeviceType type) => type >= DeviceType.Contactor;
}
