namespace Lacet.Core.Strip;

/// <summary>What is in the hand to strip with.</summary>
public enum StrippingTool
{
    /// <summary>A stripper with a hole for each size.</summary>
    Hole,

    /// <summary>An automatic stripper, which grips, cuts and draws in one squeeze.</summary>
    Automatic,

    /// <summary>A rotary stripper with a die for the size.</summary>
    Rotary,

    /// <summary>A knife: for large conductors, and where no stripper is at hand.</summary>
    Knife,
}
