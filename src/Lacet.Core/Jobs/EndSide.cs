namespace Lacet.Core.Jobs;

/// <summary>Which end of a wire.</summary>
public enum EndSide
{
    /// <summary>The first.</summary>
    A,

    /// <summary>The other.</summary>
    B,
}
