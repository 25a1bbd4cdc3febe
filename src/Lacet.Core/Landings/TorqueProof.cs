namespace Lacet.Core.Landings;

/// <summary>How tightening is shown.</summary>
public enum TorqueProof
{
    /// <summary>A reading, or a preset tool that clicked.</summary>
    Measured,

    /// <summary>By feel; it is shown as unmeasured and found wanting.</summary>
    ByFeel,
}
