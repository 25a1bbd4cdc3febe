namespace Lacet.Core.Landings;

/// <summary>What a binding screw is on: its cautions differ.</summary>
public enum ScrewOn
{
    /// <summary>A receptacle.</summary>
    Receptacle,

    /// <summary>A switch.</summary>
    Switch,

    /// <summary>A control device, such as a thermostat or a relay's base.</summary>
    ControlDevice,

    /// <summary>A lampholder: the shell is the neutral.</summary>
    Lampholder,
}
