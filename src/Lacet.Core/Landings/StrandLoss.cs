namespace Lacet.Core.Landings;

/// <summary>How many strands may be lost before an end is cut back (IPC/WHMA-A-620).</summary>
public enum StrandLoss
{
    /// <summary>Class 1 and 2.</summary>
    General,

    /// <summary>Class 3.</summary>
    Critical,
}
