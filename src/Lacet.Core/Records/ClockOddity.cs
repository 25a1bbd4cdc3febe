namespace Lacet.Core.Records;

/// <summary>What is odd about the time of an event. It refuses nothing and blames nobody: clocks go wrong.</summary>
public enum ClockOddity
{
    /// <summary>The device’s clock was ahead of the server’s.</summary>
    Ahead,

    /// <summary>The device’s clock went backwards since its event before.</summary>
    Backwards,

    /// <summary>The server’s own clock went backwards since the event before.</summary>
    ServerBackwards,
}
