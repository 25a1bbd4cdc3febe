namespace Lacet.Core.DeadChecks;

/// <summary>How an enclosure stands.</summary>
public enum DeadState
{
    /// <summary>Nobody proved it: it counts as live.</summary>
    NotProved,

    /// <summary>Every source is kept off, and dead is not proved yet.</summary>
    LockedOff,

    /// <summary>Proved dead, and it holds.</summary>
    Dead,

    /// <summary>Nothing feeds it, so that nothing is proved.</summary>
    Exempt,

    /// <summary>It was proved dead, and that counts no more.</summary>
    Lapsed,

    /// <summary>Power was put back.</summary>
    Live,
}
