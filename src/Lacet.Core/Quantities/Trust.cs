namespace Lacet.Core.Quantities;

/// <summary>How far a number can be trusted, best first.</summary>
public enum Trust
{
    /// <summary>Marked on the device itself.</summary>
    Marking,

    /// <summary>From the maker's sheet.</summary>
    Maker,

    /// <summary>From a published standard or listing table.</summary>
    Standard,

    /// <summary>From a handbook, or computed by one's method.</summary>
    Handbook,

    /// <summary>What the trade usually does.</summary>
    CommonPractice,

    /// <summary>A typical value that stands in for one that was not given.</summary>
    Generic,
}
