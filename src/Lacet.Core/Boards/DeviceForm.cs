namespace Lacet.Core.Boards;

/// <summary>What a device looks like on its board.</summary>
public enum DeviceForm
{
    /// <summary>Blocks side by side on a rail.</summary>
    Strip,

    /// <summary>A breaker: as many poles as it has.</summary>
    Breaker,

    /// <summary>A bar with screws in a row.</summary>
    Bar,

    /// <summary>Something with terminals along its edges: a supply, a drive, a motor’s box.</summary>
    Machine,

    /// <summary>A receptacle or switch, seen from behind.</summary>
    FromBehind,

    /// <summary>A plug or connector, seen from its wiring side.</summary>
    WiringSide,

    /// <summary>Several ends joined.</summary>
    Joint,
}
