namespace Lacet.Core.Cords;

/// <summary>What a conductor of a cord is for.</summary>
public enum CordRole
{
    /// <summary>Nobody can say yet.</summary>
    Unknown,

    /// <summary>The live one.</summary>
    Line,

    /// <summary>The grounded one.</summary>
    Neutral,

    /// <summary>The protective earth.</summary>
    Earth,
}
