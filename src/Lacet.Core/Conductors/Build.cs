namespace Lacet.Core.Conductors;

/// <summary>How a conductor's metal is made up.</summary>
public enum Build
{
    /// <summary>One wire (IEC 60228 class 1).</summary>
    Solid,

    /// <summary>7, 19 or 37 strands (ASTM class B or C, IEC 60228 class 2).</summary>
    Stranded,

    /// <summary>Flexible: finer than class B or C (ASTM class K, IEC 60228 class 5).</summary>
    FineStranded,
}
