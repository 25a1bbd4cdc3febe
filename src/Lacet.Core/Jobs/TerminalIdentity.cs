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
}
