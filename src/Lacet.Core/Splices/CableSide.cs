namespace Lacet.Core.Splices;

/// <summary>Which conductor of a flat twin cable it is.</summary>
public enum CableSide
{
    /// <summary>It is of no twin cable, or nobody said.</summary>
    None,

    /// <summary>The one with ribs, a groove or a tracer: the neutral.</summary>
    Ribbed,

    /// <summary>The smooth one: the hot.</summary>
    Smooth,
}
