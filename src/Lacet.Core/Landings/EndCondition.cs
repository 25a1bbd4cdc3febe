namespace Lacet.Core.Landings;

/// <summary>How the conductor's end is found before it is stripped.</summary>
public enum EndCondition
{
    /// <summary>Freshly cut.</summary>
    Fresh,

    /// <summary>A hook that was under a screw before.</summary>
    UsedHook,

    /// <summary>Strands tinned with solder.</summary>
    Tinned,

    /// <summary>A ring round a solid wire, from a stripper that was turned.</summary>
    Ringed,
}
