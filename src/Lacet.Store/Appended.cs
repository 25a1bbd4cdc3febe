namespace Lacet.Store;

/// <summary>What became of an event that was sent.</summary>
public enum Appended
{
    /// <summary>It is new.</summary>
    Stored,

    /// <summary>The same event was stored before.</summary>
    Repeated,

    /// <summary>Another event has that id.</summary>
    Conflict,
}
