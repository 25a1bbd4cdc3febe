using Lacet.Core.Quantities;

namespace Lacet.Core.Conductors;

/// <summary>How much wire is left to work on at an end, and what working on it again costs.</summary>
public static class FreeLength
{
    /// <summary>Where the least lengths are from.</summary>
    public const string Source = "NEC 300.14 (from memory)";

    /// <summary>From where it leaves its raceway or sheath.</summary>
    public static readonly Length Least = Length.FromInches(6);

    /// <summary>Past the opening, where that is small.</summary>
    public static readonly Length LeastPastOpening = Length.FromInches(3);

    /// <summary>An opening is small where any of its dimensions is less.</summary>
    public static readonly Length SmallOpening = Length.FromInches(8);

    /// <summary>What cutting back costs besides the strip: about 10 mm (common practice).</summary>
    public static readonly Length Trim = new(10);

    /// <summary>What cutting back and making the end anew costs, for what is stripped.</summary>
    public static Length Spent(Length strip) => strip + Trim;

    /// <summary>
    /// Whether too little would be left: of the free length, or past the opening where it is known to be small, or not
    /// known.
    /// </summary>
    public static bool IsShort(Length? free, Length? pastOpening, Length? opening) =>
        free < Least || ((opening is null || opening < SmallOpening) && pastOpening < LeastPastOpening);
}
