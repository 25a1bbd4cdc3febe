namespace Lacet.Core.Quantities;

/// <summary>Where a measured value lies against its window.</summary>
public enum Judgement
{
    /// <summary>Below the least.</summary>
    Short,

    /// <summary>Inside, ends included.</summary>
    Pass,

    /// <summary>Above the most.</summary>
    Long,
}
