namespace Lacet.Core.Jobs;

/// <summary>What a terminal is for, by its metal or its mark.</summary>
public enum TerminalIdentity
{
    /// <summary>Nothing is marked.</summary>
    None,

    /// <summary>Brass: the hot side (NEC 200.10, from memory).</summary>
    Brass,

    /// <summary>Silver: the neutral (NEC 200.10, from memory).</summary>
    Silver,

    /// <summary>Green: the earth (NEC 250.126, from memory).</summary>
    Green,

    /// <summary>L or L1 of a machine: a line (IEC 60445, from memory).</summary>
    Line1,

    /// <summary>L2 of a machine: a second line, never the neutral (IEC 60445, from memory).</summary>
    Line2,

    /// <summary>L3 of a machine: a third line (IEC 60445, from memory).</summary>
    Line3,

    /// <summary>N of a machine: the neutral (IEC 60445, from memory).</summary>
    Neutral,

    /// <summary>PE or the earth’s sign on a machine (IEC 60445, from memory).</summary>
    Earth,
}
