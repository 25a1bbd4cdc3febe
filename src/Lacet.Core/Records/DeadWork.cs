namespace Lacet.Core.Records;

/// <summary>How an enclosure stood while somebody worked in it.</summary>
public enum DeadWork
{
    /// <summary>Proved dead, with their own lock on it.</summary>
    Proved,

    /// <summary>Proved dead, without a lock of their own on it.</summary>
    WithoutOwnLock,

    /// <summary>A new panel that nothing feeds yet.</summary>
    NewPanel,

    /// <summary>What they worked at hangs on a cord that is unplugged.</summary>
    Unplugged,

    /// <summary>It had been proved dead, and that counted no more.</summary>
    Lapsed,

    /// <summary>Nobody had proved it dead.</summary>
    NotProved,
}
