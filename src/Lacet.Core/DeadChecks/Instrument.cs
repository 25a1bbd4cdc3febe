namespace Lacet.Core.DeadChecks;

/// <summary>What dead is proved with. One that touches nothing is never enough alone: it misses direct current and what is screened.</summary>
public enum Instrument
{
    /// <summary>A two-pole tester that needs no battery to show danger (IEC 61243-3, from memory).</summary>
    TwoPoleTester,

    /// <summary>A multimeter of a measuring category that fits the place.</summary>
    Multimeter,
}
