namespace Lacet.Core.Landings;

/// <summary>What becomes of a damaged cord.</summary>
public enum DamagedCord
{
    /// <summary>It is replaced with a moulded one.</summary>
    ReplaceWithMouldedCord,

    /// <summary>A plug is fitted anew.</summary>
    RefitPlug,
}
