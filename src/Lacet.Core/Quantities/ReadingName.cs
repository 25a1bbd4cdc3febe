namespace Lacet.Core.Quantities;

/// <summary>The three readings of a recipe, and whether wire and landing belong together at all.</summary>
public enum ReadingName
{
    /// <summary>How much to strip.</summary>
    Strip,

    /// <summary>How to prepare the end.</summary>
    Prepare,

    /// <summary>How far to tighten.</summary>
    Tighten,

    /// <summary>Whether the wire belongs in the landing.</summary>
    Fit,
}
