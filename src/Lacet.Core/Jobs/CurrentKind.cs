namespace Lacet.Core.Jobs;

/// <summary>What a coil, a motor or a supply is made for.</summary>
public enum CurrentKind
{
    /// <summary>Nobody said, or either.</summary>
    NotSaid,

    /// <summary>Alternating current.</summary>
    Ac,

    /// <summary>Direct current.</summary>
    Dc,
}
