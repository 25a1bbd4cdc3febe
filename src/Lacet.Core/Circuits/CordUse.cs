namespace Lacet.Core.Circuits;

/// <summary>What a cord feeds.</summary>
public enum CordUse
{
    /// <summary>Light electronics and lamps.</summary>
    Light,

    /// <summary>A heater, a kettle, anything that takes its current evenly.</summary>
    Appliance,

    /// <summary>A motor, which takes several times its current while it starts.</summary>
    Motor,
}
