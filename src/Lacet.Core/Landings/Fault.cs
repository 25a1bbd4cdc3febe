namespace Lacet.Core.Landings;

/// <summary>What can be wrong with an end that was made.</summary>
public enum Fault
{
    /// <summary>A notch in solid wire.</summary>
    Nick,

    /// <summary>Strands that are nicked or cut off.</summary>
    StrandsCut,

    /// <summary>A ring round solid wire, from a stripper that was turned.</summary>
    Ring,

    /// <summary>A hook that was closed once and opened again.</summary>
    OpenedHook,

    /// <summary>Twisted until the strands lie across themselves, or the insulation turns with them.</summary>
    OverTwist,

    /// <summary>Too little is stripped.</summary>
    TooShort,

    /// <summary>Too much is stripped.</summary>
    TooLong,

    /// <summary>Insulation is under the screw or in the clamp.</summary>
    InsulationCaught,

    /// <summary>A strand stands outside.</summary>
    StrandOut,

    /// <summary>The hook lies against the screw’s turn.</summary>
    WrongWay,

    /// <summary>Two conductors where one belongs.</summary>
    DoubleStacked,

    /// <summary>Its solder is dull, cracked round the wire, or a ball.</summary>
    BadSolder,

    /// <summary>It moves when it is tugged.</summary>
    Loose,

    /// <summary>It shows heat: browned, melted, brittle.</summary>
    Scorched,
}
