namespace Lacet.Workshop.Lists;

/// <summary>How far an import is.</summary>
public enum ImportState
{
    /// <summary>It is being read.</summary>
    Reading,

    /// <summary>It was read, and waits to be accepted.</summary>
    Ready,

    /// <summary>It cannot be read.</summary>
    Refused,

    /// <summary>Somebody stopped it.</summary>
    Cancelled,

    /// <summary>It is in the job.</summary>
    Accepted,
}
