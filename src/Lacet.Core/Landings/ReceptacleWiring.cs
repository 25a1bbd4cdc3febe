namespace Lacet.Core.Landings;

/// <summary>How a receptacle is wired where it offers more than one way.</summary>
public enum ReceptacleWiring
{
    /// <summary>A pigtail to the back-wire clamp; a hook where there is none.</summary>
    BackWireClamp,

    /// <summary>A hook on the binding screw.</summary>
    HookOnScrew,

    /// <summary>A device with levers.</summary>
    LeverDevice,
}
