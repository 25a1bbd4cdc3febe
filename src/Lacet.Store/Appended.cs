namespace Lacet.Store;

/// <summary>What became of an event that was sent.</summary>
public enum Appended
{
    /// <summary>It is new.</summary>
    Stored,

    /// <summary>The same event was stored before.</summary>
    Repeated,

    /// <summary>Another event, or a command of a job, has that id: nothing was stored.</summary>
    Conflict,
}
