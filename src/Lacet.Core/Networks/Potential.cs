namespace Lacet.Core.Networks;

/// <summary>What stands on a piece of metal while everything is on.</summary>
public enum Potential
{
    /// <summary>A line, hot from its breaker on.</summary>
    Line,

    /// <summary>A line behind a switch.</summary>
    Switched,

    /// <summary>Between two switches: hot by one of two ways.</summary>
    Traveller,

    /// <summary>The neutral.</summary>
    Neutral,

    /// <summary>The earth.</summary>
    Earth,

    /// <summary>Plus of a direct current.</summary>
    Plus,

    /// <summary>0 V of a direct current, earthed at one place or at none.</summary>
    Zero,

    /// <summary>Either side of an alternating control voltage.</summary>
    ControlAc,

    /// <summary>A signal.</summary>
    Signal,
}
