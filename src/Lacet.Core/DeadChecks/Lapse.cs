namespace Lacet.Core.DeadChecks;

/// <summary>Why what was proved dead counts no more.</summary>
public enum Lapse
{
    /// <summary>Nobody worked there for longer than the job’s pause.</summary>
    Pause,

    /// <summary>Another shift came.</summary>
    Shift,

    /// <summary>A lock came off.</summary>
    LockOff,

    /// <summary>Another source was found.</summary>
    SourceFound,

    /// <summary>It was found live.</summary>
    FoundLive,

    /// <summary>The list of its sources was changed.</summary>
    SourcesChanged,
}
