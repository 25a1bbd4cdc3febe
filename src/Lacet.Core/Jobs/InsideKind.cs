namespace Lacet.Core.Jobs;

/// <summary>What a device has between two of its terminals.</summary>
public enum InsideKind
{
    /// <summary>They are one piece of metal.</summary>
    Joined,

    /// <summary>A contact, which joins them while it is closed.</summary>
    Contact,

    /// <summary>A coil, a winding, an input: it takes current, and its two ends are never bridged.</summary>
    Load,

    /// <summary>An output: a supply of its own begins there.</summary>
    Supply,
}
