namespace Lacet.Core.Jobs;

/// <summary>The tab that joins the two halves of a duplex receptacle.</summary>
public enum BreakOffTab
{
    /// <summary>As it came: both halves are one.</summary>
    Intact,

    /// <summary>Broken off: each half is fed by itself.</summary>
    Removed,
}
