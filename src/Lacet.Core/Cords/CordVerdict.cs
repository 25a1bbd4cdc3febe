namespace Lacet.Core.Cords;

/// <summary>What becomes of a cord, mildest first.</summary>
public enum CordVerdict
{
    /// <summary>It is kept.</summary>
    Keep,

    /// <summary>Nothing was seen, and not every place was looked at: look first.</summary>
    LookFirst,

    /// <summary>It is kept, and something at it is put right.</summary>
    PutRight,

    /// <summary>A new plug is fitted.</summary>
    RefitPlug,

    /// <summary>The cord is replaced.</summary>
    ReplaceCord,

    /// <summary>It is taken out of use at once and made useless.</summary>
    ScrapNow,
}
