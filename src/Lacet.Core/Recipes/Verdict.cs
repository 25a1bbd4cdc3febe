namespace Lacet.Core.Recipes;

/// <summary>Whether to go on.</summary>
public enum Verdict
{
    /// <summary>Do it.</summary>
    Go,

    /// <summary>Do it, but read it off the device: a usual value stands in for one that is printed there.</summary>
    Read,

    /// <summary>Look at the wire or the work first: something is to be put right.</summary>
    Caution,

    /// <summary>Do not do it.</summary>
    Stop,
}
