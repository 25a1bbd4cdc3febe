namespace Lacet.Core.Jobs;

/// <summary>What a wire is for.</summary>
public enum WireFunction
{
    /// <summary>Nobody said.</summary>
    Unknown,

    /// <summary>Line, hot, phase.</summary>
    Line,

    /// <summary>Neutral.</summary>
    Neutral,

    /// <summary>Earth.</summary>
    Earth,

    /// <summary>Line behind a switch.</summary>
    Switched,

    /// <summary>Between two switches.</summary>
    Traveller,

    /// <summary>Direct current control, plus.</summary>
    ControlPlus,

    /// <summary>Direct current control, minus.</summary>
    ControlMinus,

    /// <summary>Alternating current control.</summary>
    ControlAc,

    /// <summary>The low speed of a machine.</summary>
    LowSpeed,

    /// <summary>The high speed of a machine.</summary>
    HighSpeed,

    /// <summary>A signal.</summary>
    Signal,

    /// <summary>A shield.</summary>
    Shield,
}
