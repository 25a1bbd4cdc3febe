namespace Lacet.Core.Jobs;

/// <summary>How a bridge joins its terminals.</summary>
public enum BridgeForm
{
    /// <summary>Prongs that are pushed into the channel of blocks beside each other.</summary>
    PlugIn,

    /// <summary>A bar that is screwed down on each of its terminals.</summary>
    Screwed,

    /// <summary>A comb whose teeth go into the clamps of breakers beside each other.</summary>
    Comb,

    /// <summary>A link between bars, such as the one between neutral and earth.</summary>
    Link,
}
