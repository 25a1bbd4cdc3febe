namespace Lacet.Core.Recipes;

/// <summary>Whether to go on.</summary>
public enum Verdict
{
    /// <summary>Do it.</summary>
    Go,

    /// <summary>Do it with care: something is to be put right, or a reading rests on what is usual.</summary>
    Caution,

    /// <summary>Do not do it.</summary>
    Stop,
}
