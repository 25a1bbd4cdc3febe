namespace Lacet.Core.Landings;

/// <summary>What is crimped on for a stud.</summary>
public enum RingShape
{
    /// <summary>Closed round the stud: it cannot slip off, so vibration and rail want it.</summary>
    Ring,

    /// <summary>Open: it goes under a nut that stays on.</summary>
    Fork,
}
