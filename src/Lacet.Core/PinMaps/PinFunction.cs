namespace Lacet.Core.PinMaps;

/// <summary>What a pin of a controller is for.</summary>
public enum PinFunction
{
    /// <summary>The line of a machine with one speed.</summary>
    Line,

    /// <summary>Neutral, or the common of two speeds.</summary>
    Common,

    /// <summary>The protective earth.</summary>
    Earth,

    /// <summary>The line of the low speed.</summary>
    LowSpeed,

    /// <summary>The line of the high speed.</summary>
    HighSpeed,

    /// <summary>A signal, or something else.</summary>
    Other,
}
